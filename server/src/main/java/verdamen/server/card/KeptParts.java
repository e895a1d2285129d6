package verdamen.server.card;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.cooking.Keeping;
import verdamen.core.pantry.Storage;
import verdamen.server.card.CardDocument.CardPart;
import verdamen.server.card.CardDocument.CardRun;
import verdamen.server.card.CardDocument.CardSection;

/** How bread is kept, part by part: for how long it is good, and until when it is used. */
final class KeptParts {

    private KeptParts() {}

    static CardSection section(String heading, Keeping keeping, CardFigures written) {
        List<CardPart> parts = new ArrayList<>();
        if (keeping.splits().isEmpty()) {
            parts.add(part("Cooled", keeping.storage(), keeping.goodHours(), keeping, written));
        }
        for (Keeping.KeptSplit split : keeping.splits()) {
            String pieces = Math.max(0, split.pieces()) + " pieces";
            parts.add(part(pieces, split.storage(), split.hours(), keeping, written));
        }
        parts.add(CardPart.small("Typical values; your local food rules and a qualified adviser go first."));
        return new CardSection(heading, List.copyOf(parts));
    }

    private static CardPart part(
            String what, Storage storage, @Nullable Double hours, Keeping keeping, CardFigures written) {
        return CardPart.text(CardRun.joined(
                CardRun.marked(
                        "%s, *%s*: use within *%s*. ", what, storage.name(), written.hours(storage.useWithinHours())),
                CardRun.marked(good(hours, keeping, written))));
    }

    private static String good(@Nullable Double hours, Keeping keeping, CardFigures written) {
        if (hours == null) {
            return "Best within the hour, hot from the pan: it hardens as it cools. Warm it through before it is eaten.";
        }
        if (hours <= 0) {
            return keeping.crisp() ? "Never crisp." : "Cracks when folded, from the start.";
        }
        String lasts = hours >= keeping.mostHours() ? "a month and more" : written.hours(hours);
        return (keeping.crisp() ? "Crisp for about " : "Folds for about ") + lasts + ".";
    }
}
