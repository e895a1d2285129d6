package verdamen.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import verdamen.core.bench.BenchStep;
import verdamen.core.bench.MadeFormula;
import verdamen.core.cooking.Cooking;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Range;
import verdamen.core.plan.PlanTask.Kind;
import verdamen.core.plan.PlanTask.Way;

/** How long the tasks of one serving take, and what they take up. */
final class ServingWays {

    private static final double SECONDS_PER_MINUTE = 60;
    private static final double GRAMS_PER_KG = 1000;

    private final MadeFormula made;
    private final boolean careful;
    private final int pans;
    private final boolean parBaked;

    /**
     * @param careful whether every step takes the longest that it likely does
     * @param pans how many pans there are
     * @param parBaked whether it is cooked for the most part before
     */
    ServingWays(MadeFormula made, boolean careful, int pans, boolean parBaked) {
        this.made = made;
        this.careful = careful;
        this.pans = pans;
        this.parBaked = parBaked;
    }

    /** How a task can be done: how long it takes, and what it takes up. */
    List<Way> ways(Kind kind, List<BenchStep> steps) {
        return switch (kind) {
            case COOK -> cookingWays(parBaked ? Coefficient.PAR_BAKED_SHARE.value() : 1, 0);
            case FINISH_COOKING -> cookingWays(Coefficient.PAR_BAKED_FINISH_SHARE.value(), minutes(steps));
            case KNEAD -> List.of(new Way(whole(minutes(steps)), Map.of(Place.MIXER, 1)));
            case CHILL -> List.of(new Way(whole(minutes(steps)), Map.of(Place.FRIDGE, litres())));
            case STAND -> {
                Double stands = steps.get(0).minutes();
                yield List.of(new Way(whole(stands == null ? 0 : stands), Map.of()));
            }
            default -> List.of(new Way(whole(minutes(steps)), Map.of()));
        };
    }

    /**
     * How it can be cooked.
     *
     * @param share of its cooking time
     * @param after what is done with it before it is ready, minutes
     */
    private List<Way> cookingWays(double share, double after) {
        double minutes = share
                * minutes(made.run().steps().stream()
                        .filter(step -> step.kind() == BenchStep.Kind.COOK)
                        .toList());
        Cooking cooking = made.cooking();
        if (cooking.oven()) {
            return List.of(new Way(whole(minutes + after), Map.of(Place.OVEN, 1)));
        }
        double onOnePan = minutes * cooking.pans();
        double handled = pieces() * Coefficient.COOK_HANDLING_S.value() / SECONDS_PER_MINUTE;
        List<Way> ways = new ArrayList<>();
        for (int on = 1; on <= Math.max(1, Math.min(pans, (int) Coefficient.PANS_AT_A_TIME.value())); on++) {
            ways.add(new Way(whole(Math.max(onOnePan / on, handled) + after), Map.of(Place.PAN, on)));
        }
        return ways;
    }

    private int litres() {
        return whole(made.portion().doughGrams() / GRAMS_PER_KG * Coefficient.FRIDGE_L_PER_KG.value());
    }

    /** How many pieces are cooked; one when nobody says. */
    double pieces() {
        Double pieces = made.cooking().pieces();
        return pieces == null ? 1 : Math.max(1, pieces);
    }

    private double minutes(List<BenchStep> steps) {
        return steps.stream().mapToDouble(step -> likely(step.takes())).sum();
    }

    private double likely(Range takes) {
        return careful ? takes.high() : (takes.low() + takes.high()) / 2;
    }

    /** Whole minutes, at least one. */
    static int whole(double minutes) {
        return Math.max(1, (int) Math.ceil(minutes));
    }
}
