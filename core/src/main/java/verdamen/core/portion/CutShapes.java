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

    /** A rectangle, or a disc: then both sides are its diameter. */
    private record Sheet(double longMm, double shortMm, boolean disc) {

        static Sheet of(CutSpec asked, @Nullable Shape shape, Faults faults) {
            boolean disc = asked.discMm() != null || shape == Shape.WEDGES;
            if (disc) {
                double across = faults.needed("cut.discMm", asked.discMm(), Limit.CUT_SHEET_MM);
                return new Sheet(across, across, true);
            }
            return new Sheet(
                    faults.needed("cut.longMm", asked.longMm(), Limit.CUT_SHEET_MM),
                    faults.needed("cut.shortMm", asked.shortMm(), Limit.CUT_SHEET_MM),
                    false);
        }

        double areaMm2() {
            return disc ? Math.PI / 4 * longMm * longMm : longMm * shortMm;
        }

        /** The widest piece that fits, mm. */
        double narrowest(Shape shape) {
            double width = Math.min(longMm, shortMm);
            return disc && shape == Shape.SQUARES ? width / Math.sqrt(2) : width;
        }

        List<Placed> rounds(double size) {
            return disc
                    ? roundsInDisc(size)
                    : more(inRows(longMm, shortMm, size), turned(inRows(shortMm, longMm, size)));
        }

        private static List<Placed> more(List<Placed> one, List<Placed> other) {
            return other.size() > one.size() ? other : one;
        }

        private static List<Placed> turned(List<Placed> placed) {
            return placed.stream()
                    .map(each -> new Placed(each.downMm(), each.alongMm()))
                    .toList();
        }

        /** The better of rows under one another, and rows set between one another. */
        private static List<Placed> inRows(double along, double across, double size) {
            int row = whole(along / size);
            int between = whole((along - size / 2) / size);
            int rows = 1 + whole((across - size) / (size * Math.sqrt(3) / 2));
            return more(
                    rows(whole(across / size), row, row, size, size),
                    rows(rows, row, between, size, size * Math.sqrt(3) / 2));
        }

        /** Rows so far apart; every other one begins half a piece further along when it holds another number. */
        private static List<Placed> rows(int rows, int even, int odd, double size, double apart) {
            boolean set = apart < size;
            List<Placed> placed = new ArrayList<>();
            for (int row = 0; row < rows; row++) {
                boolean shifted = set && row % 2 == 1;
                double first = shifted ? size : size / 2;
                for (int at = 0; at < (shifted ? odd : even); at++) {
                    placed.add(new Placed(first + at * size, size / 2 + row * apart));
                }
            }
            return placed;
        }

        private List<Placed> roundsInDisc(double size) {
            double apart = size * Math.sqrt(3) / 2;
            List<Placed> best = List.of();
            for (double shift : List.of(0.0, 0.5)) {
                best = more(best, grid(size, size, 0, shift, 0));
                best = more(best, grid(size, size, 0, shift, 0.5));
                best = more(best, grid(size, apart, 0.5, shift, 0));
                best = more(best, grid(size, apart, 0.5, shift, 0.5));
            }
            // Set between one another, around the middle of three.
            return more(best, grid(size, apart, 0.5, 0.5, 1.0 / 3));
        }

        /** Middles on a grid, row by row: those of which the whole round lies in the disc. */
        private List<Placed> grid(double size, double rowApart, double odd, double shift, double rowShift) {
            double reach = (longMm - size) / 2;
            List<Placed> placed = new ArrayList<>();
            int rows = whole(reach / rowApart) + 1;
            for (int row = -rows; row <= rows; row++) {
                double y = (row + rowShift) * rowApart;
                double squared = reach * reach - y * y;
                if (squared < -1e-6) {
                    continue;
                }
                double half = Math.sqrt(Math.max(0, squared)) / size;
                double from = shift + (row % 2 == 0 ? 0 : odd);
                int first = (int) Math.ceil(-half - from - 1e-9);
                int last = (int) Math.floor(half - from + 1e-9);
                for (int at = first; at <= last; at++) {
                    placed.add(new Placed(longMm / 2 + (at + from) * size, longMm / 2 + y));
                }
            }
            return placed;
        }

        List<Placed> squares(double size) {
            if (!disc) {
                int row = whole(longMm / size);
                return rows(whole(shortMm / size), row, row, size, size);
            }
            return more(squareRows(size, 0), squareRows(size, 0.5));
        }

        /** Rows of squares, each as long as the disc is where the row is narrowest. */
        private List<Placed> squareRows(double size, double shift) {
            double radius = longMm / 2;
            List<Placed> placed = new ArrayList<>();
            int rows = whole(radius / size) + 1;
            for (int row = -rows; row <= rows; row++) {
                double low = (row - shift) * size;
                double edge = Math.max(Math.abs(low), Math.abs(low + size));
                int many = edge < radius ? whole(2 * Math.sqrt(radius * radius - edge * edge) / size) : 0;
                for (int at = 0; at < many; at++) {
                    placed.add(new Placed(radius + (2 * at - (many - 1)) * size / 2, radius + low + size / 2));
                }
            }
            return placed;
        }

        private static int whole(double number) {
            return (int) Math.floor(number + 1e-9);
        }
    }
}
