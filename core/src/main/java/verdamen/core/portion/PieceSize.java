package verdamen.core.portion;

import static verdamen.core.model.Symbol.*;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Pieces;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Share;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Style;

/**
 * A piece: its mass, diameter and thickness, of which any two give the third. m = ρ · π/4 · d² · h. Source: model page,
 * section 7.
 *
 * @param grams dough of a piece, g
 * @param diameterMm its diameter, mm
 * @param sheetMm its thickness, mm
 * @param given which of the three the formula says
 * @param offPct how much heavier the piece is than its diameter and thickness make it, %, when all three are said; null else
 * @param disagrees whether that is more than rolling by eye explains
 * @param mends what would make the formula say what is told here: each of the three by the other two when all are said and
 *     disagree, else what it does not say though it follows
 * @param steps how it is worked out
 */
public record PieceSize(
        double grams,
        double diameterMm,
        double sheetMm,
        List<Side> given,
        @Nullable Double offPct,
        boolean disagrees,
        List<SizeMend> mends,
        List<ExplanationStep> steps) {

    /** One of the three. */
    public enum Side implements Coded {
        /** Mass, g. */
        MASS("pieceGrams"),
        /** Diameter, mm. */
        DIAMETER("diameterMm"),
        /** Thickness, mm. */
        THICKNESS("sheetMm");

        private final String code;

        Side(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * A way to make the three agree.
     *
     * @param side which of them is changed
     * @param value to what, g or mm
     */
    public record SizeMend(Side side, double value) {}

    static PieceSize of(Formula formula, FormulaSpec spec) {
        Style style = formula.style();
        List<Side> given = given(formula, spec);
        double grams = Pieces.of(formula).doughGrams();
        double sheet = formula.sheetMm();
        Double wide = formula.notes().diameterMm();
        if (wide == null) {
            double diameter = style.discDiameterMm(grams, sheet);
            return new PieceSize(
                    grams, diameter, sheet, given, null, false, List.of(), steps(formula, grams, diameter, sheet));
        }
        boolean heavy = given.contains(Side.MASS);
        boolean thin = given.contains(Side.THICKNESS);
        if (!heavy) {
            double follows = style.discGrams(wide, sheet);
            return new PieceSize(
                    follows,
                    wide,
                    sheet,
                    given,
                    null,
                    false,
                    List.of(new SizeMend(Side.MASS, follows)),
                    steps(formula, follows, wide, sheet));
        }
        if (!thin) {
            double follows = style.discSheetMm(grams, wide);
            boolean same = Math.abs(follows - sheet) < 1e-6;
            return new PieceSize(
                    grams,
                    wide,
                    follows,
                    given,
                    null,
                    false,
                    same ? List.of() : List.of(new SizeMend(Side.THICKNESS, follows)),
                    steps(formula, grams, wide, follows));
        }
        double off = Share.ofFraction(grams / style.discGrams(wide, sheet) - 1).pct();
        boolean disagrees = Math.abs(off) > Coefficient.SIZES_DISAGREE_PCT.value();
        return new PieceSize(
                grams,
                wide,
                sheet,
                given,
                off,
                disagrees,
                disagrees ? mends(style, grams, wide, sheet) : List.of(),
                steps(formula, style.discGrams(wide, sheet), wide, sheet));
    }

    private static List<Side> given(Formula formula, FormulaSpec spec) {
        RecipeNotes notes = formula.notes();
        List<Side> given = new ArrayList<>();
        if (notes.pieces() != null || notes.pieceGrams() != null) {
            given.add(Side.MASS);
        }
        if (notes.diameterMm() != null) {
            given.add(Side.DIAMETER);
        }
        if (spec.sheetMm() != null) {
            given.add(Side.THICKNESS);
        }
        return List.copyOf(given);
    }

    private static List<ExplanationStep> steps(Formula formula, double grams, double diameterMm, double sheetMm) {
        return List.of(ExplanationStep.of(
                Rule.PIECE_MASS,
                grams,
                Unit.GRAMS,
                Term.factor(DENSITY, formula.style().densityGPerMl()),
                Term.millimetres(DIAMETER, diameterMm),
                Term.millimetres(SHEET, sheetMm)));
    }

    private static List<SizeMend> mends(Style style, double grams, double diameterMm, double sheetMm) {
        return List.of(
                new SizeMend(Side.MASS, style.discGrams(diameterMm, sheetMm)),
                new SizeMend(Side.DIAMETER, style.discDiameterMm(grams, sheetMm)),
                new SizeMend(Side.THICKNESS, style.discSheetMm(grams, diameterMm)));
    }
}
