package verdamen.core.intake;

import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Table;

/** The style that a recipe's title speaks of. From the table {@code style_words} beside this class, in its order. */
final class StyleOfTitle {

    /** Words that speak of a style; the first row that a title has any of decides. */
    private record Row(String style, List<List<String>> phrases) {

        boolean isIn(List<String> words) {
            return phrases.stream().anyMatch(phrase -> Collections.indexOfSubList(words, phrase) >= 0);
        }
    }

    private static final List<Row> ROWS = Table.read(
            StyleOfTitle.class,
            "style_words",
            row -> new Row(
                    row.text("style"),
                    row.list("words").stream().map(Vocabulary::words).toList()));

    private StyleOfTitle() {}

    /** Code of the style; null when the title speaks of none. */
    static @Nullable String of(@Nullable String title) {
        if (title == null) {
            return null;
        }
        List<String> words = Vocabulary.words(title);
        return ROWS.stream()
                .filter(row -> row.isIn(words))
                .map(Row::style)
                .findFirst()
                .orElse(null);
    }
}
