package verdamen.core.intake;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.intake.Vocabulary.Phrase;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/** What the words of a line say about the form of an inclusion. */
final class FormWords {

    /** What is done last to an inclusion decides its form; the further down, the later it is done. */
    private static final List<String> IN_ORDER = List.of(
            "raw-leaf",
            "raw-chopped",
            "raw-grated",
            "cooked-pieces",
            "pressed",
            "wilted",
            "cooked-down",
            "mash",
            "mash-hot",
            "puree");

    private static final Set<String> COOKED_FORMS = Set.of("cooked-pieces", "mash", "mash-hot", "puree", "cooked-down");
    private static final Map<String, String> COOKED = Map.of(
            "potato-raw", "potato-boiled",
            "sweet-potato-raw", "sweet-potato-cooked",
            "beetroot-raw", "beetroot-cooked",
            "pumpkin-raw", "pumpkin-cooked");
    private static final String COOKED_PULSE = "cooked-pulse";
    private static final String WHOLE_LEAF = "raw-leaf";
    private static final String HERB = "herb";
    /** Groups of greens. */
    static final Set<String> LEAVES = Set.of("leaf", "brassica-leaf");
    /** What is whole as it is, and of one bite. */
    private static final Set<String> SMALL = Set.of(COOKED_PULSE, "dry-pulse", "pulse-fresh", "dry-grain");

    private final List<Phrase> phrases = new ArrayList<>();

    FormWords(List<Token> tokens, Vocabulary vocabulary) {
        int at = 0;
        while (at < tokens.size()) {
            Optional<Phrase> phrase = vocabulary.phraseAt(tokens, at, EnumSet.of(Vocabulary.Kind.FORM));
            phrase.ifPresent(phrases::add);
            at += phrase.map(found -> found.words().size()).orElse(1);
        }
    }

    /** The form that an ingredient is in; null for what has none, or when its words do not say. */
    @Nullable
    String formOf(Ingredient ingredient) {
        if (ingredient.role() != Role.INCLUSION) {
            return null;
        }
        String last = IN_ORDER.stream()
                .filter(form -> phrases.stream().anyMatch(phrase -> form.equals(phrase.value())))
                .reduce((one, other) -> other)
                .orElse(null);
        if (last == null) {
            return null;
        }
        if (ingredient.group().equals(COOKED_PULSE)) {
            return switch (last) {
                case "mash", "mash-hot" -> "pulse-mash";
                case "puree" -> "puree";
                default -> "pulse-whole";
            };
        }
        if (last.equals(WHOLE_LEAF) && !hasLeaves(ingredient)) {
            return null;
        }
        // Boiled or steamed greens are wilted ones.
        return last.equals("cooked-pieces") && LEAVES.contains(ingredient.group()) ? "wilted" : last;
    }

    private static boolean hasLeaves(Ingredient ingredient) {
        return LEAVES.contains(ingredient.group()) || ingredient.group().equals(HERB);
    }

    /** The words that name a form which an ingredient cannot have: "1 large potato, left whole". */
    List<String> meaningless(Ingredient ingredient) {
        return ingredient.role() != Role.INCLUSION || hasLeaves(ingredient) || SMALL.contains(ingredient.group())
                ? List.of()
                : phrases.stream()
                        .filter(phrase -> WHOLE_LEAF.equals(phrase.value()))
                        .map(phrase -> String.join(" ", phrase.words()))
                        .toList();
    }

    /** The cooked one of an ingredient that the pantry has raw and cooked, when its form is a cooked one. */
    Ingredient inThatForm(Ingredient ingredient, @Nullable String form, IngredientIndex index) {
        String cooked = COOKED.get(ingredient.code());
        if (form == null || cooked == null || !COOKED_FORMS.contains(form)) {
            return ingredient;
        }
        return index.byCode(cooked).orElse(ingredient);
    }
}
