package verdamen.core.rework;

import java.util.Map;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.handling.RolledDough;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Price;

/**
 * What a kitchen has to rework with.
 *
 * @param pantry its ingredients
 * @param prices what they cost, by ingredient code
 */
public record Stock(Pantry pantry, Map<String, Price> prices) {

    /** The figures of a formula that is made of it. */
    FormulaFigures figures(FormulaSpec formula) {
        return FormulaFigures.of(RolledDough.of(FormulaReader.read(formula, pantry)), prices);
    }
}
