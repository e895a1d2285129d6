package verdamen.server.card;

import java.util.ArrayList;
import java.util.List;
import verdamen.core.card.Declaration;
import verdamen.core.card.Declaration.Declared;
import verdamen.server.card.CardDocument.CardPart;
import verdamen.server.card.CardDocument.CardRun;

/** The ingredients as one reads them on a pack: the heaviest first, opened, those with allergens standing out. */
final class IngredientsWords {

    private final CardFigures written;
    private final boolean percentages;
    private final List<CardRun> runs = new ArrayList<>();

    private IngredientsWords(CardFigures written, boolean percentages) {
        this.written = written;
        this.percentages = percentages;
    }

    static List<CardPart> parts(Declaration declaration, CardFigures written, boolean percentages) {
        List<CardPart> parts = new ArrayList<>();
        IngredientsWords words = new IngredientsWords(written, percentages);
        words.list(declaration.ingredients());
        words.say(".");
        parts.add(CardPart.text(words.runs));
        if (!declaration.undecided().isEmpty()) {
            parts.add(CardPart.text(CardRun.of(
                    "As needed, amount not weighed yet: " + String.join(", ", declaration.undecided()) + ".")));
        }
        parts.add(CardPart.text(
                declaration.allergens().isEmpty()
                        ? List.of(CardRun.of("No allergen of the pantry’s list is among them."))
                        : List.of(
                                CardRun.of("Contains: "),
                                CardRun.strong(String.join(", ", declaration.allergens())),
                                CardRun.of("."))));
        parts.add(CardPart.small(
                "By weight as put in. What is bought ready-mixed, such as baking powder or spice mixes, has ingredients of its"
                        + " own: take them from its pack. Traces from bench and mill are the kitchen’s to judge."));
        return List.copyOf(parts);
    }

    /** A name of the pantry as it stands among others: "Carrot, raw" is "Carrot (raw)", so that no comma parts it. */
    static String declared(String name) {
        int comma = name.indexOf(", ");
        return comma < 0 ? name : "%s (%s)".formatted(name.substring(0, comma), name.substring(comma + 2));
    }

    private void say(String words) {
        runs.add(CardRun.of(words));
    }

    private void list(List<Declared> ingredients) {
        for (int at = 0; at < ingredients.size(); at++) {
            Declared each = ingredients.get(at);
            if (at > 0) {
                say(", ");
            }
            String name = switch (each.kind()) {
                case INGREDIENT, PREPARED -> declared(each.name());
                case FILLING -> "Filling";
            };
            boolean standsOut = each.of().isEmpty() && !each.allergens().isEmpty();
            runs.add(standsOut ? CardRun.strong(name) : CardRun.of(name));
            if (standsOut) {
                runs.add(CardRun.of(" ("));
                runs.add(CardRun.strong(String.join(", ", each.allergens())));
                runs.add(CardRun.of(")"));
            }
            if (percentages) {
                say(" " + written.percent(each.pct()));
            }
            if (!each.of().isEmpty()) {
                say(" (");
                list(each.of());
                say(")");
            }
        }
    }
}
