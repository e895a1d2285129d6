package verdamen.core.plan;

import java.util.List;
import java.util.Map;
import verdamen.core.bench.MadeFormula;

/**
 * What a kitchen wants to serve, and with what. Times are whole minutes from the beginning of the day that is planned; they are
 * negative on the day before.
 *
 * @param wanted what is served when
 * @param workers who is there
 * @param places how much there is of each place
 * @param careful whether every step is given the longest that it likely takes, else its middle
 * @param pins tasks, by their keys, that begin at a time the user chose
 */
public record PlanQuestion(
        List<Wanted> wanted,
        List<Worker> workers,
        Map<Place, Integer> places,
        boolean careful,
        Map<String, Integer> pins) {

    /**
     * Bread that is served at some time.
     *
     * @param key what it is known by in its plan, unlike all others
     * @param made the formula, as large as it is to be made
     * @param due when it is served
     * @param parBaked whether it is cooked for the most part before, and finished when it is served
     */
    public record Wanted(String key, MadeFormula made, int due, boolean parBaked) {

        /** The same of another formula. */
        Wanted with(MadeFormula other) {
            return new Wanted(key, other, due, parBaked);
        }
    }

    /** The same with one serving made otherwise. */
    PlanQuestion with(Wanted other) {
        return new PlanQuestion(
                wanted.stream()
                        .map(each -> each.key().equals(other.key()) ? other : each)
                        .toList(),
                workers,
                places,
                careful,
                pins);
    }
}
