package verdamen.core.intake;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;

/**
 * A line that says what stands below it: ingredients of a part, something beside, or the method.
 *
 * @param kind what it says
 * @param part where the lines below belong; the dough above a method
 */
record Heading(Kind kind, Part part) {

    enum Kind {
        /** "Method": no more ingredients. */
        METHOD,
        /** "Filling:", "For the dough", "Ingredients". */
        PART,
        /** "For the dip", "Tempering": it does not say where its lines belong. */
        UNCLEAR
    }

    private static final Pattern METHOD = Pattern.compile(
            "(?i)^\\W*(?:method|directions?|instructions?|preparation|steps?|procedure|how to make.*|to make)\\W*$");
    private static final Pattern INGREDIENTS = Pattern.compile("(?i)^\\W*(?:ingredients|you (?:will )?need)\\W*$");
    private static final Pattern OTHER = Pattern.compile("(?i)^\\W*(?:for the|for|to)\\s+[a-z\\s-]+$");
    /** A bullet or a number before a line. */
    static final Pattern BULLET = Pattern.compile("^\\s*(?:[-*•·▪◦–—]+|\\d{1,2}[.)](?=\\s+\\S))\\s*");

    private static final Set<String> BESIDE = Set.of(
            "tempering",
            "chutney",
            "dip",
            "sauce",
            "raita",
            "salad",
            "garnish",
            "topping",
            "toppings",
            "spread",
            "pickle");
    private static final Set<String> FILLING = Set.of("filling", "stuffing");
    private static final Set<String> SURFACE =
            Set.of("dusting", "cooking", "brushing", "finishing", "serving", "topping");
    private static final String DOUGH = "dough";
    private static final Set<String> PART_WORDS = Set.of(
            "for", "the", "filling", "stuffing", "dough", "dusting", "cooking", "brushing", "finishing", "serving");
    private static final int WORDS_MOST = (int) Coefficient.HEADING_WORDS_MOST.value();

    /** The heading that a line is; nothing when it is none. */
    static Optional<Heading> of(String line) {
        if (METHOD.matcher(line).matches()) {
            return Optional.of(new Heading(Kind.METHOD, Part.DOUGH));
        }
        if (INGREDIENTS.matcher(line).matches()) {
            return Optional.of(new Heading(Kind.PART, Part.DOUGH));
        }
        List<String> words = Vocabulary.words(line);
        boolean brief = !words.isEmpty()
                && words.size() <= WORDS_MOST
                && Token.of(line).stream().noneMatch(Token::isNumber);
        if (!brief) {
            return Optional.empty();
        }
        return named(line, words).or(() -> unclear(line, words));
    }

    /** "Filling:", "For the dough", "For dusting": the first word that is a part. */
    private static Optional<Heading> named(String line, List<String> words) {
        if (!line.strip().endsWith(":") && !PART_WORDS.containsAll(words)) {
            return Optional.empty();
        }
        for (String word : words) {
            if (FILLING.contains(word)) {
                return Optional.of(new Heading(Kind.PART, Part.FILLING));
            }
            if (SURFACE.contains(word)) {
                return Optional.of(new Heading(Kind.PART, Part.SURFACE));
            }
            if (DOUGH.equals(word)) {
                return Optional.of(new Heading(Kind.PART, Part.DOUGH));
            }
        }
        return Optional.empty();
    }

    /** "For the dip", "Tempering", "To serve:". */
    private static Optional<Heading> unclear(String line, List<String> words) {
        boolean marked = line.strip().endsWith(":")
                || OTHER.matcher(line).matches()
                || (words.size() == 1 && BESIDE.contains(words.get(0)));
        return marked && !BULLET.matcher(line).find()
                ? Optional.of(new Heading(Kind.UNCLEAR, Part.BESIDE))
                : Optional.empty();
    }
}
