package verdamen.core.portion;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * A formula to be made larger or smaller, as asked: by one of factor, pieces, flour, dough or pan.
 *
 * @param formula the formula
 * @param factor how many times of it
 * @param pieces how many pieces it is to make, of the size it has
 * @param flourGrams flour at hand, g
 * @param doughGrams dough wanted, g
 * @param panMm the pan that as many pieces as now are to fill, mm across
 * @param stepGrams to what a scale weighs, g; absent for a kitchen scale
 */
public record ScalingQuestion(
        FormulaSpec formula,
        @Within(Limit.SCALE_FACTOR) @Nullable Double factor,
        @Within(Limit.PIECES) @Nullable Integer pieces,
        @Within(Limit.GRAMS) @Nullable Double flourGrams,
        @Within(Limit.GRAMS) @Nullable Double doughGrams,
        @Within(Limit.PAN_MM) @Nullable Double panMm,
        @Within(Limit.SCALE_STEP) @Nullable Double stepGrams) {}
