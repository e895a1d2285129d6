package verdamen.core.bench;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.MethodSpec.TemperaturesSpec;
import verdamen.core.formula.PhaseKind;
import verdamen.core.formula.Portioning;
import verdamen.core.formula.Portioning.SplitSpec;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.pantry.Pantry;
import verdamen.core.portion.Scaling;
import verdamen.core.portion.ScalingQuestion;

/**
 * How a formula is made this time, other than it is written.
 *
 * @param chillMinutes how long its dough is chilled more, after its own phases and before it is divided, minutes; absent for not
 * @param kitchenC how warm kitchen and flour are, °C; absent for what the formula says
 * @param parBaked whether its bread is cooked for the most part before, and finished when it is served; absent for no
 * @param splits what part of its bread is kept otherwise than the rest; absent for what the formula says
 */
public record MadeAs(
        @Within(Limit.STEP_MINUTES) @Nullable Double chillMinutes,
        @Within(Limit.PLACE_C) @Nullable Double kitchenC,
        @Nullable Boolean parBaked,
        @Within(Limit.SPLITS) @Nullable List<SplitSpec> splits) {

    /** As it is written. */
    public static final MadeAs WRITTEN = new MadeAs(null, null, null, null);

    /** Adds the faults of it. */
    public void check(Faults faults) {
        faults.number("chillMinutes", chillMinutes, Limit.STEP_MINUTES);
        faults.number("kitchenC", kitchenC, Limit.PLACE_C);
        Portioning.NONE.withSplits(splits).check(faults);
    }

    /**
     * A formula made so.
     *
     * @param factor how many times of it, weighed as a kitchen scale does
     * @throws verdamen.core.model.RefusedException when it cannot be read or weighed
     */
    public FormulaSpec of(FormulaSpec spec, double factor, Pantry pantry) {
        FormulaSpec sized = factor == 1
                ? spec
                : Scaling.of(new ScalingQuestion(spec, factor, null, null, null, null, null), pantry)
                        .formula();
        return of(sized, pantry);
    }

    /**
     * A formula made so, as large as it is.
     *
     * @throws verdamen.core.model.RefusedException when it cannot be read
     */
    public FormulaSpec of(FormulaSpec spec, Pantry pantry) {
        FormulaSpec there = kitchenC == null ? spec : inKitchen(spec, kitchenC);
        FormulaSpec then = chillMinutes == null ? there : chilled(there, chillMinutes, pantry);
        Portioning portion = then.portion() == null ? Portioning.NONE : then.portion();
        return splits == null ? then : then.withPortion(portion.withSplits(splits));
    }

    private static FormulaSpec inKitchen(FormulaSpec spec, double kitchenC) {
        MethodSpec method = spec.method() == null ? MethodSpec.NONE : spec.method();
        TemperaturesSpec said = method.temperaturesOrNone();
        return spec.withMethod(method.withTemperatures(new TemperaturesSpec(
                said.doughC(), kitchenC, kitchenC, said.coldC(), said.hotC(), said.kneadMinutes())));
    }

    /** With a chill before its bread is shaped; its own phases stay before that, the rest that it has without any too. */
    private static FormulaSpec chilled(FormulaSpec spec, double minutes, Pantry pantry) {
        MethodSpec method = spec.method() == null ? MethodSpec.NONE : spec.method();
        List<PhaseSpec> phases = new ArrayList<>(method.phasesOrNone());
        if (phases.isEmpty()) {
            double rest = FormulaReader.read(spec, pantry).restMinutes();
            if (rest > 0) {
                phases.add(new PhaseSpec(PhaseKind.REST.code(), rest, null));
            }
        }
        phases.add(new PhaseSpec(PhaseKind.CHILL.code(), minutes, null));
        return spec.withMethod(method.withPhases(phases));
    }
}
