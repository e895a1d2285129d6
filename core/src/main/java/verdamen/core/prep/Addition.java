package verdamen.core.prep;

import verdamen.core.pantry.Ingredient;

/**
 * Something put in on the way that is no plain water: it is tracked apart from the inclusion's own water and dry matter.
 *
 * @param ingredient what it is
 * @param grams how much of it is there, g
 */
public record Addition(Ingredient ingredient, double grams) {

    /** This addition, as much of it as {@code share}. */
    Addition times(double share) {
        return new Addition(ingredient, grams * share);
    }
}
