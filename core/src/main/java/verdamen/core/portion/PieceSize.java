package verdamen.core.portion;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Pieces;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.handling.Disc;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Share;

/**
 * A piece: its mass, diameter and thickness, of which any two give the third. m = ρ · π/4 · d² · h. Source: model page,
 * section 7.
 *
 * @param grams dough of a piece, g
 * @param fillingGrams filling that goes with it, g; 0 without one
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
        double fillingGrams,
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
        return new Triangle(formula, given(formula, spec)).size();
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

    /** Mass, diameter and thickness of a formula's piece, its filling in it. */
    private record Triangle(Formula formula, List<Side> given) {

        PieceSize size() {
            double grams = Pieces.of(formula).doughGrams();
            double sheet = formula.sheetMm();
            Double wide = formula.notes().diameterMm();
            if (wide == null) {
                return size(grams, diameterMm(grams, sheet), sheet, List.of());
            }
            if (!given.contains(Side.MASS)) {
                double follows = grams(wide, sheet);
                return size(follows, wide, sheet, List.of(new SizeMend(Side.MASS, follows)));
            }
            if (!given.contains(Side.THICKNESS)) {
                double follows = sheetMm(grams, wide);
                boolean same = Math.abs(follows - sheet) < 1e-6;
                return size(grams, wide, follows, same ? List.of() : List.of(new SizeMend(Side.THICKNESS, follows)));
            }
            return allSaid(grams, wide, sheet);
        }

        private PieceSize size(double grams, double diameterMm, double sheetMm, List<SizeMend> mends) {
            return new PieceSize(
                    grams,
                    filling(grams),
                    diameterMm,
                    sheetMm,
                    given,
                    null,
                    false,
                    mends,
                    List.of(Disc.sizeStep(formula, grams, diameterMm, sheetMm)));
        }

        private PieceSize allSaid(double grams, double diameterMm, double sheetMm) {
            double fits = grams(diameterMm, sheetMm);
            double off = Share.ofFraction(grams / fits - 1).pct();
            boolean disagrees = Math.abs(off) > Coefficient.SIZES_DISAGREE_PCT.value();
            List<SizeMend> mends = List.of(
                    new SizeMend(Side.MASS, fits),
                    new SizeMend(Side.DIAMETER, diameterMm(grams, sheetMm)),
                    new SizeMend(Side.THICKNESS, sheetMm(grams, diameterMm)));
            return new PieceSize(
                    grams,
                    filling(grams),
                    diameterMm,
                    sheetMm,
                    given,
                    off,
                    disagrees,
                    disagrees ? mends : List.of(),
                    List.of(Disc.sizeStep(formula, fits, diameterMm, sheetMm)));
        }

        private double filling(double grams) {
            return grams * Pieces.fillingPerDough(formula);
        }

        private double grams(double diameterMm, double sheetMm) {
            return formula.style().discGrams(diameterMm, sheetMm) / Pieces.withFilling(formula);
        }

        private double diameterMm(double grams, double sheetMm) {
            return formula.style().discDiameterMm(grams * Pieces.withFilling(formula), sheetMm);
        }

        private double sheetMm(double grams, double diameterMm) {
            return formula.style().discSheetMm(grams * Pieces.withFilling(formula), diameterMm);
        }
    }
}
