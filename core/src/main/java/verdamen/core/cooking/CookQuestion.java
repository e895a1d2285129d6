package verdamen.core.cooking;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * How pieces of a formula are cooked, as asked: numbers, not yet checked.
 *
 * @param formula the formula
 * @param pieceGrams a piece before it is cooked, its filling with it, g; absent for what the formula says
 * @param panC surface of the pan, or the oven, °C; absent for what the formula says, else the middle of the style's
 * @param burnerW power of a burner, W; absent for what the formula says, else a usual one
 * @param pans how many pans are on at a time; absent for what the formula says, else one
 * @param load how many pieces an oven takes at a time; absent for what the formula says, else one; nothing to a pan
 * @param pieces how many pieces are to be cooked; absent for what the dough makes
 */
public record CookQuestion(
        FormulaSpec formula,
        @Within(Limit.PIECE_GRAMS) @Nullable Double pieceGrams,
        @Within(Limit.PAN_C) @Nullable Double panC,
        @Within(Limit.BURNER_W) @Nullable Double burnerW,
        @Within(Limit.PANS) @Nullable Integer pans,
        @Within(Limit.OVEN_LOAD) @Nullable Integer load,
        @Within(Limit.PIECES) @Nullable Double pieces) {}
