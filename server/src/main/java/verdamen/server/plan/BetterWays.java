package verdamen.server.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import verdamen.core.model.RefusedException;
import verdamen.core.plan.PlanSpec;
import verdamen.core.plan.RunningDay;
import verdamen.core.plan.RunningDay.Standing;
import verdamen.core.plan.Solved.Missed;
import verdamen.server.plan.DayRunAnswer.BetterWay;
import verdamen.server.plan.DayRunAnswer.TaskChange;
import verdamen.server.plan.PlanState.DayPlan;
import verdamen.server.plan.PlanState.DayTask;
import verdamen.server.plan.PlanState.Stage;

/**
 * Looks in the background for better ways to go on with days that miss something. One is looked for whenever a task was begun or done,
 * and when more is missed than before; it is only proposed, never taken by itself.
 */
@Component
class BetterWays {

    private static final int MOST_DAYS = 50;

    private final PlanService plans;
    /** What was looked for last, by the identity of the day. */
    private final Map<String, Sought> sought = new HashMap<>();

    BetterWays(PlanService plans) {
        this.plans = plans;
    }

    /**
     * A way that was looked for.
     *
     * @param standings where the tasks stood then, by their keys
     * @param missed minutes that were missed then
     * @param plan id of the plan
     * @param before id of the plan that was looked for before while the tasks stood so already; null when there was none
     */
    private record Sought(
            Map<String, Standing> standings,
            int missed,
            String plan,
            @Nullable String before) {}

    /** Whether one is looked for just now. */
    synchronized boolean isLooking(String day) {
        Sought last = sought.get(day);
        PlanState state = last == null ? null : state(last.plan());
        return state != null
                && (state.stage() == Stage.WAITING
                        || state.stage() == Stage.SOLVING
                        || state.stage() == Stage.EXPLAINING);
    }

    /** A better way than to go on as it goes; null when none is known. It begins to look for one when there may be. */
    synchronized @Nullable BetterWay than(
            String day, RunningDay running, Supplier<DayWork.Work> remaining, PlanSpec spec) {
        int missed = minutes(running.missed());
        if (missed == 0) {
            return null;
        }
        Sought last = sought.get(day);
        boolean known = last != null && last.standings().equals(standings(running)) && missed <= last.missed();
        if (!known) {
            last = look(day, running, remaining, spec, missed);
        }
        PlanState state = last == null ? null : found(last);
        DayPlan plan = state == null ? null : state.plan();
        if (plan == null || minutes(state.missed()) >= missed) {
            return null;
        }
        return new BetterWay(state.id(), state.missed(), changes(running, plan));
    }

    /** What was found; until then, what was found before. */
    private @Nullable PlanState found(Sought last) {
        PlanState state = state(last.plan());
        if (state != null && state.stage() == Stage.DONE) {
            return state;
        }
        PlanState before = last.before() == null ? null : state(last.before());
        return before != null && before.stage() == Stage.DONE ? before : null;
    }

    private @Nullable Sought look(
            String day, RunningDay running, Supplier<DayWork.Work> remaining, PlanSpec spec, int missed) {
        try {
            if (sought.size() >= MOST_DAYS) {
                sought.clear();
            }
            Sought last = sought.get(day);
            Sought begun = new Sought(
                    standings(running),
                    missed,
                    plans.begin(spec, remaining.get()).id(),
                    last != null && last.standings().equals(standings(running)) ? last.plan() : null);
            sought.put(day, begun);
            return begun;
        } catch (RefusedException full) {
            // Others are planned: it is tried again when the day is looked at next.
            return null;
        }
    }

    /** Whether a way that was found knows of everything that was begun. */
    synchronized boolean fits(String day, @Nullable String plan, RunningDay running) {
        Sought last = sought.get(day);
        return last != null
                && plan != null
                && (plan.equals(last.plan()) || plan.equals(last.before()))
                && last.standings().equals(standings(running));
    }

    private static Map<String, Standing> standings(RunningDay running) {
        Map<String, Standing> standings = new HashMap<>();
        running.tasks().forEach(each -> standings.put(each.task().key(), each.standing()));
        return standings;
    }

    private @Nullable PlanState state(String plan) {
        return plans.known(plan);
    }

    private static int minutes(List<Missed> missed) {
        return missed.stream().mapToInt(Missed::by).sum();
    }

    /** The tasks that change by a plan. */
    private static List<TaskChange> changes(RunningDay running, DayPlan plan) {
        Map<String, DayTask> byKey = plan.tasks().stream().collect(Collectors.toMap(DayTask::key, Function.identity()));
        List<TaskChange> changes = new ArrayList<>();
        for (RunningDay.Expected each : running.tasks()) {
            DayTask then = byKey.get(each.task().key());
            if (each.standing() == Standing.TO_DO && then != null) {
                boolean sameHands = Objects.equals(each.worker(), then.worker());
                if (each.start() != then.start() || !sameHands) {
                    changes.add(new TaskChange(
                            each.task().key(), each.start(), then.start(), sameHands ? null : then.worker()));
                }
            }
        }
        return changes;
    }
}
