package verdamen.server.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.caution.Caution;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.Part;
import verdamen.core.rework.Compared;
import verdamen.core.rework.Compared.HowMuch;
import verdamen.server.card.CardDocument.CardBand;
import verdamen.server.card.CardDocument.CardPart;
import verdamen.server.card.CardDocument.CardRow;
import verdamen.server.card.CardDocument.CardRun;
import verdamen.server.card.CardDocument.CardSection;
import verdamen.server.card.CardDocument.CardTable;

/** Two versions side by side: what goes in, and what it does. */
final class ComparisonCard {

    private static final Map<Part, String> PARTS =
            Map.of(Part.DOUGH, "", Part.FILLING, " (filling)", Part.SURFACE, " (surface)", Part.BESIDE, " (beside)");

    private final CardSource before;
    private final CardSource after;
    private final CardQuestion asked;
    private final CardFigures written;
    private final CardWords words;

    private ComparisonCard(CardSource before, CardSource after, CardQuestion asked, CardWords words) {
        this.before = before;
        this.after = after;
        this.asked = asked;
        this.written = asked.figures();
        this.words = words;
    }

    static List<CardBand> bands(CardSource before, CardSource after, CardQuestion asked, CardWords words) {
        return new ComparisonCard(before, after, asked, words).bands();
    }

    private List<CardBand> bands() {
        Compared compared = Compared.of(before.formula(), after.formula());
        List<CardBand> bands = new ArrayList<>();
        if (asked.shows(CardShown.NOTE)) {
            bands.add(CardBand.of(note(before), note(after)));
        }
        bands.add(CardBand.of(lines(compared)));
        bands.add(CardBand.of(figures()));
        bands.add(CardBand.of(changed(compared)));
        return List.copyOf(bands);
    }

    private static String name(CardSource source) {
        return "version " + source.version().number();
    }

    private CardSection note(CardSource of) {
        String note = of.version().note();
        return CardSection.of(
                "Version %d, %s"
                        .formatted(
                                of.version().number(), written.date(of.version().savedAt())),
                CardPart.text(CardRun.of(note.isBlank() ? "No note." : note)));
    }

    private CardSection lines(Compared compared) {
        List<CardRow> rows = new ArrayList<>();
        for (Compared.Ingredients each : compared.lines()) {
            String ingredient = after.formula()
                    .pantry()
                    .ingredient(each.ingredient())
                    .map(found -> found.name())
                    .orElse(each.ingredient());
            double change = grams(each.after()) - grams(each.before());
            rows.add(CardRow.of(
                    ingredient + PARTS.get(each.part()), amount(each.before()), amount(each.after()), mass(change)));
        }
        return CardSection.of("What goes in", table(List.copyOf(rows)));
    }

    private CardPart table(List<CardRow> rows) {
        return CardPart.table(new CardTable(
                List.of("", name(before), name(after), "change"), List.of(false, true, true, true), rows));
    }

    private static double grams(@Nullable HowMuch amount) {
        return amount == null ? 0 : amount.grams();
    }

    private String amount(@Nullable HowMuch amount) {
        if (amount == null) {
            return "–";
        }
        boolean percentage = amount.bakersPct() != null && asked.shows(CardShown.PERCENTAGES);
        return written.mass(amount.grams()) + (percentage ? " (" + written.percent(amount.bakersPct()) + ")" : "");
    }

    private String mass(double change) {
        String said = written.mass(Math.abs(change));
        return isNothing(said) ? "same" : (change > 0 ? "+" : "−") + said;
    }

    private CardSection figures() {
        FormulaFigures was = FormulaFigures.of(before.evaluation(), before.facts());
        FormulaFigures is = FormulaFigures.of(after.evaluation(), after.facts());
        List<CardRow> rows = new ArrayList<>();
        for (FormulaFigure figure : FormulaFigure.values()) {
            Double one = was.value(figure);
            Double two = is.value(figure);
            if (one != null || two != null) {
                rows.add(
                        CardRow.of(words.name(figure), said(figure, one), said(figure, two), change(figure, one, two)));
            }
        }
        return CardSection.of("What it does", table(List.copyOf(rows)));
    }

    private String said(FormulaFigure figure, @Nullable Double value) {
        if (value == null) {
            return "–";
        }
        return switch (figure.unit()) {
            case GRAMS -> written.mass(value);
            case PERCENT -> written.percent(value);
            case MILLIMETRES -> written.millimetres(value);
            case MINUTES -> written.number(value, 0) + " min";
            case HOURS -> written.number(value, 1) + " h";
            case KILOCALORIES -> written.number(value, 0) + " kcal";
            case GLUTEN_POINTS -> written.number(value, 0);
            default -> written.number(value, 2);
        };
    }

    private String change(FormulaFigure figure, @Nullable Double one, @Nullable Double two) {
        if (one == null || two == null) {
            return "";
        }
        if (said(figure, one).equals(said(figure, two))) {
            return "same";
        }
        String change = said(figure, Math.abs(two - one));
        return isNothing(change) ? "about the same" : (two > one ? "+" : "−") + change;
    }

    private static boolean isNothing(String said) {
        return said.matches("[0.,]+( .*)?");
    }

    private CardSection changed(Compared compared) {
        List<CardPart> parts = new ArrayList<>();
        gained(parts, "Allergens from now on: *%s*.", compared.allergensGained());
        gained(parts, "Allergens that are gone: *%s*.", compared.allergensLost());
        gained(parts, "Cautions from now on: *%s*.", titles(compared.cautionsGained()));
        gained(parts, "Cautions that are gone: *%s*.", titles(compared.cautionsLost()));
        if (parts.isEmpty()) {
            parts.add(CardPart.text(CardRun.of("Allergens and cautions are the same.")));
        }
        return new CardSection("Allergens and cautions", List.copyOf(parts));
    }

    private List<String> titles(List<Caution> cautions) {
        return cautions.stream()
                .map(caution -> words.caution(caution, written).title())
                .distinct()
                .toList();
    }

    private static void gained(List<CardPart> parts, String template, List<String> what) {
        if (!what.isEmpty()) {
            parts.add(CardPart.text(CardRun.marked(template, String.join(", ", what))));
        }
    }
}
