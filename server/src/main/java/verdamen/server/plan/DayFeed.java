package verdamen.server.plan;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import verdamen.server.problem.NotFoundException;

/** The days of a kitchen for calendar programs, under an address that nobody can guess and that can be revoked. */
@Service
class DayFeed {

    private static final int DAYS_BACK = 30;
    private static final int MOST_DAYS = 200;

    private final DayMapper mapper;
    private final SavedDays days;
    private final PlanCalendar calendar;

    DayFeed(DayMapper mapper, SavedDays days, PlanCalendar calendar) {
        this.mapper = mapper;
        this.days = days;
        this.calendar = calendar;
    }

    /** The key of its address; null while there is none. */
    @Nullable
    String key() {
        return mapper.feed();
    }

    /** Gives it another address; the one before stops. */
    void make() {
        mapper.keepFeed(UUID.randomUUID().toString());
    }

    /** Revokes its address. */
    void revoke() {
        mapper.keepFeed(null);
    }

    /**
     * The days of the last month and those to come, as a calendar.
     *
     * @throws NotFoundException under any key but the one of its address
     */
    String calendar(String key) {
        if (!key.equals(mapper.feed())) {
            throw new NotFoundException("There is no such feed, or it was revoked.");
        }
        return calendar.write(days.from(LocalDate.now().minusDays(DAYS_BACK), MOST_DAYS), null);
    }
}
