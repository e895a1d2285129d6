package verdamen.core.cooking;

import static verdamen.core.model.Symbol.*;

import java.util.List;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Heat;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Share;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.OwnBread;
import verdamen.core.pantry.Style;

/**
 * What heat does to a piece of a dough: the seconds it takes on each side, the water it loses and the heat it needs. Source:
 * model page, section 12. First order, of low confidence, until the kitchen has timed pieces of its own.
 *
 * @param dough the dough
 * @param panC surface of the pan, °C, never under the coldest that cooks
 */
record CookedPiece(Dough dough, double panC) {

    private static final double COLDEST = Coefficient.COOKING_COLDEST_C.value();

    /** A piece on a pan so hot, °C. */
    static CookedPiece of(Dough dough, double panC) {
        return new CookedPiece(dough, Math.max(COLDEST, panC));
    }

    /** A piece on the pan that its formula says, else that of its style and heat. */
    static CookedPiece of(Dough dough) {
        Formula formula = dough.formula();
        Double said = formula.notes().panC();
        return of(dough, said == null ? usualPanC(formula) : said);
    }

    /** Middle of the style's range, at the formula's heat, °C. */
    static double usualPanC(Formula formula) {
        return middleC(formula) + formula.method().heat().griddleChangeK();
    }

    private static double middleC(Formula formula) {
        Style style = formula.style();
        return (style.griddleLowC() + style.griddleHighC()) / 2;
    }

    private Formula formula() {
        return dough.formula();
    }

    private Style style() {
        return formula().style();
    }

    private Heat heat() {
        return formula().method().heat();
    }

    /** Seconds that a side takes which the style gives so many: t · (h/h₀)^1.5 · (T_mid − 100)/(T − 100). */
    double seconds(double styleSeconds) {
        double from = Coefficient.COOK_FROM_C.value();
        return own().usedTimeFactor()
                * styleSeconds
                * Math.pow(formula().sheetMm() / style().sheetMm(), Coefficient.COOK_SHEET_POWER.value())
                * (middleC(formula()) - from)
                / (panC - from);
    }

    /** Water the dough holds, its flours' own included, as a share of it. */
    double waterShare() {
        return dough.waterShare();
    }

    /** The style's loss at the formula's heat, %. */
    private double usualLossPct() {
        return style().cookLossPct() * heat().lossFactor();
    }

    /** Share of its mass that a piece loses: the style's · (h₀/h)^0.3, no more than its water but a rest. */
    Share loss() {
        double left = Coefficient.COOK_WATER_LEFT.value();
        double most = Share.ofFraction(Math.max(0, (waterShare() - left) / (1 - left)))
                .pct();
        return Share.ofPct(Math.min(own().usedLossFactor() * typicalLossPct(), most));
    }

    /** What a piece so thick loses by the style and the heat, %. */
    double typicalLossPct() {
        return usualLossPct() * Math.pow(style().sheetMm() / formula().sheetMm(), Coefficient.COOK_LOSS_POWER.value());
    }

    /** What pieces of the style have taught this kitchen. */
    OwnBread.OwnStyle own() {
        return formula().pantry().ownBread().of(style());
    }

    /** Q, the heat that a piece of so many grams needs, kJ. */
    double heatKj(double grams) {
        double each = heatCapacity() * (Coefficient.COOKED_INSIDE_C.value() - Coefficient.COOKED_FROM_C.value())
                + loss().fraction() * Coefficient.STEAM_HEAT.value();
        return grams * each / 1000;
    }

    private double heatCapacity() {
        return Coefficient.HEAT_OF_WATER.value() * waterShare()
                + Coefficient.HEAT_OF_SOLIDS.value() * (1 - waterShare());
    }

    /** M₀, water of the cooked piece, %. */
    double moisturePct() {
        return moisturePctLosing(1);
    }

    /** Water of a piece that loses so many times as much, %. */
    double moisturePctLosing(double times) {
        double loss = times * loss().fraction();
        return Share.of(waterShare() - loss, 1 - loss).pct();
    }

    /** How a side's seconds are worked out. */
    ExplanationStep secondsStep(double styleSeconds) {
        return ExplanationStep.of(
                Rule.COOK_SECONDS,
                seconds(styleSeconds),
                Unit.SECONDS,
                Term.factor(OWN_TIME, own().usedTimeFactor()),
                Term.of(STYLE_SECONDS, styleSeconds, Unit.SECONDS),
                Term.millimetres(SHEET, formula().sheetMm()),
                Term.millimetres(STYLE_SHEET, style().sheetMm()),
                Term.celsius(STYLE_PAN, middleC(formula())),
                Term.celsius(PAN, panC));
    }

    /** How the loss is worked out. */
    ExplanationStep lossStep() {
        return ExplanationStep.of(
                Rule.COOK_LOSS,
                loss().pct(),
                Unit.PERCENT,
                Term.factor(OWN_LOSS, own().usedLossFactor()),
                Term.percent(USUAL_LOSS, usualLossPct()),
                Term.millimetres(STYLE_SHEET, style().sheetMm()),
                Term.millimetres(SHEET, formula().sheetMm()),
                Term.factor(WATER_SHARE, waterShare()));
    }

    /** How the moisture after cooking is worked out. */
    ExplanationStep moistureStep() {
        return ExplanationStep.of(
                Rule.BAKED_MOISTURE,
                moisturePct(),
                Unit.PERCENT,
                Term.factor(WATER_SHARE, waterShare()),
                Term.percent(LOSS, loss().pct()));
    }

    /** How the heat of a piece is worked out. */
    List<ExplanationStep> heatSteps(double grams) {
        return List.of(
                ExplanationStep.of(
                        Rule.PIECE_HEAT_CAPACITY,
                        heatCapacity(),
                        Unit.JOULES_PER_GRAM_KELVIN,
                        Term.factor(WATER_SHARE, waterShare())),
                ExplanationStep.of(
                        Rule.PIECE_HEAT,
                        heatKj(grams),
                        Unit.KILOJOULES,
                        Term.grams(MASS, grams),
                        Term.of(HEAT_CAPACITY, heatCapacity(), Unit.JOULES_PER_GRAM_KELVIN),
                        Term.percent(LOSS, loss().pct())));
    }
}
