package verdamen.core.portion;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * Pieces that are more than a disc, as asked: filled, layered, or cut from a sheet. What is absent is not looked at.
 *
 * @param formula the formula
 * @param filled pieces with a filling
 * @param layered pieces that are folded or coiled
 * @param cut shapes cut from a sheet or a disc
 */
public record ShapesQuestion(
        FormulaSpec formula,
        @Nullable FilledSpec filled,
        @Nullable LayeredSpec layered,
        @Nullable CutSpec cut) {

    /**
     * Pieces with a filling. What is absent follows from the other, or from the usual piece, in the proportion of the formula.
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

        /** Whether dough gathers in the seam. */
        boolean gathers() {
            return Boolean.TRUE.equals(evenEdge);
        }
    }

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
