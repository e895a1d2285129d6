package verdamen.core.plan;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import java.util.function.LongSupplier;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;

/**
 * Puts questions about days to the constraint solver, until time is over or somebody cancels. The same question has the same
 * answer: one thread, a fixed seed, limits in steps of the solver.
 */
final class Search {

    private final SolvingTime time;
    private final double effort;
    private volatile boolean cancelled;
    private volatile @Nullable CpSolver running;

    /**
     * @param nanos a clock, ns
     * @param effort how many of its steps the solver may take for each question, as a fraction
     */
    Search(LongSupplier nanos, double effort) {
        time = new SolvingTime(nanos);
        this.effort = effort;
        load();
    }

    /** Loads the solver's library, once. */
    static void load() {
        Native.load();
    }

    private static final class Native {
        static {
            Loader.loadNativeLibraries();
        }

        static void load() {}
    }

    SolvingTime time() {
        return time;
    }

    void cancel() {
        cancelled = true;
        CpSolver solver = running;
        if (solver != null) {
            solver.stopSearch();
        }
    }

    boolean isCancelled() {
        return cancelled;
    }

    /** A solver that looks for the best answer within so many steps. */
    CpSolver forBest(Coefficient steps) {
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(1)
                .setMaxDeterministicTime(effort * steps.value())
                .setMaxTimeInSeconds(time.left());
        return solver;
    }

    /** A solver that looks for any answer within so many steps. */
    CpSolver forAny(Coefficient steps) {
        CpSolver solver = forBest(steps);
        solver.getParameters().setStopAfterFirstSolution(true);
        return solver;
    }

    /** What the solver finds out of a day; unknown when there is no time for it. */
    CpSolverStatus ask(CpSolver solver, DayModel model) {
        if (cancelled || time.left() <= 0) {
            return CpSolverStatus.UNKNOWN;
        }
        running = solver;
        try {
            CpSolverStatus status = solver.solve(model.model());
            if (status == CpSolverStatus.MODEL_INVALID) {
                throw new IllegalStateException(model.model().validate());
            }
            return status;
        } finally {
            running = null;
        }
    }

    static boolean isFound(CpSolverStatus status) {
        return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
    }
}
