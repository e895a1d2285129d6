package verdamen.core.pantry;

import org.jspecify.annotations.Nullable;

/**
 * A kitchen measure put on the scale: how much it really held.
 *
 * @param measure code of the measure
 * @param ingredient code of what was weighed; absent, or plain water, for a vessel filled with water, which tells its
 *     volume
 * @param grams mass of all that was weighed, g, above 0
 * @param count how many measures of it there were, above 0
 */
public record WeighIn(String measure, @Nullable String ingredient, double grams, double count) {

    /** Grams in one measure. */
    public double gramsEach() {
        return grams / count;
    }
}
