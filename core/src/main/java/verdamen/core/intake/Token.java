package verdamen.core.intake;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A word, number or sign of a line of text.
 *
 * @param kind what it is
 * @param text as it was written
 * @param word for a word, its lower-case form without accents; else the text
 * @param number for a number, its value; else 0
 * @param fraction whether a number was written as a fraction, such as 1/2
 */
record Token(Kind kind, String text, String word, double number, boolean fraction) {

    enum Kind {
        WORD,
        NUMBER,
        SIGN
    }

    private static final Pattern VULGAR_FRACTION = Pattern.compile("([¼-¾⅐-⅞])");
    private static final Pattern PART = Pattern.compile("(?<fraction>\\d{1,4}\\s*/\\s*\\d{1,4})(?![.,\\d])"
            + "|(?<thousands>\\d{1,3}(?:,\\d{3})+(?![\\d,]))"
            + "|(?<decimal>\\d{1,9}[.,]\\d{1,6})"
            + "|(?<whole>\\d+)"
            + "|(?<word>\\p{L}+(?:['’]\\p{L}+)*)"
            + "|(?<sign>\\S)");
    private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");

    /** The tokens of a line; never fails, whatever the text. */
    static List<Token> of(String line) {
        String spaced = VULGAR_FRACTION.matcher(line).replaceAll(" $1 ");
        String plain = Normalizer.normalize(spaced, Normalizer.Form.NFKC).replace('⁄', '/');
        List<Token> tokens = new ArrayList<>();
        Matcher part = PART.matcher(plain);
        while (part.find()) {
            tokens.add(token(part));
        }
        return tokens;
    }

    private static Token token(Matcher part) {
        String text = part.group();
        if (part.group("word") != null) {
            return new Token(Kind.WORD, text, plainWord(text), 0, false);
        }
        if (part.group("sign") != null) {
            return new Token(Kind.SIGN, text, text, 0, false);
        }
        if (part.group("fraction") != null) {
            String[] halves = text.split("/");
            double below = Double.parseDouble(halves[1].strip());
            double value = below == 0 ? 0 : Double.parseDouble(halves[0].strip()) / below;
            return new Token(Kind.NUMBER, text, text, value, true);
        }
        // Of "0,125" and "1,250" the first can only be a decimal; the second is read as a thousand.
        boolean thousands = part.group("thousands") != null && !text.startsWith("0");
        String digits = thousands ? text.replace(",", "") : text.replace(',', '.');
        return new Token(Kind.NUMBER, text, text, finite(digits), false);
    }

    private static double finite(String digits) {
        try {
            double value = Double.parseDouble(digits);
            return Double.isFinite(value) ? value : Double.MAX_VALUE;
        } catch (NumberFormatException e) {
            return Double.MAX_VALUE;
        }
    }

    /** A word in lower case, without accents and apostrophes. */
    static String plainWord(String word) {
        String lower = word.toLowerCase(Locale.ROOT).replaceAll("['’]", "");
        return ACCENTS.matcher(Normalizer.normalize(lower, Normalizer.Form.NFD)).replaceAll("");
    }

    boolean isNumber() {
        return kind == Kind.NUMBER;
    }

    boolean isWord() {
        return kind == Kind.WORD;
    }

    boolean is(String sign) {
        return text.equals(sign);
    }
}
