package verdamen.server.batch;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.EntryKind;
import verdamen.core.bench.MadeAs;
import verdamen.core.handling.PutIn;
import verdamen.server.batch.Batch.Kept;

/**
 * A batch as a file tells it, to be taken when it is not here yet.
 *
 * @param version the version it was made of, by the file's number
 * @param startedAt when it was started
 * @param finishedAt when it was finished; null while it goes on
 * @param counts whether it counts when the kitchen learns; null when nobody has said
 * @param corrections what files of before the Bench tell of it; absent since
 * @param uid its identity, the same wherever its file is taken; absent in files of before the Bench
 * @param factor how many times of the formula; absent for once
 * @param practice whether it was made by a clock that was not right; absent for no
 * @param madeAs how it was made other than its version is written; absent for as it is written
 * @param entries what was noted of it, in order; absent in files of before the Bench
 */
public record ToldBatch(
        int version,
        OffsetDateTime startedAt,
        @Nullable OffsetDateTime finishedAt,
        @Nullable Boolean counts,
        @Nullable List<ToldCorrection> corrections,
        @Nullable String uid,
        @Nullable Double factor,
        @Nullable Boolean practice,
        @Nullable MadeAs madeAs,
        @Nullable List<Kept> entries) {

    private static final double MS_PER_MINUTE = 60_000;
    private static final String CAME_OUT = "came-out-";

    /**
     * A correction as files of before the Bench tell it.
     *
     * @param minute minute after wetting
     * @param feel code of how it felt; null when not said
     * @param action what was done
     * @param note in words
     * @param madeAt when
     * @param additions what was put in
     */
    public record ToldCorrection(
            double minute,
            @Nullable String feel,
            String action,
            String note,
            OffsetDateTime madeAt,
            List<PutIn> additions) {}

    /**
     * What was noted of it, whichever way the file tells it.
     *
     * @param formula what the formula is known by here, so that no two batches share a key
     */
    List<Kept> kept(long formula) {
        if (entries != null) {
            return entries;
        }
        String prefix = "told-" + formula + "-" + startedAt.toInstant() + "-";
        List<BenchEntry> told = new ArrayList<>();
        told.add(BenchEntry.of(prefix + "wetted", EntryKind.WETTED, startedAt));
        for (ToldCorrection each : corrections == null ? List.<ToldCorrection>of() : corrections) {
            String key = prefix + told.size();
            OffsetDateTime at = startedAt.plus(Duration.ofMillis(Math.round(each.minute() * MS_PER_MINUTE)));
            if (each.feel() != null) {
                told.add(BenchEntry.of(key + "-felt", EntryKind.FELT, at).withOutcome(each.feel()));
            }
            told.add(
                    each.action().startsWith(CAME_OUT)
                            ? BenchEntry.of(key, EntryKind.VERDICT, at)
                                    .withOutcome(each.action().substring(CAME_OUT.length()))
                                    .withText(each.note())
                            : BenchEntry.of(key, EntryKind.CORRECTION, at)
                                    .withOutcome(each.action())
                                    .withAdditions(each.additions())
                                    .withText(each.note()));
        }
        if (finishedAt != null) {
            told.add(BenchEntry.of(prefix + "finished", EntryKind.FINISHED, finishedAt));
        }
        return told.stream().map(entry -> new Kept(entry, entry.at(), null)).toList();
    }
}
