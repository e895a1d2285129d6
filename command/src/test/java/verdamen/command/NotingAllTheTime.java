package verdamen.command;

import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import verdamen.server.testing.TestHttp;

/** Notes one entry after another of a batch, as a page does: each until it is acknowledged, under its own key. */
final class NotingAllTheTime implements AutoCloseable {

    private static final Pattern ID = Pattern.compile("\"batch\":\\{.*?\"id\":(\\d+)");
    private static final Pattern NOTED = Pattern.compile("\"key\":\"(entry-\\d+)\"");

    private final String url;
    private final String batch;
    private final List<String> acknowledged = Collections.synchronizedList(new ArrayList<>());
    private final Thread thread;
    private volatile boolean ends;

    NotingAllTheTime(String url) {
        this.url = url;
        String begun = TestHttp.post(
                url + "/api/bench", "{\"key\": \"%s\", \"formula\": 1, \"version\": 1}".formatted(UUID.randomUUID()));
        Matcher id = ID.matcher(begun);
        if (!id.find()) {
            throw new AssertionError("no batch in " + begun);
        }
        batch = id.group(1);
        thread = new Thread(this::note, "noting");
        thread.start();
    }

    private void note() {
        for (int number = 0; !ends; number++) {
            String key = "entry-" + number;
            String body = "{\"entries\": [{\"key\": \"%s\", \"kind\": \"note\", \"at\": \"%s\", \"text\": \"%d\"}]}"
                    .formatted(key, OffsetDateTime.now(ZoneOffset.UTC), number);
            while (!isTaken(body)) {
                TestHttp.pause();
            }
            acknowledged.add(key);
        }
    }

    /** Whether the server has it; when it has not answered, nobody knows, and it is sent once more. */
    private boolean isTaken(String body) {
        try {
            TestHttp.post(url + "/api/bench/" + batch + "/entries", body);
            return true;
        } catch (UncheckedIOException | AssertionError gone) {
            return false;
        }
    }

    /** Goes on until more than so many were acknowledged: how soon that is depends on the machine, and on the kills. */
    void noteMoreThan(int entries, Duration atMost) throws InterruptedException {
        Instant end = Instant.now().plus(atMost);
        while (acknowledged.size() <= entries && Instant.now().isBefore(end)) {
            TestHttp.pause();
        }
    }

    /** Ends, with the keys that were acknowledged, in order. */
    List<String> acknowledged() throws InterruptedException {
        ends = true;
        thread.join();
        return List.copyOf(acknowledged);
    }

    /** The keys that the server holds, in order. */
    List<String> kept() {
        List<String> kept = new ArrayList<>();
        Matcher noted = NOTED.matcher(TestHttp.fetch(url + "/api/bench/" + batch));
        while (noted.find()) {
            kept.add(noted.group(1));
        }
        return kept;
    }

    @Override
    public void close() {
        ends = true;
        thread.interrupt();
    }
}
