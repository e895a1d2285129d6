package verdamen.core.formula;

import java.util.Optional;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;

/**
 * A piece with a filling: its shell and its filling as portioned, else as the formula's dough and filling weigh. The wall is the
 * dough over the filling on each side once it is rolled: h/2 · shell/(shell + filling · ρ/ρ_f), less what gathers in the seam of a
 * shell that was rolled out evenly. Source: model page, sections 4 and 14.
 *
 * @param shellGrams dough of a piece, g
 * @param fillingGrams filling of a piece, g
 * @param inSeam share of the shell that gathers in the seam
 * @param density density of the dough, g/ml
 */
public record FilledPiece(double shellGrams, double fillingGrams, double inSeam, double density) {

    private static final String FILLED_STYLE = "stuffed-paratha";

    /**
     * Whether the pieces of a formula are made with their filling inside, and so are judged by their wall and not by their sheet:
     * its style is a filled one, it says how the filling is enclosed, or how a piece is portioned. A filling of which nothing of
     * that is said is beside the bread.
     */
    public static boolean isMade(Formula formula) {
        return formula.style().code().equals(FILLED_STYLE)
                || (formula.method().sealSaid() && formula.method().seal() != Seal.IN_LAYERS)
                || formula.portion().filled() != null;
    }

    /**
     * The filled piece of a formula; nothing without a filling or dough, or where the pieces are not made with it.
     *
     * @param doughGrams mass of the dough, g
     * @param allFilling mass of the filling, g
     */
    public static Optional<FilledPiece> of(Formula formula, double doughGrams, double allFilling) {
        return isMade(formula) && doughGrams > 0 && allFilling > 0
                ? Optional.of(as(formula, doughGrams, allFilling))
                : Optional.empty();
    }

    /** The filled piece of a formula with dough and filling, however it is made. */
    public static FilledPiece as(Formula formula, double doughGrams, double allFilling) {
        FilledSpec asked = formula.portion().filled() == null
                ? FilledSpec.NONE
                : formula.portion().filled();
        double perDough = allFilling / (doughGrams * (1 - Coefficient.BOWL_LOSS.value()));
        double shell;
        if (asked.shellGrams() != null) {
            shell = asked.shellGrams();
        } else if (asked.fillingGrams() != null) {
            shell = asked.fillingGrams() / perDough;
        } else {
            shell = Pieces.of(formula).doughGrams();
        }
        return new FilledPiece(
                shell,
                asked.fillingGrams() == null ? shell * perDough : asked.fillingGrams(),
                asked.gathers() ? Coefficient.SEAM_SHARE.value() : 0,
                formula.style().densityGPerMl());
    }

    /** The filling as so much dough that takes as much room, g. */
    public double fillingAsDoughGrams() {
        return fillingGrams * density / Coefficient.FILLING_DENSITY.value();
    }

    /** Share of the thickness that is one wall, 0 to 1/2. */
    public double wallShare() {
        return (1 - inSeam) / 2 * shellGrams / (shellGrams + fillingAsDoughGrams());
    }

    /** The wall of a piece rolled so thick, mm. */
    public double wallMm(double sheetMm) {
        return sheetMm * wallShare();
    }

    /** The least wall that holds in a dough whose thinnest sheet is so thin, mm: the filling supports it. */
    public static double leastWallMm(double thinnestSheetMm) {
        return thinnestSheetMm / Coefficient.FILLED_WALL_SUPPORT.value();
    }

    /** The filling that leaves only so thin a wall at a sheet, g; below 0 when the shell alone is thinner. */
    public double fillingAtWall(double sheetMm, double wallMm) {
        double half = sheetMm / 2 * (1 - inSeam);
        return shellGrams * (half / wallMm - 1) * Coefficient.FILLING_DENSITY.value() / density;
    }

    /** How the wall comes about. */
    public ExplanationStep wallStep(double sheetMm) {
        return ExplanationStep.of(
                Rule.FILLED_WALL,
                wallMm(sheetMm),
                Unit.MILLIMETRES,
                Term.millimetres(Symbol.SHEET, sheetMm),
                Term.factor(Symbol.IN_SEAM, inSeam),
                Term.grams(Symbol.SHELL, shellGrams),
                Term.grams(Symbol.FILLING, fillingGrams),
                Term.factor(Symbol.DENSITY, density));
    }
}
