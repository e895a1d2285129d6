package verdamen.command;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.testng.Reporter;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import verdamen.server.testing.TestDatabase;
import verdamen.server.testing.TestHttp;

/** The start, stop and reset commands, with the program that was just built. */
public class StartCommandIT {

    private static final Duration LONGEST = Duration.ofSeconds(300);
    private static final Path ROOT = Path.of(System.getProperty("verdamen.root"));
    private static final String ROTI =
            "{\"name\":\"Kept roti\",\"formula\":{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":250}]}}";

    private Path folder;
    private Path data;
    private int port;
    private Started running;

    /** A command that was started, with what it says. */
    private record Started(Process process, Path said) {

        String text() {
            try {
                return Files.readString(said);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        int await() throws InterruptedException {
            assertTrue(process.waitFor(LONGEST.toSeconds(), TimeUnit.SECONDS), "still running: " + text());
            return process.exitValue();
        }
    }

    @BeforeClass
    public void folders() throws IOException {
        folder = Files.createTempDirectory("verdamen-start");
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        data = folder.resolve("data");
        port = TestDatabase.freePort();
    }

    @AfterClass(alwaysRun = true)
    public void stopWhatRuns() throws Exception {
        if (running != null && running.process().isAlive()) {
            run("stop", "--data", data.toString());
        }
    }

    @Test
    public void servesTheDemoDataAtTheAddressItPrints() throws Exception {
        startAndAwait();
        assertTrue(running.text().contains("ready at " + url()), running.text());
        assertTrue(get("/api/formulas").contains("Pumpkin and emmer roti"));
        assertTrue(get("/formulas").contains("<div id=\"root\">"));
    }

    @Test(dependsOnMethods = "servesTheDemoDataAtTheAddressItPrints")
    public void refusesToStartTwiceOnTheSameData() throws Exception {
        Started second = command("start", "--data", data.toString(), "--port", String.valueOf(TestDatabase.freePort()));
        assertEquals(second.await(), 1);
        assertTrue(second.text().contains("already running at " + url()), second.text());
    }

    @Test(dependsOnMethods = "refusesToStartTwiceOnTheSameData")
    public void stopEndsEveryProcess() throws Exception {
        post("/api/formulas", ROTI);
        assertEquals(run("stop", "--data", data.toString()), 0);
        assertEquals(running.await(), 0);
        assertNothingRuns();
    }

    @Test(dependsOnMethods = "stopEndsEveryProcess")
    public void aKillLeavesNoProcessAndLosesNoData() throws Exception {
        startAndAwait();
        assertTrue(get("/api/formulas").contains("Kept roti"), "the data outlive a stop");
        long script = Long.parseLong(Files.readAllLines(data.resolve("run/pid")).get(0));
        ProcessHandle.of(script).orElseThrow().destroyForcibly();
        running.await();
        assertNothingRuns();
        startAndAwait();
        assertTrue(get("/api/formulas").contains("Kept roti"), "the data outlive a kill");
    }

    @Test(dependsOnMethods = "aKillLeavesNoProcessAndLosesNoData")
    public void whatEndsByItselfIsStartedAgain() throws Exception {
        endServer();
        awaitWords("the server ended by itself: starting it again (1 of at most 3)", 1);
        awaitWords("ready again at " + url(), 1);
        assertTrue(get("/api/formulas").contains("Kept roti"));
        endDatabase();
        awaitWords("the database ended by itself: starting it again (2 of at most 3)", 1);
        awaitWords("ready again at " + url(), 2);
        assertTrue(get("/api/formulas").contains("Kept roti"), "the data outlive the end of the database");
        endServer();
        awaitWords("ready again at " + url(), 3);
        endServer();
        assertEquals(running.await(), 1);
        assertTrue(running.text().contains("ended by itself again and again"), running.text());
        assertNothingRuns();
    }

    private void endServer() {
        ProcessHandle.allProcesses()
                .filter(process -> commandLine(process.pid()).contains("--server.port=" + port))
                .forEach(ProcessHandle::destroyForcibly);
    }

    private void awaitWords(String words, int times) {
        Instant end = Instant.now().plus(LONGEST);
        while (running.text().split(java.util.regex.Pattern.quote(words), -1).length <= times) {
            assertTrue(running.process().isAlive() && Instant.now().isBefore(end), running.text());
            TestHttp.pause();
        }
    }

    /** Waits until formulas are served; a command that gave up after too many restarts is given once more. */
    private void awaitAnswer() throws Exception {
        Instant end = Instant.now().plus(LONGEST);
        TestHttp.pause();
        while (!TestHttp.isUp(url()) || !servesFormulas()) {
            assertTrue(Instant.now().isBefore(end), running.text());
            if (!running.process().isAlive()) {
                startAndAwait();
            }
            TestHttp.pause();
        }
    }

    private boolean servesFormulas() {
        try {
            return !get("/api/bench").isEmpty();
        } catch (UncheckedIOException | AssertionError notYet) {
            return false;
        }
    }

    private void endDatabase() throws IOException {
        String lock =
                Files.readAllLines(data.resolve("postgres/postmaster.pid")).get(0);
        ProcessHandle.of(Long.parseLong(lock)).ifPresent(ProcessHandle::destroyForcibly);
    }

    @Test(dependsOnMethods = "whatEndsByItselfIsStartedAgain")
    public void aRunFileWithAForeignProcessNumberEndsNothing() throws Exception {
        Process foreign = new ProcessBuilder("sh", "-c", "sleep 300; : verdamen").start();
        try {
            Files.createDirectories(data.resolve("run"));
            for (String left : List.of(foreign.pid() + "\n1\n", foreign.pid() + "\n", "999999999\n1\n", "")) {
                Files.writeString(data.resolve("run/pid"), left);
                Started stop = command("stop", "--data", data.toString());
                assertEquals(stop.await(), 0);
                assertEquals(stop.text(), "verdamen: not running\n");
                assertTrue(foreign.isAlive());
            }
        } finally {
            foreign.destroyForcibly();
        }
    }

    @Test(dependsOnMethods = "aRunFileWithAForeignProcessNumberEndsNothing")
    public void aStaleLockFileAndAClassArchiveThatNoLongerFitsAreNoHindrance() throws Exception {
        Path lock = data.resolve("postgres/postmaster.pid");
        Files.writeString(lock, ProcessHandle.current().pid() + "\n" + data.resolve("postgres") + "\n");
        Path archive = folder.resolve("cache/app/classes.jsa");
        assertTrue(Files.exists(archive), "made by the first start");
        Files.writeString(archive, "of another Java");
        startAndAwait();
        assertTrue(running.text().contains("preparing a quick start"), running.text());
        assertTrue(Files.size(archive) > 1_000_000);
    }

    /** Two kills, or as many as {@code -Dverdamen.kills} says, at moments by chance. */
    @Test(dependsOnMethods = "aStaleLockFileAndAClassArchiveThatNoLongerFitsAreNoHindrance")
    public void whatIsAcknowledgedOutlivesKillsAtAnyMomentAndIsNotDoubled() throws Exception {
        long seed = Long.getLong("verdamen.seed", System.nanoTime());
        Reporter.log("seed " + seed, true);
        Random chance = new Random(seed);
        try (NotingAllTheTime noting = new NotingAllTheTime(url())) {
            for (int kill = 0; kill < Integer.getInteger("verdamen.kills", 2); kill++) {
                Thread.sleep(chance.nextInt(2500));
                if (chance.nextBoolean()) {
                    endServer();
                } else {
                    endDatabase();
                }
                awaitAnswer();
            }
            noting.noteMoreThan(10, LONGEST);
            List<String> acknowledged = noting.acknowledged();
            assertTrue(acknowledged.size() > 10, "noted " + acknowledged.size());
            assertEquals(noting.kept(), acknowledged);
        }
        assertEquals(run("stop", "--data", data.toString()), 0);
        running.await();
    }

    @Test(dependsOnMethods = "whatIsAcknowledgedOutlivesKillsAtAnyMomentAndIsNotDoubled")
    public void resetDemoThrowsEverythingElseAway() throws Exception {
        assertEquals(run("reset-demo", "--data", data.toString()), 0);
        startAndAwait();
        String formulas = get("/api/formulas");
        assertTrue(formulas.contains("Yellow-pea pita"));
        assertFalse(formulas.contains("Kept roti"));
        assertEquals(run("stop", "--data", data.toString()), 0);
        running.await();
        assertNothingRuns();
    }

    @Test(dependsOnMethods = "resetDemoThrowsEverythingElseAway", alwaysRun = true)
    public void brokenDataAreNamedInOneLine() throws Exception {
        Files.delete(data.resolve("postgres/PG_VERSION"));
        assertRefuses("the data in " + data + " are broken", "start", "--data", data.toString(), "--port", "" + port);
    }

    @Test
    public void aPortInUseIsNamedInOneLine() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
            String used = String.valueOf(taken.getLocalPort());
            assertRefuses(
                    "port " + used + " is in use",
                    "start",
                    "--data",
                    folder.resolve("other").toString(),
                    "--port",
                    used);
        }
    }

    @Test
    public void aForeignFolderIsNotTouched() throws Exception {
        Path foreign = Files.createDirectory(folder.resolve("photographs"));
        Files.writeString(foreign.resolve("one.txt"), "mine");
        assertRefuses(
                "holds something else", "start", "--data", foreign.toString(), "--port", "" + TestDatabase.freePort());
        assertEquals(Files.readString(foreign.resolve("one.txt")), "mine");
    }

    @Test
    public void wrongWordsAreRefused() throws Exception {
        assertRefuses("--port takes a number", "start", "--port", "eighty");
        assertRefuses("--port takes a number", "start", "--port", "12345678901234567890");
        assertRefuses("--port takes a number", "start", "--port", "0");
        assertRefuses("cannot write to /proc/x", "start", "--data", "/proc/x", "--port", "" + TestDatabase.freePort());
        assertRefuses("unknown: --colour", "start", "--colour");
        assertRefuses("unknown command: bake", "bake");
    }

    @Test
    public void whoMayNotWriteIsToldSo() throws Exception {
        Path closed = Files.createDirectory(folder.resolve("closed"));
        Files.setPosixFilePermissions(closed, PosixFilePermissions.fromString("r-xr-xr-x"));
        boolean root = "root".equals(System.getProperty("user.name"));
        Started refused = commandAs(
                root ? List.of("runuser", "-u", "nobody", "--") : List.of(),
                whereAllCanReachIt(),
                closed,
                "start",
                "--data",
                closed.resolve("data").toString(),
                "--port",
                "" + TestDatabase.freePort());
        assertEquals(refused.await(), 1, refused.text());
        assertTrue(refused.text().matches("verdamen: cannot write to .*\n"), refused.text());
    }

    /** The command as another user can run it too, wherever this checkout lies. */
    private Path whereAllCanReachIt() throws IOException {
        Path there = Files.createDirectory(folder.resolve("program"));
        Files.createDirectory(there.resolve("tools"));
        for (String name : List.of("verdamen", "tools/database.sh", "tools/node.sh")) {
            Path copy = Files.copy(ROOT.resolve(name), there.resolve(name));
            Files.setPosixFilePermissions(copy, PosixFilePermissions.fromString("rwxr-xr-x"));
        }
        return there;
    }

    private void startAndAwait() throws Exception {
        running = command("start", "--data", data.toString(), "--port", String.valueOf(port));
        Instant end = Instant.now().plus(LONGEST);
        while (!running.text().contains("ready at")) {
            assertTrue(running.process().isAlive(), running.text());
            assertTrue(Instant.now().isBefore(end), running.text());
            TestHttp.pause();
        }
    }

    private void assertRefuses(String line, String... arguments) throws Exception {
        Started refused = command(arguments);
        assertEquals(refused.await(), 1, refused.text());
        assertTrue(refused.text().contains("verdamen: "), refused.text());
        assertTrue(refused.text().contains(line), refused.text());
    }

    private int run(String... arguments) throws Exception {
        return command(arguments).await();
    }

    private Started command(String... arguments) throws IOException {
        return commandAs(List.of(), ROOT, folder, arguments);
    }

    /** A command of a program, as another user where its beginning says so, with its cache under a folder. */
    private Started commandAs(List<String> user, Path program, Path cacheUnder, String... arguments)
            throws IOException {
        Path said = Files.createTempFile(folder, "said", ".log");
        List<String> command = new ArrayList<>(user);
        command.add(program.resolve("verdamen").toString());
        command.addAll(List.of(arguments));
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(said.toFile());
        builder.environment()
                .put(
                        "VERDAMEN_SERVER_JAR",
                        Path.of(System.getProperty("verdamen.server.jar"))
                                .toRealPath()
                                .toString());
        // A server that lives for seconds is not worth compiling well.
        builder.environment().put("JDK_JAVA_OPTIONS", "-XX:TieredStopAtLevel=1");
        builder.environment().put("VERDAMEN_CACHE", cacheUnder.resolve("cache").toString());
        return new Started(builder.start(), said);
    }

    /** No process works in the data folder or serves its database, a moment after the end. */
    private void assertNothingRuns() {
        Instant end = Instant.now().plusSeconds(20);
        while (processes().findAny().isPresent() && Instant.now().isBefore(end)) {
            TestHttp.pause();
        }
        assertEquals(processes().toList(), List.of());
        assertFalse(TestHttp.isUp(url()));
    }

    private Stream<String> processes() {
        try (Stream<Path> all = Files.list(Path.of("/proc"))) {
            return all
                    .map(process -> process.getFileName().toString())
                    .filter(name -> name.matches("\\d+"))
                    .map(name -> commandLine(Long.parseLong(name)))
                    .filter(line -> line.contains(data.resolve("postgres").toString())
                            || line.contains("--server.port=" + port))
                    .toList()
                    .stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String commandLine(long pid) {
        try {
            return Files.readString(Path.of("/proc", String.valueOf(pid), "cmdline"))
                    .replace('\0', ' ');
        } catch (IOException gone) {
            return "";
        }
    }

    private String url() {
        return "http://127.0.0.1:" + port;
    }

    private String get(String path) {
        return TestHttp.fetch(url() + path);
    }

    private void post(String path, String json) {
        TestHttp.post(url() + path, json);
    }
}
