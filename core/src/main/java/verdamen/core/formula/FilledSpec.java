package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * Pieces with a filling, as they are portioned. What is absent follows from the other, or from the usual piece, in the proportion
 * of the formula.
 *
 * @param shellGrams dough of a piece, g
 * @param fillingGrams filling of a piece, g
 * @param evenEdge whether the shell is rolled out evenly before it is closed, so that dough gathers in its seam; else its
 *     edge is thin and its middle thick
 */
public record FilledSpec(
        @Within(Limit.PIECE_GRAMS) @Nullable Double shellGrams,
        @Within(Limit.PIECE_GRAMS) @Nullable Double fillingGrams,
        @Nullable Boolean evenEdge) {

    /** Nothing said. */
    static final FilledSpec NONE = new FilledSpec(null, null, null);

    /** Whether dough gathers in the seam. */
    boolean gathers() {
        return Boolean.TRUE.equals(evenEdge);
    }
}
