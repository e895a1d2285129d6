package verdamen.core.rework;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;

/**
 * As much of something as a dough can take, or as little. Source: model page, sections 9 and 15.
 *
 * @param formula the best formula that was found, water and all else following; when nothing keeps the limits, the one that
 *     misses them by least
 * @param figures its figures
 * @param goal the figure that was looked for
 * @param value what it comes to
 * @param possible whether the formula keeps all limits
 * @param free the amounts that could move, with their ends
 * @param limits the limits, with what each leaves and costs
 * @param binding the figure of the limit whose easing would buy most; null when no easing buys anything
 * @param curve the goal against rollability, the other limits kept, by rising rollability
 */
public record Most(
        FormulaSpec formula,
        FormulaFigures figures,
        FormulaFigure goal,
        double value,
        boolean possible,
        List<FreeAmount> free,
        List<Kept> limits,
        @Nullable FormulaFigure binding,
        List<Reached> curve) {

    private static final double EASED_BY = Coefficient.SEARCH_EASED_BY.value();
    private static final double CURVE_STEP = Coefficient.SEARCH_CURVE_STEP.value();
    private static final double CURVE_END = 100;
    /** A gain smaller than this share of the goal is the search's own. */
    private static final double NOTHING = 1e-4;

    /**
     * A limit at the best formula.
     *
     * @param limit the limit
     * @param slack what is to spare, in the unit of its figure; below 0 when it is not kept, null without the figure
     * @param easing how much better the goal becomes when the limit is eased by a hundredth of its end, or by one unit where
     *     its end is 0; null when nothing keeps the limits
     */
    public record Kept(
            FigureLimit limit,
            @Nullable Double slack,
            @Nullable Double easing) {}

    /**
     * What can be had at a rollability.
     *
     * @param rollability at least so much, %
     * @param value the goal then
     */
    public record Reached(double rollability, double value) {}

    /**
     * The best formula for a question.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Most of(MostQuestion asked, Stock stock) {
        return prepared(asked, stock).find(SearchProgress.NONE);
    }

    /**
     * A question that was read, and is to be looked for.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Prepared prepared(MostQuestion asked, Stock stock) {
        BaseFormula base = BaseFormula.of(asked.formula(), stock.pantry());
        Faults faults = new Faults();
        Goal goal = Goal.read(asked.goal(), asked.of(), base, faults);
        List<FreeAmount> free = FreeAmount.read(asked.free(), base, faults);
        List<FigureLimit> limits = FigureLimit.read(asked.limits(), base.formula(), faults);
        faults.refuse();
        return new Prepared(base, Objects.requireNonNull(goal), free, limits, asked, stock);
    }

    /** A question that was read. */
    public static final class Prepared {

        private final BaseFormula base;
        private final Goal goal;
        private final List<FreeAmount> free;
        private final List<FigureLimit> limits;
        private final MostQuestion asked;
        private final Stock stock;

        private Prepared(
                BaseFormula base,
                Goal goal,
                List<FreeAmount> free,
                List<FigureLimit> limits,
                MostQuestion asked,
                Stock stock) {
            this.base = base;
            this.goal = goal;
            this.free = free;
            this.limits = limits;
            this.asked = asked;
            this.stock = stock;
        }

        /**
         * Looks for the best formula.
         *
         * @throws SearchStoppedException when its progress says so
         * @throws verdamen.core.model.RefusedException when the goal is a figure that no such formula has
         */
        public Most find(SearchProgress progress) {
            Search search = new Search(base, free, goal, asked, stock, progress);
            Candidate best = search.best(limits);
            if (best.value(goal) == null) {
                throw Faults.refusal(
                        null, "goal", FaultCode.OUT_OF_REACH, goal.figure().code());
            }
            boolean possible = best.shortOf(limits) == 0;
            List<Kept> kept = limits.stream()
                    .map(limit -> possible
                            ? kept(limit, limits, best, goal, search)
                            : new Kept(limit, limit.slack(best.figures()), null))
                    .toList();
            return new Most(
                    best.formula(),
                    best.figures(),
                    goal.figure(),
                    Objects.requireNonNull(best.value(goal)),
                    possible,
                    free,
                    kept,
                    binding(kept),
                    curve(search.tried(), limits, goal));
        }
    }

    private static Kept kept(FigureLimit limit, List<FigureLimit> all, Candidate best, Goal goal, Search search) {
        List<FigureLimit> eased = all.stream()
                .map(each -> each.equals(limit) ? limit.eased(EASED_BY) : each)
                .toList();
        double gain = search.bestAround(best, eased).worth(goal) - best.worth(goal);
        boolean buys = gain > NOTHING * Math.abs(best.worth(goal));
        return new Kept(limit, limit.slack(best.figures()), buys ? gain : 0);
    }

    private static @Nullable FormulaFigure binding(List<Kept> kept) {
        FormulaFigure binding = null;
        double most = 0;
        for (Kept each : kept) {
            if (each.easing() != null && each.easing() > most) {
                binding = each.limit().figure();
                most = each.easing();
            }
        }
        return binding;
    }

    /** The best of what was tried, for each rollability. */
    private static List<Reached> curve(List<Candidate> tried, List<FigureLimit> limits, Goal goal) {
        List<FigureLimit> others = limits.stream()
                .filter(limit -> limit.figure() != FormulaFigure.ROLLABILITY)
                .toList();
        List<Candidate> good = tried.stream()
                .filter(each -> each.shortOf(others) == 0 && each.value(goal) != null)
                .toList();
        List<Reached> curve = new ArrayList<>();
        for (double least = 0; least <= CURVE_END; least += CURVE_STEP) {
            double rollability = least;
            good.stream()
                    .filter(each -> rolls(each) >= rollability)
                    .mapToDouble(each -> each.worth(goal))
                    .max()
                    .ifPresent(worth ->
                            curve.add(new Reached(rollability, goal.figure().lessIsBetter() ? -worth : worth)));
        }
        return curve;
    }

    private static double rolls(Candidate candidate) {
        Double rollability = candidate.figures().value(FormulaFigure.ROLLABILITY);
        return rollability == null ? 0 : rollability;
    }
}
