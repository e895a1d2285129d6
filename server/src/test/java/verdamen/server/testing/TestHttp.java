package verdamen.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;

/** Asks a server that runs by itself. */
public final class TestHttp {

    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private TestHttp() {}

    /** What is found at this address. */
    public static String fetch(String address) {
        return answer(HttpRequest.newBuilder(URI.create(address)).build());
    }

    /** What this address answers to a request with this body. */
    public static String post(String address, String json) {
        return answer(HttpRequest.newBuilder(URI.create(address))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(json))
                .build());
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

    /** Whether the server at {@code url} answers that it is healthy. */
    public static boolean isUp(String url) {
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
    public static void pause() {
        try {
            Thread.sleep(50);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
