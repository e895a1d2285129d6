package verdamen.core.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What came of a day.
 *
 * @param plan the best plan; when its limits clash, the one that misses them by the least; null when none was found in time
 * @param clash a set of demands that clash; empty when all are met
 * @param smallest whether none of the clash can be spared; else there was no time to make sure
 * @param remedies what alone would make it possible
 * @param missed what the plan misses, and by how much; empty when all is met
 */
public record Solved(
        @Nullable Plan plan, List<Demand> clash, boolean smallest, List<Remedy> remedies, List<Missed> missed) {

    /**
     * A demand that a plan misses.
     *
     * @param demand the demand
     * @param by by how much: minutes; of a place, how much more of it is taken up
     */
    public record Missed(Demand demand, int by) {}
}
