package verdamen.core.plan;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZonedDateTime;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BenchRun;
import verdamen.core.bench.BenchRun.Standing;
import verdamen.core.bench.BenchRun.StepState;
import verdamen.core.plan.PlanTask.Kind;

/**
 * How far the tasks of a day are, from what was noted of its batches. What goes on without hands goes on once what came before it
 * is done, and is over when something after it is begun, whether anybody noted that or not.
 */
public final class DayProgress {

    private final Map<String, Done> tasks = new LinkedHashMap<>();

    private DayProgress() {}

    /**
     * How far a task is. Times are whole minutes from the beginning of the day.
     *
     * @param began when it was begun; null before
     * @param ended when it was done; null before
     */
    record Done(@Nullable Integer began, @Nullable Integer ended) {
        static final Done NOT_BEGUN = new Done(null, null);
    }

    /**
     * @param runs where the batch of each serving stands, by the serving's key; those that were not begun are missing
     * @param midnight the beginning of the day
     */
    public static DayProgress of(PlanDay day, Map<String, BenchRun> runs, ZonedDateTime midnight) {
        DayProgress progress = new DayProgress();
        Map<String, List<PlanTask>> byServing = day.tasks().stream()
                .collect(Collectors.groupingBy(PlanTask::serving, LinkedHashMap::new, Collectors.toList()));
        byServing.forEach((serving, own) -> {
            BenchRun run = runs.get(serving);
            if (run != null) {
                progress.read(own, run, midnight);
            }
        });
        return progress;
    }

    Done of(String task) {
        return tasks.getOrDefault(task, Done.NOT_BEGUN);
    }

    private void read(List<PlanTask> own, BenchRun run, ZonedDateTime midnight) {
        Map<String, StepState> states =
                run.steps().stream().collect(Collectors.toMap(StepState::key, state -> state, (one, other) -> one));
        Integer before = null;
        boolean isFirst = true;
        for (PlanTask task : own) {
            if (task.steps().isEmpty()) {
                continue;
            }
            List<StepState> steps = task.steps().stream()
                    .map(states::get)
                    .filter(Objects::nonNull)
                    .toList();
            Done done = task.kind() == Kind.STAND
                    ? new Done(before, null)
                    : done(task, steps, before, isFirst ? null : before, midnight);
            tasks.put(task.key(), done);
            before = done.ended();
            isFirst = false;
            endWhatWentByItself(own, task, done.began());
        }
    }

    private static Done done(
            PlanTask task,
            List<StepState> steps,
            @Nullable Integer before,
            @Nullable Integer goesOnAt,
            ZonedDateTime midnight) {
        Integer begun = steps.stream()
                .map(StepState::begunAt)
                .filter(Objects::nonNull)
                .min(Comparator.naturalOrder())
                .map(at -> minute(midnight, at))
                .orElse(null);
        List<Integer> ends = steps.stream()
                .filter(step -> step.endedAt() != null)
                .map(step -> minute(midnight, Objects.requireNonNull(step.endedAt())))
                .sorted()
                .toList();
        boolean over = !steps.isEmpty()
                && steps.stream()
                        .allMatch(step -> step.standing() == Standing.DONE || step.standing() == Standing.LEFT_OUT);
        if (begun == null && !ends.isEmpty()) {
            // Nobody said when it was begun: no sooner than what came before it was done.
            begun = before == null ? ends.get(0) : Math.min(before, ends.get(0));
        }
        if (begun == null && !task.byHand()) {
            begun = goesOnAt;
        }
        return new Done(begun, over ? ends.get(ends.size() - 1) : null);
    }

    private void endWhatWentByItself(List<PlanTask> own, PlanTask until, @Nullable Integer began) {
        if (began == null) {
            return;
        }
        for (PlanTask task : own) {
            if (task == until) {
                return;
            }
            Done done = of(task.key());
            if (!task.byHand() && done.began() != null && done.ended() == null) {
                tasks.put(task.key(), new Done(done.began(), Math.max(done.began(), began)));
            }
        }
    }

    /** The whole minute of the day at a time, by the clock on the wall: a day on which it is put forward has the same minutes. */
    public static int minute(ZonedDateTime midnight, OffsetDateTime at) {
        LocalDateTime wall = at.atZoneSameInstant(midnight.getZone()).toLocalDateTime();
        return Math.toIntExact(
                Duration.between(midnight.toLocalDateTime(), wall).toMinutes());
    }
}
