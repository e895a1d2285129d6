package verdamen.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.plan.OnTrays.TrayTime;
import verdamen.core.plan.PlanTask;
import verdamen.core.plan.RunningDay;
import verdamen.core.plan.Solved.Missed;
import verdamen.core.plan.TooMuch;
import verdamen.server.kitchen.KitchenClock.ClockReading;
import verdamen.server.plan.PlanState.PlannedServing;
import verdamen.server.plan.PlanState.RollBand;

/**
 * A day that is run. Times are whole minutes from its beginning.
 *
 * @param id its id
 * @param name its name
 * @param day which day it is
 * @param clock the clock by which it is run
 * @param now what time it is
 * @param servings what is served, each with its batch
 * @param tasks what was and is to be done, in the order of their beginnings
 * @param rolled when each dough can be rolled
 * @param onTrays when balls lie on trays, of doughs that are not rolled yet
 * @param tooMuch when more of a place is taken up than there is
 * @param missed what is missed if it goes on like this
 * @param looking whether a better way to go on is looked for
 * @param better a better way to go on; null when none is known
 */
record DayRunAnswer(
        long id,
        String name,
        LocalDate day,
        ClockReading clock,
        int now,
        List<RunServing> servings,
        List<RunTask> tasks,
        List<RollBand> rolled,
        List<TrayTime> onTrays,
        List<TooMuch> tooMuch,
        List<Missed> missed,
        boolean looking,
        @Nullable BetterWay better) {

    /**
     * A serving and its batch.
     *
     * @param serving the serving
     * @param batch id of its batch; null before it is begun
     */
    record RunServing(PlannedServing serving, @Nullable Long batch) {}

    /**
     * A task of a day that is run.
     *
     * @param key its key
     * @param serving key of its serving
     * @param kind what is done
     * @param start when it began, or will
     * @param end when it was done, or will be
     * @param worker who does it; null without hands
     * @param takesUp how much of each place it takes up, by the place's code
     * @param standing where it stands
     * @param noted whether somebody notes that it is begun or done; else it goes by itself
     * @param planned when it was planned to begin
     * @param moved by how many minutes it ends later than planned; negative for sooner
     * @param holdsUp whether it is late by itself, and not only for what it waits for
     */
    record RunTask(
            String key,
            String serving,
            PlanTask.Kind kind,
            int start,
            int end,
            @Nullable String worker,
            Map<String, Integer> takesUp,
            RunningDay.Standing standing,
            boolean noted,
            int planned,
            int moved,
            boolean holdsUp) {}

    /**
     * A better way to go on.
     *
     * @param plan id of the plan, by which it is taken
     * @param missed what it misses
     * @param changes what changes by it
     */
    record BetterWay(String plan, List<Missed> missed, List<TaskChange> changes) {}

    /**
     * A task that changes.
     *
     * @param task key of the task
     * @param from when it would begin
     * @param to when it begins then
     * @param worker who does it then; null when that stays
     */
    record TaskChange(
            String task, int from, int to, @Nullable String worker) {}
}
