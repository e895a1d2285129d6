package verdamen.core.leavening;

import static verdamen.core.model.Symbol.*;

import java.util.List;
import verdamen.core.balance.Dough;
import verdamen.core.balance.DoughTotals;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Share;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Role;

/**
 * The yeast of a dough and what hurries or slows it.
 *
 * @param instantGrams as so many grams of instant yeast
 * @param flourGrams flour of the dough, g
 * @param saltPct salt, % of the flour
 * @param sugarPct sugars of sweetener lines, % of the flour
 * @param wholeGrainShare whole-grain share of the flour by grams, 0 to 1
 * @param restedMinutes minutes that all of it has stood in a sponge before; 0 when some of it has not
 */
record Yeast(
        double instantGrams,
        double flourGrams,
        double saltPct,
        double sugarPct,
        double wholeGrainShare,
        double restedMinutes) {

    static Yeast of(Dough dough) {
        Formula formula = dough.formula();
        DoughTotals totals = dough.totals();
        double flour = totals.flourGrams();
        double instant = 0;
        double sugars = 0;
        double whole = 0;
        double rested = Double.POSITIVE_INFINITY;
        for (Line line : formula.lines()) {
            if (line.part() != Part.DOUGH) {
                continue;
            }
            double yeast = line.grams() * Leavener.instantEquivalent(line.ingredient());
            instant += yeast;
            if (yeast > 0) {
                rested = Math.min(rested, line.headStartMinutes());
            }
            if (line.ingredient().role() == Role.SWEETENER) {
                sugars += line.grams()
                        * Share.ofPct(line.ingredient().composition().sugarsPct())
                                .fraction();
            }
            if (line.ingredient().role() == Role.FLOUR && line.ingredient().wholeGrain()) {
                whole += line.grams();
            }
        }
        return new Yeast(
                instant,
                flour,
                totals.saltPct(),
                flour > 0 ? Share.of(sugars, flour).pct() : 0,
                flour > 0 ? whole / flour : 0,
                instant > 0 ? rested : 0);
    }

    /** y, as instant yeast, % of the flour. */
    double pct() {
        return Share.of(instantGrams, flourGrams).pct();
    }

    /** How fast it works at a temperature, against 27 °C: square-root growth, falling off above its best. */
    static double atCelsius(double celsius) {
        double best = Coefficient.YEAST_BEST_C.value();
        double least = Coefficient.YEAST_LEAST_C.value();
        double dead = Coefficient.YEAST_DEAD_C.value();
        double root = Math.max(0, Math.min(celsius, best) - least) / Coefficient.YEAST_SPAN_K.value();
        double falling = Math.max(0, Math.min(1, (dead - celsius) / (dead - best)));
        return root * root * falling;
    }

    double salt() {
        double slowed =
                1 - Coefficient.YEAST_SALT_SLOWING.value() * Math.max(0, saltPct - Coefficient.YEAST_SALT_FREE.value());
        return Math.max(Coefficient.YEAST_SLOWEST.value(), slowed / Coefficient.YEAST_SALT_REFERENCE.value());
    }

    double sugar() {
        double fed = Coefficient.YEAST_SUGAR_FEEDING.value()
                * Math.min(sugarPct, Coefficient.YEAST_SUGAR_FEEDING_MOST.value());
        double slowed =
                Coefficient.YEAST_SUGAR_SLOWING.value() * Math.max(0, sugarPct - Coefficient.YEAST_SUGAR_FREE.value());
        return Math.max(Coefficient.YEAST_SLOWEST.value(), 1 + fed - slowed);
    }

    double bran() {
        return 1 + Coefficient.YEAST_BRAN_FEEDING.value() * wholeGrainShare;
    }

    /** Minutes after kneading before it raises anything: it has woken in a sponge already, or it has not. */
    double wakingMinutes() {
        return Math.max(0, Coefficient.YEAST_WAKES.value() - restedMinutes);
    }

    /** Growth a minute at 27 °C in a dough that has not risen yet. */
    double perMinute() {
        return Coefficient.RISE_SPEED.value() * pct() * salt() * sugar() * bran();
    }

    List<ExplanationStep> steps(double celsius) {
        return List.of(
                ExplanationStep.of(
                        Rule.YEAST_PCT,
                        pct(),
                        Unit.PERCENT,
                        Term.grams(INSTANT_YEAST, instantGrams),
                        Term.grams(FLOUR, flourGrams)),
                factor(Rule.YEAST_TEMPERATURE, atCelsius(celsius), Term.celsius(DOUGH_TEMPERATURE, celsius)),
                factor(Rule.YEAST_SALT, salt(), Term.percent(SALT_PCT, saltPct)),
                factor(Rule.YEAST_SUGAR, sugar(), Term.percent(SUGAR_PCT, sugarPct)),
                factor(Rule.YEAST_BRAN, bran(), Term.factor(WHOLE_GRAIN_SHARE, wholeGrainShare)));
    }

    private static ExplanationStep factor(Rule rule, double value, Term input) {
        return ExplanationStep.of(rule, value, Unit.FACTOR, input);
    }
}
