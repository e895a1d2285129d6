package verdamen.core.intake;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import verdamen.core.intake.Instruction.Kind;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Limit;

/**
 * Reads the settings out of a method in words: kneading, rests and where, temperatures, pieces, sheet, and what is cooked
 * how long. A clause says a setting only with its verb: the half hour in which potatoes boil is no rest.
 */
public final class Instructions {

    private static final int LONGEST_WORDS = Limit.ECHO.mostCount();
    private static final double SECONDS = 60;
    private static final double OVERNIGHT = Coefficient.SCHOOL_OVERNIGHT_MINUTES.value();
    private static final Set<String> KNEADING = Set.of("knead", "kneading", "kneaded");
    private static final Set<String> MIXING = Set.of("mix", "work", "beat");
    private static final Set<String> MACHINE = Set.of("machine", "mixer", "hook", "processor");
    private static final Set<String> RESTING = Set.of(
            "rest",
            "rests",
            "resting",
            "stand",
            "stands",
            "leave",
            "sit",
            "prove",
            "proves",
            "proof",
            "rise",
            "rises",
            "ferment",
            "relax",
            "double",
            "doubled",
            "doubles",
            "overnight");
    private static final Set<String> CHILLING = Set.of("chill", "refrigerate", "fridge", "refrigerator");
    /** Words of a rest that goes on somewhere else: "then an hour in the kitchen". */
    private static final Set<String> STILL = Set.of(
            "a",
            "an",
            "about",
            "another",
            "at",
            "counter",
            "for",
            "half",
            "hour",
            "hours",
            "in",
            "kitchen",
            "minute",
            "minutes",
            "min",
            "mins",
            "more",
            "on",
            "place",
            "room",
            "temperature",
            "the",
            "warm",
            "covered",
            "further",
            "of",
            "h");

    private static final Set<String> RISING = Set.of("double", "doubled", "doubles", "doubling");
    private static final Set<String> NOT_THE_DOUGH = Set.of(
            "cool",
            "cools",
            "soak",
            "soaked",
            "drain",
            "boil",
            "simmer",
            "steam",
            "sponge",
            "starter",
            "salt",
            "potatoes",
            "potato",
            "lentils",
            "beans",
            "peas",
            "filling",
            "mash",
            "rice",
            "batter",
            "towel",
            "cooked");
    private static final Set<String> ROLLING = Set.of("roll", "rolled", "press", "flatten", "pat", "stretch", "sheet");
    private static final Set<String> SHAPES = Set.of("circle", "circles", "round", "rounds", "disc", "discs", "across");
    private static final Set<String> COOKING = Set.of(
            "cook", "bake", "fry", "griddle", "toast", "sear", "oven", "pan", "skillet", "stone", "preheat", "tray");
    private static final Set<String> SIDES = Set.of("side", "sides");
    private static final Set<String> PARTING = Set.of(
            "divide", "divided", "cut", "shape", "form", "make", "makes", "roll", "portion", "split", "scale", "into");
    private static final Set<String> PIECES = Set.of(
            "balls",
            "pieces",
            "portions",
            "rounds",
            "parts",
            "discs",
            "rotis",
            "chapatis",
            "parathas",
            "tortillas",
            "pitas",
            "naans",
            "flatbreads",
            "breads",
            "wraps",
            "crackers",
            "circles",
            "cakes");
    private static final Set<String> WETTING = Set.of(
            "add", "pour", "mix", "stir", "scald", "combine", "bring", "knead", "pouring", "using", "use", "dissolve");
    private static final Pattern DEGREES =
            Pattern.compile("(?i)(\\d{2,3}(?:[.,]\\d+)?)\\s*(?:°|º|degrees?)?\\s*(c|celsius|f|fahrenheit)\\b");
    private static final Pattern EACH_GRAMS =
            Pattern.compile("(?i)\\beach\\b|\\bof\\s+(?:about\\s+)?\\d|\\d\\s*-?\\s*(?:g|grams?|oz)\\s+"
                    + "(?:balls|pieces|portions|rounds|parts)|\\bweighing\\b");

    private final List<Instruction> found = new ArrayList<>();
    private final Map<Kind, Instruction> once = new LinkedHashMap<>();
    private boolean resting;
    private boolean kneaded;
    private boolean rolled;

    private Instructions() {}

    /** The settings that a method speaks of, phases in their order; of any other setting the first. */
    public static List<Instruction> of(@Nullable String method) {
        if (method == null || method.isBlank()) {
            return List.of();
        }
        Instructions reader = new Instructions();
        Clauses.of(method).forEach(reader::take);
        return List.copyOf(reader.found);
    }

    private void take(String clause) {
        List<String> words = Vocabulary.words(clause);
        Quantities quantities = Quantities.of(clause);
        boolean cooks = has(words, COOKING);
        water(clause, words);
        if (has(words, KNEADING) || (has(words, MIXING) && has(words, MACHINE))) {
            knead(clause, words, quantities);
        } else if (!cooks && (has(words, RESTING) || has(words, CHILLING) || (resting && STILL.containsAll(words)))) {
            rest(clause, words, quantities);
        }
        resting = !cooks && (has(words, RESTING) || has(words, CHILLING));
        pieces(clause, words, quantities);
        if (has(words, ROLLING) || has(words, SHAPES)) {
            quantities.thickness().ifPresent(mm -> add(Kind.SHEET, clause, mm));
            quantities.diameter().ifPresent(mm -> add(Kind.DIAMETER, clause, mm));
        }
        if (cooks) {
            cook(clause, words, quantities);
        }
        // Rolling a ball is no rolling out.
        rolled |= (has(words, ROLLING) && !has(words, Set.of("balls", "ball"))) || (cooks && has(words, SIDES));
    }

    private void knead(String clause, List<String> words, Quantities quantities) {
        Optional<Double> minutes = quantities.minutes();
        boolean again = kneaded;
        if (!kneaded) {
            // What rests before it is kneaded rests in no phase after kneading.
            found.removeIf(each -> each.kind().isPhase() || each.kind().isRise());
        }
        kneaded = true;
        if (again) {
            minutes.filter(any -> !rolled).ifPresent(value -> add(Kind.KNEAD_AGAIN, clause, value));
        } else {
            Kind kind = has(words, MACHINE) ? Kind.KNEAD_BY_MACHINE : Kind.KNEAD;
            minutes.ifPresent(value -> add(kind, clause, value));
        }
    }

    private void rest(String clause, List<String> words, Quantities quantities) {
        if (rolled || has(words, NOT_THE_DOUGH)) {
            return;
        }
        boolean cold = has(words, CHILLING);
        Kind kind = cold ? Kind.CHILL : words.contains("warm") ? Kind.WARM : Kind.REST;
        Optional<Double> minutes =
                quantities.minutes().or(() -> words.contains("overnight") ? Optional.of(OVERNIGHT) : Optional.empty());
        if (minutes.isPresent()) {
            add(kind, clause, minutes.get());
        } else if (has(words, RISING) && !cold) {
            add(kind == Kind.WARM ? Kind.RISE_WARM : Kind.RISE, clause, 0);
        }
    }

    private void pieces(String clause, List<String> words, Quantities quantities) {
        if (has(words, PARTING) || has(words, PIECES)) {
            quantities.count(PIECES).ifPresent(count -> add(Kind.PIECES, clause, count));
            if (EACH_GRAMS.matcher(clause).find()) {
                quantities.grams().ifPresent(grams -> add(Kind.PIECE_GRAMS, clause, grams));
            }
        }
    }

    private void cook(String clause, List<String> words, Quantities quantities) {
        if (has(words, SIDES)) {
            quantities.minutes().ifPresent(minutes -> add(Kind.SIDE, clause, minutes * SECONDS));
        }
        Double celsius = celsius(clause);
        if (celsius != null) {
            add(Kind.PAN, clause, celsius);
        }
    }

    private void water(String clause, List<String> words) {
        if (!words.contains("water") || !has(words, WETTING) || has(words, COOKING) || has(words, NOT_THE_DOUGH)) {
            return;
        }
        Double celsius = Asides.of(clause).celsius();
        if (celsius != null) {
            add(Kind.WATER, clause, celsius);
        }
    }

    private static @Nullable Double celsius(String clause) {
        Matcher degrees = DEGREES.matcher(clause);
        if (!degrees.find()) {
            return null;
        }
        return Temperatures.celsius(Double.parseDouble(degrees.group(1).replace(',', '.')), degrees.group(2));
    }

    private void add(Kind kind, String clause, double value) {
        String words = clause.replaceAll("[.;!?,]+$", "");
        Instruction instruction = new Instruction(
                kind, words.length() > LONGEST_WORDS ? words.substring(0, LONGEST_WORDS) + "…" : words, value);
        if (kind.isPhase() || !instruction.isPossible()) {
            found.add(instruction);
        } else if (once.putIfAbsent(kind, instruction) == null) {
            found.add(instruction);
        }
    }

    private static boolean has(List<String> words, Set<String> any) {
        return !Collections.disjoint(words, any);
    }
}
