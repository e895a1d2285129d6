package verdamen.server.notebook;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BenchRun.FeltAt;
import verdamen.core.handling.RollingPicture;
import verdamen.core.notebook.Comparison;
import verdamen.server.photo.Photo;

/**
 * Batches or versions side by side.
 *
 * @param items what is compared, in the order asked
 * @param comparison what differs and what came of it
 */
record ComparisonAnswer(List<ComparedItem> items, Comparison comparison) {

    /**
     * A batch or a version.
     *
     * @param key what it is asked for by
     * @param batch id of the batch; null for a version
     * @param formula id of the formula
     * @param version number of the version
     * @param name the formula's name in it
     * @param factor how many times of it were made; 1 for a version
     * @param at when it was begun, or saved
     * @param verdict how it came out; null when nobody has said
     * @param picture softness of what was in the bowl, with the rolling window; null when it cannot be told
     * @param felt how it felt
     * @param photos its photographs
     */
    record ComparedItem(
            String key,
            @Nullable Long batch,
            long formula,
            int version,
            String name,
            double factor,
            OffsetDateTime at,
            @Nullable String verdict,
            @Nullable RollingPicture picture,
            List<FeltAt> felt,
            List<Photo> photos) {}
}
