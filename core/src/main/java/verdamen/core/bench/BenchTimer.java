package verdamen.core.bench;

import java.time.Duration;
import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BenchStep.Kind;

/**
 * A timer of a batch that nobody has seen yet.
 *
 * @param key key of the entry that started it
 * @param name its name; null for that of its step
 * @param step key of the step that started it; null for one started by hand
 * @param startedAt when it was started
 * @param endsAt when it rings
 */
public record BenchTimer(
        String key, @Nullable String name, @Nullable String step, OffsetDateTime startedAt, OffsetDateTime endsAt) {

    private static final double MS_PER_SECOND = 1000;
    private static final double SECONDS_PER_MINUTE = 60;

    /** The timer that an entry starts: one by hand, or a step that takes so many minutes; null for none. */
    static @Nullable BenchTimer of(BenchEntry entry, RunSheet run) {
        if (entry.kind() == EntryKind.TIMER && entry.figure() != null) {
            return of(entry, entry.text(), null, entry.figure());
        }
        if (entry.kind() != EntryKind.STEP || !"begun".equals(entry.outcome())) {
            return null;
        }
        return run.steps().stream()
                .filter(step -> step.key().equals(entry.step()) && step.minutes() != null && step.kind() != Kind.POUR)
                .findFirst()
                .map(step -> of(entry, null, step.key(), step.minutes() * SECONDS_PER_MINUTE))
                .orElse(null);
    }

    private static BenchTimer of(BenchEntry entry, @Nullable String name, @Nullable String step, double seconds) {
        Duration length = Duration.ofMillis(Math.round(seconds * MS_PER_SECOND));
        return new BenchTimer(entry.key(), name, step, entry.at(), entry.at().plus(length));
    }
}
