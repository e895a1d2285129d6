package verdamen.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import verdamen.server.testing.TestDatabase;

/** The packaged server, running on a database of its own. */
final class RunningServer {

    private static final Duration LONGEST_START = Duration.ofSeconds(300);
    private static final JsonMapper JSON = new JsonMapper();
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private final Process process;
    private final Path log;
    private final String url;

    private RunningServer(Process process, Path log, String url) {
        this.process = process;
        this.log = log;
        this.url = url;
    }

    /** Starts on a database of this name, made again. */
    static RunningServer start(String database, boolean demo) {
        TestDatabase.fresh(database);
        return startOn(database, demo);
    }

    /** Starts on a database that is there. */
    static RunningServer startOn(String database, boolean demo) {
        int port = TestDatabase.freePort();
        try {
            Path log = Files.createTempFile("verdamen-server", ".log");
            Process process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-Xmx512m",
                            "-XX:TieredStopAtLevel=1",
                            "-jar",
                            System.getProperty("verdamen.server.jar"),
                            "--server.port=" + port,
                            "--spring.datasource.url=" + TestDatabase.address(database),
                            "--spring.datasource.username=" + TestDatabase.USER,
                            "--verdamen.demo=" + demo)
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile())
                    .start();
            Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
            RunningServer server = new RunningServer(process, log, "http://127.0.0.1:" + port);
            server.awaitAnswer();
            return server;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    String url() {
        return url;
    }

    void stop() {
        process.destroy();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** What the API answers to a request with this body. */
    String post(String path, String json) {
        return post(url, path, json);
    }

    /** What the server at {@code url} answers to a request with this body. */
    static String post(String url, String path, String json) {
        return answer(HttpRequest.newBuilder(URI.create(url + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(json))
                .build());
    }

    /** Id of the formula of this name. */
    long formulaId(String name) {
        String found = fetch(url + "/api/formulas?limit=200&search=" + URLEncoder.encode(name, StandardCharsets.UTF_8));
        for (JsonNode row : JSON.readTree(found).get("rows")) {
            if (row.get("name").asString().equals(name)) {
                return row.get("id").asLong();
            }
        }
        throw new AssertionError("no formula " + name + " in " + found);
    }

    /** What is found at this address. */
    static String fetch(String address) {
        return answer(HttpRequest.newBuilder(URI.create(address)).build());
    }

    private static String answer(HttpRequest request) {
        try {
            HttpResponse<String> response = HTTP.send(request, BodyHandlers.ofString());
            if (response.statusCode() >= 300) {
                throw new AssertionError(request.uri() + " answered " + response.statusCode() + ": " + response.body());
            }
            return response.body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError(e);
        }
    }

    private void awaitAnswer() throws IOException {
        Instant end = Instant.now().plus(LONGEST_START);
        while (Instant.now().isBefore(end)) {
            if (!process.isAlive()) {
                throw new IllegalStateException("the server ended: " + Files.readString(log));
            }
            if (isUp(url)) {
                return;
            }
            pause();
        }
        throw new IllegalStateException("the server does not answer: " + Files.readString(log));
    }

    /** Whether a server answers that it is healthy. */
    static boolean isUp(String url) {
        try {
            HttpRequest health = HttpRequest.newBuilder(URI.create(url + "/actuator/health"))
                    .timeout(Duration.ofSeconds(5))
                    .build();
            return HTTP.send(health, BodyHandlers.ofString()).statusCode() == 200;
        } catch (IOException e) {
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** A short wait between two looks at something outside that cannot be waited for. */
    static void pause() {
        try {
            Thread.sleep(50);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
