package verdamen.core.explain;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import verdamen.core.explain.ModelBook.Chapter;
import verdamen.core.explain.ModelBook.CoefficientEntry;
import verdamen.core.explain.ModelBook.RuleEntry;

/** Writes docs/model.md: the core's rules and coefficients, with the words of the page. */
final class ModelPage {

    private static final Path WORDS = Path.of("..", "web", "src", "words", "model.json");

    private final JsonNode words;
    private final List<String> lines = new ArrayList<>();

    ModelPage() throws IOException {
        words = new JsonMapper().readTree(WORDS.toFile());
    }

    /** The words that the page has for a chapter, a rule or a topic; blank when it has none. */
    String words(String... path) {
        JsonNode at = words;
        for (String name : path) {
            at = at.path(name);
        }
        return at.asString("");
    }

    String markdown(ModelBook book) {
        add("# How it is computed");
        add(
                "Made from the core's rules and coefficients and the words of the page “How it is computed”. Do not edit it by"
                        + " hand: `mvn -pl core test -Dmodel.write=true` writes it.");
        add(
                "Formulas are over the names of inputs and of coefficients. The coefficients stand below each formula with their"
                        + " unit, how well they are known, where they come from, and why they have that size. sigmoid(x) is"
                        + " 1/(1 + e^(−x)).");
        add("## " + words("accuracy", "title"));
        add(words("accuracy", "intro"));
        List<String> rows = new ArrayList<>(List.of("| dough | off by, of the flour |", "|---|---|"));
        for (ModelBook.Accuracy accuracy : book.accuracy()) {
            rows.add("| " + words("accuracy", "kinds", accuracy.kind().code()) + " | ± "
                    + Math.round(accuracy.off().value()) + " % |");
        }
        add(String.join("\n", rows));
        for (Chapter chapter : book.chapters()) {
            add("## " + words("chapters", chapter.code(), "title"));
            add(words("chapters", chapter.code(), "intro"));
            add("*Limits:* " + words("chapters", chapter.code(), "limits"));
            for (RuleEntry entry : chapter.rules()) {
                add("### " + entry.rule().name());
                add("`" + entry.formula() + "`");
                add(words("rules", entry.rule().name()));
                table(entry.coefficients());
            }
        }
        add("## Other coefficients");
        book.others().stream()
                .collect(Collectors.groupingBy(CoefficientEntry::topic, LinkedHashMap::new, Collectors.toList()))
                .forEach((topic, entries) -> {
                    add("### " + words("topics", topic));
                    table(entries);
                });
        return String.join("\n\n", lines) + "\n";
    }

    private void add(String paragraph) {
        lines.add(paragraph);
    }

    private void table(List<CoefficientEntry> entries) {
        if (entries.isEmpty()) {
            return;
        }
        List<String> rows = new ArrayList<>();
        rows.add("| coefficient | value | unit | confidence | source | what and why |");
        rows.add("|---|---|---|---|---|---|");
        for (CoefficientEntry entry : entries) {
            rows.add("| " + entry.name() + " | " + entry.value() + " | "
                    + entry.unit().name().toLowerCase(Locale.ROOT).replace('_', ' ') + " | "
                    + entry.confidence().code() + " | " + entry.source().code() + " | " + entry.rationale() + " |");
        }
        add(String.join("\n", rows));
    }
}
