package verdamen.server.rework;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.rework.FigureLimit;
import verdamen.core.rework.FreeAmount;
import verdamen.core.rework.Most;
import verdamen.server.balance.BalanceAnswer;

/**
 * As much of something as a dough can take, or as little.
 *
 * @param formula the best formula; when nothing keeps the limits, the one that misses them by least
 * @param base the balance of the formula as it was
 * @param balance the balance of the best formula
 * @param goal the figure that was looked for
 * @param value what it comes to
 * @param possible whether the formula keeps all limits
 * @param free the amounts that could move, with their ends
 * @param limits the limits looked at
 * @param binding the figure of the limit whose easing would buy most; null when no easing buys anything
 * @param slack what each limit leaves, by its figure, in its unit; below 0 for one that is not kept
 * @param easing how much better the goal becomes when a limit is eased by a hundredth of its end, or by one unit where
 *     its end is 0, by its figure
 * @param curve the goal against rollability, the other limits kept
 */
record MostAnswer(
        FormulaSpec formula,
        BalanceAnswer base,
        BalanceAnswer balance,
        FormulaFigure goal,
        double value,
        boolean possible,
        List<FreeAmount> free,
        List<FigureLimit> limits,
        @Nullable FormulaFigure binding,
        Map<String, Double> slack,
        Map<String, Double> easing,
        List<Most.Reached> curve) {

    static MostAnswer of(Most most, BalanceAnswer base, BalanceAnswer balance) {
        return new MostAnswer(
                most.formula(),
                base,
                balance,
                most.goal(),
                most.value(),
                most.possible(),
                most.free(),
                most.limits().stream().map(Most.Kept::limit).toList(),
                most.binding(),
                byFigure(most.limits(), Most.Kept::slack),
                byFigure(most.limits(), Most.Kept::easing),
                most.curve());
    }

    private static Map<String, Double> byFigure(List<Most.Kept> limits, Function<Most.Kept, @Nullable Double> value) {
        Map<String, Double> all = new LinkedHashMap<>();
        for (Most.Kept kept : limits) {
            Double each = value.apply(kept);
            if (each != null) {
                all.put(kept.limit().figure().code(), each);
            }
        }
        return all;
    }
}
