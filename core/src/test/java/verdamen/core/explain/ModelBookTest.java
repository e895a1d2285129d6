package verdamen.core.explain;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Rule;

/** The model's page: complete, and the same in docs/model.md. */
public class ModelBookTest {

    private static final Path DOCS = Path.of("..", "docs", "model.md");

    @Test
    public void everyRuleStandsInOneChapter() {
        List<Rule> told = ModelBook.book().chapters().stream()
                .flatMap(chapter -> chapter.rules().stream())
                .map(ModelBook.RuleEntry::rule)
                .toList();
        assertEquals(new HashSet<>(told), new HashSet<>(Arrays.asList(Rule.values())));
        assertEquals(told.size(), Rule.values().length);
    }

    @Test
    public void everyCoefficientIsThereWithItsReason() {
        Set<String> told = new HashSet<>();
        ModelBook.book().others().forEach(figure -> told.add(figure.name()));
        ModelBook.book().chapters().stream()
                .flatMap(chapter -> chapter.rules().stream())
                .flatMap(entry -> entry.coefficients().stream())
                .forEach(figure -> told.add(figure.name()));
        for (Coefficient coefficient : Coefficient.values()) {
            assertTrue(told.contains(coefficient.name()), coefficient.name());
            assertTrue(!coefficient.rationale().isBlank(), coefficient.name());
        }
    }

    @Test
    public void thePageHasWordsForEveryRuleChapterAndTopic() throws IOException {
        ModelPage page = new ModelPage();
        for (ModelBook.Chapter chapter : ModelBook.book().chapters()) {
            for (String part : List.of("title", "intro", "limits")) {
                assertTrue(!page.words("chapters", chapter.code(), part).isBlank(), chapter.code() + " " + part);
            }
            for (ModelBook.RuleEntry entry : chapter.rules()) {
                assertTrue(
                        page.words("rules", entry.rule().name()).endsWith("."),
                        entry.rule().name());
            }
        }
        for (ModelBook.Accuracy accuracy : ModelBook.book().accuracy()) {
            String kind = accuracy.kind().code();
            assertTrue(!page.words("accuracy", "kinds", kind).isBlank(), kind);
        }
        ModelBook.book()
                .others()
                .forEach(
                        entry -> assertTrue(!page.words("topics", entry.topic()).isBlank(), entry.topic()));
    }

    @Test
    public void theDocumentIsMadeFromTheSameSource() throws IOException {
        String page = new ModelPage().markdown(ModelBook.book());
        if (Boolean.getBoolean("model.write")) {
            Files.writeString(DOCS, page);
        }
        assertEquals(Files.readString(DOCS), page, "docs/model.md is stale: mvn -pl core test -Dmodel.write=true");
    }
}
