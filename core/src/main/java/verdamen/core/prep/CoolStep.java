package verdamen.core.prep;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.prep.ChainReader.Checked;
import verdamen.core.prep.ChainReader.State;

/** Cooling: how long it takes, and what steams off. */
final class CoolStep extends PrepStep {

    CoolStep(Checked step, State state, StepRunner runner, Faults faults, String at) {
        super(step, state, runner, faults, at);
    }

    @Override
    StepResult work() {
        StepSpec.CoolingSpec asked = spec().cooling() == null
                ? new StepSpec.CoolingSpec(null, null, null, null, null, null)
                : spec().cooling();
        double target = asked.targetC() == null
                ? TypicalSteps.share(StepKind.COOL, start().ingredient()).orElseThrow()
                : asked.targetC();
        double from = or(asked.fromC(), (wasHot() ? Coefficient.JUST_COOKED_C : Coefficient.KITCHEN_C).value());
        double room = or(asked.roomC(), Coefficient.KITCHEN_C.value());
        double gone = spec().afterGrams() == null ? 0 : filled().grams() - spec().afterGrams();
        if (gone < -ROUNDING) {
            refuse("afterGrams", FaultCode.CREATES_MATTER, filled().grams() - gone, filled().grams());
        } else if (gone > filled().waterGrams() + ROUNDING) {
            refuse(
                    "afterGrams",
                    FaultCode.NO_WATER_LEFT,
                    filled().grams() - gone,
                    filled().grams() - filled().waterGrams());
        }
        double off = Math.max(0, Math.min(gone, filled().waterGrams()));
        Content after = filled().with(filled().waterGrams() - off, filled().solidsGrams());
        Cooling cooling;
        Double readC = asked.readC();
        if (readC != null && asked.readMinute() != null) {
            if (readC >= from || readC <= room) {
                refuse("cooling.readC", FaultCode.IMPOSSIBLE_TEMPERATURES, readC, from);
                return result(after, none(), Liquid.NONE, off, addedWater(), false, null, List.of());
            }
            cooling = Cooling.read(from, room, target, asked.readMinute(), readC);
        } else {
            cooling = Cooling.typical(from, room, target, !Boolean.FALSE.equals(asked.spread()));
        }
        return result(after, none(), Liquid.NONE, off, addedWater(), false, cooling, cooling.steps());
    }

    private static double or(@Nullable Double value, double otherwise) {
        return value == null ? otherwise : value;
    }
}
