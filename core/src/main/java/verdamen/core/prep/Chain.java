package verdamen.core.prep;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Ingredient;

/**
 * A preparation chain, worked out: bought weight at one end, what meets the flour at the other. Made by
 * {@link ChainReader}.
 *
 * @param key its key
 * @param name what the kitchen calls it
 * @param bought what is bought
 * @param boughtGrams how much of it, g
 * @param steps what each step did, in order
 * @param result what meets the flour
 * @param form code of the form it meets the flour in; null for what has none
 * @param pieceMm its largest piece, mm; null for the form's
 * @param hot whether it is still hot
 * @param liquid all liquid that ran
 * @param use what becomes of the liquid
 * @param remarks what to mind
 */
public record Chain(
        String key,
        String name,
        Ingredient bought,
        double boughtGrams,
        List<StepResult> steps,
        Content result,
        @Nullable String form,
        @Nullable Double pieceMm,
        boolean hot,
        Liquid liquid,
        LiquidUse use,
        List<Remark> remarks) {

    /** Something to mind about a chain. */
    public enum Remark implements verdamen.core.model.Coded {
        /** More liquid was pressed out than is usual: 60 % of the water. */
        PRESSED_HARD("pressed-hard"),
        /** It is still hot when it meets the flour. */
        STILL_HOT("still-hot"),
        /** Mash that is still hot sticks, gives all its water at once and gels only on cooling. */
        HOT_MASH("hot-mash"),
        /** It cools so slowly that the typical food-safety limit is passed. */
        COOLS_TOO_SLOWLY("cools-too-slowly"),
        /** Dry pulses that are not boiled. */
        NOT_BOILED("not-boiled");

        private final String code;

        Remark(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /** What comes out over what is bought. */
    public double yield() {
        return boughtGrams > 0 ? result.grams() / boughtGrams : 0;
    }

    /**
     * What there was before water was first pressed or cooked out of it, or taken up, g: the weight that a cook salts by. All of what
     * comes out where nothing was.
     */
    public double rawGrams() {
        return steps.stream()
                .filter(step -> step.kind().heats() || step.kind() == StepKind.PRESS)
                .findFirst()
                .map(step -> step.before().grams())
                .orElse(result.grams());
    }

    /** How much to buy, g, so that so many grams come out: every weight of the chain in proportion. */
    public double buyGrams(double neededGrams) {
        return result.grams() > 0 ? boughtGrams * neededGrams / result.grams() : 0;
    }

    /** Liquid used as dough water when all of the chain goes into a dough, g; 0 when it is not used. */
    public double usedLiquidGrams() {
        return use == LiquidUse.DOUGH_WATER ? liquid.caughtGrams() : 0;
    }

    static boolean pressedHard(StepResult step) {
        return step.kind() == StepKind.PRESS
                && step.liquid().waterGrams()
                        > Coefficient.PRESSABLE_WATER.value() * step.before().waterGrams() * (1 + 1e-9);
    }
}
