package verdamen.core.plan;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** Large days made up by chance with their best plans: each is planned once for all tests that look at it. */
final class SolvedDays {

    private static final Map<Integer, Solved> BY_SEED = new ConcurrentHashMap<>();

    /** A day and its best plan, if it can be planned at all. */
    record Solved(PlanDay day, Optional<Plan> best) {}

    private SolvedDays() {}

    static Solved large(int seed) {
        return BY_SEED.computeIfAbsent(seed, each -> {
            PlanDay day = new RandomDays(each).large();
            return new Solved(day, new Solver(day, progress -> {}).best());
        });
    }
}
