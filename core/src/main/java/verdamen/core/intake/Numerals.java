package verdamen.core.intake;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;

/** Reads numbers in figures and in words: 1½, 1 1/2, 1-1/2, half a, one and a half, a couple, a dozen. */
final class Numerals {

    private static final List<String> UNITS = List.of(
            ("one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen"
                            + " nineteen")
                    .split(" "));
    private static final List<String> TENS =
            List.of("twenty thirty forty fifty sixty seventy eighty ninety".split(" "));
    private static final int HUNDRED = 100;
    private static final int THOUSAND = 1000;
    private static final int FIRST_OF_TENS = 20;
    private static final Map<String, Double> PARTS =
            Map.of("half", 0.5, "quarter", 0.25, "third", 1.0 / 3, "fifth", 0.2, "sixth", 1.0 / 6, "eighth", 0.125);
    private static final Map<String, Double> PLURAL_PARTS = Map.of(
            "halves", 0.5, "quarters", 0.25, "thirds", 1.0 / 3, "fifths", 0.2, "sixths", 1.0 / 6, "eighths", 0.125);
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
        Counted counted = counted(first, article);
        if (counted == null) {
            return Optional.empty();
        }
        double count = counted.value();
        int after = counted.to();
        // "two-thirds", "one eighth of a".
        int parted = isSign(after, "-") ? after + 1 : after;
        Double parts = PLURAL_PARTS.getOrDefault(word(parted), PARTS.get(word(parted)));
        if (parts != null) {
            return Optional.of(new Numeral(count * parts, 0, afterArticle(afterOf(parted + 1))));
        }
        if (word(after).equals("dozen")) {
            return Optional.of(new Numeral(count * DOZEN, 0, after + 1));
        }
        return Optional.of(new Numeral(count, 0, after));
    }

    private record Counted(int value, int to) {}

    /** "Six", "twenty-five", "a hundred", "six hundred and fifty", "one thousand two hundred"; null for none. */
    private @Nullable Counted counted(int first, boolean article) {
        Counted below = article ? new Counted(1, first) : belowHundred(first);
        if (below == null) {
            return word(first).equals("hundred") ? hundreds(new Counted(1, first)) : null;
        }
        if (word(below.to()).equals("thousand")) {
            Counted rest = belowThousand(afterAnd(below.to() + 1));
            int thousands = below.value() * THOUSAND;
            return rest == null
                    ? new Counted(thousands, below.to() + 1)
                    : new Counted(thousands + rest.value(), rest.to());
        }
        if (word(below.to()).equals("hundred")) {
            return hundreds(below);
        }
        return article ? null : below;
    }

    private @Nullable Counted belowThousand(int at) {
        Counted below = belowHundred(at);
        return below != null && word(below.to()).equals("hundred") ? hundreds(below) : below;
    }

    /** What "hundred" stands behind, with what follows it: "two hundred and fifty", "two hundred fifty". */
    private Counted hundreds(Counted many) {
        int value = many.value() * HUNDRED;
        int after = many.to() + 1;
        Counted rest = belowHundred(afterAnd(after));
        return rest == null ? new Counted(value, after) : new Counted(value + rest.value(), rest.to());
    }

    private @Nullable Counted belowHundred(int at) {
        int tens = TENS.indexOf(word(at));
        if (tens < 0) {
            int unit = UNITS.indexOf(word(at));
            return unit < 0 ? null : new Counted(unit + 1, at + 1);
        }
        int value = FIRST_OF_TENS + tens * 10;
        int next = isSign(at + 1, "-") ? at + 2 : at + 1;
        int unit = UNITS.indexOf(word(next));
        return unit < 0 || unit > 8 ? new Counted(value, at + 1) : new Counted(value + unit + 1, next + 1);
    }

    private int afterAnd(int at) {
        return word(at).equals("and") ? at + 1 : at;
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
