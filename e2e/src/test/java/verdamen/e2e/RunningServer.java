package verdamen.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import verdamen.server.testing.TestDatabase;
import verdamen.server.testing.TestHttp;

/** The packaged server, running on a database of its own. */
final class RunningServer {

    private static final Duration LONGEST_START = Duration.ofSeconds(300);
    private static final JsonMapper JSON = new JsonMapper();

    private final Process process;
    private final Path log;
    private final String url;

    private RunningServer(Process process, Path log, String url) {
        this.process = process;
        this.log = log;
        this.url = url;
    }

    /** Starts with the demo data on a database of this name, made again; it answers a little later. */
    static RunningServer start(String database) {
        TestDatabase.fresh(database);
        int port = TestDatabase.freePort();
        try {
            Path log = Files.createTempFile("verdamen-server", ".log");
            Process process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-Xmx512m",
                            "-XX:TieredStopAtLevel=1",
                            "-XX:+UseSerialGC",
                            "-jar",
                            System.getProperty("verdamen.server.jar"),
                            "--server.port=" + port,
                            "--spring.datasource.url=" + TestDatabase.address(database),
                            "--spring.datasource.username=" + TestDatabase.USER,
                            "--verdamen.demo=true")
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile())
                    .start();
            Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
            return new RunningServer(process, log, "http://127.0.0.1:" + port);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    String url() {
        return url;
    }

    /** What the API answers to a request with this body. */
    String post(String path, String json) {
        return TestHttp.post(url + path, json);
    }

    /** Id of the formula of this name. */
    long formulaId(String name) {
        String found = TestHttp.fetch(
                url + "/api/formulas?limit=200&search=" + URLEncoder.encode(name, StandardCharsets.UTF_8));
        for (JsonNode row : JSON.readTree(found).get("rows")) {
            if (row.get("name").asString().equals(name)) {
                return row.get("id").asLong();
            }
        }
        throw new AssertionError("no formula " + name + " in " + found);
    }

    /** Waits until it answers. */
    RunningServer awaitAnswer() {
        Instant end = Instant.now().plus(LONGEST_START);
        while (Instant.now().isBefore(end)) {
            if (!process.isAlive()) {
                throw new IllegalStateException("the server ended: " + said());
            }
            if (TestHttp.isUp(url)) {
                return this;
            }
            TestHttp.pause();
        }
        throw new IllegalStateException("the server does not answer: " + said());
    }

    private String said() {
        try {
            return Files.readString(log);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
