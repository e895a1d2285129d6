package verdamen.core.intake;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import verdamen.core.intake.SpokenStyle.By;
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

    /** The style, and what speaks of it; null when neither title, nor what is made, nor method speaks of one. */
    static @Nullable SpokenStyle of(@Nullable String title, @Nullable String made, String method) {
        return Stream.of(
                        first(title, Row::titles, By.TITLE),
                        first(made, Row::titles, By.MADE),
                        first(method, Row::methods, By.METHOD))
                .flatMap(Optional::stream)
                .findFirst()
                .orElse(null);
    }

    private static Optional<SpokenStyle> first(
            @Nullable String text, Function<Row, List<List<String>>> phrases, By by) {
        if (text == null) {
            return Optional.empty();
        }
        List<String> words = Vocabulary.words(text);
        return ROWS.stream()
                .filter(row -> Row.isIn(words, phrases.apply(row)))
                .map(row -> new SpokenStyle(row.style(), by))
                .findFirst();
    }
}
