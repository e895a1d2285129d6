package verdamen.server.balance;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Balance;
import verdamen.core.balance.DryAndWetEnds;
import verdamen.core.balance.Filling;
import verdamen.core.balance.Hydration;
import verdamen.core.balance.LedgerRow;
import verdamen.core.balance.TooMuchWater;
import verdamen.core.balance.Water;
import verdamen.core.caution.Caution;
import verdamen.core.caution.Cautions;
import verdamen.core.edit.FollowingWater;
import verdamen.core.edit.OfferedInstruction;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.evaluation.Slip;
import verdamen.core.evaluation.Warning;
import verdamen.core.formula.Facts;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.Salt;
import verdamen.core.handling.Handling;
import verdamen.core.handling.Reason;
import verdamen.core.handling.SoftnessCurve;
import verdamen.core.leavening.SodaAndPowder;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Range;
import verdamen.core.model.Share;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Material;
import verdamen.core.prep.Chain;

/**
 * The answer to a balance request.
 *
 * @param flourGrams flour of the dough, g
 * @param doughGrams mass of the dough, g
 * @param hydration the three hydrations
 * @param water the plain water needed, its range and how to pour it
 * @param rollAtMinute minute after wetting at which the dough is judged
 * @param softnessAtRoll softness then; null when nothing drinks
 * @param softnessSteps how it comes about
 * @param feel the word for it
 * @param bringsGrams all that is brought then, g
 * @param drinksGrams all that is drunk then, g, at reference softness
 * @param ledger every row with its reasons
 * @param handling how the dough handles then
 * @param handlingReasons why
 * @param window first and last minute at which it can be rolled; null when never
 * @param curve softness and spring-back over three hours
 * @param tooMuch what to do when there is too much water; null when there is not
 * @param bakersPct baker's percentage of each line as asked; null without flour
 * @param settings the settings as used, the style's where none were asked for
 * @param warnings what to mind
 * @param sodaAndPowder what soda and powder do; null without them
 * @param slips likely slips of pen, scale or book
 * @param lineRanges 80 % range of each line as asked, g; null for what was weighed and for open lines
 * @param facts cost, allergens and nutrition
 * @param salt all salt, wherever it went in
 * @param filling the balance of the filling; null without one
 * @param cautions the cautions that apply
 * @param prepared what a preparation chain puts into each line as asked; null for lines that none fills
 * @param ends dry end, likely point and wet end; null when all was weighed
 * @param said settings that the method in words speaks of
 * @param figures the figures by which formulas are compared, by their codes; those that do not apply are absent
 * @param following what a line of water that was left to the dough is behind by; null when none is
 */
public record BalanceAnswer(
        double flourGrams,
        double doughGrams,
        Hydration hydration,
        Water water,
        double rollAtMinute,
        @Nullable Double softnessAtRoll,
        List<ExplanationStep> softnessSteps,
        @Nullable Feel feel,
        double bringsGrams,
        double drinksGrams,
        List<LedgerRow> ledger,
        Handling handling,
        List<Reason> handlingReasons,
        @Nullable List<Integer> window,
        SoftnessCurve curve,
        @Nullable TooMuchWater tooMuch,
        List<@Nullable Double> bakersPct,
        Settings settings,
        List<Warning> warnings,
        @Nullable SodaAndPowder sodaAndPowder,
        List<Slip> slips,
        List<@Nullable Range> lineRanges,
        Facts facts,
        Salt salt,
        @Nullable Filling filling,
        List<Caution> cautions,
        List<@Nullable PreparedLine> prepared,
        @Nullable DryAndWetEnds ends,
        List<OfferedInstruction> said,
        Map<String, Double> figures,
        @Nullable FollowingWater following) {

    /**
     * What a preparation chain puts into a line.
     *
     * @param ingredient code of what it has become
     * @param name its name
     * @param material what it is made of
     * @param grams all that goes in, with what was put in on the way, without liquid, g
     * @param form the form it meets the flour in; null for what has none
     * @param waterPct its water, %
     */
    public record PreparedLine(
            String ingredient,
            String name,
            Material material,
            double grams,
            @Nullable String form,
            double waterPct) {}

    /**
     * The settings as used.
     *
     * @param restMinutes rest between kneading and rolling, minutes
     * @param kneadedAtMinute minute after wetting at which kneading ends
     * @param sheetMm rolled thickness, mm
     * @param softnessTarget softness aimed for
     * @param softnessLow lower end of the style's window
     * @param softnessHigh upper end of the style's window
     * @param springLimitPct most spring-back one rolls against, % of the diameter
     * @param feels the feel words with the softness that each stands for in this style, from dry to wet
     */
    public record Settings(
            double restMinutes,
            double kneadedAtMinute,
            double sheetMm,
            double softnessTarget,
            double softnessLow,
            double softnessHigh,
            double springLimitPct,
            List<FeelSpan> feels) {}

    /**
     * Where a feel word stands in a style.
     *
     * @param code its code
     * @param from softness from which it applies
     * @param to softness up to which it applies
     */
    public record FeelSpan(String code, double from, double to) {}

    static BalanceAnswer of(FormulaSpec asked, Evaluation evaluation, List<Slip> slips, Facts facts) {
        Balance balance = evaluation.balance();
        return new BalanceAnswer(
                balance.flourGrams(),
                balance.doughGrams(),
                balance.hydration(),
                balance.water(),
                balance.rollAtMinute(),
                balance.softness(),
                balance.softnessSteps(),
                evaluation.feel(),
                balance.bringsGrams(),
                balance.drinksGrams(),
                balance.ledger(),
                evaluation.handling(),
                evaluation.handlingReasons(),
                evaluation.window() == null
                        ? null
                        : List.of(
                                evaluation.window().first(), evaluation.window().last()),
                evaluation.curve(),
                balance.tooMuch(),
                evaluation.bakersPct(),
                settings(evaluation),
                evaluation.warnings(),
                evaluation.sodaAndPowder(),
                slips,
                lineRanges(evaluation.formula()),
                facts,
                Salt.of(evaluation.formula()),
                evaluation.filling(),
                Cautions.of(evaluation.formula()),
                prepared(evaluation.formula()),
                DryAndWetEnds.of(evaluation.formula()).orElse(null),
                OfferedInstruction.of(asked, evaluation.formula()),
                FormulaFigures.of(evaluation, facts).byCode(),
                FollowingWater.of(asked, balance.water()));
    }

    private static List<@Nullable PreparedLine> prepared(Formula formula) {
        @Nullable PreparedLine[] prepared = new PreparedLine[formula.lineCount()];
        for (Line line : formula.askedLines()) {
            if (line.prep() != null) {
                Chain chain = formula.preps().stream()
                        .filter(each -> each.key().equals(line.prep()))
                        .findFirst()
                        .orElseThrow();
                double base = chain.result().baseGrams();
                double share = base > 0 ? line.grams() / base : 0;
                prepared[line.index()] = new PreparedLine(
                        line.ingredient().code(),
                        line.ingredient().name(),
                        line.ingredient().material(),
                        share * chain.result().grams(),
                        line.form() == null ? null : line.form().name(),
                        Share.ofFraction(line.waterShare()).pct());
            }
        }
        return Arrays.asList(prepared);
    }

    private static List<@Nullable Range> lineRanges(Formula formula) {
        @Nullable Range[] ranges = new Range[formula.lineCount()];
        for (Line line : formula.askedLines()) {
            if (line.sdGrams() != null) {
                ranges[line.index()] = Range.likelyMass(line.grams(), line.sdGrams());
            }
        }
        return Arrays.asList(ranges);
    }

    private static Settings settings(Evaluation evaluation) {
        Formula formula = evaluation.formula();
        return new Settings(
                formula.restMinutes(),
                formula.kneading().endMinute(),
                formula.sheetMm(),
                formula.softnessTarget(),
                formula.style().softnessLow(),
                formula.style().softnessHigh(),
                formula.style().springLimitPct(),
                formula.pantry().feels(formula.style()).stream()
                        .map(feel -> new FeelSpan(feel.code(), feel.softnessFrom(), feel.softnessTo()))
                        .toList());
    }
}
