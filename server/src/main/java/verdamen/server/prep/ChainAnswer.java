package verdamen.server.prep;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.ChainShares;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Scale;
import verdamen.core.model.Share;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;
import verdamen.core.prep.Addition;
import verdamen.core.prep.Chain;
import verdamen.core.prep.Content;
import verdamen.core.prep.Cooling;
import verdamen.core.prep.Heating;
import verdamen.core.prep.Liquid;
import verdamen.core.prep.LiquidUse;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepResult;

/**
 * A preparation chain, worked out.
 *
 * @param key its key
 * @param name what the kitchen calls it
 * @param bought what is bought
 * @param result what meets the flour
 * @param steps what each step did
 * @param form the form it meets the flour in; null for what has none
 * @param pieceMm its largest piece, mm; null for what has none
 * @param hot whether it is still hot
 * @param yieldPct what comes out over what is bought, %
 * @param liquid all liquid that ran
 * @param use what becomes of the liquid
 * @param usedLiquidGrams liquid used as dough water, g
 * @param remarks what to mind
 * @param neededGrams what was asked for, backwards, g; null when nothing was
 * @param buyGrams what to buy for it, g
 * @param leftGrams what is left once every line has taken its share, g
 */
public record ChainAnswer(
        String key,
        String name,
        Bowl bought,
        Bowl result,
        List<StepAnswer> steps,
        @Nullable String form,
        @Nullable Double pieceMm,
        boolean hot,
        double yieldPct,
        Run liquid,
        LiquidUse use,
        double usedLiquidGrams,
        List<Chain.Remark> remarks,
        @Nullable Double neededGrams,
        @Nullable Double buyGrams,
        double leftGrams) {

    /**
     * What is in the bowl.
     *
     * @param ingredient code of the inclusion, or what it has become
     * @param name its name
     * @param grams all of it, g
     * @param waterGrams its water, g
     * @param solidsGrams its dry matter, g
     * @param waterPct water of the inclusion alone, %
     * @param additions what was put in
     */
    public record Bowl(
            String ingredient,
            String name,
            double grams,
            double waterGrams,
            double solidsGrams,
            double waterPct,
            List<AddedAnswer> additions) {

        static Bowl of(Content content) {
            return new Bowl(
                    content.ingredient().code(),
                    content.ingredient().name(),
                    content.grams(),
                    content.waterGrams(),
                    content.solidsGrams(),
                    Share.ofFraction(content.waterShare()).pct(),
                    content.additions().stream().map(AddedAnswer::of).toList());
        }

        static Bowl bought(Ingredient ingredient, double grams) {
            double water = grams * ingredient.composition().waterShare().fraction();
            return new Bowl(
                    ingredient.code(),
                    ingredient.name(),
                    grams,
                    water,
                    grams - water,
                    ingredient.composition().waterPct(),
                    List.of());
        }
    }

    /** Something put in that is still there, g. */
    public record AddedAnswer(String ingredient, String name, verdamen.core.pantry.Material material, double grams) {

        static AddedAnswer of(Addition addition) {
            return new AddedAnswer(
                    addition.ingredient().code(),
                    addition.ingredient().name(),
                    addition.ingredient().material(),
                    addition.grams());
        }
    }

    /** Liquid that ran, g. */
    public record Run(double grams, double waterGrams, double solidsGrams, double saltGrams, double caughtGrams) {

        static Run of(Liquid liquid) {
            return new Run(
                    liquid.grams(),
                    liquid.waterGrams(),
                    liquid.solidsGrams(),
                    liquid.saltGrams(),
                    liquid.caughtGrams());
        }
    }

    /**
     * What a step did, g.
     *
     * @param kind the step
     * @param beforeGrams what it began with
     * @param after what it left
     * @param addedWaterGrams plain water put in or taken up
     * @param addedGrams what else was put in
     * @param leftGrams trimmings and what stayed behind
     * @param liquid liquid that ran
     * @param drivenOffGrams water driven off
     * @param yieldPct what it left over what went in without plain water, %
     * @param form form afterwards; null for what has none
     * @param pieceMm its largest piece, mm; null for what has none
     * @param typical whether a typical value stood in for a weight
     * @param skipped whether it was left out, as nothing is to be pressed
     * @param hot whether it is hot afterwards
     * @param cooling for a cooling, how long it takes
     * @param heating for a wilting or cooking down, how long it takes
     * @param saltInPct salt that is in it, % of what went in; 0 without salt
     * @param saltLeftPct the same salt, % of what is left
     * @param own what it gave when this kitchen weighed it; null when it never did
     * @param why how the water afterwards comes about
     */
    public record StepAnswer(
            StepKind kind,
            double beforeGrams,
            Bowl after,
            double addedWaterGrams,
            double addedGrams,
            double leftGrams,
            Run liquid,
            double drivenOffGrams,
            double yieldPct,
            @Nullable String form,
            @Nullable Double pieceMm,
            boolean typical,
            boolean skipped,
            boolean hot,
            @Nullable Cooling cooling,
            @Nullable Heating heating,
            double saltInPct,
            double saltLeftPct,
            @Nullable OwnYield own,
            List<ExplanationStep> why) {

        static StepAnswer of(StepResult step, Pantry pantry, KitchenYields.Known known) {
            boolean inclusion = step.after().ingredient().role() == Role.INCLUSION;
            Form form = step.form() == null || !inclusion
                    ? null
                    : pantry.form(step.form()).orElse(null);
            return new StepAnswer(
                    step.kind(),
                    step.before().grams(),
                    Bowl.of(step.after()),
                    step.addedWaterGrams(),
                    step.addedGrams(),
                    step.leftGrams(),
                    Run.of(step.liquid()),
                    step.drivenOffGrams(),
                    Share.ofFraction(step.yield()).pct(),
                    form == null ? null : form.name(),
                    form == null ? null : pieceOf(form, step.pieceMm()),
                    step.typical(),
                    step.skipped(),
                    step.hot(),
                    step.cooling(),
                    step.heating(),
                    step.saltInPct(),
                    step.saltLeftPct(),
                    OwnYield.of(step, known),
                    step.steps());
        }
    }

    /**
     * What a step gave when this kitchen weighed it.
     *
     * @param yieldPct what it left over what went in, on average, %
     * @param afterGrams what it would leave here, as a scale shows it, g
     * @param times in how many formulas it was weighed
     */
    public record OwnYield(double yieldPct, double afterGrams, long times) {

        static @Nullable OwnYield of(StepResult step, KitchenYields.Known known) {
            YieldMapper.YieldRow row =
                    known.of(step.kind(), step.before().ingredient().code());
            return row == null
                    ? null
                    : new OwnYield(
                            Share.ofFraction(row.share()).pct(),
                            Scale.shown(row.share() * step.inGrams()),
                            row.times());
        }
    }

    /** The answer for a chain, and how much to buy when so many grams are needed. */
    static ChainAnswer of(
            FormulaSpec formula, Chain chain, Pantry pantry, @Nullable Double needed, KitchenYields.Known known) {
        Form form = chain.form() == null ? null : pantry.form(chain.form()).orElse(null);
        return new ChainAnswer(
                chain.key(),
                chain.name(),
                Bowl.bought(chain.bought(), chain.boughtGrams()),
                Bowl.of(chain.result()),
                chain.steps().stream()
                        .map(step -> StepAnswer.of(step, pantry, known))
                        .toList(),
                form == null ? null : form.name(),
                form == null ? null : pieceOf(form, chain.pieceMm()),
                chain.hot(),
                Share.ofFraction(chain.yield()).pct(),
                Run.of(chain.liquid()),
                chain.use(),
                chain.usedLiquidGrams(),
                chain.remarks(),
                needed,
                needed == null ? null : Double.valueOf(chain.buyGrams(needed)),
                ChainShares.leftGrams(formula, chain));
    }

    private static double pieceOf(Form form, @Nullable Double measured) {
        return measured == null ? form.pieceMm() : measured;
    }
}
