package verdamen.server.batch;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.handling.InTheBowl;
import verdamen.core.handling.PutIn;

/**
 * A batch at the bench.
 *
 * @param id its id
 * @param formula id of its formula
 * @param version the version it was made from
 * @param startedAt when water met flour
 * @param finishedAt when it was finished; null while it is running
 * @param counts whether it counts when the kitchen learns; null when nobody has said
 * @param minutes minutes since it was started; counted to its end when it is finished
 * @param corrections what was corrected, in order
 * @param bowl what is in the bowl with all of that; null once it is finished
 */
public record Batch(
        long id,
        long formula,
        int version,
        OffsetDateTime startedAt,
        @Nullable OffsetDateTime finishedAt,
        @Nullable Boolean counts,
        double minutes,
        List<Correction> corrections,
        @Nullable InTheBowl bowl) {

    /**
     * What was corrected.
     *
     * @param id its id
     * @param minute minute of the batch
     * @param feel code of the feel word; null when nothing was felt
     * @param action what was done
     * @param note a remark
     * @param madeAt when
     * @param additions what was put in
     */
    public record Correction(
            long id,
            double minute,
            @Nullable String feel,
            String action,
            String note,
            OffsetDateTime madeAt,
            List<PutIn> additions) {}
}
