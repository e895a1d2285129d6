package verdamen.core.plan;

import org.jspecify.annotations.Nullable;

/**
 * How two tasks stand to each other in time: from a moment of the first so many minutes pass to a moment of the second.
 *
 * @param from the moment of the first task
 * @param to the moment of the second
 * @param least minutes that pass at least
 * @param most minutes that pass at most; null for any
 * @param isWindow whether this is a dough's rolling window, which a clash may name
 */
public record Link(
        Moment from, Moment to, int least, @Nullable Integer most, boolean isWindow) {

    /**
     * A moment of a task.
     *
     * @param task key of the task
     * @param end whether its end is meant, else its beginning
     */
    public record Moment(String task, boolean end) {

        /** The minute of it in a task that lasts from one minute to another. */
        int in(int start, int finish) {
            return end ? finish : start;
        }

        static Moment startOf(PlanTask task) {
            return new Moment(task.key(), false);
        }

        static Moment endOf(PlanTask task) {
            return new Moment(task.key(), true);
        }
    }

    /** The second begins once the first is done, so many minutes later. */
    static Link after(PlanTask first, PlanTask second, int least, @Nullable Integer most) {
        return new Link(Moment.endOf(first), Moment.startOf(second), least, most, false);
    }
}
