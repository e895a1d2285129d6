package verdamen.core.intake;

import java.util.Map;
import java.util.Set;

/** Plural endings taken off, the same way for what is looked for and for what it is looked for in. */
final class Singular {

    private static final Set<String> AS_THEY_ARE = Set.of("molasses", "couscous", "hummus", "asparagus", "swiss");
    private static final Map<String, String> IRREGULAR = Map.of("chillies", "chilli", "chilies", "chili");
    private static final int SHORTEST = 4;

    private Singular() {}

    static String of(String word) {
        if (IRREGULAR.containsKey(word)) {
            return IRREGULAR.get(word);
        }
        if (word.length() < SHORTEST || !word.endsWith("s") || word.endsWith("ss") || AS_THEY_ARE.contains(word)) {
            return word;
        }
        if (word.endsWith("ies") && word.length() > SHORTEST) {
            return word.substring(0, word.length() - 3) + "y";
        }
        if (word.endsWith("oes") || word.endsWith("ches") || word.endsWith("shes")) {
            return word.substring(0, word.length() - 2);
        }
        if (word.endsWith("leaves")) {
            return word.substring(0, word.length() - 3) + "f";
        }
        if (word.endsWith("us") || word.endsWith("is")) {
            return word;
        }
        return word.substring(0, word.length() - 1);
    }
}
