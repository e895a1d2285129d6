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
import verdamen.core.pantry.Ingredient;
import verdamen.core.prep.ChainReader.Checked;
import verdamen.core.prep.ChainReader.State;

/** Boiling, roasting, wilting, cooking down and clarifying: water moves, and dry matter only where it is drained. */
final class HeatStep extends PrepStep {

    HeatStep(Checked step, State state, StepRunner runner, Faults faults, String at) {
        super(step, state, runner, faults, at);
    }

    @Override
    StepResult work() {
        return switch (kind()) {
            case BOIL, SOAK_BOIL -> boil();
            case CLARIFY -> clarify();
            default -> driveOff();
        };
    }

    /** Boiling: water is taken up or lost; drained pulses leave some of their dry matter in the water. */
    private StepResult boil() {
        boolean pulses = kind() == StepKind.SOAK_BOIL;
        double kept = pulses && !drainedIsFalse() ? Coefficient.DRAINED_SOLIDS_KEPT.value() : 1;
        double solids = filled().solidsGrams() * kept;
        double base = spec().afterGrams() == null
                ? typicalShare() * filled().baseGrams()
                : spec().afterGrams() - filled().additionGrams();
        double water = base - solids;
        if (water < -ROUNDING) {
            refuse(
                    "afterGrams",
                    FaultCode.NO_WATER_LEFT,
                    base + filled().additionGrams(),
                    solids + filled().additionGrams());
        }
        Content after = filled().with(Math.max(0, water), solids).as(become());
        Content lost = new Content(start().ingredient(), 0, filled().solidsGrams() - solids, List.of());
        double more = after.waterGrams() - filled().waterGrams();
        ExplanationStep why = kept < 1
                ? step(
                        Rule.SOAKED,
                        after.waterShare(),
                        Unit.FACTOR,
                        Term.factor(Symbol.KEPT_SOLIDS, kept),
                        Term.grams(Symbol.OWN_SOLIDS, filled().solidsGrams()),
                        Term.grams(Symbol.AFTER, after.baseGrams()))
                : dryMatterKept(after);
        return done(after, lost, Liquid.NONE, Math.max(0, -more), addedWater() + Math.max(0, more), List.of(why));
    }

    /** Roasting, wilting, cooking down: only water leaves. */
    private StepResult driveOff() {
        double all = filled().grams();
        double left = leftAfterHeat(all);
        double gone = all - left;
        boolean byWater = spec().afterGrams() == null && spec().liquidGrams() != null;
        if (gone < -ROUNDING) {
            refuse("afterGrams", FaultCode.CREATES_MATTER, left, all);
        }
        if (gone > filled().waterGrams() + ROUNDING) {
            refuse(
                    byWater ? "liquidGrams" : "afterGrams",
                    FaultCode.NO_WATER_LEFT,
                    byWater ? gone : left,
                    byWater ? filled().waterGrams() : all - filled().waterGrams());
        }
        double off = Math.max(0, Math.min(gone, filled().waterGrams()));
        Content after = filled().with(filled().waterGrams() - off, filled().solidsGrams())
                .as(become());
        return done(after, none(), Liquid.NONE, off, addedWater(), List.of(dryMatterKept(after)));
    }

    /** The weight after, or the water that was driven off, or the typical share. */
    private double leftAfterHeat(double all) {
        if (spec().afterGrams() != null) {
            return spec().afterGrams();
        }
        return spec().liquidGrams() == null
                ? typicalShare() * filled().baseGrams() + filled().additionGrams()
                : all - spec().liquidGrams();
    }

    /** Clarifying butter: 0.98 of its fat is kept; its water boils off, its milk solids stay behind. */
    private StepResult clarify() {
        double fat = filled().baseGrams()
                * start().ingredient().composition().fatShare().fraction();
        Ingredient clear = become();
        double most = fat;
        double grams = spec().afterGrams() == null
                ? Coefficient.CLARIFIED_FAT_KEPT.value() * fat
                : spec().afterGrams() - filled().additionGrams();
        if (spec().afterGrams() == null) {
            markTypical();
        }
        if (grams > most + ROUNDING) {
            refuse("afterGrams", FaultCode.CREATES_MATTER, grams, most);
        }
        double water = Math.min(
                filled().waterGrams(),
                Math.max(0, grams) * clear.composition().waterShare().fraction());
        double solids = Math.max(0, grams) - water;
        Content after = filled().with(water, solids).as(clear);
        Content lost = new Content(start().ingredient(), 0, filled().solidsGrams() - solids, List.of());
        List<ExplanationStep> why = spec().afterGrams() == null
                ? List.of(step(Rule.CLARIFIED, grams, Unit.GRAMS, Term.grams(Symbol.FAT, fat)))
                : List.of();
        return done(after, lost, Liquid.NONE, filled().waterGrams() - water, addedWater(), why);
    }
}
