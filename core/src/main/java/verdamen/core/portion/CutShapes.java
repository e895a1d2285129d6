package verdamen.core.portion;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Pieces;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.portion.ShapesQuestion.CutSpec;

/**
 * Shapes cut from one sheet, with its trimmings and re-rolls. Source: model page, section 14.
 *
 * @param shape the shape
 * @param perSheet how many are cut from the sheet
 * @param pieceGrams dough of each, g
 * @param sheetGrams dough of the sheet, g
 * @param trimmingsGrams what is left around them, g
 * @param sheets whole sheets that the dough makes
 * @param total pieces of all of these, re-rolls included
 * @param rerolls what each re-roll of a sheet's trimmings makes
 * @param lostGrams what is left of a sheet after the last of them, g
 * @param drawn where the pieces lie on the sheet
 */
public record CutShapes(
        Shape shape,
        int perSheet,
        double pieceGrams,
        double sheetGrams,
        double trimmingsGrams,
        int sheets,
        int total,
        List<Reroll> rerolls,
        double lostGrams,
        Drawn drawn) {

    /** What is cut. */
    public enum Shape implements Coded {
        /** Rounds, in rows or set between one another, whichever gives more. */
        ROUNDS("rounds"),
        /** Squares. */
        SQUARES("squares"),
        /** Wedges of a disc. */
        WEDGES("wedges");

        private final String code;

        Shape(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * Trimmings rolled out again.
     *
     * @param pieces pieces they make
     * @param trimmingsGrams what is left around these, g
     * @param springBackPoints by how much more they spring back than the first sheet, percentage points
     */
    public record Reroll(int pieces, double trimmingsGrams, double springBackPoints) {}

    /**
     * Where a piece lies.
     *
     * @param alongMm its middle along the longer side, mm from the corner
     * @param downMm its middle along the other side, mm from the corner
     */
    public record Placed(double alongMm, double downMm) {}

    /**
     * The sheet with its pieces.
     *
     * @param disc whether it is a disc
     * @param longMm its longer side, or how wide the disc is, mm
     * @param shortMm its shorter side, or how wide the disc is, mm
     * @param sizeMm how wide each piece is, mm; null for wedges
     * @param placed where each lies; none for wedges, and when there are too many to be drawn
     */
    public record Drawn(
            boolean disc,
            double longMm,
            double shortMm,
            @Nullable Double sizeMm,
            List<Placed> placed) {}

    static @Nullable CutShapes of(Formula formula, CutSpec asked, Faults faults) {
        int before = faults.count();
        Shape shape = faults.choice("cut.shape", asked.shape(), Shape.class);
        Sheet sheet = Sheet.of(asked, shape, faults);
        double size = 0;
        double wedges = 0;
        if (shape == Shape.WEDGES) {
            wedges = faults.needed(
                    "cut.wedges", asked.wedges() == null ? null : Double.valueOf(asked.wedges()), Limit.WEDGES);
        } else if (shape != null) {
            size = faults.needed("cut.sizeMm", asked.sizeMm(), Limit.CUT_SIZE_MM);
        }
        if (shape == null || faults.count() > before) {
            return null;
        }
        if (shape != Shape.WEDGES && size > sheet.narrowest(shape)) {
            faults.add(null, "cut.sizeMm", FaultCode.TOO_LARGE, size, sheet.narrowest(shape));
            return null;
        }
        if (shape == Shape.WEDGES) {
            Drawn drawn = new Drawn(sheet.disc(), sheet.longMm(), sheet.shortMm(), null, List.of());
            return cut(formula, shape, sheet, (int) wedges, sheet.areaMm2() / wedges, drawn);
        }
        List<Placed> placed = shape == Shape.ROUNDS ? sheet.rounds(size) : sheet.squares(size);
        boolean few = placed.size() <= (int) Coefficient.CUTS_DRAWN_MOST.value();
        Drawn drawn = new Drawn(sheet.disc(), sheet.longMm(), sheet.shortMm(), size, few ? placed : List.of());
        double area = shape == Shape.ROUNDS ? Math.PI / 4 * size * size : size * size;
        return cut(formula, shape, sheet, placed.size(), area, drawn);
    }

    private static CutShapes cut(Formula formula, Shape shape, Sheet sheet, int count, double areaMm2, Drawn drawn) {
        double gramsPerMm2 = formula.style().densityGPerMl() * formula.sheetMm() / 1000;
        double piece = areaMm2 * gramsPerMm2;
        double whole = sheet.areaMm2() * gramsPerMm2;
        double trimmings = Math.max(0, whole - count * piece);
        double yield = count * piece / whole;
        List<Reroll> rerolls = new ArrayList<>();
        double left = trimmings;
        int pieces = count;
        int most = (int) Coefficient.REROLLS_MOST.value();
        for (int at = 1; at <= most && shape != Shape.WEDGES; at++) {
            double rolled = left * Coefficient.REROLL_KEPT.value();
            // Trimmings rolled out again are cut as well as the first sheet was.
            int more = (int) Math.floor(rolled * yield / piece + 1e-9);
            if (more == 0) {
                break;
            }
            left = rolled - more * piece;
            pieces += more;
            rerolls.add(new Reroll(more, left, at * Coefficient.REROLL_SPRING.value()));
        }
        int sheets = (int) Math.floor(Pieces.usableGrams(formula) / whole + 1e-9);
        return new CutShapes(
                shape, count, piece, whole, trimmings, sheets, sheets * pieces, List.copyOf(rerolls), left, drawn);
    }
}
