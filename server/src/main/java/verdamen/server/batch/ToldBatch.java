package verdamen.server.batch;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.handling.PutIn;

/**
 * A batch as a file tells it, to be taken when it is not here yet.
 *
 * @param version the version it was made of, by the file's number
 * @param startedAt when it was started
 * @param finishedAt when it was finished; null while it goes on
 * @param counts whether it counts when the kitchen learns; null when nobody has said
 * @param corrections its corrections, in order
 */
public record ToldBatch(
        int version,
        OffsetDateTime startedAt,
        @Nullable OffsetDateTime finishedAt,
        @Nullable Boolean counts,
        List<ToldCorrection> corrections) {

    /**
     * A correction as a file tells it.
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
}
