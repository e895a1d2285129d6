package verdamen.core.balance;

import java.util.List;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;

/**
 * The water needed as it is told: the range is never narrower than the model is known to be off for such a dough, until the kitchen
 * has taught its flours.
 *
 * @param low lower end of its range, g; not clipped
 * @param high upper end of its range, g; not clipped
 * @param firstPour what to pour at once, g
 * @param holdBack what to keep ready beyond that, g
 * @param additions the additions in which to give what is held back, g each
 * @param kind the kind of dough
 * @param offPct how far off the model is known to be for it, % of the flour either way
 * @param taught whether the kitchen has taught the flours, so that only its own range counts
 * @param steps how the half of the range comes about
 */
public record ToldWater(
        double low,
        double high,
        double firstPour,
        double holdBack,
        Additions additions,
        DoughKind kind,
        double offPct,
        boolean taught,
        List<ExplanationStep> steps) {

    /**
     * Half of the range that is told, g: max(1.28 σ, off · F).
     *
     * @param sd σ of the water, g
     */
    static double half(double sd, DoughKind kind, boolean taught, double flourGrams) {
        double own = Coefficient.RANGE_WIDTH.value() * sd;
        return taught ? own : Math.max(own, kind.off().value() / 100 * flourGrams);
    }

    static List<ExplanationStep> steps(double half, double sd, DoughKind kind, boolean taught, double flourGrams) {
        return taught
                ? List.of()
                : List.of(ExplanationStep.of(
                        Rule.TOLD_RANGE,
                        half,
                        Unit.GRAMS,
                        Term.grams(Symbol.DEVIATION, sd),
                        Term.percent(Symbol.KNOWN_OFF, kind.off().value()),
                        Term.grams(Symbol.FLOUR, flourGrams)));
    }
}
