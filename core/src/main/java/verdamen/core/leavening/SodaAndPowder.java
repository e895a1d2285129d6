package verdamen.core.leavening;

import static verdamen.core.model.Symbol.*;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Share;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Measure;
import verdamen.core.pantry.Pantry;

/**
 * What baking soda and powder do in a dough: the gas they make, and the soda that finds no acid.
 *
 * @param sodaGrams soda in the dough, g
 * @param powderGrams baking powder in it, g
 * @param baseMmol base of the soda, mmol
 * @param acidMmol acid that is there for it, mmol; a powder's own is not counted
 * @param sodaLeftGrams soda left over, g
 * @param sodaLeftPct the same, % of the flour; null without flour
 * @param taste what that does
 * @param gasMlPer100g gas, ml per 100 g of dough
 * @param weakens whether the dough rests so long that wet soda and powder lose strength
 * @param sodaLine index of the first line of soda; null without one
 * @param mends what would mend soda left over, in amounts that a dough bears; empty when nothing needs mending
 * @param steps how it is worked out
 */
public record SodaAndPowder(
        double sodaGrams,
        double powderGrams,
        double baseMmol,
        double acidMmol,
        double sodaLeftGrams,
        @Nullable Double sodaLeftPct,
        Taste taste,
        double gasMlPer100g,
        boolean weakens,
        @Nullable Integer sodaLine,
        List<Mend> mends,
        List<ExplanationStep> steps) {

    private static final String TABLESPOON = "tbsp";

    /** What soda left over does to the bread. */
    public enum Taste implements Coded {
        /** Nothing to say. */
        FINE("fine"),
        /** Browns quickly, may taste soapy. */
        MAY_BE_SOAPY("may-be-soapy"),
        /** Will taste soapy. */
        SOAPY("soapy");

        private final String code;

        Taste(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * What would mend soda left over.
     *
     * @param ingredient code of an acid to put in beside, or of the powder to take instead of the soda left over
     * @param name its name
     * @param instead whether it goes in instead of the soda left over
     * @param grams how much, g
     * @param tablespoons how many tablespoons that are; null when its density is not known
     */
    public record Mend(
            String ingredient,
            String name,
            boolean instead,
            double grams,
            @Nullable Double tablespoons) {}

    /** What soda and powder do in a dough. */
    public static SodaAndPowder of(Dough dough) {
        Formula formula = dough.formula();
        double soda = 0;
        double powder = 0;
        double base = 0;
        double acid = 0;
        Integer sodaLine = null;
        for (Line line : formula.lines()) {
            if (line.part() != Part.DOUGH) {
                continue;
            }
            Leavener leavener = Leavener.of(line.ingredient());
            acid += line.grams() * Leavener.acidForSoda(line.ingredient());
            if (leavener != null && leavener.isSoda()) {
                soda += line.grams();
                base += line.grams() * leavener.baseMmol();
                sodaLine = sodaLine == null ? Integer.valueOf(line.index()) : sodaLine;
            }
            if (leavener != null && leavener.isPowder()) {
                powder += line.grams();
            }
        }
        double left = Math.max(0, base - acid) / Coefficient.SODA_BASE.value();
        double flour = dough.totals().flourGrams();
        Double leftPct = flour > 0 ? Double.valueOf(Share.of(left, flour).pct()) : null;
        Taste taste = taste(leftPct == null ? 0 : leftPct);
        return new SodaAndPowder(
                soda,
                powder,
                base,
                acid,
                left,
                leftPct,
                taste,
                gasMl(base, acid, powder) / Share.ofPct(dough.grams()).fraction(),
                soda > 0 && formula.restMinutes() > Coefficient.SODA_WEAKENS_MINUTES.value(),
                sodaLine,
                taste == Taste.FINE ? List.of() : mends(left, flour, formula.pantry()),
                steps(dough, base, acid, powder, left));
    }

    /** Whether there is soda or powder in the dough. */
    public boolean isThere() {
        return sodaGrams > 0 || powderGrams > 0;
    }

    private static double gasMl(double base, double acid, double powder) {
        double met = Math.min(base, acid);
        return Coefficient.GAS_ML.value()
                * (met + Coefficient.POWDER_GAS.value() * powder + Coefficient.SODA_ALONE_GAS.value() * (base - met));
    }

    private static Taste taste(double leftPct) {
        if (leftPct <= Coefficient.SODA_LEFT_FINE.value()) {
            return Taste.FINE;
        }
        return leftPct <= Coefficient.SODA_LEFT_MAY_SHOW.value() ? Taste.MAY_BE_SOAPY : Taste.SOAPY;
    }

    private static List<Mend> mends(double left, double flour, Pantry pantry) {
        double mmol = left * Coefficient.SODA_BASE.value();
        List<Mend> mends = new ArrayList<>();
        for (Leavener leavener : Leavener.all()) {
            Ingredient ingredient = pantry.ingredient(leavener.code()).orElse(null);
            if (ingredient == null) {
                continue;
            }
            if (leavener.isAcid() && leavener.instantEquivalent() == 0) {
                mends.add(mend(ingredient, false, mmol / leavener.acidMmol(), pantry));
            }
            if (leavener.isPowder()) {
                double gas = Coefficient.SODA_ALONE_GAS.value() * mmol;
                mends.add(mend(ingredient, true, gas / Coefficient.POWDER_GAS.value(), pantry));
            }
        }
        mends.removeIf(mend -> mend.grams() > Coefficient.MEND_MOST.value() * flour);
        return List.copyOf(mends);
    }

    private static Mend mend(Ingredient ingredient, boolean instead, double grams, Pantry pantry) {
        Double spoon = pantry.measures().stream()
                .filter(measure -> measure.code().equals(TABLESPOON))
                .findFirst()
                .map(Measure::millilitres)
                .orElse(null);
        double density = ingredient.bulkDensityGPerMl();
        return new Mend(
                ingredient.code(),
                ingredient.name(),
                instead,
                grams,
                spoon == null || density <= 0 ? null : Double.valueOf(grams / (spoon * density)));
    }

    private static List<ExplanationStep> steps(Dough dough, double base, double acid, double powder, double left) {
        Term baseTerm = Term.of(BASE, base, Unit.MILLIMOLES);
        Term acidTerm = Term.of(ACID, acid, Unit.MILLIMOLES);
        return List.of(
                ExplanationStep.of(Rule.SODA_LEFT, left, Unit.GRAMS, baseTerm, acidTerm),
                ExplanationStep.of(
                        Rule.GAS,
                        gasMl(base, acid, powder) / Share.ofPct(dough.grams()).fraction(),
                        Unit.MILLILITRES,
                        baseTerm,
                        acidTerm,
                        Term.grams(POWDER, powder),
                        Term.grams(DOUGH, dough.grams())));
    }
}
