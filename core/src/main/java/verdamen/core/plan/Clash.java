package verdamen.core.plan;

import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import verdamen.core.model.Coefficient;
import verdamen.core.plan.Plan.Planned;

/** Why not everything that is asked of a day can be met, and what would help. */
final class Clash {

    private final PlanDay day;
    private final Search search;
    private boolean smallest = true;
    private boolean allTried = true;

    Clash(PlanDay day, Search search) {
        this.day = day;
        this.search = search;
    }

    /**
     * A smallest set of demands that clash: taking any one of them away makes a plan possible, as far as time allowed to find out. Nothing when all can be met; an
     * empty set when the tasks cannot be fitted into the day whatever is given up.
     */
    Optional<List<Demand>> demands() {
        List<Demand> all = day.demands();
        Set<Demand> asked = new HashSet<>(all);
        if (possible(asked)) {
            return Optional.empty();
        }
        for (Demand demand : all) {
            asked.remove(demand);
            if (possible(asked)) {
                asked.add(demand);
            }
        }
        return Optional.of(all.stream().filter(asked::contains).toList());
    }

    private boolean possible(Set<Demand> asked) {
        CpSolverStatus status = search.ask(search.forAny(Coefficient.PLAN_CLASH_STEPS), new DayModel(day, asked));
        // What is not known to be impossible is not called so; then a clash may hold a demand more than it has to.
        smallest &= status != CpSolverStatus.UNKNOWN;
        return status != CpSolverStatus.INFEASIBLE;
    }

    /** Whether none of the demands that clash can be spared; else there was no time to make sure. */
    boolean isSmallest() {
        return smallest;
    }

    /** What of a clash would make it possible by giving alone, and by how much at least. */
    List<Remedy> remedies(List<Demand> clash) {
        List<Remedy> remedies = new ArrayList<>();
        for (Demand demand : clash) {
            Set<Demand> others = new HashSet<>(day.demands());
            others.remove(demand);
            DayModel model = new DayModel(day, others);
            IntVar missed = new DayWishes(model).missedBy(demand);
            model.model().minimize(missed);
            CpSolver solver = search.forBest(Coefficient.PLAN_CLASH_STEPS);
            if (tried(search.ask(solver, model))) {
                remedies.add(remedy(demand, (int) solver.value(missed), model.plan(solver, null)));
            }
        }
        return remedies;
    }

    private Remedy remedy(Demand demand, int by, Plan plan) {
        int before = 0;
        int after = 0;
        for (Worker worker : day.workers()) {
            if (demand.equals(new Demand(Demand.Kind.HOURS, worker.name()))) {
                for (Planned each : plan.tasks()) {
                    if (worker.name().equals(each.worker())) {
                        before = Math.max(before, worker.from() - each.start());
                        after = Math.max(after, each.end() - worker.to());
                    }
                }
            }
        }
        return new Remedy(demand, by, before, after);
    }

    /** Whether everything that is asked of another day can be met, as far as can be found out in time. */
    boolean canMeet(PlanDay other) {
        DayModel model = new DayModel(other, new HashSet<>(other.demands()));
        return tried(search.ask(search.forAny(Coefficient.PLAN_WAY_OUT_STEPS), model));
    }

    private boolean tried(CpSolverStatus status) {
        allTried &= status != CpSolverStatus.UNKNOWN;
        return Search.isFound(status);
    }

    /** Whether all that would help was tried to its end; else something may help that was not found. */
    boolean isAllTried() {
        return allTried;
    }
}
