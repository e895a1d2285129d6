package verdamen.core.handling;

import java.util.List;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Feel;

/**
 * How soft a dough is at a minute, from what is felt and what is computed, each weighed by how sure it is: the means
 * weighted by 1/σ². A word is as sure as it is narrow, and less while the dough is changing; the model as its water.
 *
 * @param softness softness now, both together
 * @param sd its standard deviation
 * @param steps how it comes about
 */
record WeighedFeel(double softness, double sd, List<ExplanationStep> steps) {

    /**
     * What is felt, weighed against what is computed.
     *
     * @param dough what is in the bowl
     * @param minute when it is felt, minutes since wetting
     * @param felt the word, for the style
     * @param expected softness computed for that minute; 0 for a dough without any water, which says nothing
     */
    static WeighedFeel of(Dough dough, int minute, Feel felt, double expected) {
        double width = width(felt, dough);
        double drift = drift(dough, minute);
        double feltSd = Math.sqrt(width * width / Coefficient.UNIFORM_VARIANCE.value()
                + square(Coefficient.FEEL_MINUTES.value() * drift));
        ExplanationStep sure = ExplanationStep.of(
                Rule.FELT_SD,
                feltSd,
                Unit.SOFTNESS,
                Term.softness(Symbol.WORD_WIDTH, width),
                Term.softness(Symbol.DRIFT, drift));
        if (expected == 0) {
            return new WeighedFeel(felt.softnessMid(), feltSd, List.of(sure));
        }
        double drinks = dough.drinksGrams(dough.formula().rollAtMinute());
        double computedSd = drinks > 0 ? Balance.water(dough).sd() / drinks : 0;
        double both = square(feltSd) + square(computedSd);
        double softness = (felt.softnessMid() * square(computedSd) + expected * square(feltSd)) / both;
        ExplanationStep weighed = ExplanationStep.of(
                Rule.WEIGHED_SOFTNESS,
                softness,
                Unit.SOFTNESS,
                Term.softness(Symbol.FELT_SOFTNESS, felt.softnessMid()),
                Term.softness(Symbol.FELT_DEVIATION, feltSd),
                Term.softness(Symbol.SOFTNESS_NOW, expected),
                Term.softness(Symbol.COMPUTED_DEVIATION, computedSd));
        return new WeighedFeel(softness, feltSd * computedSd / Math.sqrt(both), List.of(sure, weighed));
    }

    /** How much softness a word covers; an open word as much as its neighbour. */
    private static double width(Feel felt, Dough dough) {
        List<Feel> feels = List.copyOf(dough.formula().pantry().feels());
        int at = 0;
        while (!feels.get(at).code().equals(felt.code())) {
            at++;
        }
        int closed = Math.max(1, Math.min(feels.size() - 2, at));
        Feel measured = feels.get(closed).of(dough.formula().style());
        return measured.softnessTo() - measured.softnessFrom();
    }

    /** How much the computed softness changes in a minute. */
    private static double drift(Dough dough, int minute) {
        Double before = dough.softness(Math.max(0, minute - 1));
        Double after = dough.softness(minute + 1);
        return before == null || after == null ? 0 : Math.abs(after - before) / 2;
    }

    private static double square(double value) {
        return value * value;
    }
}
