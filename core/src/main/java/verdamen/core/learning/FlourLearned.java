package verdamen.core.learning;

import java.util.List;
import verdamen.core.pantry.Ingredient;

/**
 * What batches say of a flour.
 *
 * @param ingredient its code
 * @param bookPct water it takes up at 14 % moisture, % of its mass, as the table has it
 * @param bookSdPct standard deviation of that, percentage points
 * @param learnedPct the same as the batches have it
 * @param learnedSdPct standard deviation of that, percentage points
 * @param batches how many of them have it
 * @param course how each counted batch that has it moved it, the oldest first
 * @param lots what lots of it add, those that batches say something of
 */
public record FlourLearned(
        String ingredient,
        double bookPct,
        double bookSdPct,
        double learnedPct,
        double learnedSdPct,
        int batches,
        List<Moved> course,
        List<LotLearned> lots) {

    /**
     * What batches say of a lot of the flour.
     *
     * @param lot its id
     * @param addsPct water it takes up beyond what its flour does, percentage points; below 0 for less
     * @param sdPct standard deviation of that, percentage points
     * @param batches how many of them have it
     */
    public record LotLearned(long lot, double addsPct, double sdPct, int batches) {}

    /**
     * What was thought of a flour after a batch.
     *
     * @param batch id of the batch
     * @param learnedPct water it takes up at 14 % moisture, % of its mass
     * @param learnedSdPct standard deviation of that, percentage points
     */
    public record Moved(long batch, double learnedPct, double learnedSdPct) {}

    /** Water that a flour takes up at 14 % moisture, as a share of its mass. */
    static double bookAbsorption(Ingredient flour) {
        if (flour.behaviour() == null) {
            throw new IllegalArgumentException(flour.code() + " does not drink");
        }
        return flour.behaviour().absorption().fraction();
    }
}
