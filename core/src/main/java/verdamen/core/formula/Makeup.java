package verdamen.core.formula;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import verdamen.core.pantry.Role;

/**
 * What a dough is made up of, for telling formulas apart at a glance.
 *
 * @param flours its flours, the largest first
 * @param inclusions its inclusions, those of fillings too, the largest first
 */
public record Makeup(List<Share> flours, List<Share> inclusions) {

    /**
     * One ingredient of a dough.
     *
     * @param ingredient its code
     * @param name its name
     * @param bakersPct its baker's percentage; null without flour
     */
    public record Share(
            String ingredient, String name, @Nullable Double bakersPct) {}

    /** The make-up of a formula. */
    public static Makeup of(Formula formula) {
        return new Makeup(
                shares(formula, line -> line.ingredient().role() == Role.FLOUR && line.part() == Part.DOUGH),
                shares(formula, line -> line.ingredient().role() == Role.INCLUSION));
    }

    private static List<Share> shares(Formula formula, Predicate<Line> counts) {
        List<@Nullable Double> percentages = BakersPercentages.of(formula.lines());
        List<Line> lines = formula.lines();
        return IntStream.range(0, lines.size())
                .filter(i -> counts.test(lines.get(i)))
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> lines.get(i).grams())
                        .reversed())
                .map(i -> new Share(
                        lines.get(i).ingredient().code(),
                        lines.get(i).ingredient().name(),
                        percentages.get(i)))
                .toList();
    }
}
