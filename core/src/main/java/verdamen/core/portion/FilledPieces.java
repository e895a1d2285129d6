package verdamen.core.portion;

import static verdamen.core.model.Symbol.*;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.formula.Pieces;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Rule;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.portion.ShapesQuestion.FilledSpec;

/**
 * Pieces with a filling: shells and fillings each give a count, and the lesser holds. Wall after rolling, each side: h/2 ·
 * shell/(shell + filling · ρ/ρ_f), less what gathers in the seam of a shell that was rolled out evenly. Source: model page, section 14.
 *
 * @param shellGrams dough of a piece, g
 * @param fillingGrams filling of a piece, g
 * @param diameterMm how wide a piece is at the sheet, mm
 * @param shells how many shells the dough makes
 * @param fillings for how many pieces the filling is enough
 * @param count how many pieces that makes
 * @param heldBy which of them holds it down
 * @param leftShellGrams dough left over, g
 * @param leftFillingGrams filling left over, g
 * @param matchGrams how much more of what holds it down would use up the other, g; 0 when nothing does
 * @param wallMm dough over the filling on each side once it is rolled, mm
 * @param thinWall whether that is too thin to be rolled without a tear
 * @param leastWallMm the wall that one rolls without a tear, mm
 * @param hardPieceMm the largest hard piece of the filling, mm; 0 for none
 * @param piecesTooLarge whether that breaks the wall
 * @param betweenMm the filling's layer, mm; between two discs these are as thick as the wall
 * @param steps how the wall is worked out
 */
public record FilledPieces(
        double shellGrams,
        double fillingGrams,
        double diameterMm,
        int shells,
        int fillings,
        int count,
        HeldBy heldBy,
        double leftShellGrams,
        double leftFillingGrams,
        double matchGrams,
        double wallMm,
        boolean thinWall,
        double leastWallMm,
        double hardPieceMm,
        boolean piecesTooLarge,
        double betweenMm,
        List<ExplanationStep> steps) {

    private static final double FILLING_DENSITY = Coefficient.FILLING_DENSITY.value();
    private static final double NO_WALL = Coefficient.WALL_LEAST_MM.value();

    /** What holds the count down. */
    public enum HeldBy implements Coded {
        /** There is less dough. */
        SHELL("shell"),
        /** There is less filling. */
        FILLING("filling"),
        /** Both are enough for as many. */
        NEITHER("neither");

        private final String code;

        HeldBy(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    static @Nullable FilledPieces of(Formula formula, FilledSpec asked, Faults faults) {
        int before = faults.count();
        double all = formula.lines().stream()
                .filter(line -> line.part() == Part.FILLING)
                .mapToDouble(Line::grams)
                .sum();
        faults.require(all > 0, "filled", FaultCode.MISSING, null);
        faults.number("filled.shellGrams", asked.shellGrams(), Limit.PIECE_GRAMS);
        faults.number("filled.fillingGrams", asked.fillingGrams(), Limit.PIECE_GRAMS);
        if (faults.count() > before) {
            return null;
        }
        double dough = Pieces.usableGrams(formula);
        double shell = shell(formula, asked, dough, all);
        double filling = asked.fillingGrams() == null ? shell * all / dough : asked.fillingGrams();
        double inSeam = asked.gathers() ? Coefficient.SEAM_SHARE.value() : 0;
        double most = mostFilling(formula, shell, inSeam);
        if (filling > most) {
            faults.add(null, "filled.fillingGrams", FaultCode.TOO_LARGE, filling, most);
            return null;
        }
        return of(formula, dough, all, shell, filling, inSeam);
    }

    /** As asked; else as much as goes with the filling; else the dough of the piece that the formula or its style says. */
    private static double shell(Formula formula, FilledSpec asked, double dough, double all) {
        if (asked.shellGrams() != null) {
            return asked.shellGrams();
        }
        if (asked.fillingGrams() != null) {
            return asked.fillingGrams() * dough / all;
        }
        return Pieces.of(formula).doughGrams();
    }

    /** The filling that leaves a wall that is none, g. */
    private static double mostFilling(Formula formula, double shell, double inSeam) {
        double half = formula.sheetMm() / 2 * (1 - inSeam);
        return Math.max(0, shell * (half / NO_WALL - 1) * FILLING_DENSITY / density(formula));
    }

    private static double density(Formula formula) {
        return formula.style().densityGPerMl();
    }

    private static FilledPieces of(
            Formula formula, double dough, double all, double shell, double filling, double inSeam) {
        int shells = (int) Math.floor(dough / shell + 1e-9);
        int fillings = filling <= 0 ? shells : (int) Math.floor(all / filling + 1e-9);
        int count = Math.min(shells, fillings);
        double asShell = filling * density(formula) / FILLING_DENSITY;
        double wall = formula.sheetMm() / 2 * (1 - inSeam) * shell / (shell + asShell);
        double diameter = formula.style().discDiameterMm(shell + asShell, formula.sheetMm());
        double hard = hardPieceMm(formula);
        double leftShell = dough - count * shell;
        double leftFilling = all - count * filling;
        HeldBy heldBy = shells == fillings ? HeldBy.NEITHER : shells < fillings ? HeldBy.SHELL : HeldBy.FILLING;
        return new FilledPieces(
                shell,
                filling,
                diameter,
                shells,
                fillings,
                count,
                heldBy,
                leftShell,
                leftFilling,
                switch (heldBy) {
                    case SHELL -> fillings * shell - dough;
                    case FILLING -> shells * filling - all;
                    case NEITHER -> 0;
                },
                wall,
                wall < Coefficient.WALL_THIN_MM.value(),
                Coefficient.WALL_THIN_MM.value(),
                hard,
                hard > Coefficient.HARD_PIECE_IN_WALL.value() * wall,
                formula.sheetMm() - 2 * wall,
                List.of(ExplanationStep.of(
                        Rule.FILLED_WALL,
                        wall,
                        Unit.MILLIMETRES,
                        Term.millimetres(SHEET, formula.sheetMm()),
                        Term.factor(IN_SEAM, inSeam),
                        Term.grams(SHELL, shell),
                        Term.grams(FILLING, filling),
                        Term.factor(DENSITY, density(formula)))));
    }

    private static double hardPieceMm(Formula formula) {
        return formula.lines().stream()
                .filter(line -> line.part() == Part.FILLING
                        && line.form() != null
                        && !line.form().pieceIsSoft())
                .mapToDouble(Line::pieceMm)
                .max()
                .orElse(0);
    }
}
