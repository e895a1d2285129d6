package verdamen.core.plan;

import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.plan.Plan.Gap;
import verdamen.core.plan.Solved.Missed;

/**
 * Finds the best plan of a day, one aim after the other: first all limits, then the least lateness, the freshest bread, the fewest
 * hand-overs, the latest start. The same day has the same plan: one thread, a fixed seed, limits in steps of the solver.
 */
public final class Solver {

    private static final List<Aim> AIMS = List.of(Aim.LATE, Aim.STANDING, Aim.HAND_OVERS, Aim.BEGINS, Aim.ORDER);

    private final PlanDay day;
    private final Consumer<Progress> told;
    private final Search search;
    private final Clash clash;

    /** What is wished for, the first before the others. */
    public enum Aim implements Coded {
        /** What clashes, and what would help. */
        CLASH("clash"),
        /** As little missed as can be, where not everything can be met. */
        MISSED("missed"),
        /** As few minutes late as can be. */
        LATE("late"),
        /** Bread as fresh as can be. */
        STANDING("standing"),
        /** As few hand-overs as can be. */
        HAND_OVERS("hand-overs"),
        /** Work begins as late as can be. */
        BEGINS("begins"),
        /** Everything as late as can be, in a fixed order. */
        ORDER("order");

        private final String code;

        Aim(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * How far it is.
     *
     * @param aim what is looked for next, or was just reached
     * @param best the best plan so far; null when there is none yet
     */
    public record Progress(Aim aim, @Nullable Plan best) {}

    /**
     * @param told hears of each aim that is reached
     */
    public Solver(PlanDay day, Consumer<Progress> told) {
        this(day, told, System::nanoTime, 1);
    }

    /**
     * @param nanos a clock, ns
     * @param effort how many of its steps the solver may take for each question, as a fraction
     */
    Solver(PlanDay day, Consumer<Progress> told, LongSupplier nanos, double effort) {
        this.day = day;
        this.told = told;
        search = new Search(nanos, effort);
        clash = new Clash(day, search);
    }

    /** Loads the solver's library, so that the first plan does not wait for that. */
    public static void prepare() {
        Search.load();
    }

    /** Gives up as soon as can be; the best plan so far stands. */
    public void cancel() {
        search.cancel();
    }

    /** The best plan, and where not everything can be met, why, and what would help. */
    public Solved solve() {
        Optional<Plan> best = best();
        if (best.isPresent() && best.orElseThrow().late() == 0 || search.isCancelled()) {
            return new Solved(best.orElse(null), List.of(), true, List.of(), List.of());
        }
        Closest closest = best.isPresent() ? new Closest(best.orElseThrow(), late(best.orElseThrow())) : closest();
        told.accept(new Progress(Aim.CLASH, closest.plan()));
        search.time().until(Coefficient.PLAN_CLASH_SECONDS);
        List<Demand> demands = clash.demands().orElse(List.of());
        List<Remedy> remedies = clash.remedies(demands);
        search.time().until(Coefficient.PLAN_SECONDS);
        if (search.isCancelled()) {
            // What was not looked at to its end is not told.
            return new Solved(closest.plan(), List.of(), true, List.of(), List.of());
        }
        return new Solved(closest.plan(), demands, clash.isSmallest(), remedies, closest.missed());
    }

    /** Whether all that {@link #canMeet} and the ways out were asked was answered in time; else something may help that was not found. */
    public boolean allTried() {
        return clash.isAllTried();
    }

    /** Whether everything that is asked of a day can be met, as far as can be found out in what is left of this one's time. */
    public boolean canMeet(PlanDay other) {
        return clash.canMeet(other);
    }

    private List<Missed> late(Plan plan) {
        List<Missed> missed = new ArrayList<>();
        for (Serving serving : day.servings()) {
            int by = plan.end(serving.ready()) - serving.due();
            if (by > 0) {
                missed.add(new Missed(new Demand(Demand.Kind.ON_TIME, serving.key()), by));
            }
        }
        return missed;
    }

    private Set<Demand> limits() {
        return day.demands().stream()
                .filter(demand -> demand.kind() != Demand.Kind.ON_TIME)
                .collect(Collectors.toSet());
    }

    /** The best plan in which all limits hold, late or not; nothing when there is none, or none was found in time. */
    Optional<Plan> best() {
        DayModel model = new DayModel(day, limits());
        return best(model, new DayWishes(model), null);
    }

    private Optional<Plan> best(DayModel model, DayWishes wishes, @Nullable Gap soFar) {
        Plan best = null;
        for (Aim aim : AIMS) {
            Plan reached = reach(model, aim, wish(wishes, aim), best == null ? soFar : best.gap());
            if (reached == null) {
                // What comes after was not looked at.
                best = best == null || !best.proved() ? best : best.with(new Gap(aim, null));
                break;
            }
            best = reached;
            if (best.late() > 0) {
                // Something clashes: why, and what would help, takes time too.
                search.time().until(Coefficient.PLAN_BEST_SECONDS);
            }
        }
        return Optional.ofNullable(best);
    }

    /** The plan with this wish met as well as can be, which stays met from then on; null when none was found. */
    private @Nullable Plan reach(DayModel model, Aim aim, LinearArgument wish, @Nullable Gap soFar) {
        boolean most = aim == Aim.BEGINS || aim == Aim.ORDER;
        if (most) {
            model.model().maximize(wish);
        } else {
            model.model().minimize(wish);
        }
        CpSolver solver = search.forBest(Coefficient.PLAN_AIM_STEPS);
        CpSolverStatus status = search.ask(solver, model);
        if (!Search.isFound(status)) {
            return null;
        }
        Gap gap = soFar != null || status == CpSolverStatus.OPTIMAL ? soFar : gap(aim, solver);
        Plan plan = model.plan(solver, gap);
        told.accept(new Progress(aim, plan));
        model.hint(solver);
        long reached = Math.round(solver.objectiveValue());
        if (most) {
            model.model().addGreaterOrEqual(wish, reached);
        } else {
            model.model().addLessOrEqual(wish, reached);
        }
        return plan;
    }

    private static Gap gap(Aim aim, CpSolver solver) {
        return new Gap(aim, (int) Math.round(Math.abs(solver.objectiveValue() - solver.bestObjectiveBound())));
    }

    private static LinearArgument wish(DayWishes wishes, Aim aim) {
        return switch (aim) {
            case LATE -> wishes.late();
            case STANDING -> wishes.standing();
            case HAND_OVERS -> wishes.handOvers();
            case BEGINS -> wishes.begins();
            case ORDER -> wishes.order();
            case CLASH, MISSED -> throw new IllegalArgumentException("not wished for by itself");
        };
    }

    /**
     * A plan where not everything can be met.
     *
     * @param plan the plan; null when none was found in time
     * @param missed what it misses
     */
    private record Closest(@Nullable Plan plan, List<Missed> missed) {}

    /** The plan that misses its demands by the least. */
    private Closest closest() {
        search.time().until(Coefficient.PLAN_BEST_SECONDS);
        DayModel model = new DayModel(day, Set.of());
        DayWishes wishes = new DayWishes(model);
        Map<Demand, IntVar> by = new LinkedHashMap<>();
        LinearExprBuilder all = LinearExpr.newBuilder();
        for (Demand demand : day.demands()) {
            IntVar missed = wishes.missedBy(demand);
            by.put(demand, missed);
            all.addTerm(missed, demand.kind() == Demand.Kind.PLACE ? (long) Coefficient.PLAN_PLACE_MIN.value() : 1);
        }
        Plan first = reach(model, Aim.MISSED, all.build(), null);
        if (first == null) {
            return new Closest(null, List.of());
        }
        List<Missed> misses = new ArrayList<>();
        by.forEach((demand, missed) -> {
            int reached = model.found(missed);
            model.model().addLessOrEqual(missed, reached);
            if (reached > 0) {
                misses.add(new Missed(demand, reached));
            }
        });
        return new Closest(best(model, wishes, first.gap()).orElse(first), misses);
    }
}
