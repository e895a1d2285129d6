package verdamen.server.json;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Words that are searched for, as patterns of the database. */
public final class SearchWords {

    private SearchWords() {}

    /** A pattern for each word: it may stand anywhere, and nothing in it is a wildcard. */
    public static List<String> patterns(String words) {
        return Arrays.stream(words.toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .map(word ->
                        "%" + word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%")
                .toList();
    }
}
