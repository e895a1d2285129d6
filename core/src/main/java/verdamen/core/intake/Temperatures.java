package verdamen.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import verdamen.core.model.Coefficient;

/** Temperatures named in a method, and whether they make sense in the scale they are given in. */
public final class Temperatures {

    private static final Set<String> LIQUIDS = Set.of("water", "milk", "liquid", "lukewarm", "whey", "buttermilk");
    private static final int WORDS_BEFORE = (int) Coefficient.WORDS_AROUND_TEMPERATURE.value();
    private static final Range LIQUID =
            new Range(Coefficient.LIQUID_COLDEST_C.value(), Coefficient.LIQUID_HOTTEST_C.value());
    private static final Range HEAT =
            new Range(Coefficient.COOKING_COLDEST_C.value(), Coefficient.COOKING_HOTTEST_C.value());

    private record Range(double low, double high) {

        boolean holds(double celsius) {
            return celsius >= low && celsius <= high;
        }
    }

    /**
     * A temperature that makes sense only in the other scale.
     *
     * @param written as it was written, such as "220 °F"
     * @param readCelsius what it says, °C
     * @param likelyCelsius what was likely meant, °C
     */
    public record Suspect(String written, double readCelsius, double likelyCelsius) {}

    private Temperatures() {}

    /** The temperatures of a method that make sense only in the other scale. */
    public static List<Suspect> suspects(String method) {
        List<Token> tokens = Token.of(method);
        List<Suspect> suspects = new ArrayList<>();
        for (int at = 0; at < tokens.size(); at++) {
            if (!tokens.get(at).isNumber()) {
                continue;
            }
            int unit = at + 1;
            boolean degree = unit < tokens.size()
                    && (Set.of("°", "º").contains(tokens.get(unit).text())
                            || Set.of("degrees", "deg")
                                    .contains(tokens.get(unit).word()));
            if (degree) {
                unit++;
            }
            String letter = unit < tokens.size() ? tokens.get(unit).text() : "";
            boolean celsius = Set.of("C", "Celsius", "celsius").contains(letter) || (degree && letter.equals("c"));
            boolean fahrenheit =
                    Set.of("F", "Fahrenheit", "fahrenheit").contains(letter) || (degree && letter.equals("f"));
            if (celsius || fahrenheit) {
                double value = tokens.get(at).number();
                double read = celsius ? value : celsiusOf(value);
                double other = celsius ? celsiusOf(value) : value;
                Range sensible = isOfLiquid(tokens, at) ? LIQUID : HEAT;
                if (!sensible.holds(read) && sensible.holds(other)) {
                    suspects.add(new Suspect(tokens.get(at).text() + " °" + (celsius ? "C" : "F"), read, other));
                }
            }
        }
        return suspects;
    }

    private static boolean isOfLiquid(List<Token> tokens, int at) {
        return tokens.subList(Math.max(0, at - WORDS_BEFORE), Math.min(tokens.size(), at + WORDS_BEFORE)).stream()
                .anyMatch(token -> LIQUIDS.contains(token.word()));
    }

    /** °C of a temperature in the scale that a unit stands for: "F", "fahrenheit", else °C. */
    static double celsius(double value, String unit) {
        return unit.regionMatches(true, 0, "f", 0, 1) ? celsiusOf(value) : value;
    }

    /** °C of a temperature in °F. */
    public static double celsiusOf(double fahrenheit) {
        return (fahrenheit - Coefficient.FAHRENHEIT_OF_ICE.value()) / Coefficient.FAHRENHEIT_OF_KELVIN.value();
    }
}
