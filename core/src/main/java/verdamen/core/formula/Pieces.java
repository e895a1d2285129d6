package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Role;

/**
 * How many pieces a formula makes: as its notes say, else by the weight of a piece.
 *
 * @param count how many; null when there is not enough dough for one
 * @param doughGrams dough of a piece, g; the style's usual piece has its filling in it
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
                .filter(line -> formula.fatTiming() != FatTiming.SURFACE
                        || line.ingredient().role() != Role.FAT)
                .mapToDouble(Line::grams)
                .sum();
        return dough * (1 - Coefficient.BOWL_LOSS.value());
    }

    /** Filling that goes with a gram of the dough that is divided, g; 0 without a filling. */
    public static double fillingPerDough(Formula formula) {
        double usable = usableGrams(formula);
        double filling = formula.lines().stream()
                .filter(line -> line.part() == Part.FILLING)
                .mapToDouble(Line::grams)
                .sum();
        return usable > 0 ? filling / usable : 0;
    }

    /** How many times as large as its dough alone a piece is with its filling; 1 without one. */
    public static double withFilling(Formula formula) {
        return 1 + fillingPerDough(formula) * formula.style().densityGPerMl() / Coefficient.FILLING_DENSITY.value();
    }

    /** The pieces of a formula: floor(dough · (1 − bowl loss) / piece), unless its notes say how many. */
    public static Pieces of(Formula formula) {
        double usable = usableGrams(formula);
        Double stated = formula.notes().pieces();
        if (stated != null) {
            return new Pieces(stated, usable / stated, true);
        }
        Double asked = formula.notes().pieceGrams();
        double each = asked == null ? formula.style().pieceGrams() / withFilling(formula) : asked;
        double count = Math.floor(usable / each);
        return new Pieces(count >= 1 ? Double.valueOf(count) : null, each, false);
    }
}
