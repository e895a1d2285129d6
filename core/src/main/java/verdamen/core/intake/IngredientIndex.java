package verdamen.core.intake;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;

/**
 * Finds ingredients in words: by name, by other names, and when misspelt. Built once for a pantry and its synonyms;
 * immutable.
 */
public final class IngredientIndex {

    private static final int SHORTEST_MISSPELT = (int) Coefficient.MISSPELT_NAME_FROM.value();
    private static final int TWO_SLIPS_FROM = (int) Coefficient.MISSPELT_TWICE_FROM.value();
    private static final LevenshteinDistance ONE_SLIP = new LevenshteinDistance(1);
    private static final LevenshteinDistance TWO_SLIPS = new LevenshteinDistance(2);

    /** A name as words in the singular, and whose it is. */
    private record Name(List<String> words, Ingredient ingredient, boolean kitchens) {

        int letters() {
            return words.stream().mapToInt(String::length).sum();
        }
    }

    /**
     * An ingredient found.
     *
     * @param ingredient what it is
     * @param words the words of its name, in the singular
     * @param generic whether the name leaves open which of several it is, as "flour" and "spelt flour" do
     */
    record Found(Ingredient ingredient, Set<String> words, boolean generic) {}

    private static final int LONGEST_NAME = (int) Coefficient.NAME_WORDS_MOST.value();
    private static final Set<String> TOO_COMMON = Set.of(
            "flour", "oil", "starter", "soda", "pea", "mash", "masa", "curd", "corn", "pepper", "marrow", "leaven",
            "til", "water", "squash", "oatmeal", "round", "barley", "rye");

    private static final List<String> GENERIC = List.of("flour");

    private final Map<String, List<Name>> byWord = new HashMap<>();
    private final Map<String, Ingredient> byCode = new HashMap<>();
    private final Map<String, Double> pieceMm = new HashMap<>();

    private IngredientIndex() {}

    /**
     * The index of a pantry.
     *
     * @param pantry the ingredients
     * @param synonyms other names by ingredient code; codes that the pantry lacks are passed over
     * @param taught names that the kitchen has taught, to ingredient codes; they go before all others
     */
    public static IngredientIndex of(Pantry pantry, Map<String, List<String>> synonyms, Map<String, String> taught) {
        IngredientIndex index = new IngredientIndex();
        for (Ingredient ingredient : pantry.ingredients()) {
            index.byCode.put(ingredient.code(), ingredient);
            index.add(ingredient.name(), ingredient, false);
            synonyms.getOrDefault(ingredient.code(), List.of()).forEach(name -> index.add(name, ingredient, false));
        }
        pantry.forms().forEach(form -> index.pieceMm.put(form.code(), form.pieceMm()));
        taught.forEach(
                (name, code) -> pantry.ingredient(code).ifPresent(ingredient -> index.add(name, ingredient, true)));
        return index;
    }

    private void add(String name, Ingredient ingredient, boolean kitchens) {
        List<String> words =
                singular(Vocabulary.words(name)).stream().distinct().toList();
        if (!words.isEmpty()) {
            Name entry = new Name(words, ingredient, kitchens);
            words.forEach(word ->
                    byWord.computeIfAbsent(word, each -> new ArrayList<>()).add(entry));
        }
    }

    /** The ingredient with this code. */
    Optional<Ingredient> byCode(String code) {
        return Optional.ofNullable(byCode.get(code));
    }

    /** Size of the pieces of a form, mm; null when there is no such form. */
    @Nullable
    Double pieceMm(String form) {
        return pieceMm.get(form);
    }

    /** Whether a word, in the singular, is part of some ingredient's name. */
    boolean knows(String word) {
        return byWord.containsKey(word);
    }

    /**
     * The ingredient whose name fits the words best: all words of the name are there, and it is the longest such name;
     * of equals the one named first.
     *
     * @param words in the singular, in their order
     */
    Optional<Found> find(List<String> words) {
        Set<String> there = new HashSet<>(words);
        Set<Name> candidates = new HashSet<>();
        there.forEach(word -> candidates.addAll(byWord.getOrDefault(word, List.of())));
        return candidates.stream()
                .filter(name -> there.containsAll(name.words()))
                .max(Comparator.comparing(Name::kitchens)
                        .thenComparing(name -> name.words().size())
                        .thenComparing(name -> -lastPlace(words, name))
                        .thenComparing(Name::letters)
                        .thenComparing(name -> name.ingredient().code()))
                .map(name -> new Found(
                        name.ingredient(),
                        Set.copyOf(name.words()),
                        name.words().equals(GENERIC) || leavesOpenWhetherWhole(name, candidates)));
    }

    /**
     * "Spelt flour" may be whole or white: it is taken for the whole one, and a white one's longer name says these words
     * too. Taken for a white one it is not open: "bread flour" is white unless it says whole.
     */
    private static boolean leavesOpenWhetherWhole(Name name, Set<Name> others) {
        Ingredient taken = name.ingredient();
        return taken.role() == Role.FLOUR
                && taken.wholeGrain()
                && !name.kitchens()
                && others.stream()
                        .anyMatch(other -> !other.ingredient().wholeGrain()
                                && other.ingredient().group().equals(taken.group())
                                && other.words().containsAll(name.words()));
    }

    private static int lastPlace(List<String> words, Name name) {
        return name.words().stream().mapToInt(words::indexOf).max().orElse(0);
    }

    /**
     * The ingredients that a text names, each once, in the order of the text. The longest name at each place counts; words
     * that mean other things in a method too, such as "dough" or "oil", are passed over unless they stand in a longer name.
     */
    public List<Ingredient> namedIn(String text) {
        List<String> words = singular(Vocabulary.words(text));
        Set<Ingredient> named = new LinkedHashSet<>();
        int at = 0;
        while (at < words.size()) {
            int length = longestNameAt(words, at, named);
            at += Math.max(1, length);
        }
        return List.copyOf(named);
    }

    private int longestNameAt(List<String> words, int at, Set<Ingredient> named) {
        for (int length = Math.min(LONGEST_NAME, words.size() - at); length > 0; length--) {
            List<String> part = words.subList(at, at + length);
            if (length == 1 && TOO_COMMON.contains(part.get(0))) {
                return 0;
            }
            Name exact = byWord.getOrDefault(part.get(0), List.of()).stream()
                    .filter(name -> name.words().equals(part))
                    .max(Comparator.comparing(Name::kitchens))
                    .orElse(null);
            if (exact != null) {
                named.add(exact.ingredient());
                return length;
            }
        }
        return 0;
    }

    /** The word of an ingredient's name that a misspelt word is nearest to: one slip, two in a long word. */
    Optional<String> nearest(String word) {
        if (word.length() < SHORTEST_MISSPELT) {
            return Optional.empty();
        }
        LevenshteinDistance distance = word.length() >= TWO_SLIPS_FROM ? TWO_SLIPS : ONE_SLIP;
        return byWord.keySet().stream()
                .filter(known -> known.length() >= SHORTEST_MISSPELT
                        && Math.abs(known.length() - word.length()) <= distance.getThreshold())
                .map(known -> Map.entry(known, swapped(word, known) ? 1 : distance.apply(word, known)))
                .filter(entry -> entry.getValue() >= 0)
                .min(Comparator.comparingInt((Map.Entry<String, Integer> entry) -> entry.getValue())
                        .thenComparing(entry -> entry.getKey().charAt(0) == word.charAt(0) ? 0 : 1)
                        .thenComparing(Map.Entry::getKey))
                .map(Map.Entry::getKey);
    }

    /** Whether two neighbouring letters were typed in the wrong order. */
    private static boolean swapped(String word, String known) {
        if (word.length() != known.length()) {
            return false;
        }
        int at = Arrays.mismatch(word.toCharArray(), known.toCharArray());
        return at >= 0
                && at + 1 < word.length()
                && word.charAt(at) == known.charAt(at + 1)
                && word.charAt(at + 1) == known.charAt(at)
                && word.substring(at + 2).equals(known.substring(at + 2));
    }

    static List<String> singular(List<String> words) {
        return words.stream().map(Singular::of).collect(Collectors.toList());
    }
}
