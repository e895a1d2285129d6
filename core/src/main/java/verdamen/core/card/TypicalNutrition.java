package verdamen.core.card;

import org.jspecify.annotations.Nullable;
import verdamen.core.cooking.Cooking;
import verdamen.core.formula.Facts;
import verdamen.core.pantry.Nutrition;

/**
 * What cooked bread holds: only water leaves it in cooking. Typical values, no label.
 *
 * @param cookedGrams what a cooked piece weighs, g
 * @param perPiece what a piece holds
 * @param per100Grams what 100 g of it hold
 */
public record TypicalNutrition(double cookedGrams, Nutrition perPiece, Nutrition per100Grams) {

    private static final double HUNDRED_GRAMS = 100;

    /** What cooked pieces of a formula hold; null for an empty formula. */
    public static @Nullable TypicalNutrition of(Facts facts, Cooking cooking) {
        Nutrition mixed = facts.per100Grams();
        if (mixed == null || cooking.cookedGrams() <= 0) {
            return null;
        }
        Nutrition piece = mixed.times(cooking.pieceGrams() / HUNDRED_GRAMS);
        return new TypicalNutrition(cooking.cookedGrams(), piece, piece.times(HUNDRED_GRAMS / cooking.cookedGrams()));
    }
}
