package verdamen.server.plan;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A page of the days that are kept.
 *
 * @param rows its days
 * @param next where the next page begins; null on the last
 * @param total how many there are in all
 */
record DayPage(List<DayRow> rows, @Nullable String next, long total) {

    /**
     * A day in the list.
     *
     * @param id its id
     * @param name its name
     * @param day which day it is
     * @param begins when work begins by the plan that was seen when it was saved, minutes from the beginning of the day; null for none
     * @param servings how many servings
     * @param workers how many people
     * @param running whether it is run just now
     * @param savedAt when it was saved
     */
    record DayRow(
            long id,
            String name,
            LocalDate day,
            @Nullable Integer begins,
            int servings,
            int workers,
            boolean running,
            OffsetDateTime savedAt) {}
}
