package verdamen.core.plan;

import org.jspecify.annotations.Nullable;
import verdamen.core.plan.Link.Moment;

/**
 * The balls of a dough on trays, over several tasks: from when it is divided until the last is rolled.
 *
 * @param serving key of the serving
 * @param trays how many trays they take
 * @param perTray how many of them lie on a tray
 * @param ballMm how wide a ball is, mm
 * @param from the moment from which
 * @param to the moment until which
 */
public record OnTrays(String serving, int trays, int perTray, double ballMm, Moment from, Moment to) {

    /**
     * The same by the clock.
     *
     * @param serving key of the serving
     * @param trays how many trays
     * @param perTray how many balls lie on a tray
     * @param ballMm how wide a ball is, mm
     * @param from from when, minutes from the beginning of the day
     * @param to until when
     * @param begunBy key of the task that begins it; null in a plan that was saved before that was told
     * @param endedBy key of the task that ends it; null likewise
     */
    public record TrayTime(
            String serving,
            int trays,
            int perTray,
            double ballMm,
            int from,
            int to,
            @Nullable String begunBy,
            @Nullable String endedBy) {}

    TrayTime at(int fromMinute, int toMinute) {
        return new TrayTime(serving, trays, perTray, ballMm, fromMinute, toMinute, from.task(), to.task());
    }
}
