package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;

/**
 * How many pieces a formula makes: as its notes say, else by the weight of a piece.
 *
 * @param count how many; null when there is not enough dough for one
 * @param doughGrams dough of a piece, g
 * @param stated whether the notes say so
 */
public record Pieces(@Nullable Double count, double doughGrams, boolean stated) {

    /** How many pieces the dough is for, parts of one counted too; null when there is no dough. */
    public static @Nullable Double exactCount(Formula formula) {
        double usable = usableGrams(formula);
        return usable > 0 ? Double.valueOf(usable / of(formula).doughGrams()) : null;
    }

    /** What of the dough is divided, g: all but what stays on bowl and hands. */
    public static double usableGrams(Formula formula) {
        double dough = formula.lines().stream()
                .filter(line -> line.part() == Part.DOUGH)
                .mapToDouble(Line::grams)
                .sum();
        return dough * (1 - Coefficient.BOWL_LOSS.value());
    }

    /** The pieces of a formula: floor(dough · (1 − bowl loss) / piece), unless its notes say how many. */
    public static Pieces of(Formula formula) {
        double usable = usableGrams(formula);
        Double stated = formula.notes().pieces();
        if (stated != null) {
            return new Pieces(stated, usable / stated, true);
        }
        Double asked = formula.notes().pieceGrams();
        double each = asked == null ? formula.style().pieceGrams() : asked;
        double count = Math.floor(usable / each);
        return new Pieces(count >= 1 ? Double.valueOf(count) : null, each, false);
    }
}
