package verdamen.core.plan;

import java.util.Comparator;
import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A day as planned.
 *
 * @param tasks every task with its time, in the order in which they begin
 * @param late minutes that servings are late, together
 * @param standing minutes from cooked to served, together
 * @param handOvers how often bread goes from one pair of hands to another
 * @param begins the minute at which work begins
 * @param gap what could still be better; null when it is proved that no better plan exists
 */
public record Plan(
        List<Planned> tasks,
        int late,
        int standing,
        int handOvers,
        int begins,
        @Nullable Gap gap) {

    /**
     * How much better a plan could be than the best that was found in the time given.
     *
     * @param aim the first aim of which it is not proved that it is met as well as can be
     * @param by by how much it could be met better at most: minutes, or hand-overs; null when that is not known
     */
    public record Gap(Solver.Aim aim, @Nullable Integer by) {}

    /** Whether no better plan exists; else none was found in the time given. */
    public boolean proved() {
        return gap == null;
    }

    /** The same with something that could still be better. */
    Plan with(Gap other) {
        return new Plan(tasks, late, standing, handOvers, begins, other);
    }

    /**
     * A task with its time.
     *
     * @param task the task
     * @param start when it begins
     * @param end when it is done
     * @param way which of its ways
     * @param worker who does it; null when it needs no hands
     */
    public record Planned(
            PlanTask task,
            int start,
            int end,
            PlanTask.Way way,
            @Nullable String worker) {

        /** The same so many minutes sooner. */
        Planned sooner(int minutes) {
            return new Planned(task, start - minutes, end - minutes, way, worker);
        }
    }

    /** When the last piece of a serving is cooked, minutes from the beginning of the day. */
    public int cooked(String serving) {
        return tasks.stream()
                .filter(each -> each.task().serving().equals(serving)
                        && (each.task().kind() == PlanTask.Kind.COOK
                                || each.task().kind() == PlanTask.Kind.FINISH_COOKING))
                .mapToInt(Planned::end)
                .max()
                .orElseThrow();
    }

    /** Minutes of work by hand, together. */
    public int handsOn() {
        return byHand().mapToInt(each -> each.end() - each.start()).sum();
    }

    /** Minutes that hands wait between their first task and their last, together. */
    public int waiting() {
        Map<String, IntSummaryStatistics> times = byHand().collect(Collectors.groupingBy(
                each -> Objects.requireNonNull(each.worker()),
                Collectors.flatMapping(
                        each -> Stream.of(each.start(), each.end()), Collectors.summarizingInt(at -> at))));
        int there = times.values().stream()
                .mapToInt(each -> each.getMax() - each.getMin())
                .sum();
        return there - handsOn();
    }

    private Stream<Planned> byHand() {
        return tasks.stream().filter(each -> each.worker() != null);
    }

    /** When a task is done. */
    int end(String task) {
        return tasks.stream()
                .filter(each -> each.task().key().equals(task))
                .findFirst()
                .orElseThrow()
                .end();
    }

    /** Its tasks by their keys. */
    Map<String, Planned> byKey() {
        return byKey(tasks);
    }

    private static Map<String, Planned> byKey(List<Planned> planned) {
        return planned.stream().collect(Collectors.toMap(each -> each.task().key(), each -> each));
    }

    /** The plan of tasks with their times. */
    static Plan of(PlanDay day, List<Planned> planned, @Nullable Gap gap) {
        Map<String, Planned> byKey = byKey(planned);
        int late = 0;
        int standing = 0;
        int handOvers = 0;
        for (Serving serving : day.servings()) {
            int ready = byKey.get(serving.ready()).end();
            late += Math.max(0, ready - serving.due());
            standing +=
                    Math.max(ready, serving.due()) - byKey.get(serving.cooked()).end();
            handOvers += (int) Math.max(
                    0,
                    planned.stream()
                                    .filter(each -> each.task().serving().equals(serving.key()))
                                    .map(Planned::worker)
                                    .filter(Objects::nonNull)
                                    .distinct()
                                    .count()
                            - 1);
        }
        List<Planned> inOrder = planned.stream()
                .sorted(Comparator.comparingInt(Planned::start)
                        .thenComparing(each -> each.task().key()))
                .toList();
        return new Plan(
                inOrder,
                late,
                standing,
                handOvers,
                inOrder.isEmpty() ? 0 : inOrder.get(0).start(),
                gap);
    }
}
