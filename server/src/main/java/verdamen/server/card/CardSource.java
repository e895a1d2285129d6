package verdamen.server.card;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.MadeFormula;
import verdamen.core.card.Declaration;
import verdamen.core.card.TypicalNutrition;
import verdamen.core.caution.Caution;
import verdamen.core.caution.Cautions;
import verdamen.core.cooking.Cooking;
import verdamen.core.cooking.Keeping;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.Facts;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Price;
import verdamen.core.portion.Portion;
import verdamen.server.formula.VersionSummary;

/**
 * Everything that the core says of a version, as far as cards tell it.
 *
 * @param version the version
 * @param made what it holds, with all that one has to know to make it
 * @param declaration what is declared
 * @param facts cost and nutrition of the mix
 * @param nutrition what cooked pieces hold; null for an empty formula
 * @param cautions every caution that applies
 */
record CardSource(
        VersionSummary version,
        MadeFormula made,
        Declaration declaration,
        Facts facts,
        @Nullable TypicalNutrition nutrition,
        List<Caution> cautions) {

    static CardSource of(VersionSummary version, FormulaSpec spec, Pantry pantry, Map<String, Price> prices) {
        MadeFormula made = MadeFormula.of(spec, pantry);
        Facts facts = Facts.of(made.formula(), prices);
        return new CardSource(
                version,
                made,
                Declaration.of(made.formula()),
                facts,
                TypicalNutrition.of(facts, made.cooking()),
                Cautions.of(made.formula()));
    }

    Formula formula() {
        return made.formula();
    }

    Evaluation evaluation() {
        return made.evaluation();
    }

    Portion portion() {
        return made.portion();
    }

    Cooking cooking() {
        return made.cooking();
    }

    Keeping keeping() {
        return made.keeping();
    }
}
