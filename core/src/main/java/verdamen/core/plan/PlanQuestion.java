package verdamen.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import verdamen.core.bench.MadeFormula;
import verdamen.core.pantry.Pantry;
import verdamen.core.portion.Scaling;
import verdamen.core.portion.ScalingQuestion;
import verdamen.core.portion.Tray;

/**
 * What a kitchen wants to serve, and with what. Times are whole minutes from the beginning of the day that is planned; they are
 * negative on the day before.
 *
 * @param wanted what is served when
 * @param workers who is there
 * @param places how much there is of each place
 * @param careful whether every step is given the longest that it likely takes, else its middle
 * @param pins tasks, by their keys, that begin at a time the user chose
 * @param tray a tray for balls of dough
 */
public record PlanQuestion(
        List<Wanted> wanted,
        List<Worker> workers,
        Map<Place, Integer> places,
        boolean careful,
        Map<String, Integer> pins,
        Tray tray) {

    /**
     * Bread that is served at some time.
     *
     * @param key what it is known by in its plan, unlike all others
     * @param made the formula, as large as it is to be made
     * @param due when it is served
     * @param parBaked whether it is cooked for the most part before, and finished when it is served
     */
    public record Wanted(String key, MadeFormula made, int due, boolean parBaked) {

        /** How many pieces it is; 0 when that cannot be told. */
        int pieces() {
            Double count = made.cooking().pieces();
            return count == null ? 0 : count.intValue();
        }

        /**
         * The same in so many pieces.
         *
         * @throws verdamen.core.model.RefusedException when it cannot be made so small
         */
        Wanted of(int pieces, Pantry pantry) {
            ScalingQuestion asked = new ScalingQuestion(made.spec(), null, pieces, null, null, null, null);
            return new Wanted(key, MadeFormula.of(Scaling.of(asked, pantry).formula(), pantry), due, parBaked);
        }

        /** The same under another key. */
        Wanted under(String other) {
            return new Wanted(other, made, due, parBaked);
        }
    }

    /** The same with one serving made otherwise. */
    PlanQuestion with(Wanted other) {
        return withAll(wanted.stream()
                .map(each -> each.key().equals(other.key()) ? other : each)
                .toList());
    }

    /** The same with one serving more. */
    PlanQuestion and(Wanted more) {
        List<Wanted> all = new ArrayList<>(wanted);
        all.add(more);
        return withAll(all);
    }

    /** The same with others there. */
    PlanQuestion withWorkers(List<Worker> others) {
        return new PlanQuestion(wanted, others, places, careful, pins, tray);
    }

    private PlanQuestion withAll(List<Wanted> others) {
        return new PlanQuestion(others, workers, places, careful, pins, tray);
    }
}
