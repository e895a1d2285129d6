package verdamen.core.prep;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
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

    private static final String LEAF = "leaf";

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
        boolean keepsLiquid = pulses && drainedIsFalse();
        double base = spec().afterGrams() == null
                ? typicalShare() * (filled().baseGrams() - (keepsLiquid ? addedWater() : 0))
                : spec().afterGrams() - filled().additionGrams();
        double water = base - solids;
        if (water < -ROUNDING) {
            refuse(
                    "afterGrams",
                    FaultCode.NO_WATER_LEFT,
                    base + filled().additionGrams(),
                    solids + filled().additionGrams());
        }
        if (keepsLiquid) {
            return withItsLiquid(Math.max(0, water), solids);
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

    /**
     * Pulses or grain with the liquid that they have not taken up: it goes with them as liquid. They take up what is typical, the
     * rest of what was put in, or of what was weighed in the pot, is liquid.
     */
    private StepResult withItsLiquid(double water, double solids) {
        double own = filled().waterGrams() - addedWater();
        double typical = Math.max(own, typicalShare() * (own + filled().solidsGrams()) - solids);
        boolean weighed = spec().afterGrams() != null;
        double all = weighed ? water : Math.max(typical, filled().waterGrams());
        double takenUp = Math.min(typical, all);
        Content after = filled().with(takenUp, solids).as(become());
        double liquid = all - takenUp;
        Content with = liquid > ROUNDING ? after.plus(new Addition(plainWater(), liquid)) : after;
        double more = all - filled().waterGrams();
        return done(
                with,
                none(),
                Liquid.NONE,
                Math.max(0, -more),
                addedWater() + Math.max(0, more),
                List.of(dryMatterKept(after)));
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
        Heating heating = heating(off);
        List<ExplanationStep> why = new ArrayList<>(List.of(dryMatterKept(after)));
        why.addAll(heating == null ? List.of() : heating.steps());
        return result(after, none(), Liquid.NONE, off, addedWater(), false, null, heating, why);
    }

    /** How long it takes on a burner; null for what is roasted. */
    private @Nullable Heating heating(double off) {
        if (kind() != StepKind.WILT && kind() != StepKind.COOK_DOWN) {
            return null;
        }
        StepSpec.HeatingSpec asked = spec().heating() == null ? StepSpec.HeatingSpec.NONE : spec().heating();
        double usual = (wasHot() ? Coefficient.JUST_COOKED_C : Coefficient.KITCHEN_C).value();
        boolean leaves = LEAF.equals(start().ingredient().group()) && !wasHot();
        return Heating.of(
                filled(),
                leaves,
                off,
                new Heating.From(
                        asked.fromC() == null ? usual : asked.fromC(),
                        asked.burnerW() == null ? chain().burnerW() : asked.burnerW(),
                        Boolean.TRUE.equals(asked.lid()),
                        asked.panL() == null ? Coefficient.HEATING_PAN_L.value() : asked.panL()));
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
