package verdamen.core.portion;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.DoughTotals;
import verdamen.core.formula.FilledPiece;
import verdamen.core.formula.FilledSpec;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.formula.Pieces;
import verdamen.core.handling.Handling;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;

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
 * @param leastWallMm the wall that one rolls without a tear, mm: the thinnest sheet of its dough over 1.35
 * @param hardPieceMm the largest hard piece of the filling, mm; 0 for none
 * @param piecesTooLarge whether that breaks the wall
 * @param betweenMm the filling's layer, mm; between two discs these are as thick as the wall
 * @param judged whether the formula is judged by this wall everywhere: it says that its pieces are made so
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
        boolean judged,
        List<ExplanationStep> steps) {

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

    static @Nullable FilledPieces of(Formula asIs, FilledSpec asked, Faults faults) {
        int before = faults.count();
        Formula formula = asIs.withPortion(asIs.portion().withFilled(asked));
        DoughTotals dough = DoughTotals.of(formula);
        faults.require(dough.fillingGrams() > 0, "filled", FaultCode.MISSING, null);
        faults.number("filled.shellGrams", asked.shellGrams(), Limit.PIECE_GRAMS);
        faults.number("filled.fillingGrams", asked.fillingGrams(), Limit.PIECE_GRAMS);
        if (faults.count() > before) {
            return null;
        }
        FilledPiece piece = FilledPiece.as(formula, dough.grams(), dough.fillingGrams());
        double most = Math.max(0, piece.fillingAtWall(formula.sheetMm(), NO_WALL));
        if (piece.fillingGrams() > most) {
            faults.add(null, "filled.fillingGrams", FaultCode.TOO_LARGE, piece.fillingGrams(), most);
            return null;
        }
        return of(asIs, dough, piece);
    }

    private static FilledPieces of(Formula formula, DoughTotals dough, FilledPiece piece) {
        double shell = piece.shellGrams();
        double filling = piece.fillingGrams();
        double usable = Pieces.usableGrams(formula);
        double all = dough.fillingGrams();
        int shells = (int) Math.floor(usable / shell + 1e-9);
        int fillings = filling <= 0 ? shells : (int) Math.floor(all / filling + 1e-9);
        int count = Math.min(shells, fillings);
        double wall = piece.wallMm(formula.sheetMm());
        double least = FilledPiece.leastWallMm(
                Handling.at(dough, formula.rollAtMinute()).minSheetMm());
        double hard = hardPieceMm(formula);
        HeldBy heldBy = shells == fillings ? HeldBy.NEITHER : shells < fillings ? HeldBy.SHELL : HeldBy.FILLING;
        return new FilledPieces(
                shell,
                filling,
                formula.style().discDiameterMm(shell + piece.fillingAsDoughGrams(), formula.sheetMm()),
                shells,
                fillings,
                count,
                heldBy,
                usable - count * shell,
                all - count * filling,
                switch (heldBy) {
                    case SHELL -> fillings * shell - usable;
                    case FILLING -> shells * filling - all;
                    case NEITHER -> 0;
                },
                wall,
                wall < least,
                least,
                hard,
                hard > Coefficient.HARD_PIECE_IN_WALL.value() * wall,
                formula.sheetMm() - 2 * wall,
                FilledPiece.isMade(formula),
                List.of(piece.wallStep(formula.sheetMm())));
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
