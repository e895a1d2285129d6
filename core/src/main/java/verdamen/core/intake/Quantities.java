package verdamen.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import verdamen.core.model.Coefficient;

/** The numbers of a clause with what they count: "20 to 30 minutes" is 25 minutes, "1 hour 15" 75 of them. */
final class Quantities {

    private static final double HOUR = 60;
    private static final Map<String, Double> MINUTES = Map.ofEntries(
            Map.entry("s", 1 / HOUR),
            Map.entry("sec", 1 / HOUR),
            Map.entry("secs", 1 / HOUR),
            Map.entry("second", 1 / HOUR),
            Map.entry("seconds", 1 / HOUR),
            Map.entry("min", 1.0),
            Map.entry("mins", 1.0),
            Map.entry("minute", 1.0),
            Map.entry("minutes", 1.0),
            Map.entry("h", HOUR),
            Map.entry("hr", HOUR),
            Map.entry("hrs", HOUR),
            Map.entry("hour", HOUR),
            Map.entry("hours", HOUR));
    private static final double INCH_MM = Coefficient.INCH_MM.value();
    private static final Map<String, Double> MILLIMETRES = Map.of(
            "mm",
            1.0,
            "millimetres",
            1.0,
            "millimeters",
            1.0,
            "cm",
            10.0,
            "centimetres",
            10.0,
            "centimeters",
            10.0,
            "inch",
            INCH_MM,
            "inches",
            INCH_MM,
            "in",
            INCH_MM);
    private static final double OUNCE_G = Coefficient.SLIP_GRAMS_OF_OUNCE.value();
    private static final Map<String, Double> GRAMS =
            Map.of("g", 1.0, "gram", 1.0, "grams", 1.0, "gr", 1.0, "oz", OUNCE_G, "ounce", OUNCE_G, "ounces", OUNCE_G);
    private static final double THICKEST_SHEET_MM = Coefficient.THICKEST_SHEET_MM.value();
    private static final Set<String> THICK_WORDS = Set.of("thick", "thickness", "thin");
    private static final Set<String> WIDE_WORDS =
            Set.of("across", "wide", "diameter", "round", "rounds", "circle", "circles", "disc", "discs");
    private static final Set<String> RANGE = Set.of("to", "or", "and");

    /** A number, where it ends, and the word that follows it, past "more" and "good". */
    private record Number(double value, int to, String word) {}

    private final List<Token> tokens;
    private final List<Number> numbers = new ArrayList<>();

    private Quantities(List<Token> tokens) {
        this.tokens = tokens;
    }

    /** The numbers of a clause. */
    static Quantities of(String clause) {
        Quantities quantities = new Quantities(Token.of(clause));
        quantities.read();
        return quantities;
    }

    private void read() {
        Numerals numerals = new Numerals(tokens);
        int at = 0;
        while (at < tokens.size()) {
            Optional<Numerals.Numeral> read = numerals.read(at);
            if (read.isEmpty()) {
                boolean article = numerals.isArticle(at) && MINUTES.containsKey(word(at + 1));
                if (article) {
                    numbers.add(new Number(1, at + 1, word(at + 1)));
                }
                at++;
                continue;
            }
            double value = read.get().value();
            int to = read.get().to();
            boolean range = to < tokens.size()
                    && (tokens.get(to).is("-") || tokens.get(to).is("–") || RANGE.contains(word(to)));
            Optional<Numerals.Numeral> end = range ? numerals.read(to + 1) : Optional.empty();
            if (end.isPresent()) {
                value = (value + end.get().value()) / 2;
                to = end.get().to();
            }
            numbers.add(new Number(value, to, word(to)));
            at = Math.max(to, at + 1);
        }
    }

    /** How long a clause says, minutes; the hours and minutes that follow one another are one time. */
    Optional<Double> minutes() {
        double sum = 0;
        int end = -1;
        for (Number number : numbers) {
            Double each = MINUTES.get(number.word());
            boolean further = end < 0 || number.to() - end <= 2;
            if (each != null && further) {
                sum += number.value() * each;
                end = number.to() + 1;
            }
        }
        return end < 0 ? Optional.empty() : Optional.of(sum);
    }

    /** The first thickness, mm: a length said to be one, or a short one of which nothing is said. */
    Optional<Double> thickness() {
        return length(true);
    }

    /** The first diameter, mm: a length said to be one, or a long one of which nothing is said. */
    Optional<Double> diameter() {
        return length(false);
    }

    private Optional<Double> length(boolean thin) {
        return numbers.stream()
                .filter(number -> MILLIMETRES.containsKey(number.word()) && isThin(number) == thin)
                .map(number -> number.value() * MILLIMETRES.get(number.word()))
                .findFirst();
    }

    private boolean isThin(Number number) {
        String next = word(number.to() + 1);
        boolean brief = number.value() * MILLIMETRES.get(number.word()) <= THICKEST_SHEET_MM;
        return THICK_WORDS.contains(next) || (brief && !WIDE_WORDS.contains(next));
    }

    /** The first weight, g. */
    Optional<Double> grams() {
        return first(GRAMS);
    }

    /** The first number that counts one of these things, past up to two words: "12 equal balls". */
    Optional<Double> count(Set<String> things) {
        for (Number number : numbers) {
            boolean whole = number.value() >= 1 && number.value() == Math.rint(number.value());
            boolean measured = MINUTES.containsKey(number.word())
                    || MILLIMETRES.containsKey(number.word())
                    || GRAMS.containsKey(number.word());
            for (int past = 0; past <= 2 && whole && !measured; past++) {
                if (things.contains(word(number.to() + past))) {
                    return Optional.of(number.value());
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Double> first(Map<String, Double> units) {
        return numbers.stream()
                .filter(number -> units.containsKey(number.word()))
                .map(number -> number.value() * units.get(number.word()))
                .findFirst();
    }

    private String word(int at) {
        return at < tokens.size() && tokens.get(at).isWord() ? tokens.get(at).word() : "";
    }
}
