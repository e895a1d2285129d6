package verdamen.core.portion;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * How a dough is divided, as asked. How heavy, how wide and how thin a piece is, how many there are and for which pan is the
 * formula's own.
 *
 * @param formula the formula
 * @param stepGrams to what a scale weighs, g; absent for a kitchen scale
 */
public record PortionQuestion(
        FormulaSpec formula,
        @Within(Limit.SCALE_STEP) @Nullable Double stepGrams) {}
