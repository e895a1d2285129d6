package verdamen.core.intake;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import verdamen.core.model.Coefficient;

/** Reads numbers in figures and in words: 1½, 1 1/2, 1-1/2, half a, one and a half, a couple, a dozen. */
final class Numerals {

    private static final Map<String, Double> COUNTS = Map.ofEntries(
            Map.entry("one", 1.0),
            Map.entry("two", 2.0),
            Map.entry("three", 3.0),
            Map.entry("four", 4.0),
            Map.entry("five", 5.0),
            Map.entry("six", 6.0),
            Map.entry("seven", 7.0),
            Map.entry("eight", 8.0),
            Map.entry("nine", 9.0),
            Map.entry("ten", 10.0),
            Map.entry("eleven", 11.0),
            Map.entry("twelve", 12.0),
            Map.entry("fifteen", 15.0),
            Map.entry("twenty", 20.0),
            Map.entry("thirty", 30.0),
            Map.entry("fifty", 50.0),
            Map.entry("hundred", 100.0));
    private static final Map<String, Double> PARTS = Map.of("half", 0.5, "quarter", 0.25, "third", 1.0 / 3);
    private static final Map<String, Double> PLURAL_PARTS = Map.of("quarters", 0.25, "thirds", 1.0 / 3, "halves", 0.5);
    private static final Set<String> ARTICLES = Set.of("a", "an");
    private static final double DOZEN = Coefficient.NUMERAL_DOZEN.value();
    private static final double COUPLE = 2;
    private static final double FEW = Coefficient.NUMERAL_FEW.value();
    private static final double SEVERAL = Coefficient.NUMERAL_SEVERAL.value();
    private static final double COUPLE_SD = Coefficient.NUMERAL_COUPLE_SD.value();
    private static final double FEW_SD = Coefficient.NUMERAL_FEW_SD.value();

    /** A number read: its value, the relative sd its wording adds, and the index after it. */
    record Numeral(double value, double vagueness, int to) {}

    private final List<Token> tokens;

    Numerals(List<Token> tokens) {
        this.tokens = tokens;
    }

    /** The number that begins at {@code at}; an article alone is none. */
    Optional<Numeral> read(int at) {
        if (at >= tokens.size()) {
            return Optional.empty();
        }
        Token token = tokens.get(at);
        if (token.isNumber()) {
            return Optional.of(andAPart(figures(at)));
        }
        return inWords(at).map(this::andAPart);
    }

    private Numeral figures(int at) {
        double value = tokens.get(at).number();
        int next = at + 1;
        if (!tokens.get(at).fraction()) {
            // "1 1/2" and "1-1/2" are one and a half; "1-2" is a range and is left to the reader of ranges.
            int fraction = isSign(next, "-") ? next + 1 : next;
            if (isFraction(fraction)) {
                return new Numeral(value + tokens.get(fraction).number(), 0, fraction + 1);
            }
        }
        return new Numeral(value, 0, next);
    }

    private boolean isFraction(int at) {
        return at < tokens.size()
                && tokens.get(at).fraction()
                && tokens.get(at).number() < 1
                && tokens.get(at).number() > 0;
    }

    private Optional<Numeral> inWords(int at) {
        int first = isArticle(at) ? at + 1 : at;
        String word = word(first);
        boolean article = first > at;
        if (word.equals("couple")) {
            return Optional.of(new Numeral(COUPLE, COUPLE_SD, afterOf(first + 1)));
        }
        if (word.equals("few")) {
            return Optional.of(new Numeral(FEW, FEW_SD, afterOf(first + 1)));
        }
        if (word.equals("several") && !article) {
            return Optional.of(new Numeral(SEVERAL, FEW_SD, first + 1));
        }
        if (word.equals("dozen")) {
            return Optional.of(new Numeral(DOZEN, 0, afterOf(first + 1)));
        }
        Double part = PARTS.get(word);
        if (part != null) {
            return Optional.of(afterPart(part, first + 1));
        }
        Double count = article ? null : COUNTS.get(word);
        if (count == null) {
            return Optional.empty();
        }
        Double parts = PLURAL_PARTS.get(word(first + 1));
        if (parts != null) {
            return Optional.of(new Numeral(count * parts, 0, afterArticle(afterOf(first + 2))));
        }
        if (word(first + 1).equals("dozen")) {
            return Optional.of(new Numeral(count * DOZEN, 0, first + 2));
        }
        return Optional.of(new Numeral(count, 0, first + 1));
    }

    /** "half a", "half of a", "half a dozen". */
    private Numeral afterPart(double part, int at) {
        int next = afterArticle(afterOf(at));
        return word(next).equals("dozen") ? new Numeral(part * DOZEN, 0, next + 1) : new Numeral(part, 0, next);
    }

    /** "one and a half", "2 and 1/2". */
    private Numeral andAPart(Numeral whole) {
        if (!word(whole.to()).equals("and")) {
            return whole;
        }
        int at = whole.to() + 1;
        if (isFraction(at)) {
            return new Numeral(whole.value() + tokens.get(at).number(), whole.vagueness(), at + 1);
        }
        int part = isArticle(at) ? at + 1 : at;
        Double value = PARTS.get(word(part));
        return value == null || part == at ? whole : new Numeral(whole.value() + value, whole.vagueness(), part + 1);
    }

    boolean isArticle(int at) {
        return ARTICLES.contains(word(at));
    }

    private int afterArticle(int at) {
        return isArticle(at) ? at + 1 : at;
    }

    private int afterOf(int at) {
        return word(at).equals("of") ? at + 1 : at;
    }

    private String word(int at) {
        return at < tokens.size() && tokens.get(at).isWord() ? tokens.get(at).word() : "";
    }

    private boolean isSign(int at, String sign) {
        return at < tokens.size() && tokens.get(at).is(sign);
    }
}
