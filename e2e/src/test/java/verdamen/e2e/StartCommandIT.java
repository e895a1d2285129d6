package verdamen.e2e;

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
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import verdamen.server.testing.TestDatabase;

/** The start, stop and reset commands, with the program that was just built. */
public class StartCommandIT {

    private static final Duration LONGEST = Duration.ofSeconds(300);
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
        long script = Long.parseLong(Files.readString(data.resolve("run/pid")).strip());
        ProcessHandle.of(script).orElseThrow().destroyForcibly();
        running.await();
        assertNothingRuns();
        startAndAwait();
        assertTrue(get("/api/formulas").contains("Kept roti"), "the data outlive a kill");
        ProcessHandle.of(running.process().pid()).orElseThrow().destroy();
        running.await();
        assertNothingRuns();
    }

    @Test(dependsOnMethods = "aKillLeavesNoProcessAndLosesNoData")
    public void aStaleLockFileWithAForeignProcessNumberIsNoHindrance() throws Exception {
        Path lock = data.resolve("postgres/postmaster.pid");
        Files.writeString(lock, ProcessHandle.current().pid() + "\n" + data.resolve("postgres") + "\n");
        startAndAwait();
        assertEquals(run("stop", "--data", data.toString()), 0);
        running.await();
    }

    @Test(dependsOnMethods = "aStaleLockFileWithAForeignProcessNumberIsNoHindrance")
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
        assertRefuses("unknown: --colour", "start", "--colour");
        assertRefuses("unknown command: bake", "bake");
    }

    private void startAndAwait() throws Exception {
        running = command("start", "--data", data.toString(), "--port", String.valueOf(port));
        Instant end = Instant.now().plus(LONGEST);
        while (!running.text().contains("ready at")) {
            assertTrue(running.process().isAlive(), running.text());
            assertTrue(Instant.now().isBefore(end), running.text());
            RunningServer.pause();
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
        Path said = Files.createTempFile(folder, "said", ".log");
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("verdamen.root"), "verdamen").toString());
        command.addAll(List.of(arguments));
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(said.toFile());
        builder.environment()
                .put(
                        "VERDAMEN_SERVER_JAR",
                        Path.of(System.getProperty("verdamen.server.jar"))
                                .toRealPath()
                                .toString());
        builder.environment().put("VERDAMEN_CACHE", folder.resolve("cache").toString());
        return new Started(builder.start(), said);
    }

    /** No process works in the data folder or serves its database, a moment after the end. */
    private void assertNothingRuns() {
        Instant end = Instant.now().plusSeconds(20);
        while (processes().findAny().isPresent() && Instant.now().isBefore(end)) {
            RunningServer.pause();
        }
        assertEquals(processes().toList(), List.of());
        assertFalse(RunningServer.isUp(url()));
    }

    private Stream<String> processes() {
        try (Stream<Path> all = Files.list(Path.of("/proc"))) {
            return all
                    .filter(process -> process.getFileName().toString().matches("\\d+"))
                    .map(process -> {
                        try {
                            return Files.readString(process.resolve("cmdline")).replace('\0', ' ');
                        } catch (IOException gone) {
                            return "";
                        }
                    })
                    .filter(line -> line.contains(data.resolve("postgres").toString())
                            || line.contains("--server.port=" + port))
                    .toList()
                    .stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private String url() {
        return "http://127.0.0.1:" + port;
    }

    private String get(String path) {
        return RunningServer.fetch(url() + path);
    }

    private void post(String path, String json) {
        RunningServer.post(url(), path, json);
    }
}
