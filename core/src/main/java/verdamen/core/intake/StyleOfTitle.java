package verdamen.core.intake;

import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Table;

/**
 * The style that a recipe's title speaks of, or else what it says it makes, or its method. From the table {@code style_words} beside
 * this class, in its order.
 */
final class StyleOfTitle {

    /** Words that speak of a style; the first row that a title has any of decides. */
    private record Row(String style, List<List<String>> titles, List<List<String>> methods) {

        static boolean isIn(List<String> words, List<List<String>> phrases) {
            return phrases.stream().anyMatch(phrase -> Collections.indexOfSubList(words, phrase) >= 0);
        }
    }

    private static final List<Row> ROWS = Table.read(
            StyleOfTitle.class,
            "style_words",
            row -> new Row(row.text("style"), phrases(row, "words"), phrases(row, "method_words")));

    private StyleOfTitle() {}

    private static List<List<String>> phrases(Table.Row row, String column) {
        return row.list(column).stream().map(Vocabulary::words).toList();
    }

    /** Code of the style; null when neither title, nor what is made, nor method speaks of one. */
    static @Nullable String of(@Nullable String title, @Nullable String made, String method) {
        return Stream.of(first(title, Row::titles), first(made, Row::titles), first(method, Row::methods))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    private static @Nullable String first(@Nullable String text, Function<Row, List<List<String>>> phrases) {
        if (text == null) {
            return null;
        }
        List<String> words = Vocabulary.words(text);
        return ROWS.stream()
                .filter(row -> Row.isIn(words, phrases.apply(row)))
                .map(Row::style)
                .findFirst()
                .orElse(null);
    }
}
