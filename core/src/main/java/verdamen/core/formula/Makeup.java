package verdamen.core.formula;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Share;
import verdamen.core.pantry.Role;

/**
 * What a dough is made up of, for telling formulas apart at a glance.
 *
 * @param flours its flours, the largest first; a sourdough starter by its flour half
 * @param inclusions its inclusions, those of fillings too, the largest first
 */
public record Makeup(List<Constituent> flours, List<Constituent> inclusions) {

    /**
     * One ingredient of a dough.
     *
     * @param ingredient its code
     * @param name its name
     * @param bakersPct its baker's percentage; null without flour
     */
    public record Constituent(
            String ingredient, String name, @Nullable Double bakersPct) {}

    /** The make-up of a formula. */
    public static Makeup of(Formula formula) {
        return new Makeup(
                shares(formula, line -> BakersPercentages.flourGrams(line) > 0),
                shares(formula, line -> line.ingredient().role() == Role.INCLUSION));
    }

    private static List<Constituent> shares(Formula formula, Predicate<Line> counts) {
        double flour = BakersPercentages.flourGrams(formula.lines());
        return formula.lines().stream()
                .filter(counts)
                .sorted(Comparator.comparingDouble(Makeup::grams).reversed())
                .map(line -> new Constituent(
                        line.ingredient().code(),
                        line.ingredient().name(),
                        flour > 0 ? Double.valueOf(Share.of(grams(line), flour).pct()) : null))
                .toList();
    }

    /** Grams that count: a flour's own, a starter's flour half, all of an inclusion. */
    private static double grams(Line line) {
        return line.ingredient().role() == Role.INCLUSION ? line.grams() : BakersPercentages.flourGrams(line);
    }
}
