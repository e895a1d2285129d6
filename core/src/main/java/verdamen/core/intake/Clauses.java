package verdamen.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The parts of a method that say one thing each: "knead for eight minutes", "cover and rest for half an hour". */
final class Clauses {

    private static final Pattern SENTENCE = Pattern.compile("(?<=[.;!?])\\s+|\\R");
    private static final Pattern CLAUSE = Pattern.compile(
            "(?i),\\s+(?:and\\s+|then\\s+)?|\\s+(?:and\\s+)?then\\s+|"
                    + "\\s+before\\s+|\\s+and\\s+(?=(?:let|rest|leave|knead|roll|press|cook|bake|fry|divide|shape|cut|chill|put|pour|add|form)\\b)");
    private static final Pattern SPACES = Pattern.compile("\\h+");
    private static final String THEN = "then";
    /** Words of a clause that only goes on with the one before: "until doubled, about 1 hour". */
    private static final Set<String> GOING_ON = Set.of(
            "about",
            "for",
            "or",
            "so",
            "roughly",
            "around",
            "an",
            "a",
            "half",
            "hour",
            "hours",
            "hr",
            "hrs",
            "h",
            "minute",
            "minutes",
            "min",
            "mins",
            "to",
            "at",
            "least",
            "covered",
            "overnight",
            "each",
            "side",
            "per",
            "mm",
            "cm",
            "thick",
            "across",
            "wide",
            "in",
            "the",
            "fridge",
            "of",
            "g",
            "gram",
            "grams",
            "second",
            "seconds");

    private Clauses() {}

    /** The clauses of a method, in order. */
    static List<String> of(String method) {
        List<String> clauses = new ArrayList<>();
        // Runs of spaces are one, or the patterns would try each of them from every place.
        String text = SPACES.matcher(method).replaceAll(" ");
        for (String sentence : SENTENCE.split(text)) {
            Matcher separator = CLAUSE.matcher(sentence);
            int from = 0;
            boolean goesOn = false;
            while (separator.find()) {
                add(clauses, sentence.substring(from, separator.start()), goesOn);
                goesOn = !separator.group().contains(THEN);
                from = separator.end();
            }
            add(clauses, sentence.substring(from), goesOn);
        }
        return clauses;
    }

    /** What comes after a comma may go on with the clause before it; what comes after "then" is something else. */
    private static void add(List<String> clauses, String clause, boolean mayGoOn) {
        int last = clauses.size() - 1;
        if (mayGoOn && last >= 0 && GOING_ON.containsAll(Vocabulary.words(clause))) {
            clauses.set(last, clauses.get(last) + ", " + clause.strip());
        } else if (!clause.isBlank()) {
            clauses.add(clause.strip());
        }
    }
}
