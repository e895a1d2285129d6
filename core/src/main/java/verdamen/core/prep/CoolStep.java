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
        StepSpec.CoolingSpec asked = spec().cooling() == null ? StepSpec.CoolingSpec.NONE : spec().cooling();
        double from = or(asked.fromC(), (wasHot() ? Coefficient.JUST_COOKED_C : Coefficient.KITCHEN_C).value());
        double room = or(asked.roomC(), Coefficient.KITCHEN_C.value());
        // Nothing is waited for nearer than that to the room: it would take for ever.
        double enough = Math.max(chain().coolEnoughC(), room + Coefficient.COOLING_NEAREST_K.value());
        double target = or(asked.targetC(), enough);
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
                return result(after, none(), Liquid.NONE, off, addedWater(), false, null, null, List.of());
            }
            cooling = Cooling.read(from, room, target, asked.readMinute(), readC);
        } else {
            double rate = Cooling.rate(
                    filled().grams(),
                    !Boolean.FALSE.equals(asked.spread()),
                    Boolean.TRUE.equals(asked.stirred()),
                    room <= Coefficient.FRIDGE_UP_TO_C.value());
            cooling = Cooling.typical(from, room, target, rate);
        }
        return result(after, none(), Liquid.NONE, off, addedWater(), false, cooling, null, cooling.steps());
    }

    private static double or(@Nullable Double value, double otherwise) {
        return value == null ? otherwise : value;
    }
}
