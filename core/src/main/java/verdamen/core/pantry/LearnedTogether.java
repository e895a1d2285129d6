package verdamen.core.pantry;

/**
 * Two flours whose absorptions were learned from the same batches: when one takes up more than thought, the other takes up
 * less. Counts for flours whose absorption is the kitchen's own.
 *
 * @param flour code of the one
 * @param other code of the other
 * @param correlation of what is still not known of them, −1 to 1
 */
public record LearnedTogether(String flour, String other, double correlation) {

    /** Refuses what is no correlation. */
    public LearnedTogether {
        if (!(Math.abs(correlation) <= 1)) {
            throw new IllegalArgumentException("a correlation of " + correlation);
        }
    }
}
