package verdamen.core.intake;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Measured;
import verdamen.core.formula.Part;
import verdamen.core.intake.Finding.Kind;
import verdamen.core.intake.IngredientIndex.Found;
import verdamen.core.intake.Vocabulary.Phrase;
import verdamen.core.intake.Weighing.Mass;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.KitchenMeasures;

/** Reads one line of ingredients. */
final class LineReader {

    private static final int WORDS_BEFORE_RANGE = (int) Coefficient.WORDS_BEFORE_RANGE.value();

    private static final Set<Vocabulary.Kind> TAKEN_FIRST = EnumSet.of(Vocabulary.Kind.OPEN, Vocabulary.Kind.PART);

    /**
     * What a recipe says of a line before it.
     *
     * @param part where the heading above says it belongs
     * @param heading that heading, when it does not say; null otherwise
     * @param style code of the style it is for; null when not known
     */
    record Under(
            Part part, @Nullable String heading, @Nullable String style) {

        /** A line outside any recipe. */
        static Under of(Part part) {
            return new Under(part, null, null);
        }
    }

    private final Under under;
    private final Asides asides;
    private final IngredientIndex index;
    private final KitchenMeasures measures;
    private final Vocabulary vocabulary = Vocabulary.book();
    private final String text;
    private final List<Token> tokens;
    private final boolean[] used;
    private final List<Finding> findings = new ArrayList<>();
    private Part part;
    private boolean open;

    private LineReader(String text, Under under, IngredientIndex index, KitchenMeasures measures) {
        this.text = text;
        this.under = under;
        this.asides = Asides.of(text);
        this.index = index;
        this.measures = asides.cupMl() == null ? measures : measures.withCup(asides.cupMl());
        this.tokens = Token.of(asides.rest()).stream().map(this::spelt).toList();
        this.used = new boolean[tokens.size()];
        this.part = under.part();
    }

    /**
     * A line as understood. Never fails, whatever the text.
     *
     * @param under what the recipe says of the line before it
     */
    static ParsedLine read(String text, Under under, IngredientIndex index, KitchenMeasures measures) {
        return new LineReader(text, under, index, measures).line();
    }

    private ParsedLine line() {
        takePhrases();
        List<StatedAmount> amounts = new AmountReader(tokens, used, vocabulary, measures).read();
        Optional<Found> found = new IngredientWords(index, vocabulary, tokens, used).find(findings);
        LineAmount amount = new LineAmount(tokens, amounts, findings, measures, vocabulary);
        MeantIngredient meant = found.map(
                        name -> new MeantIngredient(name, under.style(), text, tokens, findings, index))
                .orElse(null);
        Ingredient ingredient = meant == null ? null : meant.ingredient();
        boolean measured = ingredient == null || !isOfUnknownMeasure(amount, ingredient);
        boolean near = meant != null && isOnlyNear(meant);
        amount.askAboutContainers();
        Mass mass = ingredient == null || !measured ? null : amount.mass(ingredient, open);
        String code = ingredient == null ? null : ingredient.code();
        return new ParsedLine(
                text,
                near ? null : code,
                near ? code : null,
                mass == null ? null : Double.valueOf(mass.grams()),
                mass == null ? null : Double.valueOf(mass.sd()),
                amount.measure(ingredient),
                amount.quantity(ingredient),
                meant == null ? null : meant.form(),
                meant == null ? null : meant.fatState(),
                meant == null ? Measured.NONE : meant.measured(asides),
                part,
                part == under.part() ? under.heading() : null,
                status(near ? null : ingredient, mass),
                findings);
    }

    /** "2 bowls flour": a measure that nobody knows is asked for, and is no word of the ingredient's. */
    private boolean isOfUnknownMeasure(LineAmount amount, Ingredient ingredient) {
        List<String> left = wordsLeft();
        Optional<String> unknown = amount.unknownMeasure(ingredient, left);
        unknown.ifPresent(measure -> {
            List<String> others =
                    left.stream().filter(word -> !word.equals(measure)).toList();
            findings.removeIf(finding -> finding.kind() == Kind.WORDS_LEFT);
            if (!others.isEmpty()) {
                findings.add(new Finding(Kind.WORDS_LEFT, others));
            }
            findings.add(Finding.of(Kind.UNKNOWN_MEASURE, Singular.of(Token.plainWord(measure))));
        });
        return unknown.isPresent();
    }

    /** A flour or pulse beside words that were not understood is proposed, never taken. */
    private boolean isOnlyNear(MeantIngredient meant) {
        boolean near = meant.isFlourOrPulse() && !wordsLeft().isEmpty();
        if (near) {
            findings.add(Finding.of(Kind.NEAR, meant.ingredient().name()));
        }
        return near;
    }

    private List<String> wordsLeft() {
        return findings.stream()
                .filter(finding -> finding.kind() == Kind.WORDS_LEFT)
                .flatMap(finding -> finding.words().stream())
                .toList();
    }

    /** A token with a misspelt word of preparation put right: "choped". */
    private Token spelt(Token token) {
        String singular = Singular.of(token.word());
        if (!token.isWord()
                || vocabulary.knows(token.word())
                || vocabulary.knows(singular)
                || index.knows(singular)
                || index.nearest(singular).isPresent()) {
            return token;
        }
        return vocabulary
                .nearest(token.word())
                .map(right -> {
                    findings.add(Finding.of(Kind.MISSPELT, token.text(), right));
                    return new Token(Token.Kind.WORD, right, right, 0, false);
                })
                .orElse(token);
    }

    /** Phrases whose words would be misread as amounts or ingredients: "a little", "for cooking". */
    private void takePhrases() {
        for (int at = 0; at < tokens.size(); at++) {
            Optional<Phrase> phrase = used[at] ? Optional.empty() : vocabulary.phraseAt(tokens, at, TAKEN_FIRST);
            if (phrase.isEmpty() || isAside(at, phrase.get())) {
                continue;
            }
            for (int i = 0; i < phrase.get().words().size(); i++) {
                used[at + i] = true;
            }
            if (phrase.get().kind() == Vocabulary.Kind.OPEN) {
                open = true;
            } else {
                part = Coded.find(Part.class, String.valueOf(phrase.get().value()))
                        .orElse(part);
            }
        }
    }

    /** "plus extra for dusting" says nothing of the line itself; its words are passed over. */
    private boolean isAside(int at, Phrase phrase) {
        if (phrase.kind() != Vocabulary.Kind.PART) {
            return false;
        }
        boolean aside = false;
        for (int before = Math.max(0, at - WORDS_BEFORE_RANGE); before < at; before++) {
            aside |= List.of("extra", "more").contains(tokens.get(before).word());
        }
        if (aside) {
            for (int i = 0; i < phrase.words().size(); i++) {
                used[at + i] = true;
            }
        }
        return aside;
    }

    private LineStatus status(@Nullable Ingredient ingredient, @Nullable Mass mass) {
        if (ingredient == null) {
            return LineStatus.UNREAD;
        }
        if (mass == null) {
            return LineStatus.UNKNOWN_AMOUNT;
        }
        return findings.isEmpty() ? LineStatus.READ : LineStatus.CHECK;
    }
}
