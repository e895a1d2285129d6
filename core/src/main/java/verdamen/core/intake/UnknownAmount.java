package verdamen.core.intake;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Water;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSource;
import verdamen.core.formula.OpenLine;
import verdamen.core.formula.Openness;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Share;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/** Finds the amount of a line that a recipe left open. */
public final class UnknownAmount {

    private static final double TRIAL_GRAMS = 100;

    private UnknownAmount() {}

    /**
     * The liquid that gives the softness aimed for: what is still missing, over how much a gram of it brings. Exact for
     * water, liquids and dairy without a row among the behaviours, whose account is linear in their mass.
     *
     * @param index index of the open line
     * @throws RefusedException when the line is not open, is no liquid of the dough, or there is too much already
     */
    public static FoundAmount byModel(Formula formula, int index) {
        OpenLine open = openLine(formula, index);
        Ingredient ingredient = open.ingredient();
        if (ingredient == null || !isLiquid(ingredient) || open.part() != Part.DOUGH) {
            throw refused(index, "ingredient", FaultCode.NOT_FOR_THIS_INGREDIENT, null, null);
        }
        Water now = Balance.water(Dough.of(formula));
        double perGram = 1;
        if (!ingredient.isPlainWater()) {
            double with = Balance.water(Dough.of(withLine(formula, open, ingredient, TRIAL_GRAMS)))
                    .needed();
            perGram = (now.needed() - with) / TRIAL_GRAMS;
        }
        double grams = now.missing() / perGram;
        if (!(grams >= 0) || !Double.isFinite(grams)) {
            throw refused(index, "grams", FaultCode.TOO_SMALL, String.valueOf(Math.round(grams)), 0.0);
        }
        return new FoundAmount(grams, now.sd() / perGram, ingredient.isPlainWater());
    }

    /**
     * A usual amount of salt: on the flour of a dough, or on what else is in a filling or on the surface.
     *
     * @param index index of the open line
     * @throws RefusedException when the line is not open, is no salt, or there is nothing to salt yet
     */
    public static FoundAmount byCustom(Formula formula, int index) {
        OpenLine open = openLine(formula, index);
        Ingredient ingredient = open.ingredient();
        if (ingredient == null || ingredient.role() != Role.SALT) {
            throw refused(index, "ingredient", FaultCode.NOT_FOR_THIS_INGREDIENT, null, null);
        }
        boolean dough = open.part() == Part.DOUGH;
        double of = dough
                ? BakersPercentages.flourGrams(formula.lines())
                : formula.lines().stream()
                        .filter(line -> line.part() == open.part())
                        .mapToDouble(Line::grams)
                        .sum();
        if (of <= 0) {
            throw refused(index, "grams", FaultCode.MISSING, null, null);
        }
        Coefficient pct = dough ? Coefficient.USUAL_SALT_PCT : Coefficient.USUAL_FILLING_SALT_PCT;
        double grams = of * Share.ofPct(pct.value()).fraction();
        return new FoundAmount(grams, Coefficient.USUAL_SALT_SD.value() * grams);
    }

    /**
     * What was missing, from the dough on the scale: measured mass / (1 − bowl loss) less all that is known.
     *
     * @param index index of the open line, the only one of the dough
     * @param doughGrams the dough as weighed, g
     * @param bowlLossPct what stuck to bowl and hands, % of the dough as mixed, 0 to 20; null for the usual 1.5
     * @throws RefusedException when the line is not open, another one is open too, or the dough weighs less than
     *     what is known to be in it
     */
    public static FoundAmount byDoughWeight(
            Formula formula, int index, double doughGrams, @Nullable Double bowlLossPct) {
        OpenLine open = openLine(formula, index);
        formula.openLines().stream()
                .filter(line -> line.index() != index && line.part() == open.part())
                .findFirst()
                .ifPresent(other -> {
                    throw refused(other.index(), "grams", FaultCode.MISSING, null, null);
                });
        double loss = bowlLossPct == null
                ? Coefficient.BOWL_LOSS.value()
                : Share.ofPct(bowlLossPct).fraction();
        if (!(loss >= 0 && loss <= Share.ofPct(Limit.BOWL_LOSS_PCT.most()).fraction())) {
            throw refused(
                    null, "bowlLossPct", FaultCode.TOO_LARGE, String.valueOf(bowlLossPct), Limit.BOWL_LOSS_PCT.most());
        }
        List<Line> known = formula.lines().stream()
                .filter(line -> line.part() == open.part())
                .toList();
        double knownGrams = known.stream().mapToDouble(Line::grams).sum();
        double mixed = doughGrams / (1 - loss);
        double grams = mixed - knownGrams;
        if (!Double.isFinite(grams) || grams < 0) {
            throw refused(null, "doughGrams", FaultCode.TOO_SMALL, String.valueOf(doughGrams), knownGrams * (1 - loss));
        }
        double variance = square(Line.weighedSdGrams(doughGrams)) + square(loss * mixed / 2);
        for (Line line : known) {
            variance += square(line.sdGrams() == null ? Line.weighedSdGrams(line.grams()) : line.sdGrams());
        }
        return new FoundAmount(grams, Math.sqrt(variance));
    }

    /**
     * What was taken from a jug.
     *
     * @param beforeGrams jug before, g
     * @param afterGrams jug after, g, no more than before
     * @throws RefusedException when the jug is heavier afterwards or a weight is none
     */
    public static FoundAmount byJug(double beforeGrams, double afterGrams) {
        if (!(beforeGrams >= 0) || !Double.isFinite(beforeGrams)) {
            throw refused(null, "beforeGrams", FaultCode.TOO_SMALL, String.valueOf(beforeGrams), 0.0);
        }
        if (!(afterGrams >= 0) || afterGrams > beforeGrams) {
            FaultCode code = afterGrams > beforeGrams ? FaultCode.TOO_LARGE : FaultCode.TOO_SMALL;
            throw refused(null, "afterGrams", code, String.valueOf(afterGrams), afterGrams > 0 ? beforeGrams : 0.0);
        }
        return new FoundAmount(
                beforeGrams - afterGrams,
                Math.hypot(Line.weighedSdGrams(beforeGrams), Line.weighedSdGrams(afterGrams)));
    }

    private static boolean isLiquid(Ingredient ingredient) {
        return (ingredient.role() == Role.LIQUID || ingredient.role() == Role.DAIRY) && ingredient.behaviour() == null;
    }

    private static OpenLine openLine(Formula formula, int index) {
        return formula.openLines().stream()
                .filter(line -> line.index() == index && line.openness() == Openness.UNKNOWN_AMOUNT)
                .findFirst()
                .orElseThrow(() -> refused(null, "line", FaultCode.UNKNOWN_CODE, String.valueOf(index), null));
    }

    private static Formula withLine(Formula formula, OpenLine open, Ingredient ingredient, double grams) {
        List<Line> lines = new ArrayList<>(formula.lines());
        lines.add(Line.of(open.index(), ingredient, grams, open.part(), LineSource.ASKED));
        lines.sort(Comparator.comparingInt(Line::index));
        return formula.withLines(lines);
    }

    private static double square(double value) {
        return value * value;
    }

    private static RefusedException refused(
            @Nullable Integer line, String field, FaultCode code, @Nullable String value, @Nullable Double limit) {
        return new RefusedException(List.of(new Fault(line, field, code, value, limit)));
    }
}
