package verdamen.server.card;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import verdamen.core.caution.Caution;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Unit;
import verdamen.server.card.CardDocument.CardPart;
import verdamen.server.card.CardDocument.CardRun;
import verdamen.server.card.CardDocument.CardSection;

/** The words of the page that stand on cards, too: those of the cautions, and the names of a formula's figures. */
@Component
class CardWords {

    private static final Pattern LIMIT = Pattern.compile("\\{(\\w+)}");
    private static final double HOUR = 60;
    private static final double DAY = 24 * HOUR;

    /** A caution in words. */
    record CautionText(String title, String text) {}

    private final Map<String, CautionText> cautions;
    private final Map<String, String> figures;

    CardWords(JsonMapper json) {
        cautions = json.readValue(file("cautions.json"), new TypeReference<>() {});
        figures = json.readValue(file("formulaFigures.json"), new TypeReference<>() {});
    }

    private static byte[] file(String name) {
        try (InputStream in = CardWords.class.getResourceAsStream("/words/" + name)) {
            if (in == null) {
                throw new IllegalStateException("no words " + name);
            }
            return in.readAllBytes();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    String name(FormulaFigure figure) {
        return figures.getOrDefault(figure.code(), figure.code());
    }

    /** A caution in words, its typical limits in the card's units. */
    CautionText caution(Caution caution, CardFigures written) {
        CautionText words = cautions.getOrDefault(caution.code(), new CautionText(caution.code(), ""));
        Matcher limits = LIMIT.matcher(words.text());
        return new CautionText(words.title(), limits.replaceAll(found -> limit(caution, found.group(1), written)));
    }

    private static String limit(Caution caution, String code, CardFigures written) {
        return caution.coefficients().stream()
                .filter(each -> each.code().equals(code))
                .map(each -> limit(each, written))
                .findFirst()
                .orElse(code);
    }

    private static String limit(ExplanationStep.Used used, CardFigures written) {
        if (used.unit() == Unit.CELSIUS) {
            return written.temperature(used.value());
        }
        if (used.value() >= 2 * DAY) {
            return written.number(used.value() / DAY, 0) + " days";
        }
        return used.value() >= 2 * HOUR
                ? written.number(used.value() / HOUR, 0) + " hours"
                : written.number(used.value(), 0) + " minutes";
    }

    /** Cautions, each with its title. */
    CardSection cautions(List<Caution> told, CardFigures written) {
        List<CardPart> parts = new ArrayList<>();
        for (Caution each : told) {
            CautionText words = caution(each, written);
            parts.add(CardPart.text(CardRun.strong(words.title() + ". "), CardRun.of(words.text())));
        }
        parts.add(CardPart.small("Typical cautions, not complete. Local rules and qualified advice go first."));
        return new CardSection("Cautions", List.copyOf(parts));
    }
}
