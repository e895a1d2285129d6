package verdamen.core.balance;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;

/**
 * Hydration and weight of a dough whose amounts are ranges. The ranges belong together: all lower ends make one dough,
 * all upper ends another. The one with less hydration is the dry end. Most flour with least water is not meant.
 *
 * @param dry the end with less hydration
 * @param likely the middle of every range
 * @param wet the end with more hydration
 */
public record DryAndWetEnds(Point dry, Point likely, Point wet) {

    /**
     * One dough.
     *
     * @param hydrationPct baker's hydration, %; null without flour
     * @param doughGrams mass of the dough, g
     */
    public record Point(@Nullable Double hydrationPct, double doughGrams) {}

    /** The ends of a formula, or nothing when no line is less sure than a kitchen scale or an amount is still open. */
    public static Optional<DryAndWetEnds> of(Formula formula) {
        boolean open = formula.openLines().stream().anyMatch(line -> line.part() == Part.DOUGH);
        if (open || formula.lines().stream().noneMatch(DryAndWetEnds::isRange)) {
            return Optional.empty();
        }
        Point low = point(formula, (grams, half) -> Math.max(0, grams - half));
        Point high = point(formula, Double::sum);
        List<Point> ends = List.of(low, high).stream()
                .sorted(Comparator.comparing(Point::hydrationPct, Comparator.nullsFirst(Comparator.naturalOrder()))
                        .thenComparing(Point::doughGrams))
                .toList();
        return Optional.of(new DryAndWetEnds(ends.get(0), point(formula, (grams, half) -> grams), ends.get(1)));
    }

    private static boolean isRange(Line line) {
        return line.sdGrams() != null && line.sdGrams() > Line.weighedSdGrams(line.grams());
    }

    private static Point point(Formula formula, DoubleBinaryOperator end) {
        List<Line> lines = formula.lines().stream()
                .map(line -> isRange(line) ? line.withGrams(end.applyAsDouble(line.grams(), half(line))) : line)
                .toList();
        Dough dough = Dough.of(formula.withLines(lines));
        return new Point(Hydration.of(dough, formula.rollAtMinute()).bakersPct(), dough.grams());
    }

    private static double half(Line line) {
        return line.sdGrams() == null ? 0 : Coefficient.RANGE_WIDTH.value() * line.sdGrams();
    }
}
