package verdamen.server.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import verdamen.core.plan.DayLists.MadeServing;
import verdamen.core.plan.MovedTask;
import verdamen.core.plan.MovedTask.Broken;
import verdamen.core.plan.Place;
import verdamen.core.plan.Plan;
import verdamen.core.plan.Plan.Planned;
import verdamen.core.plan.PlanDay;
import verdamen.core.plan.PlanSpec;
import verdamen.core.plan.PlanTask;
import verdamen.core.plan.Slack;
import verdamen.core.plan.Solved;
import verdamen.core.plan.Solver;
import verdamen.core.plan.TakenUp;
import verdamen.core.plan.WayOut;
import verdamen.core.plan.WaysOut;
import verdamen.server.plan.DayWork.Work;
import verdamen.server.plan.PlanState.DayPlan;
import verdamen.server.plan.PlanState.DayTask;
import verdamen.server.plan.PlanState.PlanWayOut;
import verdamen.server.plan.PlanState.PlannedServing;
import verdamen.server.plan.PlanState.RollBand;
import verdamen.server.plan.PlanState.Stage;

/** A day that is planned off the request; it can be looked at and cancelled meanwhile. */
final class PlanJob implements Runnable {

    private static final Logger LOG = LoggerFactory.getLogger(PlanJob.class);

    private final PlanSpec spec;
    private final Work work;
    private final PlanDay day;
    private final Solver solver;
    private volatile PlanState state;
    private volatile @Nullable Plan best;
    private volatile boolean cancelled;

    PlanJob(String id, PlanSpec spec, Work work) {
        this.spec = spec;
        this.work = work;
        day = work.day();
        solver = new Solver(day, this::soFar);
        state = PlanState.of(id, Stage.WAITING, work.servings(), null);
    }

    PlanState state() {
        return state;
    }

    PlanSpec spec() {
        return spec;
    }

    void cancel() {
        cancelled = true;
        solver.cancel();
    }

    @Override
    public void run() {
        state = at(Stage.SOLVING, state.plan());
        try {
            Solved solved = solver.solve();
            Plan plan = solved.plan();
            best = plan;
            List<PlanWayOut> waysOut = waysOut(solved).stream()
                    .map(way -> PlanWayOut.of(way, spec))
                    .toList();
            state = new PlanState(
                    state.id(),
                    cancelled ? Stage.CANCELLED : Stage.DONE,
                    state.servings(),
                    plan == null ? null : told(plan),
                    solved.clash(),
                    solved.smallest(),
                    waysOut,
                    solver.allTried(),
                    solved.missed());
        } catch (RuntimeException failed) {
            LOG.error("A day could not be planned", failed);
            state = at(Stage.FAILED, state.plan());
        }
    }

    /** What would help by itself; of what is left of a day that is run, nothing is made smaller. */
    private List<WayOut> waysOut(Solved solved) {
        List<WayOut> ways = new ArrayList<>(solved.remedies());
        if (work.whole() && !solved.clash().isEmpty()) {
            ways.addAll(WaysOut.of(spec, work.question(), work.pantry(), solver::canMeet));
        }
        return ways;
    }

    /** What is made, and when it is cooked. */
    List<MadeServing> made() {
        Plan plan = Objects.requireNonNull(best);
        return work.question().wanted().stream()
                .map(each -> new MadeServing(each.key(), each.made(), plan.cooked(each.key())))
                .toList();
    }

    /** What breaks when a task of the plan is moved. */
    List<Broken> breaks(String task, int start) {
        Plan plan = best;
        return plan == null ? List.of() : MovedTask.breaks(day, plan, task, start);
    }

    private void soFar(Solver.Progress progress) {
        Plan plan = progress.best();
        best = plan;
        state = at(
                progress.aim() == Solver.Aim.CLASH ? Stage.EXPLAINING : Stage.SOLVING,
                plan == null ? null : told(plan));
    }

    private PlanState at(Stage stage, @Nullable DayPlan plan) {
        return PlanState.of(state.id(), stage, state.servings(), plan);
    }

    private DayPlan told(Plan plan) {
        Map<String, Integer> sooner = Slack.of(day, plan);
        TakenUp taken = day.takenUp(plan);
        List<DayTask> tasks = plan.tasks().stream()
                .map(each -> new DayTask(
                        each.task().key(),
                        each.task().serving(),
                        each.task().kind(),
                        each.task().role(),
                        each.start(),
                        each.end(),
                        each.worker(),
                        each.way().takesUp(),
                        sooner.get(each.task().key()),
                        day.pins().containsKey(each.task().key()),
                        coolsUntil(each)))
                .toList();
        return new DayPlan(
                tasks,
                state.servings().stream()
                        .flatMap(serving -> band(serving, plan).stream())
                        .toList(),
                plan.late(),
                plan.standing(),
                plan.handOvers(),
                plan.begins(),
                plan.handsOn(),
                plan.waiting(),
                taken.most(Place.FRIDGE),
                taken.trayTimes(),
                taken.most(Place.TRAY),
                taken.tooMuch(),
                plan.proved(),
                plan.gap());
    }

    private @Nullable Integer coolsUntil(Planned planned) {
        int minutes = planned.task().kind() == PlanTask.Kind.PREPARE
                ? day.waitsAfter(planned.task().key())
                : 0;
        return minutes > 0 ? Integer.valueOf(planned.end() + minutes) : null;
    }

    private static Optional<RollBand> band(PlannedServing serving, Plan plan) {
        return plan.tasks().stream()
                .filter(each -> each.task().serving().equals(serving.key())
                        && each.task().kind() == PlanTask.Kind.MIX)
                .findFirst()
                .flatMap(mix -> RollBand.of(serving, mix.start()));
    }
}
