package verdamen.server.rework;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import verdamen.core.rework.Most;
import verdamen.core.rework.SearchProgress;
import verdamen.core.rework.SearchStoppedException;
import verdamen.server.json.JsonText;

/** A search that writes how far it is, a line now and then, and its answer at the end. */
final class MostSearch {

    private static final long BETWEEN_LINES = Duration.ofMillis(200).toNanos();

    private final Most.Prepared prepared;
    private final Function<Most, MostAnswer> answer;
    private final JsonText json;

    MostSearch(Most.Prepared prepared, Function<Most, MostAnswer> answer, JsonText json) {
        this.prepared = prepared;
        this.answer = answer;
        this.json = json;
    }

    /** Looks for it; whoever no longer listens stops it. */
    void writeTo(OutputStream out) throws IOException {
        Teller teller = new Teller(out);
        try {
            Most most = prepared.find(teller);
            teller.write(new MostProgress(teller.tried, teller.planned, most.value(), answer.apply(most)));
        } catch (SearchStoppedException nobodyListens) {
            // Nothing is left to say to anybody.
            return;
        }
    }

    private final class Teller implements SearchProgress {

        private final OutputStream out;
        private long toldAt = System.nanoTime();
        private int tried;
        private int planned;

        private Teller(OutputStream out) {
            this.out = out;
        }

        @Override
        public boolean goesOn(int nowTried, int nowPlanned, @Nullable Double best) {
            tried = nowTried;
            planned = nowPlanned;
            if (System.nanoTime() - toldAt < BETWEEN_LINES) {
                return true;
            }
            toldAt = System.nanoTime();
            try {
                write(new MostProgress(tried, planned, best, null));
                return true;
            } catch (IOException gone) {
                return false;
            }
        }

        private void write(MostProgress line) throws IOException {
            out.write((json.of(line) + "\n").getBytes(StandardCharsets.UTF_8));
            out.flush();
        }
    }
}
