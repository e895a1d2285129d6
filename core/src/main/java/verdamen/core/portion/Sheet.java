package verdamen.core.portion;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.portion.CutShapes.Placed;
import verdamen.core.portion.CutShapes.Shape;
import verdamen.core.portion.ShapesQuestion.CutSpec;

/** What pieces lie on, or are cut from: a rectangle, or a disc; then both sides are its diameter. */
record Sheet(double longMm, double shortMm, boolean disc) {

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
        return disc ? roundsInDisc(size) : more(inRows(longMm, shortMm, size), turned(inRows(shortMm, longMm, size)));
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
