package verdamen.core.prep;

import java.util.List;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.prep.ChainReader.Checked;
import verdamen.core.prep.ChainReader.State;

/** Trimming, cutting, puréeing, mashing, washing and rehydrating: nothing runs off and nothing is driven off. */
final class PlainStep extends PrepStep {

    PlainStep(Checked step, State state, StepRunner runner, Faults faults, String at) {
        super(step, state, runner, faults, at);
    }

    @Override
    StepResult work() {
        return switch (kind()) {
            case WASH -> wash();
            case REHYDRATE -> rehydrate();
            default -> cut();
        };
    }

    /** Trimming, cutting, puréeing, mashing: what is left is as it was. */
    private StepResult cut() {
        double all = filled().grams();
        double share = all > 0 && spec().afterGrams() != null ? spec().afterGrams() / all : typicalShare();
        if (share > 1 + ROUNDING) {
            refuse("afterGrams", FaultCode.CREATES_MATTER, share * all, all);
        }
        double kept = Math.min(1, share);
        Content after = filled().times(kept);
        Content lost = filled().times(1 - kept);
        List<ExplanationStep> why = spec().afterGrams() == null && kept < 1 ? List.of(share(all, kept)) : List.of();
        return done(after, lost, Liquid.NONE, 0, addedWater(), why);
    }

    private ExplanationStep share(double before, double share) {
        return step(
                Rule.PREP_SHARE,
                before * share,
                Unit.GRAMS,
                Term.grams(Symbol.BEFORE, before),
                Term.factor(Symbol.SHARE, share));
    }

    /** Washing and draining: plain water clings, or drips away. */
    private StepResult wash() {
        double more = spec().afterGrams() == null
                ? typicalShare() * filled().grams()
                : spec().afterGrams() - filled().grams();
        double water = filled().waterGrams() + more;
        if (water < -ROUNDING) {
            refuse(
                    "afterGrams",
                    FaultCode.NO_WATER_LEFT,
                    spec().afterGrams(),
                    filled().grams() - filled().waterGrams());
        }
        Content after = filled().with(Math.max(0, water), filled().solidsGrams());
        return done(
                after,
                none(),
                Liquid.NONE,
                Math.max(0, -more),
                addedWater() + Math.max(0, more),
                List.of(waterAdded(filled().waterGrams(), more, after)));
    }

    /** Wetting flakes or powder: the weight after, the water put in, or the typical ratio. */
    private StepResult rehydrate() {
        double more = 0;
        if (spec().afterGrams() != null) {
            more = spec().afterGrams() - filled().grams();
            if (more < -ROUNDING) {
                refuse("afterGrams", FaultCode.CREATES_MATTER, spec().afterGrams(), filled().grams());
            }
        } else if (addedWater() == 0 && additions().isEmpty()) {
            more = (typicalShare() - 1) * filled().grams();
        }
        double water = filled().waterGrams() + Math.max(0, more);
        Content after = filled().with(water, filled().solidsGrams()).as(become());
        return done(
                after,
                none(),
                Liquid.NONE,
                0,
                addedWater() + Math.max(0, more),
                List.of(waterAdded(filled().waterGrams() - addedWater(), addedWater() + Math.max(0, more), after)));
    }
}
