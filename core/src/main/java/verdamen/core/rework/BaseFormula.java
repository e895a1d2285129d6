package verdamen.core.rework;

import java.util.List;
import java.util.Set;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.handling.Handling;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Pantry;

/**
 * A formula that is reworked, with the figures that its settings followed: worked out once for all that is made of it.
 *
 * @param spec the formula as asked
 * @param formula the formula
 * @param flourGrams its flour, g
 * @param glutenPoints its gluten
 * @param minutesToDrink how long its slowest drinker takes, whole minutes
 * @param thinnestMm the thinnest sheet it holds, as one rolls
 */
record BaseFormula(
        FormulaSpec spec,
        Formula formula,
        double flourGrams,
        double glutenPoints,
        double minutesToDrink,
        double thinnestMm) {

    private static final double SHEET_STEP = Coefficient.REWORK_SHEET_STEP_MM.value();
    /** A step that a sheet already is does not become the next one by the last digit. */
    private static final double LAST_DIGIT = 1e-9;

    /**
     * A formula, read.
     *
     * @throws verdamen.core.model.RefusedException with all its faults, when it has any
     */
    static BaseFormula of(FormulaSpec spec, Pantry pantry) {
        Formula formula = FormulaReader.read(spec, pantry);
        Dough dough = Dough.of(formula);
        return new BaseFormula(
                spec,
                formula,
                BakersPercentages.flourGrams(formula.lines()),
                Gluten.of(dough.totals()).points(),
                minutesToDrink(dough),
                thinnestMm(dough));
    }

    /**
     * It with changes, and all that goes along.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    Rework reworked(List<AskedChange> asked, Set<Carried> without) {
        FormulaSpec changed = changed(asked);
        return changed.equals(spec) ? new Rework(spec, List.of()) : Along.with(changed, this, without);
    }

    /** It with changes and nothing that goes along. */
    FormulaSpec changed(List<AskedChange> asked) {
        return Substitutions.made(spec, formula, asked);
    }

    Pantry pantry() {
        return formula.pantry();
    }

    /** How long the slowest drinker of a dough takes, whole minutes. */
    static double minutesToDrink(Dough dough) {
        return Math.ceil(dough.minutesToDrink());
    }

    /** The thinnest sheet that a dough holds, rounded up to what one rolls, mm. */
    static double thinnestMm(Dough dough) {
        double mm = Handling.at(dough, dough.formula().rollAtMinute()).thinnestMm();
        return Math.ceil(mm / SHEET_STEP - LAST_DIGIT) * SHEET_STEP;
    }
}
