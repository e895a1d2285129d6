package verdamen.server.plan;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Map;
import verdamen.core.plan.PlanSpec;

/**
 * A day that is kept.
 *
 * @param id its id
 * @param name its name
 * @param day which day it is
 * @param spec what is planned
 * @param names names of its formulas, by their ids
 * @param revision how often it was saved
 * @param running whether it is run just now
 * @param savedAt when it was saved
 */
public record SavedDay(
        long id,
        String name,
        LocalDate day,
        PlanSpec spec,
        Map<Long, String> names,
        int revision,
        boolean running,
        OffsetDateTime savedAt) {}
