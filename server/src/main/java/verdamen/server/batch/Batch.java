package verdamen.server.batch;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.MadeAs;
import verdamen.core.handling.InTheBowl;
import verdamen.core.handling.PutIn;

/**
 * A batch of a formula.
 *
 * @param id its id
 * @param formula id of its formula
 * @param version the version it was made from
 * @param factor how many times of it
 * @param madeAs how it is made other than that is written; null for as it is written
 * @param startedAt when it was begun
 * @param wettedAt when water met flour; null before
 * @param finishedAt when it was finished; null while it is running
 * @param verdict how it came out; null when nobody has said
 * @param practice whether it was begun by a clock that was not right
 * @param counts whether it counts when the kitchen learns; null when nobody has said
 * @param minutes minutes since water met flour; counted to its end when it is finished, 0 before
 * @param corrections how it felt and what was done about it, in order
 * @param bowl what is in the bowl with all of that; null once it is finished
 */
public record Batch(
        long id,
        long formula,
        int version,
        double factor,
        @Nullable MadeAs madeAs,
        OffsetDateTime startedAt,
        @Nullable OffsetDateTime wettedAt,
        @Nullable OffsetDateTime finishedAt,
        @Nullable String verdict,
        boolean practice,
        @Nullable Boolean counts,
        double minutes,
        List<Correction> corrections,
        @Nullable InTheBowl bowl) {

    /**
     * How it felt, or what was done about it.
     *
     * @param key key of the entry
     * @param minute minute of the batch
     * @param feel code of the feel word; null for what was done
     * @param action what was done; null for how it felt
     * @param note a remark
     * @param additions what was put in
     */
    public record Correction(
            String key,
            double minute,
            @Nullable String feel,
            @Nullable String action,
            String note,
            List<PutIn> additions) {}

    /**
     * An entry as it stands in the record.
     *
     * @param entry what was noted
     * @param notedAt when it came in
     * @param undoneAt when it was undone; null for one that counts
     */
    public record Kept(
            BenchEntry entry,
            OffsetDateTime notedAt,
            @Nullable OffsetDateTime undoneAt) {

        /** Whether it counts. */
        boolean counts() {
            return undoneAt == null;
        }
    }
}
