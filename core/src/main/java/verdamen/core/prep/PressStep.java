package verdamen.core.prep;

import java.util.List;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.prep.ChainReader.Checked;
import verdamen.core.prep.ChainReader.State;

/** Salting and pressing: liquid runs, 95 % of it water, the rest solids, with the salt dissolved in that water. */
final class PressStep extends PrepStep {

    PressStep(Checked step, State state, StepRunner runner, Faults faults, String at) {
        super(step, state, runner, faults, at);
    }

    @Override
    StepResult work() {
        boolean stays = use() == LiquidUse.NEVER_PRESSED || (kind() == StepKind.SALT_STAND && drainedIsFalse());
        if (stays) {
            boolean skipped = use() == LiquidUse.NEVER_PRESSED;
            return result(filled(), none(), Liquid.NONE, 0, addedWater(), skipped, null, null, List.of());
        }
        double all = filled().grams();
        double share = Coefficient.PRESSED_LIQUID_WATER.value();
        double saltPerWater = filled().waterGrams() > 0 ? filled().saltGrams() / filled().waterGrams() : 0;
        double perBase = 1 + share * saltPerWater;
        double ran;
        double caught = 1;
        if (spec().afterGrams() != null) {
            ran = all - spec().afterGrams();
            if (ran < -ROUNDING) {
                refuse("afterGrams", FaultCode.CREATES_MATTER, spec().afterGrams(), all);
            }
            if (spec().liquidGrams() != null) {
                if (spec().liquidGrams() > ran + ROUNDING) {
                    refuse("liquidGrams", FaultCode.CREATES_MATTER, spec().liquidGrams(), Math.max(0, ran));
                }
                caught = ran > 0 ? Math.min(1, spec().liquidGrams() / ran) : 1;
            }
        } else if (spec().liquidGrams() != null) {
            ran = spec().liquidGrams();
            if (ran > all + ROUNDING) {
                refuse("liquidGrams", FaultCode.CREATES_MATTER, ran, all);
            }
        } else {
            ran = typicalShare() * filled().waterGrams() / share * perBase;
        }
        double base = Math.max(0, ran) / perBase;
        double most = Math.min(filled().waterGrams() / share, filled().solidsGrams() / (1 - share)) * perBase;
        if (!hasFault() && ran > most * (1 + ROUNDING) + ROUNDING) {
            boolean after = spec().afterGrams() != null;
            refuse(
                    after ? "afterGrams" : "liquidGrams",
                    FaultCode.NO_WATER_LEFT,
                    after ? spec().afterGrams() : ran,
                    after ? all - most : most);
        }
        double water = Math.min(filled().waterGrams(), base * share);
        double solids = Math.min(filled().solidsGrams(), base * (1 - share));
        Liquid liquid = new Liquid(water, solids, saltPerWater * water, caught);
        double saltKept = filled().waterGrams() > 0 ? 1 - water / filled().waterGrams() : 1;
        Content after = filled().with(filled().waterGrams() - water, filled().solidsGrams() - solids)
                .keepingSalt(saltKept);
        ExplanationStep why = step(
                Rule.PRESSED,
                after.waterShare(),
                Unit.FACTOR,
                Term.grams(Symbol.OWN_WATER, filled().waterGrams()),
                Term.grams(Symbol.LIQUID, base),
                Term.grams(Symbol.AFTER, after.baseGrams()));
        return result(
                after,
                none(),
                liquid,
                0,
                addedWater(),
                false,
                null,
                null,
                after.baseGrams() > 0 ? List.of(why) : List.of());
    }
}
