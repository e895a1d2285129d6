package verdamen.core.intake;

import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Limit;

/**
 * What a line says of its ingredient beside its amount: protein, temperature, and how large its cup is. These words are
 * taken out of the line before its amounts are looked for.
 *
 * @param rest the line without them
 * @param proteinPct protein, %; null when not said
 * @param celsius temperature, °C; null when not said
 * @param cupMl the cup that the line is measured in, ml; null when not said
 */
record Asides(
        String rest,
        @Nullable Double proteinPct,
        @Nullable Double celsius,
        @Nullable Double cupMl) {

    private static final double LABEL_MOST = Coefficient.PROTEIN_LABEL_MOST.value();
    private static final String NUMBER = "(\\d{1,3}(?:[.,]\\d+)?)";
    private static final String GRAMS = "\\s*(?:g|gr|grams?)";
    /** Flour is labelled by what is in 100 g of it, so that its grams are its percentage. */
    private static final String PER_HUNDRED = "(?:\\s*(?:per|in|/)\\s*100" + GRAMS + "\\b)?";
    /** "13.7 % protein", "protein 13 %", "(13.7 g protein per 100 g)"; "30 g protein powder" is an ingredient. */
    private static final Pattern PROTEIN = Pattern.compile("(?i)(?:,?\\s*\\(?\\s*(?:" + NUMBER
            + "\\s*%\\s*(?:of\\s+)?prot(?:ein)?\\b\\.?|prot(?:ein)?\\s*:?\\s*" + NUMBER + "\\s*%)"
            + "|(?:^|[,(;])\\s*(?:with\\s+|about\\s+)?(?:" + NUMBER + GRAMS
            + "\\s+(?:of\\s+)?prot(?:ein)?\\b\\.?(?!\\s+(?!per\\b|in\\b)[a-z])|prot(?:ein)?\\s*:?\\s*" + NUMBER + GRAMS
            + "\\b)"
            + PER_HUNDRED + ")\\s*\\)?");

    private static final Pattern DEGREES = Pattern.compile(
            "(?i),?\\s*\\(?\\s*(?:at\\s+|about\\s+)*" + NUMBER + "\\s*(?:°|º|degrees?)\\s*([cf])\\b\\s*\\)?");
    private static final Pattern WARMTH =
            Pattern.compile("(?i)\\b(?:(ice|iced|ice-cold|cold|chilled)|(warm)|(hot)|(boiling|just-boiled))\\b");
    /** "An inch of ginger" is about a piece of it. */
    private static final Pattern AN_INCH = Pattern.compile(
            "(?i)\\b(an?|one|\\d+(?:[.,]\\d+)?)[\\s-]*(?:inch(?:es)?|in)\\b(?:[\\s-]*(?:pieces?|knobs?|chunks?|long))*\\s+"
                    + "(?:of\\s+)?(?:fresh\\s+)?(ginger|turmeric)");

    private static final Pattern CUP_SIZE = Pattern.compile(
            "(?i)\\(\\s*(\\d{3})\\s*ml\\s+cups?\\s*\\)|\\(?\\s*(?:1\\s+)?cup\\s*(?:=|is|of)\\s*(\\d{3})\\s*ml\\s*\\)?");

    /** What a line says beside. */
    static Asides of(String text) {
        String line = AN_INCH.matcher(text).replaceAll("about $1 piece $2");
        Matcher protein = PROTEIN.matcher(line);
        Double pct = protein.find() ? Double.valueOf(firstOf(protein)) : null;
        String rest = pct == null ? line : protein.replaceFirst(" ");
        if (pct != null && pct > LABEL_MOST && !protein.group().contains("%")) {
            // No flour holds so much: grams of something else, to be asked about, and never the weight of the line.
            pct = null;
            rest = protein.replaceFirst(" protein ");
        }
        Matcher cup = CUP_SIZE.matcher(rest);
        Double millilitres = null;
        if (cup.find()) {
            double size = number(cup.group(1), cup.group(2));
            boolean sensible = size >= Limit.CUP_ML.least() && size <= Limit.CUP_ML.most();
            millilitres = sensible ? Double.valueOf(size) : null;
            rest = sensible ? cup.replaceFirst(" ") : rest;
        }
        OptionalDouble degrees = degrees(rest);
        if (degrees.isPresent()) {
            return new Asides(DEGREES.matcher(rest).replaceFirst(" "), pct, degrees.getAsDouble(), millilitres);
        }
        return new Asides(rest, pct, warmth(rest), millilitres);
    }

    private static OptionalDouble degrees(String text) {
        Matcher degrees = DEGREES.matcher(text);
        if (!degrees.find()) {
            return OptionalDouble.empty();
        }
        double celsius = Temperatures.celsius(number(degrees.group(1), null), degrees.group(2));
        boolean possible = celsius >= Limit.WATER_TEMPERATURE_C.least() && celsius <= Limit.WATER_TEMPERATURE_C.most();
        return possible ? OptionalDouble.of(celsius) : OptionalDouble.empty();
    }

    private static @Nullable Double warmth(String text) {
        Matcher warmth = WARMTH.matcher(text);
        if (!warmth.find()) {
            return null;
        }
        if (warmth.group(1) != null) {
            return Coefficient.SCHOOL_COLD_C.value();
        }
        if (warmth.group(2) != null) {
            return Coefficient.SCHOOL_WARM_C.value();
        }
        return (warmth.group(3) != null ? Coefficient.SCHOOL_HOT_C : Coefficient.JUST_COOKED_C).value();
    }

    private static double firstOf(Matcher found) {
        for (int group = 1; group <= found.groupCount(); group++) {
            if (found.group(group) != null) {
                return number(found.group(group), null);
            }
        }
        throw new IllegalStateException("a number of none of its forms");
    }

    private static double number(@Nullable String one, @Nullable String other) {
        return Double.parseDouble(String.valueOf(one == null ? other : one).replace(',', '.'));
    }
}
