package verdamen.core.bench;

import verdamen.core.cooking.CookQuestion;
import verdamen.core.cooking.Cooking;
import verdamen.core.cooking.Keeping;
import verdamen.core.cooking.KeepingQuestion;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.pantry.Pantry;
import verdamen.core.portion.Portion;
import verdamen.core.portion.PortionQuestion;

/**
 * A formula with everything that one has to know to make it.
 *
 * @param spec the formula as asked
 * @param formula the same, checked
 * @param evaluation its balance and how it handles
 * @param run what is weighed and done
 * @param portion how it is divided
 * @param cooking how it is cooked
 * @param keeping how it keeps
 */
public record MadeFormula(
        FormulaSpec spec,
        Formula formula,
        Evaluation evaluation,
        RunSheet run,
        Portion portion,
        Cooking cooking,
        Keeping keeping) {

    /**
     * A formula as it is made.
     *
     * @throws verdamen.core.model.RefusedException naming what of it has a fault, or cannot be divided or cooked
     */
    public static MadeFormula of(FormulaSpec spec, Pantry pantry) {
        Formula formula = FormulaReader.read(spec, pantry);
        Evaluation evaluation = Evaluation.of(formula);
        Cooking cooking = Cooking.of(new CookQuestion(spec, null, null, null, null, null, null), pantry);
        return new MadeFormula(
                spec,
                formula,
                evaluation,
                RunSheet.of(formula, evaluation.balance().water(), cooking),
                Portion.of(new PortionQuestion(spec, null), pantry),
                cooking,
                Keeping.of(new KeepingQuestion(spec, null, null), pantry));
    }
}
