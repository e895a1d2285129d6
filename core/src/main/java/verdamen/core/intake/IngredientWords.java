package verdamen.core.intake;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import verdamen.core.intake.Finding.Kind;
import verdamen.core.intake.IngredientIndex.Found;

/** The words of a line that no amount has taken, and the ingredient they name. */
final class IngredientWords {

    /** A word left, in the singular and with its spelling put right. */
    private record Word(String singular, String written, boolean inBrackets, boolean known) {}

    private static final String OR = "or";

    private final IngredientIndex index;
    private final List<Word> words = new ArrayList<>();
    private final List<Finding> misspelt = new ArrayList<>();

    IngredientWords(IngredientIndex index, Vocabulary vocabulary, List<Token> tokens, boolean[] used) {
        this.index = index;
        boolean inBrackets = false;
        for (int at = 0; at < tokens.size(); at++) {
            Token token = tokens.get(at);
            inBrackets = token.is("(") || token.is("[") || (inBrackets && !token.is(")") && !token.is("]"));
            if (token.is("/") && at > 0 && !used[at - 1]) {
                words.add(new Word(OR, OR, inBrackets, true));
            } else if (token.isWord() && !used[at]) {
                words.add(word(token, inBrackets, vocabulary));
            }
        }
    }

    private Word word(Token token, boolean inBrackets, Vocabulary vocabulary) {
        String singular = Singular.of(token.word());
        boolean known = vocabulary.knows(token.word()) || vocabulary.knows(singular);
        if (known || index.knows(singular)) {
            return new Word(singular, token.text(), inBrackets, known);
        }
        return index.nearest(singular)
                .map(right -> {
                    misspelt.add(Finding.of(Kind.MISSPELT, token.text(), right));
                    return new Word(right, token.text(), inBrackets, false);
                })
                .orElseGet(() -> new Word(singular, token.text(), inBrackets, false));
    }

    /** The ingredient named, with what is to be confirmed about it added to the findings. */
    Optional<Found> find(List<Finding> findings) {
        Optional<Found> found = outsideBrackets();
        if (found.isEmpty()) {
            List<String> written = words.stream()
                    .filter(word -> !word.known())
                    .map(Word::written)
                    .toList();
            findings.add(new Finding(Kind.NO_INGREDIENT, written));
            return found;
        }
        Set<String> named = new HashSet<>(found.get().words());
        misspelt.stream()
                .filter(finding -> named.contains(finding.words().get(1)))
                .forEach(findings::add);
        alternative(found.get()).ifPresent(other -> {
            named.addAll(other.words());
            findings.add(Finding.of(Kind.ALTERNATIVE, other.ingredient().name()));
        });
        List<String> left = words.stream()
                .filter(word -> !word.known() && !word.inBrackets() && !named.contains(word.singular()))
                .map(Word::written)
                .toList();
        if (!left.isEmpty()) {
            findings.add(new Finding(Kind.WORDS_LEFT, left));
        }
        return found;
    }

    private Optional<Found> outsideBrackets() {
        List<Word> outside = words.stream().filter(word -> !word.inBrackets()).toList();
        Optional<Found> whole = find(words, List.of()).filter(found -> covers(found, words));
        if (whole.isPresent()) {
            return whole;
        }
        int or = or(outside);
        Optional<Found> first = or <= 0 ? Optional.empty() : find(outside.subList(0, or), List.of());
        if (first.isEmpty() && or > 0) {
            // "instant or active dried yeast": the last word belongs to both.
            first = find(outside.subList(0, or), outside.subList(outside.size() - 1, outside.size()));
        }
        return first.or(() -> find(outside, List.of())).or(() -> find(words, List.of()));
    }

    /** Whether a name takes up every word that says anything; over an "or" only when it has one, as a squash has. */
    private static boolean covers(Found found, List<Word> some) {
        boolean joinsAlternatives = or(some) >= 0 && !found.words().contains(OR);
        return !joinsAlternatives
                && some.stream()
                        .filter(word -> !word.known())
                        .allMatch(word -> found.words().contains(word.singular()));
    }

    private Optional<Found> alternative(Found first) {
        int or = or(words);
        if (or < 0 || first.words().contains(OR)) {
            return Optional.empty();
        }
        return find(words.subList(or + 1, words.size()), List.of())
                .filter(other ->
                        !other.ingredient().code().equals(first.ingredient().code()));
    }

    private static int or(List<Word> among) {
        return among.stream().map(Word::singular).toList().indexOf(OR);
    }

    private Optional<Found> find(List<Word> some, List<Word> more) {
        List<String> singular = new ArrayList<>();
        some.forEach(word -> singular.add(word.singular()));
        more.forEach(word -> singular.add(word.singular()));
        return index.find(singular);
    }
}
