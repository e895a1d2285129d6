package verdamen.core.pantry;

import java.util.Collection;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * A weigh-in as asked, not yet checked.
 *
 * @param measure code of the measure
 * @param ingredient code of what was weighed; absent for a vessel filled with water
 * @param grams mass of all that was weighed, g
 * @param count how many measures of it there were; absent for one
 */
public record WeighInSpec(
        @Nullable String measure,
        @Nullable String ingredient,
        @Within(Limit.WEIGH_IN_GRAMS) @Nullable Double grams,
        @Within(Limit.WEIGH_IN_COUNT) @Nullable Double count) {

    private static final String MASS = "mass";

    /**
     * Finds everything impossible about it.
     *
     * @param measures the measures there are
     * @param coming codes of vessels that are about to be added
     */
    public Faults check(Pantry pantry, KitchenMeasures measures, Collection<String> coming) {
        Faults faults = new Faults();
        if (measure == null || measure.isBlank()) {
            faults.add(null, "measure", FaultCode.MISSING, null);
        } else {
            boolean fits = measures.measure(measure)
                    .map(found -> !found.kind().equals(MASS))
                    .orElseGet(() -> coming.contains(measure));
            faults.require(fits, "measure", FaultCode.UNKNOWN_CODE, measure);
        }
        faults.require(
                ingredient == null || pantry.ingredient(ingredient).isPresent(),
                "ingredient",
                FaultCode.UNKNOWN_CODE,
                ingredient);
        faults.needed("grams", grams, Limit.WEIGH_IN_GRAMS);
        faults.number("count", count, Limit.WEIGH_IN_COUNT);
        return faults;
    }

    /** How many measures there were. */
    public double countOrOne() {
        return count == null ? 1 : count;
    }
}
