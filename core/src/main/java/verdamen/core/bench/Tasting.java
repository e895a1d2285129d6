package verdamen.core.bench;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;

/**
 * A tasting of a batch's bread.
 *
 * @param when which one
 * @param dueAt when it is to be tasted
 * @param due whether it is time for it and nobody has: until the next one, or two days after cooking
 * @param fold what it did when it was folded; null when it was not
 * @param softness mark for its softness, 9 is best; null for none
 * @param flavour mark for its flavour; null for none
 */
public record Tasting(
        When when,
        OffsetDateTime dueAt,
        boolean due,
        @Nullable String fold,
        @Nullable Double softness,
        @Nullable Double flavour) {

    private static final double SECONDS_PER_MINUTE = 60;
    private static final double SECONDS_PER_HOUR = 60 * SECONDS_PER_MINUTE;

    /** When bread is tasted. */
    public enum When implements Coded {
        NOW("now", null),
        HOUR("hour", Coefficient.TASTED_AFTER_HOURS),
        NEXT_DAY("next-day", Coefficient.TASTED_NEXT_DAY_HOURS);

        private final String code;
        private final @Nullable Coefficient after;

        When(String code, @Nullable Coefficient after) {
            this.code = code;
            this.after = after;
        }

        @Override
        public String code() {
            return code;
        }

        private OffsetDateTime at(OffsetDateTime cookedAt) {
            return after(cookedAt, after == null ? 0 : after.value());
        }

        private OffsetDateTime until(OffsetDateTime cookedAt) {
            return this == NEXT_DAY
                    ? after(cookedAt, Coefficient.TASTED_UNTIL_HOURS.value())
                    : values()[ordinal() + 1].at(cookedAt);
        }

        private static OffsetDateTime after(OffsetDateTime cookedAt, double hours) {
            return cookedAt.plus(Duration.ofSeconds(Math.round(hours * SECONDS_PER_HOUR)));
        }
    }

    /** When the last piece came off the pan, else when the batch was finished; null before either. */
    static @Nullable OffsetDateTime cookedAt(List<BenchEntry> entries) {
        return last(entries, EntryKind.OFF_PAN) == null
                ? last(entries, EntryKind.FINISHED)
                : last(entries, EntryKind.OFF_PAN);
    }

    private static @Nullable OffsetDateTime last(List<BenchEntry> entries, EntryKind kind) {
        return entries.stream()
                .filter(entry -> entry.kind() == kind)
                .map(BenchEntry::at)
                .max(OffsetDateTime::compareTo)
                .orElse(null);
    }

    /** The tastings of a batch by what was noted; none before its bread is cooked. */
    public static List<Tasting> of(List<BenchEntry> entries, OffsetDateTime now) {
        OffsetDateTime cookedAt = cookedAt(entries);
        return cookedAt == null
                ? List.of()
                : Arrays.stream(When.values())
                        .map(when -> of(when, cookedAt, entries, now))
                        .toList();
    }

    private static Tasting of(When when, OffsetDateTime cookedAt, List<BenchEntry> entries, OffsetDateTime now) {
        OffsetDateTime dueAt = when.at(cookedAt);
        boolean itsTime = !now.isBefore(dueAt) && now.isBefore(when.until(cookedAt));
        String fold = null;
        Double softness = null;
        Double flavour = null;
        boolean tasted = false;
        for (BenchEntry entry : entries) {
            if (entry.kind() == EntryKind.TASTE && when.code().equals(entry.step())) {
                tasted = true;
                fold = "fold".equals(entry.subject()) ? entry.outcome() : fold;
                softness = "softness".equals(entry.subject()) ? entry.figure() : softness;
                flavour = "flavour".equals(entry.subject()) ? entry.figure() : flavour;
            }
        }
        return new Tasting(when, dueAt, !tasted && itsTime, fold, softness, flavour);
    }
}
