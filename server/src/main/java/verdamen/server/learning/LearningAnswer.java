package verdamen.server.learning;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.learning.FlourLearned;

/**
 * What batches teach.
 *
 * @param flours what they say of flours
 * @param batches the batches they come from, the newest first
 */
record LearningAnswer(List<LearnedFlour> flours, List<TeachingBatch> batches) {

    /**
     * What batches say of a flour.
     *
     * @param learned the table's value and theirs
     * @param name its name
     * @param usedPct what the kitchen uses now, % of its mass
     */
    record LearnedFlour(FlourLearned learned, String name, double usedPct) {}

    /**
     * A batch.
     *
     * @param id its id
     * @param formula id of its formula
     * @param name name of the version it was made from
     * @param startedAt when water met flour
     * @param minute when it was felt
     * @param feel code of the word for it
     * @param off how far it was from what was expected, in standard deviations; above 0 when it drank more; null when it says
     *     nothing
     * @param farOff whether that is so far that it is asked about
     * @param counted whether it is counted
     * @param said whether somebody has said that it counts or not; null when nobody has
     */
    record TeachingBatch(
            long id,
            long formula,
            String name,
            OffsetDateTime startedAt,
            double minute,
            String feel,
            @Nullable Double off,
            boolean farOff,
            boolean counted,
            @Nullable Boolean said) {}
}
