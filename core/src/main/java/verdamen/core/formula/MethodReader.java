package verdamen.core.formula;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.MethodSpec.TemperaturesSpec;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.pantry.Style;
import verdamen.core.prep.LiquidUse;

/** Checks how a dough is made, and fills in what is usual. */
final class MethodReader {

    private static final String AT = "method.";

    private final MethodSpec spec;
    private final Faults faults = new Faults();
    private final LiquidUse pressedLiquid;
    private final @Nullable Sticking sticking;
    private final WaterAddition waterAddition;
    private final @Nullable Seal seal;
    private final Heat heat;
    private final @Nullable StageKind firstStage;
    private final double standing;
    private final double kitchenC;
    private final List<Phase> phases;
    private final List<StepEdit> steps;

    MethodReader(MethodSpec spec) {
        this.spec = spec;
        this.pressedLiquid =
                orUsual(choice("pressedLiquid", spec.pressedLiquid(), LiquidUse.class), LiquidUse.DISCARDED);
        this.sticking = choice("sticking", spec.sticking(), Sticking.class);
        this.waterAddition =
                orUsual(choice("waterAddition", spec.waterAddition(), WaterAddition.class), WaterAddition.AT_ONCE);
        this.seal = choice("seal", spec.seal(), Seal.class);
        this.heat = orUsual(choice("heat", spec.heat(), Heat.class), Heat.HOT_DRY);
        this.firstStage = choice("firstStage", spec.firstStage(), StageKind.class);
        faults.number(AT + "standingMinutes", spec.standingMinutes(), Limit.REST_MINUTES);
        if (firstStage != null && spec.standingMinutes() == null) {
            faults.add(null, AT + "standingMinutes", FaultCode.MISSING, null);
        }
        this.standing = firstStage == null || spec.standingMinutes() == null ? 0 : spec.standingMinutes();
        faults.number(AT + "standingC", spec.standingC(), Limit.PLACE_C);
        TemperaturesSpec asked = spec.temperaturesOrNone();
        this.kitchenC = or(asked.kitchenC(), Coefficient.KITCHEN_C);
        this.phases = readPhases(spec.phasesOrNone());
        this.steps = readSteps(spec.stepsOrNone());
        pickup();
        temperatures(asked);
    }

    LiquidUse pressedLiquid() {
        return pressedLiquid;
    }

    /** What the first of two stages is; null for one, or where the stages are told one by one. */
    @Nullable
    StageKind firstStage() {
        return firstStage;
    }

    double standingMinutes() {
        return standing;
    }

    double standingC() {
        return spec.standingC() == null ? kitchenC : spec.standingC();
    }

    double kitchenC() {
        return kitchenC;
    }

    List<Phase> phases() {
        return phases;
    }

    List<Fault> faults() {
        return faults.all();
    }

    /** The method of a dough of a style, kneaded in a way, with so much flour. */
    Method method(Style style, Kneading kneading, double flourGrams) {
        TemperaturesSpec asked = spec.temperaturesOrNone();
        return new Method(
                pressedLiquid,
                sticking,
                pickupGrams(flourGrams),
                weighedPickup() != null,
                waterAddition,
                orUsual(seal, Seal.of(style.code())),
                seal != null,
                heat,
                new Method.Temperatures(
                        or(asked.doughC(), Coefficient.DOUGH_GOAL_C),
                        or(asked.flourC(), Coefficient.KITCHEN_C),
                        kitchenC,
                        or(asked.coldC(), Coefficient.COLD_TAP_C),
                        or(asked.hotC(), Coefficient.HOT_TAP_C),
                        asked.kneadMinutes() == null ? kneading.endMinute() : asked.kneadMinutes()),
                steps);
    }

    private double pickupGrams(double flourGrams) {
        Double weighed = weighedPickup();
        if (weighed != null) {
            return weighed;
        }
        if (sticking == null) {
            return 0;
        }
        return switch (sticking) {
            case BENCH_FLOUR -> Coefficient.BENCH_FLOUR_PICKUP.value() * flourGrams;
            case WET_HANDS -> Coefficient.WET_HANDS_PICKUP.value() * flourGrams;
            case OILED -> Coefficient.OIL_PICKUP.value() * flourGrams;
            case SHEETS -> 0;
        };
    }

    private @Nullable Double weighedPickup() {
        if (sticking == null) {
            return null;
        }
        if (spec.pickupBeforeGrams() != null && spec.pickupAfterGrams() != null) {
            return spec.pickupBeforeGrams() - spec.pickupAfterGrams();
        }
        return spec.pickupGrams();
    }

    private void pickup() {
        faults.number(AT + "pickupGrams", spec.pickupGrams(), Limit.GRAMS);
        faults.number(AT + "pickupBeforeGrams", spec.pickupBeforeGrams(), Limit.GRAMS);
        faults.number(AT + "pickupAfterGrams", spec.pickupAfterGrams(), Limit.GRAMS);
        if (spec.pickupBeforeGrams() != null
                && spec.pickupAfterGrams() != null
                && spec.pickupAfterGrams() > spec.pickupBeforeGrams()) {
            faults.add(
                    null,
                    AT + "pickupAfterGrams",
                    FaultCode.CREATES_MATTER,
                    spec.pickupAfterGrams(),
                    spec.pickupBeforeGrams());
        }
    }

    private List<StepEdit> readSteps(List<StepEdit> edits) {
        List<StepEdit> counted = faults.atMost(AT + "steps", edits, Limit.STEP_EDITS);
        for (int index = 0; index < counted.size(); index++) {
            String at = AT + "steps[" + index + "].";
            StepEdit edit = counted.get(index);
            faults.optionalText(at + "step", edit.step(), Limit.CODE);
            faults.optionalText(at + "after", edit.after(), Limit.CODE);
            String words = faults.optionalText(at + "words", edit.words(), Limit.NOTE);
            faults.require(!edit.adds() || !words.isEmpty(), at + "words", FaultCode.MISSING, null);
            faults.number(at + "minutes", edit.minutes(), Limit.STEP_MINUTES);
        }
        return List.copyOf(counted);
    }

    private List<Phase> readPhases(List<PhaseSpec> specs) {
        List<Phase> read = new ArrayList<>();
        List<PhaseSpec> counted = faults.atMost(AT + "phases", specs, Limit.PHASES);
        for (int index = 0; index < counted.size(); index++) {
            String at = AT + "phases[" + index + "]";
            PhaseSpec phase = counted.get(index);
            PhaseKind kind = faults.choice(at + ".kind", phase.kind(), PhaseKind.class);
            double minutes = faults.needed(at + ".minutes", phase.minutes(), Limit.REST_MINUTES);
            Double celsius = phase.temperatureC();
            boolean place = celsius == null || (celsius >= Limit.PLACE_C.least() && celsius <= Limit.PLACE_C.most());
            Limit limit = place && kind == PhaseKind.CHILL ? Limit.CHILL_C : Limit.PLACE_C;
            faults.number(at + ".temperatureC", celsius, limit);
            if (kind != null) {
                read.add(new Phase(kind, minutes, celsius == null ? usualC(kind) : celsius));
            }
        }
        return List.copyOf(read);
    }

    private double usualC(PhaseKind kind) {
        return switch (kind) {
            case REST, KNEAD -> kitchenC;
            case WARM -> Coefficient.WARM_PLACE_C.value();
            case CHILL -> Coefficient.FRIDGE_C.value();
        };
    }

    private void temperatures(TemperaturesSpec asked) {
        String at = AT + "temperatures.";
        faults.number(at + "doughC", asked.doughC(), Limit.DOUGH_C);
        faults.number(at + "flourC", asked.flourC(), Limit.FLOUR_C);
        faults.number(at + "kitchenC", asked.kitchenC(), Limit.PLACE_C);
        faults.number(at + "coldC", asked.coldC(), Limit.COLD_WATER_C);
        faults.number(at + "hotC", asked.hotC(), Limit.HOT_WATER_C);
        faults.number(at + "kneadMinutes", asked.kneadMinutes(), Limit.KNEAD_MINUTES);
        if (asked.coldC() != null && asked.hotC() != null && asked.hotC() <= asked.coldC()) {
            faults.add(null, at + "hotC", FaultCode.IMPOSSIBLE_TEMPERATURES, asked.hotC(), asked.coldC());
        }
    }

    private <E extends Enum<E> & Coded> @Nullable E choice(String field, @Nullable String code, Class<E> type) {
        return code == null ? null : faults.choice(AT + field, code, type);
    }

    private static <T> T orUsual(@Nullable T value, T usual) {
        return value == null ? usual : value;
    }

    private static double or(@Nullable Double value, Coefficient usual) {
        return value == null ? usual.value() : value;
    }
}
