package verdamen.server.card;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.card.Declaration;
import verdamen.core.card.RunSheet;
import verdamen.core.card.TypicalNutrition;
import verdamen.core.caution.Caution;
import verdamen.core.caution.Cautions;
import verdamen.core.cooking.CookQuestion;
import verdamen.core.cooking.Cooking;
import verdamen.core.cooking.Keeping;
import verdamen.core.cooking.KeepingQuestion;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.Facts;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Price;
import verdamen.core.portion.Portion;
import verdamen.core.portion.PortionQuestion;
import verdamen.server.formula.VersionSummary;

/**
 * Everything that the core says of a version, as far as cards tell it.
 *
 * @param version the version
 * @param formula what it holds
 * @param evaluation its balance and how it handles
 * @param run what is weighed and done
 * @param portion how it is divided
 * @param cooking how it is cooked
 * @param keeping how it keeps
 * @param declaration what is declared
 * @param facts cost and nutrition of the mix
 * @param nutrition what cooked pieces hold; null for an empty formula
 * @param cautions every caution that applies
 */
record CardSource(
        VersionSummary version,
        Formula formula,
        Evaluation evaluation,
        RunSheet run,
        Portion portion,
        Cooking cooking,
        Keeping keeping,
        Declaration declaration,
        Facts facts,
        @Nullable TypicalNutrition nutrition,
        List<Caution> cautions) {

    static CardSource of(VersionSummary version, FormulaSpec spec, Pantry pantry, Map<String, Price> prices) {
        Formula formula = FormulaReader.read(spec, pantry);
        Evaluation evaluation = Evaluation.of(formula);
        Cooking cooking = Cooking.of(new CookQuestion(spec, null, null, null, null, null, null), pantry);
        Facts facts = Facts.of(formula, prices);
        return new CardSource(
                version,
                formula,
                evaluation,
                RunSheet.of(formula, evaluation.balance().water()),
                Portion.of(new PortionQuestion(spec, null), pantry),
                cooking,
                Keeping.of(new KeepingQuestion(spec, null, null), pantry),
                Declaration.of(formula),
                facts,
                TypicalNutrition.of(facts, cooking),
                Cautions.of(formula));
    }
}
