package verdamen.server.card;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import verdamen.core.card.TypicalNutrition;
import verdamen.core.caution.Caution;
import verdamen.core.pantry.Nutrition;
import verdamen.server.card.CardDocument.CardBand;
import verdamen.server.card.CardDocument.CardPart;
import verdamen.server.card.CardDocument.CardRow;
import verdamen.server.card.CardDocument.CardRun;
import verdamen.server.card.CardDocument.CardSection;
import verdamen.server.card.CardDocument.CardTable;

/** The spec: what a customer asks about. */
final class SpecCard {

    /** Where cautions stand that are for whoever eats it, not for whoever makes it. */
    private static final String ON_THE_CARD = "card";

    private final CardSource source;
    private final CardQuestion asked;
    private final CardFigures written;

    private SpecCard(CardSource source, CardQuestion asked) {
        this.source = source;
        this.asked = asked;
        this.written = asked.figures();
    }

    static List<CardBand> bands(CardSource source, CardQuestion asked, CardWords words) {
        return new SpecCard(source, asked).bands(words);
    }

    private List<CardBand> bands(CardWords words) {
        List<CardBand> bands = new ArrayList<>();
        bands.add(CardBand.of(product()));
        bands.add(CardBand.of(
                new CardSection("Ingredients", IngredientsWords.parts(source.declaration(), written, true))));
        TypicalNutrition nutrition = source.nutrition();
        CardSection storage = KeptParts.section("Storage", source.keeping(), written);
        if (nutrition != null && asked.shows(CardShown.NUTRITION)) {
            bands.add(new CardBand(List.of(nutrition(nutrition), storage), List.of(1.35, 1.0)));
        } else {
            bands.add(CardBand.of(storage));
        }
        List<Caution> cautions = source.cautions().stream()
                .filter(caution -> caution.station().equals(ON_THE_CARD))
                .toList();
        if (!cautions.isEmpty()) {
            bands.add(CardBand.of(words.cautions(cautions, written)));
        }
        bands.add(CardBand.of(CardSection.of(
                "Claims",
                CardPart.text(CardRun.of(
                        "This sheet makes no claim, such as “high in fibre” or “source of protein”. Leave claims to"
                                + " qualified advice under your local rules.")))));
        return List.copyOf(bands);
    }

    private CardSection product() {
        return CardSection.of(
                "",
                CardPart.text(CardRun.marked(
                        "%s. A cooked piece weighs about *%s* (%s of dough before cooking), about %s across.",
                        source.formula().style().name(),
                        written.mass(source.cooking().cookedGrams()),
                        written.mass(source.cooking().pieceGrams()),
                        written.size(source.portion().size().diameterMm()))));
    }

    private CardSection nutrition(TypicalNutrition holds) {
        List<CardRow> rows = new ArrayList<>();
        energy(rows, "Energy", holds, "kJ", Nutrition::energyKj);
        energy(rows, "", holds, "kcal", Nutrition::energyKcal);
        row(rows, "Fat", holds, Nutrition::fatGrams);
        row(rows, "Carbohydrate", holds, Nutrition::carbohydrateGrams);
        row(rows, "– of which sugars", holds, Nutrition::sugarsGrams);
        row(rows, "Fibre", holds, Nutrition::fibreGrams);
        row(rows, "Protein", holds, Nutrition::proteinGrams);
        row(rows, "Salt", holds, Nutrition::saltGrams);
        return CardSection.of(
                "Nutrition, typical values",
                CardPart.table(new CardTable(
                        List.of("", "per 100 g cooked", "per piece of " + written.mass(holds.cookedGrams())),
                        List.of(false, true, true),
                        List.copyOf(rows))),
                CardPart.small(
                        "Typical values, computed from what goes in; no analysis. For a label follow your local rules."));
    }

    private void energy(
            List<CardRow> rows, String name, TypicalNutrition holds, String unit, ToDoubleFunction<Nutrition> of) {
        rows.add(CardRow.of(
                name,
                written.number(of.applyAsDouble(holds.per100Grams()), 0) + " " + unit,
                written.number(of.applyAsDouble(holds.perPiece()), 0) + " " + unit));
    }

    private void row(List<CardRow> rows, String name, TypicalNutrition holds, ToDoubleFunction<Nutrition> of) {
        rows.add(CardRow.of(
                name,
                written.nutrient(of.applyAsDouble(holds.per100Grams())),
                written.nutrient(of.applyAsDouble(holds.perPiece()))));
    }
}
