package verdamen.core.plan;

import java.time.Duration;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.MadeAs;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Pantry;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.portion.Scaling;
import verdamen.core.portion.ScalingQuestion;

/** A formula as a serving of a day wants it: for so many pieces, in a kitchen so warm, with its dough made when that is asked. */
public final class WantedFormula {

    private static final int MINUTES_PER_HOUR = 60;
    private static final int MINUTES_PER_DAY = (int) Duration.ofDays(1).toMinutes();

    private WantedFormula() {}

    /**
     * The formula of a serving.
     *
     * @param spec the formula as it is kept
     * @param serving what is wanted of it
     * @param kitchenC how warm kitchen and flour are, °C; null for what the formula says
     * @throws verdamen.core.model.RefusedException when it cannot be read, or not be made in so many pieces
     */
    public static FormulaSpec of(FormulaSpec spec, ServingSpec serving, @Nullable Double kitchenC, Pantry pantry) {
        Integer pieces = serving.pieces();
        FormulaSpec sized = pieces == null
                ? spec
                : Scaling.of(new ScalingQuestion(spec, null, pieces, null, null, null, null), pantry)
                        .formula();
        return madeAs(serving, kitchenC).of(sized, pantry);
    }

    /**
     * How a serving is made, other than its formula is written.
     *
     * @param kitchenC how warm kitchen and flour are, °C; null for what the formula says
     */
    public static MadeAs madeAs(ServingSpec serving, @Nullable Double kitchenC) {
        int due = serving.due() == null ? 0 : serving.due();
        Double chill = Boolean.TRUE.equals(serving.overnight()) ? overnight(due).chillMinutes() : null;
        return new MadeAs(chill, kitchenC, serving.parBaked(), serving.splits());
    }

    /** With its dough made the evening before it is served. */
    static MadeAs overnight(int due) {
        return new MadeAs((double) chillMinutes(due), null, null, null);
    }

    /** A chill from the evening before its serving until there is still time to shape and cook, in whole hours. */
    private static int chillMinutes(int due) {
        int midnight = Math.floorDiv(due, MINUTES_PER_DAY) * MINUTES_PER_DAY;
        int evening = midnight - MINUTES_PER_DAY + PlanSpec.hour(Coefficient.PLAN_EVENING_HOUR);
        int until = due - (int) Coefficient.PLAN_SHAPED_BEFORE_MIN.value();
        return Math.max(1, Math.round((float) (until - evening) / MINUTES_PER_HOUR)) * MINUTES_PER_HOUR;
    }
}
