package verdamen.server.card;

import java.util.ArrayList;
import java.util.List;
import verdamen.core.cooking.Keeping;
import verdamen.core.pantry.Storage;
import verdamen.server.card.CardDocument.CardBand;
import verdamen.server.card.CardDocument.CardPart;
import verdamen.server.card.CardDocument.CardRun;
import verdamen.server.card.CardDocument.CardSection;

/** The labels: one for each part of the bread that is kept in its own way. */
final class LabelCard {

    private final CardSource source;
    private final CardFigures written;

    private LabelCard(CardSource source, CardFigures written) {
        this.source = source;
        this.written = written;
    }

    static List<CardBand> bands(CardSource source, CardQuestion asked) {
        return new LabelCard(source, asked.figures()).bands();
    }

    private List<CardBand> bands() {
        List<Keeping.KeptSplit> splits = source.keeping().splits();
        if (splits.isEmpty()) {
            Double pieces = source.cooking().pieces();
            return List.of(label("", source.keeping().storage(), pieces == null ? 0 : (int) Math.floor(pieces)));
        }
        return splits.stream()
                .filter(split -> split.pieces() > 0)
                .map(split -> label(source.version().name(), split.storage(), split.pieces()))
                .toList();
    }

    /** One label; of several each bears the name, as they are cut apart. */
    private CardBand label(String title, Storage storage, int pieces) {
        double grams = pieces * source.cooking().cookedGrams();
        List<CardPart> parts = new ArrayList<>();
        parts.add(CardPart.text(
                CardRun.marked("%s. Ingredients: ", source.formula().style().name())));
        parts.addAll(IngredientsWords.parts(source.declaration(), written, false));
        parts.add(CardPart.text(CardRun.marked("*%d pieces, about %s*", pieces, written.mass(grams))));
        parts.add(CardPart.text(CardRun.marked("Keep *%s*.", storage.name())));
        parts.add(CardPart.text(CardRun.marked(
                "Cooked on ____________   Use by ____________ (within *%s*)",
                written.hours(storage.useWithinHours()))));
        parts.add(CardPart.small("Typical use-by and ingredients; your local rules and a qualified adviser go first."));
        return CardBand.of(new CardSection(title, List.copyOf(parts)));
    }
}
