package verdamen.core.formula;

import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.pantry.Nutrition;
import verdamen.core.pantry.Role;

/**
 * All salt of a formula, wherever it went in.
 *
 * @param doughGrams salt of the dough's own lines, g
 * @param fillingGrams salt of the filling's own lines, g
 * @param surfaceGrams salt strewn on, g
 * @param prepGrams salt put in by preparations that is still there, g
 * @param otherGrams salt that inclusions, cheese, leaveners and the like bring, by their sodium, g
 * @param totalGrams all of it, g
 * @param perPieceGrams salt in a piece, g; null without a piece
 * @param perHundredGrams salt in 100 g of all lines, g; null for an empty formula
 */
public record Salt(
        double doughGrams,
        double fillingGrams,
        double surfaceGrams,
        double prepGrams,
        double otherGrams,
        double totalGrams,
        @Nullable Double perPieceGrams,
        @Nullable Double perHundredGrams) {

    private static final double HUNDRED = 100;

    /** The salt of a formula. */
    public static Salt of(Formula formula) {
        double dough = salt(formula, line -> line.isAsked() && line.part() == Part.DOUGH);
        double filling = salt(formula, line -> line.isAsked() && line.part() == Part.FILLING);
        double surface = salt(formula, line -> line.isAsked() && line.part() == Part.SURFACE);
        double prep = salt(formula, line -> line.source() == LineSource.PREPARED);
        double other = formula.lines().stream()
                .filter(line -> line.ingredient().role() != Role.SALT)
                .mapToDouble(
                        line -> Nutrition.of(line.grams(), line.ingredient()).saltGrams())
                .sum();
        double total = dough + filling + surface + prep + other;
        double grams = formula.lines().stream().mapToDouble(Line::grams).sum();
        Double pieces = Pieces.of(formula).count();
        return new Salt(
                dough,
                filling,
                surface,
                prep,
                other,
                total,
                pieces == null ? null : Double.valueOf(total / pieces),
                grams > 0 ? Double.valueOf(HUNDRED * total / grams) : null);
    }

    private static double salt(Formula formula, Predicate<Line> counts) {
        return formula.lines().stream()
                .filter(line -> line.ingredient().role() == Role.SALT)
                .filter(counts)
                .mapToDouble(Line::grams)
                .sum();
    }
}
