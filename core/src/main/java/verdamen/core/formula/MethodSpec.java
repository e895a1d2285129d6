package verdamen.core.formula;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * How a dough is made beyond kneading, fat and rest, as asked: codes and numbers, not yet checked.
 *
 * @param pressedLiquid what becomes of liquid pressed out: {@code discarded} (default), {@code dough-water},
 *     {@code kept} or {@code never-pressed}
 * @param sticking what stops sticking: {@code bench-flour}, {@code wet-hands}, {@code oiled} or {@code sheets}; absent
 *     when nothing is counted
 * @param pickupGrams what the dough takes up from bench and hands, g; absent for the typical amount
 * @param pickupBeforeGrams what stood on the bench before, g, when it was weighed
 * @param pickupAfterGrams what was left of it, g
 * @param waterAddition {@code at-once} (default) or {@code in-additions}
 * @param seal how a filling is enclosed: {@code sealed}, {@code between-sheets} or {@code in-layers}; absent for the
 *     style's
 * @param heat {@code hot-dry}, {@code medium-fat}, {@code covered} or {@code oven-stone}; absent for hot and dry
 * @param firstStage {@code sponge} or {@code soaker}, for lines of the first stage
 * @param standingMinutes how long the first stage stands, minutes
 * @param standingC how warm it is where it stands, °C; absent for the kitchen
 * @param phases what happens between kneading and rolling; absent for one rest
 * @param temperatures temperatures that the water's and the dough's follow from
 * @param steps steps of the run sheet that are made otherwise, left out or added
 */
public record MethodSpec(
        @Nullable String pressedLiquid,
        @Nullable String sticking,
        @Within(Limit.GRAMS) @Nullable Double pickupGrams,
        @Within(Limit.GRAMS) @Nullable Double pickupBeforeGrams,
        @Within(Limit.GRAMS) @Nullable Double pickupAfterGrams,
        @Nullable String waterAddition,
        @Nullable String seal,
        @Nullable String heat,
        @Nullable String firstStage,
        @Within(Limit.REST_MINUTES) @Nullable Double standingMinutes,
        @Within(Limit.PLACE_C) @Nullable Double standingC,
        @Within(Limit.PHASES) @Nullable List<PhaseSpec> phases,
        @Nullable TemperaturesSpec temperatures,
        @Within(Limit.STEP_EDITS) @Nullable List<StepEdit> steps) {

    /** A method with the usual steps. */
    public MethodSpec(
            @Nullable String pressedLiquid,
            @Nullable String sticking,
            @Nullable Double pickupGrams,
            @Nullable Double pickupBeforeGrams,
            @Nullable Double pickupAfterGrams,
            @Nullable String waterAddition,
            @Nullable String seal,
            @Nullable String heat,
            @Nullable String firstStage,
            @Nullable Double standingMinutes,
            @Nullable Double standingC,
            @Nullable List<PhaseSpec> phases,
            @Nullable TemperaturesSpec temperatures) {
        this(
                pressedLiquid,
                sticking,
                pickupGrams,
                pickupBeforeGrams,
                pickupAfterGrams,
                waterAddition,
                seal,
                heat,
                firstStage,
                standingMinutes,
                standingC,
                phases,
                temperatures,
                null);
    }

    /** Nothing said. */
    public static final MethodSpec NONE =
            new MethodSpec(null, null, null, null, null, null, null, null, null, null, null, null, null);

    /**
     * What happens between kneading and rolling.
     *
     * @param kind {@code rest}, {@code warm}, {@code chill} or {@code knead}
     * @param minutes how long
     * @param temperatureC how warm it is there, °C; absent for the kitchen, a usual warm place or a usual fridge
     */
    public record PhaseSpec(
            @Nullable String kind,
            @Within(Limit.REST_MINUTES) @Nullable Double minutes,
            @Within(Limit.PLACE_C) @Nullable Double temperatureC) {}

    /**
     * Temperatures that the water's and the dough's follow from.
     *
     * @param doughC dough temperature wanted, °C
     * @param flourC temperature of the flour and of every line without one of its own, °C
     * @param kitchenC temperature of the kitchen, where the dough rests, °C
     * @param coldC temperature of cold water, °C
     * @param hotC temperature of hot water, °C
     * @param kneadMinutes minutes of kneading
     */
    public record TemperaturesSpec(
            @Within(Limit.DOUGH_C) @Nullable Double doughC,
            @Within(Limit.FLOUR_C) @Nullable Double flourC,
            @Within(Limit.PLACE_C) @Nullable Double kitchenC,
            @Within(Limit.COLD_WATER_C) @Nullable Double coldC,
            @Within(Limit.HOT_WATER_C) @Nullable Double hotC,
            @Within(Limit.KNEAD_MINUTES) @Nullable Double kneadMinutes) {

        /** Nothing said. */
        public static final TemperaturesSpec NONE = new TemperaturesSpec(null, null, null, null, null, null);

        /** These temperatures with other minutes of kneading. */
        public TemperaturesSpec withKneadMinutes(@Nullable Double minutes) {
            return new TemperaturesSpec(doughC, flourC, kitchenC, coldC, hotC, minutes);
        }
    }

    /** This method with another use of pressed liquid. */
    public MethodSpec withPressedLiquid(@Nullable String code) {
        return with(code, sticking, pickupGrams, waterAddition, seal, heat, phases);
    }

    /** This method with something else against sticking, typically picked up. */
    public MethodSpec withSticking(@Nullable String code) {
        return with(pressedLiquid, code, null, waterAddition, seal, heat, phases);
    }

    /** This method with water added otherwise. */
    public MethodSpec withWaterAddition(@Nullable String code) {
        return with(pressedLiquid, sticking, pickupGrams, code, seal, heat, phases);
    }

    /** This method with its filling enclosed otherwise. */
    public MethodSpec withSeal(@Nullable String code) {
        return with(pressedLiquid, sticking, pickupGrams, waterAddition, code, heat, phases);
    }

    /** This method with another heat. */
    public MethodSpec withHeat(@Nullable String code) {
        return with(pressedLiquid, sticking, pickupGrams, waterAddition, seal, code, phases);
    }

    /** This method with another first stage, standing so long; null for one dough. */
    public MethodSpec withFirstStage(@Nullable String code, @Nullable Double minutes) {
        return new MethodSpec(
                pressedLiquid,
                sticking,
                pickupGrams,
                pickupBeforeGrams,
                pickupAfterGrams,
                waterAddition,
                seal,
                heat,
                code,
                minutes,
                code == null ? null : standingC,
                phases,
                temperatures,
                steps);
    }

    /** This method with other phases between kneading and rolling. */
    public MethodSpec withPhases(@Nullable List<PhaseSpec> otherPhases) {
        return with(pressedLiquid, sticking, pickupGrams, waterAddition, seal, heat, otherPhases);
    }

    /** This method with other temperatures. */
    public MethodSpec withTemperatures(@Nullable TemperaturesSpec other) {
        return new MethodSpec(
                pressedLiquid,
                sticking,
                pickupGrams,
                pickupBeforeGrams,
                pickupAfterGrams,
                waterAddition,
                seal,
                heat,
                firstStage,
                standingMinutes,
                standingC,
                phases,
                other,
                steps);
    }

    /** This method with other steps changed, left out or added. */
    public MethodSpec withSteps(@Nullable List<StepEdit> otherSteps) {
        return new MethodSpec(
                pressedLiquid,
                sticking,
                pickupGrams,
                pickupBeforeGrams,
                pickupAfterGrams,
                waterAddition,
                seal,
                heat,
                firstStage,
                standingMinutes,
                standingC,
                phases,
                temperatures,
                otherSteps);
    }

    /** Its steps that are changed, left out or added; none when all are as usual. */
    public List<StepEdit> stepsOrNone() {
        return steps == null ? List.of() : steps;
    }

    /** This method with so many times of what the dough picks up. */
    public MethodSpec times(double factor) {
        return new MethodSpec(
                pressedLiquid,
                sticking,
                times(pickupGrams, factor),
                times(pickupBeforeGrams, factor),
                times(pickupAfterGrams, factor),
                waterAddition,
                seal,
                heat,
                firstStage,
                standingMinutes,
                standingC,
                phases,
                temperatures,
                steps);
    }

    private static @Nullable Double times(@Nullable Double grams, double factor) {
        return grams == null ? null : Double.valueOf(grams * factor);
    }

    /** Its temperatures, none said when there are none. */
    public TemperaturesSpec temperaturesOrNone() {
        return temperatures == null ? TemperaturesSpec.NONE : temperatures;
    }

    /** Its phases between kneading and rolling, none when there is one rest. */
    public List<PhaseSpec> phasesOrNone() {
        return phases == null ? List.of() : phases;
    }

    /** A copy; what was weighed on the bench holds only as long as the same thing stands there. */
    private MethodSpec with(
            @Nullable String otherLiquid,
            @Nullable String otherSticking,
            @Nullable Double otherPickup,
            @Nullable String otherAddition,
            @Nullable String otherSeal,
            @Nullable String otherHeat,
            @Nullable List<PhaseSpec> otherPhases) {
        boolean same = Objects.equals(otherSticking, sticking);
        return new MethodSpec(
                otherLiquid,
                otherSticking,
                same ? otherPickup : null,
                same ? pickupBeforeGrams : null,
                same ? pickupAfterGrams : null,
                otherAddition,
                otherSeal,
                otherHeat,
                firstStage,
                standingMinutes,
                standingC,
                otherPhases,
                temperatures,
                steps);
    }
}
