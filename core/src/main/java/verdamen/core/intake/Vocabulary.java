package verdamen.core.intake;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Table;

/**
 * The words of recipes that are not ingredients: measures, how full they are, sizes, preparation, parts and open amounts.
 * From the tables {@code measure_words} and {@code prep_words} beside this class.
 */
final class Vocabulary {

    /** What a phrase says. */
    enum Kind implements Coded {
        /** The form an inclusion is in. */
        FORM("form"),
        /** How firm a fat is. */
        FAT("fat"),
        /** How full a measure is. */
        FILL("fill"),
        /** How large a piece is. */
        SIZE("size"),
        /** That an amount is only near. */
        APPROXIMATE("approximate"),
        /** That an amount is left open. */
        OPEN("open"),
        /** Where the line belongs. */
        PART("part");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /** A phrase of one or more words and what it says. */
    record Phrase(List<String> words, Kind kind, @Nullable String value) {}

    /** Words that say nothing about what an ingredient is or how much of it there is. */
    private static final Set<String> STOP_WORDS =
            Set.copyOf(Arrays.asList(("of the a an and or between salted with in into at from to on for by than as"
                            + " fresh freshly good quality organic raw finely roughly thinly coarsely thickly lightly very well"
                            + " peeled trimmed washed drained rinsed deseeded seeded cored sifted extra more plus minus unpeeled"
                            + " ripe young leaf leaves top tops stem stems removed picked packed weight weighed"
                            + " each per cut piece pieces cube cubes strip strips slice slices left over leftover warm hot lukewarm"
                            + " boiling tepid ice iced cool cooled room temperature your favourite optional then until just only about"
                            + " my our kitchen home plain total divided separately also if you like made using use see note"
                            + " tin tins can cans jar jars packet packets pack packs bag bags size sized medium x ready fine coarse grain grained stone milled stoneground local perhaps maybe")
                    .split(" ")));

    private static final int SHORTEST_MISSPELT = (int) Coefficient.MISSPELT_WORD_FROM.value();
    private static final LevenshteinDistance ONE_SLIP = new LevenshteinDistance(1);
    private static final Vocabulary BOOK = new Vocabulary();

    private final Map<String, String> measures = new HashMap<>();
    private final List<Phrase> phrases;
    private final Map<String, List<Phrase>> byFirstWord;
    private final Set<String> phraseWords;

    private Vocabulary() {
        Table.read(Vocabulary.class, "measure_words", row -> {
            row.list("words").forEach(word -> measures.put(word, row.text("measure")));
            return row;
        });
        phrases = new ArrayList<>(Table.read(
                Vocabulary.class,
                "prep_words",
                row -> new Phrase(words(row.text("word")), row.choice("kind", Kind.class), row.textOrNull("value"))));
        phrases.sort(Comparator.comparingInt((Phrase phrase) -> phrase.words().size())
                .reversed());
        byFirstWord = phrases.stream()
                .collect(Collectors.groupingBy(phrase -> phrase.words().get(0)));
        phraseWords =
                phrases.stream().flatMap(phrase -> phrase.words().stream()).collect(Collectors.toSet());
    }

    /** The words of the product. */
    static Vocabulary book() {
        return BOOK;
    }

    /** The measure that a word, or two, stand for. */
    Optional<String> measure(String words) {
        return Optional.ofNullable(measures.get(words));
    }

    /** The longest phrase of a kind that begins at {@code from}, looking only at words in a row. */
    Optional<Phrase> phraseAt(List<Token> tokens, int from, Set<Kind> kinds) {
        return byFirstWord.getOrDefault(tokens.get(from).word(), List.of()).stream()
                .filter(phrase -> kinds.contains(phrase.kind()) && beginsAt(tokens, from, phrase.words()))
                .findFirst();
    }

    /** What the first phrase of a kind in a line says; null without one. */
    @Nullable
    String firstValue(List<Token> tokens, Kind kind) {
        for (int at = 0; at < tokens.size(); at++) {
            Optional<Phrase> phrase = phraseAt(tokens, at, EnumSet.of(kind));
            if (phrase.isPresent()) {
                return phrase.get().value();
            }
        }
        return null;
    }

    /** Whether a word is known here, so that it is no misspelt ingredient. */
    boolean knows(String word) {
        return STOP_WORDS.contains(word) || phraseWords.contains(word) || measures.containsKey(word);
    }

    /** The word of preparation that a misspelt word is one slip away from. */
    Optional<String> nearest(String word) {
        return word.length() < SHORTEST_MISSPELT
                ? Optional.empty()
                : phraseWords.stream()
                        .filter(known -> known.length() >= SHORTEST_MISSPELT && ONE_SLIP.apply(word, known) >= 0)
                        .min(Comparator.naturalOrder());
    }

    private static boolean beginsAt(List<Token> tokens, int from, List<String> words) {
        if (from + words.size() > tokens.size()) {
            return false;
        }
        for (int i = 0; i < words.size(); i++) {
            if (!tokens.get(from + i).word().equals(words.get(i))) {
                return false;
            }
        }
        return true;
    }

    /** The plain words of a text. */
    static List<String> words(String text) {
        return Token.of(text).stream().filter(Token::isWord).map(Token::word).toList();
    }

    static {
        if (Arrays.stream(Kind.values()).anyMatch(kind -> BOOK.phrases.stream().noneMatch(p -> p.kind() == kind))) {
            throw new IllegalStateException("the table prep_words lacks a kind of word");
        }
    }
}
