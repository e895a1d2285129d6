package verdamen.core.portion;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.Pieces;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.pantry.Pantry;

/**
 * Pieces that are more than a disc. Source: model page, section 14.
 *
 * @param filled pieces with a filling; null when none were asked about
 * @param layered pieces that are folded or coiled; null when none were asked about
 * @param cut shapes cut from a sheet; null when none were asked about
 */
public record Shapes(
        @Nullable FilledPieces filled,
        @Nullable Layers layered,
        @Nullable CutShapes cut) {

    /**
     * The pieces asked about.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Shapes of(ShapesQuestion asked, Pantry pantry) {
        Formula formula = FormulaReader.read(asked.formula(), pantry);
        Faults faults = new Faults();
        faults.require(Pieces.usableGrams(formula) > 0, "lines", FaultCode.MISSING, null);
        faults.refuse();
        Shapes shapes = new Shapes(
                asked.filled() == null ? null : FilledPieces.of(formula, asked.filled(), faults),
                asked.layered() == null ? null : Layers.of(formula, asked.layered(), faults),
                asked.cut() == null ? null : CutShapes.of(formula, asked.cut(), faults));
        faults.refuse();
        return shapes;
    }
}
