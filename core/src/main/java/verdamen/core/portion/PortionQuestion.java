package verdamen.core.portion;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * How a dough is divided, as asked. How heavy, how wide and how thin a piece is, and how many there are, is the formula's own.
 *
 * @param formula the formula
 * @param panMm the pan, press or cutter that the largest piece has to fit, mm across; absent when none is asked about
 * @param sizes pieces of several sizes; absent for equal ones
 * @param stepGrams to what a scale weighs, g; absent for a kitchen scale
 */
public record PortionQuestion(
        FormulaSpec formula,
        @Within(Limit.PAN_MM) @Nullable Double panMm,
        @Within(Limit.SIZES) @Nullable List<SizeSpec> sizes,
        @Within(Limit.SCALE_STEP) @Nullable Double stepGrams) {

    /**
     * Pieces of one size.
     *
     * @param count how many
     * @param grams dough of each, g
     */
    public record SizeSpec(
            @Within(Limit.PIECES) @Nullable Integer count,
            @Within(Limit.PIECE_GRAMS) @Nullable Double grams) {}
}
