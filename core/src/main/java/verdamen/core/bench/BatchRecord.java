package verdamen.core.bench;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Share;
import verdamen.core.pantry.Pantry;

/**
 * Everything that is known of a batch: what was to be made, where it stands, and what was noted.
 *
 * @param made what was to be made
 * @param run where it stands
 * @param entries what counts of what was noted, in order
 */
public record BatchRecord(MadeFormula made, BenchRun run, List<BenchEntry> entries) {

    private static final double MINUTES_PER_HOUR = 60;

    /**
     * A fold test.
     *
     * @param hours hours after cooking
     * @param outcome what the bread did: {@code folds}, {@code cracks}, {@code breaks}
     */
    public record Folded(double hours, String outcome) {}

    /** A batch by what was noted of it. */
    public static BatchRecord of(MadeFormula made, Pantry pantry, List<BenchEntry> entries, OffsetDateTime now) {
        return new BatchRecord(made, BenchRun.of(made, pantry, entries, now), entries);
    }

    /** Minutes between two times. */
    public static double minutes(OffsetDateTime from, OffsetDateTime to) {
        return BenchRun.minutes(from, to);
    }

    /**
     * Weight that cooked pieces lost, %: their mean against the mean of those weighed raw, else against what each was to weigh;
     * null when no cooked piece was weighed.
     */
    public @Nullable Double cookLossPct() {
        OptionalDouble cooked = entries.stream()
                .filter(entry -> entry.kind() == EntryKind.READING
                        && ReadingOf.COOKED_GRAMS.code().equals(entry.subject())
                        && entry.figure() != null)
                .mapToDouble(BenchEntry::figure)
                .average();
        PieceTally pieces = run.pieces();
        double raw = pieces.meanGrams() == null ? pieces.targetGrams() : pieces.meanGrams();
        return cooked.isPresent() && raw > 0
                ? Double.valueOf(Share.of(raw - cooked.getAsDouble(), raw).pct())
                : null;
    }

    /** The fold tests that were made, in order; none before the bread is cooked. */
    public List<Folded> folds() {
        OffsetDateTime cookedAt = Tasting.cookedAt(entries);
        List<Folded> folds = new ArrayList<>();
        for (BenchEntry entry : entries) {
            boolean folded = entry.kind() == EntryKind.TASTE && "fold".equals(entry.subject());
            if (cookedAt != null && folded && entry.outcome() != null) {
                folds.add(new Folded(Math.max(0, minutes(cookedAt, entry.at())) / MINUTES_PER_HOUR, entry.outcome()));
            }
        }
        return folds;
    }
}
