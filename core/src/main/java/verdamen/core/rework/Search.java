package verdamen.core.rework;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.PointValuePair;
import org.hipparchus.optim.SimpleBounds;
import org.hipparchus.optim.SimpleValueChecker;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.CMAESOptimizer;
import org.hipparchus.random.Well19937c;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Coefficient;

/**
 * Looks for the formula that is worth most by a goal and keeps all limits: formulas spread evenly over the free amounts
 * first, then the library's evolution strategy (CMA-ES) from the best of them. One that keeps the limits goes before any
 * that does not, and of those that do not the one goes first that misses them by least, so what is found keeps them
 * whenever anything tried does. From a fixed seed: the same question has the same answer.
 */
final class Search {

    private static final int STARTS = (int) Coefficient.SEARCH_STARTS.value();
    private static final int TRIES = (int) Coefficient.SEARCH_TRIES.value();
    private static final long SEED = (long) Coefficient.SEARCH_SEED.value();
    private static final double APART = Coefficient.SEARCH_APART.value();
    /** What is missed of limits weighs more than any goal. */
    private static final double BEYOND = -1 / 1e-12;
    /** Formulas that are worked out between two words about how far it is. */
    private static final int AT_ONCE = (int) Coefficient.SEARCH_AT_ONCE.value();
    /** Below this nothing changes on any scale. */
    private static final double SMALLEST = 1e-7;

    private final BaseFormula base;
    private final List<FreeAmount> free;
    private final MostQuestion asked;
    private final Goal goal;
    private final Stock stock;
    private final SearchProgress progress;
    private final List<Candidate> tried = new ArrayList<>();
    /** How many formulas will be tried at most. */
    private int planned;

    private @Nullable Candidate bestSoFar;

    Search(
            BaseFormula base,
            List<FreeAmount> free,
            Goal goal,
            MostQuestion asked,
            Stock stock,
            SearchProgress progress) {
        this.base = base;
        this.free = free;
        this.goal = goal;
        this.asked = asked;
        this.stock = stock;
        this.progress = progress;
    }

    /** All formulas that were tried so far, in order. */
    List<Candidate> tried() {
        return tried;
    }

    /** The best formula under limits, from everywhere. */
    Candidate best(List<FigureLimit> limits) {
        planned = (int) Math.round(Math.pow(perAmount(), free.size())) + (STARTS + limits.size()) * TRIES;
        spread(limits);
        List<Candidate> starts = starts(limits);
        bestSoFar = starts.get(0);
        for (Candidate start : starts) {
            narrow(start, limits, 1.0 / perAmount());
            bestSoFar = bestTried(limits);
        }
        return bestSoFar;
    }

    /** Tells how far it is. */
    private void tell(List<FigureLimit> limits) {
        Candidate best = bestSoFar;
        Double value = best == null || best.shortOf(limits) > 0 ? null : best.value(goal);
        if (!progress.goesOn(tried.size(), planned, value)) {
            throw new SearchStoppedException();
        }
    }

    /** The best formula under limits that are easier, from the best under the harder ones. */
    Candidate bestAround(Candidate start, List<FigureLimit> limits) {
        narrow(bestOf(List.of(start, bestTried(limits)), limits), limits, APART / 2);
        return bestTried(limits);
    }

    private Candidate bestTried(List<FigureLimit> limits) {
        return bestOf(tried, limits);
    }

    private Candidate bestOf(List<Candidate> among, List<FigureLimit> limits) {
        return among.stream()
                .max(Comparator.comparingDouble(each -> worth(each, limits)))
                .orElseThrow();
    }

    private double worth(Candidate candidate, List<FigureLimit> limits) {
        double missed = candidate.shortOf(limits);
        double worth = candidate.worth(goal);
        return missed > 0 || Double.isInfinite(worth) ? BEYOND * (1 + missed) : worth;
    }

    private int perAmount() {
        return Math.max(2, (int)
                Math.floor(Math.pow(Coefficient.SEARCH_SAMPLES.value(), 1.0 / free.size()) + SMALLEST));
    }

    /** Formulas spread evenly, the ends included. Each is worked out on its own: all processors take part. */
    private void spread(List<FigureLimit> limits) {
        int per = perAmount();
        int all = (int) Math.round(Math.pow(per, free.size()));
        for (int from = 0; from < all; from += AT_ONCE) {
            tried.addAll(IntStream.range(from, Math.min(all, from + AT_ONCE))
                    .parallel()
                    .mapToObj(at -> candidate(places(at, per)))
                    .toList());
            tell(limits);
        }
    }

    /** The places of one of the formulas that are spread evenly. */
    private double[] places(int at, int per) {
        double[] places = new double[free.size()];
        int rest = at;
        for (int amount = 0; amount < places.length; amount++) {
            places[amount] = (double) (rest % per) / (per - 1);
            rest /= per;
        }
        return places;
    }

    /** The best that were tried, none near another. */
    private List<Candidate> starts(List<FigureLimit> limits) {
        List<Candidate> starts = new ArrayList<>();
        List<Candidate> sorted = tried.stream()
                .sorted(Comparator.comparingDouble((Candidate each) -> -worth(each, limits)))
                .toList();
        for (Candidate each : sorted) {
            if (starts.size() < STARTS && starts.stream().noneMatch(other -> isNear(each, other))) {
                starts.add(each);
            }
        }
        return starts;
    }

    private static boolean isNear(Candidate one, Candidate other) {
        return IntStream.range(0, one.places().length)
                .allMatch(at -> Math.abs(one.places()[at] - other.places()[at]) < APART);
    }

    private void narrow(Candidate start, List<FigureLimit> limits, double width) {
        int n = free.size();
        double[] sigma = new double[n];
        Arrays.fill(sigma, width);
        CMAESOptimizer optimizer = new CMAESOptimizer(
                TRIES, 0, true, 0, 1, new Well19937c(SEED), false, new SimpleValueChecker(SMALLEST, SMALLEST) {
                    @Override
                    public boolean converged(int iteration, PointValuePair before, PointValuePair now) {
                        // A generation that found nothing better says nothing: it goes on until its tries are used up.
                        return false;
                    }
                });
        double[] top = new double[n];
        Arrays.fill(top, 1);
        try {
            optimizer.optimize(
                    new ObjectiveFunction(places -> {
                        Candidate candidate = candidate(places.clone());
                        tried.add(candidate);
                        tell(limits);
                        return worth(candidate, limits);
                    }),
                    GoalType.MAXIMIZE,
                    new MaxEval(TRIES),
                    new InitialGuess(start.places()),
                    new SimpleBounds(new double[n], top),
                    new CMAESOptimizer.Sigma(sigma),
                    new CMAESOptimizer.PopulationSize(Math.max(STARTS * 2, 2 * n + STARTS)));
        } catch (MathIllegalStateException usedUp) {
            // All its tries are used up: what they found stands among the tried.
            return;
        }
    }

    private Candidate candidate(double[] places) {
        FormulaSpec spec = base.spec();
        for (int at = 0; at < places.length; at++) {
            FreeAmount amount = free.get(at);
            LineSpec line = spec.lineOrNull(amount.line());
            if (line != null) {
                spec = spec.withLine(amount.line(), line.weighed(amount.at(places[at])));
            }
        }
        FormulaSpec formula = Along.with(spec, base, asked.without()).formula();
        return new Candidate(places, formula, stock.figures(formula));
    }
}
