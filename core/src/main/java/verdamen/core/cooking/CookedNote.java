package verdamen.core.cooking;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * A piece that was timed, weighed, or both, as noted: numbers, not yet checked.
 *
 * @param formula the formula it is of, with the pan that it was cooked on
 * @param sideOneS seconds on the first side; absent when it was not timed
 * @param sideTwoS seconds on the second side; absent when it was not timed, or has none
 * @param rawGrams what it weighed before, g; absent when it was not weighed
 * @param cookedGrams what it weighed afterwards, g; absent when it was not weighed
 */
public record CookedNote(
        FormulaSpec formula,
        @Within(Limit.SIDE_SECONDS) @Nullable Double sideOneS,
        @Within(Limit.SIDE_SECONDS) @Nullable Double sideTwoS,
        @Within(Limit.PIECE_GRAMS) @Nullable Double rawGrams,
        @Within(Limit.PIECE_GRAMS) @Nullable Double cookedGrams) {}
