package verdamen.core.portion;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FilledSpec;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * Pieces that are more than a disc, as asked: filled, layered, or cut from a sheet. What is absent is not looked at.
 *
 * @param formula the formula
 * @param filled pieces with a filling; before what the formula says of them
 * @param layered pieces that are folded or coiled
 * @param cut shapes cut from a sheet or a disc
 */
public record ShapesQuestion(
        FormulaSpec formula,
        @Nullable FilledSpec filled,
        @Nullable LayeredSpec layered,
        @Nullable CutSpec cut) {

    /**
     * Pieces that are folded or coiled.
     *
     * @param fold {@code half}, {@code letter} or {@code coil}
     * @param times how many times it is folded; nothing to a coil
     * @param rollMm how thick the roll is that is coiled, mm; nothing to a fold
     * @param fatGrams fat spread on a piece, g; absent for that of the formula's surface
     */
    public record LayeredSpec(
            @Nullable String fold,
            @Within(Limit.FOLDS) @Nullable Integer times,
            @Within(Limit.ROLL_MM) @Nullable Double rollMm,
            @Within(Limit.GRAMS) @Nullable Double fatGrams) {}

    /**
     * Shapes cut from a sheet.
     *
     * @param shape {@code rounds}, {@code squares} or {@code wedges}
     * @param sizeMm how wide each is, mm; nothing to wedges
     * @param wedges how many wedges of a disc
     * @param discMm the disc that is cut, mm across; absent for a rectangle
     * @param longMm a rectangle's longer side, mm
     * @param shortMm its shorter side, mm
     */
    public record CutSpec(
            @Nullable String shape,
            @Within(Limit.CUT_SIZE_MM) @Nullable Double sizeMm,
            @Within(Limit.WEDGES) @Nullable Integer wedges,
            @Within(Limit.CUT_SHEET_MM) @Nullable Double discMm,
            @Within(Limit.CUT_SHEET_MM) @Nullable Double longMm,
            @Within(Limit.CUT_SHEET_MM) @Nullable Double shortMm) {}
}
