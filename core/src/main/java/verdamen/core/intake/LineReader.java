package verdamen.core.intake;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Measured;
import verdamen.core.formula.MeasuredFigure;
import verdamen.core.formula.Part;
import verdamen.core.intake.Finding.Kind;
import verdamen.core.intake.IngredientIndex.Found;
import verdamen.core.intake.Vocabulary.Phrase;
import verdamen.core.intake.Weighing.Mass;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Limit;
import verdamen.core.pantry.FatState;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.Role;
import verdamen.core.prep.TypicalSteps;

/** Reads one line of ingredients. */
final class LineReader {

    private static final int WORDS_BEFORE_RANGE = (int) Coefficient.WORDS_BEFORE_RANGE.value();

    private static final Set<String> DRY = Set.of("dried", "dry");

    private static final String COOKED_PULSE = "cooked-pulse";
    private static final String DRY_PULSE = "dry-pulse";
    private static final String DRAINED = "drained";
    private static final Set<String> TINS = Set.of("tin", "can", "jar");
    private static final String LEAF = "leaf";
    private static final Set<String> WHEAT_FLOUR = Set.of("wheat", "flour");
    private static final Set<String> WHOLE_WHEAT_STYLES =
            Set.of("roti", "greens-roti", "stuffed-paratha", "layered-paratha");
    private static final String WHOLE_WHEAT = "wheat-atta";
    private static final String YEAST = "yeast";
    private static final String FRESH_YEAST = "yeast-fresh";
    private static final String CUBE = "cube";
    private static final String FINELY = "finely";
    private static final Set<String> CUPS = Set.of("cup", "cups");
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
    private boolean unmeasured;

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
        IngredientWords words = new IngredientWords(index, vocabulary, tokens, used);
        Optional<Found> found = words.find(findings);
        Ingredient ingredient = found.map(each -> meant(each)).orElse(null);
        FormWords forms = new FormWords(tokens, vocabulary);
        String form = ingredient == null ? null : forms.formOf(ingredient);
        if (ingredient != null) {
            ingredient = forms.inThatForm(ingredient, form, index);
            form = forms.formOf(ingredient);
        }
        if (ingredient != null && isDryPulse(ingredient)) {
            ingredient = dry(ingredient);
            form = forms.formOf(ingredient);
            findings.removeIf(finding -> finding.kind() == Kind.WORDS_LEFT && DRY.containsAll(finding.words()));
            findings.add(Finding.of(Kind.DRY_PULSE, ingredient.name()));
        }
        if (ingredient != null && ingredient.role() == Role.FLOUR) {
            askWhatWasDoneToFlour(found.map(Found::words).orElse(Set.of()));
        }
        StatedAmount main = mainAmount(amounts);
        askAboutContainers(amounts, main);
        Mass mass = ingredient == null ? null : mass(amounts, main, ingredient);
        return new ParsedLine(
                text,
                ingredient == null ? null : ingredient.code(),
                mass == null ? null : Double.valueOf(mass.grams()),
                mass == null ? null : Double.valueOf(mass.sd()),
                measure(main, ingredient),
                measure(main, ingredient) == null || main == null ? null : Double.valueOf(main.likely()),
                form,
                ingredient != null && ingredient.role() == Role.FAT ? fatState() : null,
                measured(ingredient, form),
                part,
                part == under.part() ? under.heading() : null,
                status(ingredient, mass),
                findings);
    }

    /** "Wheat flour" is whole for a griddle bread and plain for others, and a cube of yeast is fresh. */
    private Ingredient meant(Found found) {
        Ingredient ingredient = found.ingredient();
        if (WHEAT_FLOUR.equals(found.words())) {
            Optional<Ingredient> named = namedInBrackets();
            if (named.isPresent()) {
                return named.get();
            }
            boolean griddle = under.style() != null && WHOLE_WHEAT_STYLES.contains(under.style());
            Ingredient taken = griddle ? index.byCode(WHOLE_WHEAT).orElse(ingredient) : ingredient;
            findings.add(Finding.of(Kind.GENERIC, taken.name()));
            return taken;
        }
        boolean cube = tokens.stream().anyMatch(token -> CUBE.equals(Singular.of(token.word())));
        return cube && ingredient.group().equals(YEAST)
                ? index.byCode(FRESH_YEAST).orElse(ingredient)
                : ingredient;
    }

    /** "Wheat flour (atta)": the flour that a bracket names. */
    private Optional<Ingredient> namedInBrackets() {
        int from = text.indexOf('(');
        int to = text.indexOf(')', from + 1);
        return from < 0 || to < 0
                ? Optional.empty()
                : index.namedIn(text.substring(from + 1, to)).stream()
                        .filter(ingredient -> ingredient.role() == Role.FLOUR)
                        .findFirst();
    }

    /** What the words say was measured of an ingredient; only what applies to it. */
    private Measured measured(@Nullable Ingredient ingredient, @Nullable String form) {
        if (ingredient == null) {
            return Measured.NONE;
        }
        Measured measured = Measured.NONE;
        if (asides.proteinPct() != null && MeasuredFigure.PROTEIN_PCT.appliesTo(ingredient)) {
            measured = measured.withLot(null, asides.proteinPct());
        }
        if (asides.celsius() != null && ingredient.role() == Role.LIQUID) {
            measured = measured.withTemperatureC(asides.celsius());
        }
        Double cut = form == null || tokens.stream().noneMatch(token -> token.is(FINELY)) ? null : index.pieceMm(form);
        return cut == null || cut <= 0 ? measured : measured.withPieceMm(cut * Coefficient.FINELY_CUT.value());
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

    /** "Roasted barley flour" is no barley flour: a form that a flour's own name does not say is asked about. */
    private void askWhatWasDoneToFlour(Set<String> name) {
        for (int at = 0; at < tokens.size(); at++) {
            Optional<Phrase> phrase = vocabulary.phraseAt(tokens, at, EnumSet.of(Vocabulary.Kind.FORM));
            if (phrase.isPresent() && !name.containsAll(phrase.get().words())) {
                findings.add(new Finding(Kind.WORDS_LEFT, phrase.get().words()));
            }
        }
    }

    /** What a tin says counts its liquid unless it says "drained"; and a cup's own size is no amount of the line. */
    private void askAboutContainers(List<StatedAmount> amounts, @Nullable StatedAmount main) {
        boolean tinned = tokens.stream().anyMatch(token -> TINS.contains(Singular.of(token.word())));
        boolean drained = tokens.stream().anyMatch(token -> token.is(DRAINED));
        if (tinned && drained && main != null && !isDrained(main)) {
            findings.add(Finding.of(Kind.WORDS_LEFT, DRAINED));
        }
        amounts.stream()
                .filter(amount -> amount != main && amount.inBrackets() && CUPS.contains(wordAt(amount.to())))
                .forEach(amount -> findings.add(Finding.of(Kind.SECOND_AMOUNT, written(amount))));
    }

    private boolean isDrained(StatedAmount amount) {
        return DRAINED.equals(wordAt(amount.from() - 1)) || DRAINED.equals(wordAt(amount.to()));
    }

    private String wordAt(int at) {
        return at >= 0 && at < tokens.size() ? tokens.get(at).word() : "";
    }

    /** The amount that counts: a weight in brackets before anything else, the drained one first; else the first one. */
    private @Nullable StatedAmount mainAmount(List<StatedAmount> amounts) {
        List<StatedAmount> inBrackets = amounts.stream()
                .filter(amount -> amount.inBrackets() && isMass(amount))
                .toList();
        return inBrackets.stream()
                .filter(this::isDrained)
                .findFirst()
                .or(() -> inBrackets.stream().findFirst())
                .or(() ->
                        amounts.stream().filter(amount -> !amount.inBrackets()).findFirst())
                .or(() -> amounts.stream().findFirst())
                .orElse(null);
    }

    /** The measure an amount is in; a sum of several and an absurd one have none, a bare count is one of pieces, a bare weight none. */
    private @Nullable String measure(@Nullable StatedAmount amount, @Nullable Ingredient ingredient) {
        if (amount == null || unmeasured) {
            return null;
        }
        if (amount.measure() != null) {
            return amount.measure();
        }
        boolean weight = ingredient != null && new Weighing(measures, null, null).isBareWeight(amount, ingredient);
        return weight ? null : Weighing.PIECE;
    }

    private static boolean isMass(StatedAmount amount) {
        return amount.measure() != null && Set.of("g", "kg", "oz", "lb").contains(amount.measure());
    }

    private @Nullable Mass mass(List<StatedAmount> amounts, @Nullable StatedAmount main, Ingredient ingredient) {
        if (main == null) {
            findings.add(Finding.of(open ? Kind.LEFT_OPEN : Kind.NO_AMOUNT));
            return null;
        }
        Weighing weighing = new Weighing(measures, anywhere(Vocabulary.Kind.FILL), anywhere(Vocabulary.Kind.SIZE));
        Mass sum = isCountOfLeaves(main, ingredient)
                ? null
                : weighing.mass(main, ingredient).orElse(null);
        if (sum == null) {
            findings.add(Finding.of(Kind.NO_PIECE_WEIGHT, ingredient.name()));
            return null;
        }
        if (weighing.isBareWeight(main, ingredient)) {
            findings.add(
                    Finding.of(Kind.TAKEN_FOR_GRAMS, tokens.get(main.from()).text()));
        }
        StatedAmount last = main;
        for (StatedAmount amount : amounts) {
            if (amount == main || amount.inBrackets() || main.inBrackets()) {
                continue;
            }
            Optional<Mass> further = joins(last, amount) ? weighing.mass(amount, ingredient) : Optional.empty();
            if (further.isEmpty()) {
                findings.add(Finding.of(Kind.SECOND_AMOUNT, written(amount)));
                continue;
            }
            sum = isMinus(amount.from() - 1) ? sum.minus(further.get()) : sum.plus(further.get());
            last = amount;
            unmeasured = true;
        }
        if (sum.grams() > Limit.GRAMS.most() || sum.grams() <= 0) {
            findings.add(Finding.of(sum.grams() > 0 ? Kind.ABSURD_AMOUNT : Kind.NO_AMOUNT));
            unmeasured = true;
            return null;
        }
        return sum;
    }

    /** "3 cabbage leaves" are no three cabbages. */
    private boolean isCountOfLeaves(StatedAmount amount, Ingredient ingredient) {
        return amount.measure() == null
                && !LEAF.equals(ingredient.pieceName())
                && tokens.stream().anyMatch(token -> LEAF.equals(Singular.of(token.word())));
    }

    /** "1 cup plus 2 tbsp", "100 ml boiling plus 240 ml cold", "1 lb 4 oz". */
    private boolean joins(StatedAmount before, StatedAmount amount) {
        if (amount.measure() == null || before.measure() == null) {
            return false;
        }
        if (amount.from() == before.to()) {
            return true;
        }
        Token connector = tokens.get(amount.from() - 1);
        boolean plus = Set.of("plus", "and", "minus", "less", "+", "&").contains(connector.word());
        return plus && !isForAnotherPart(amount);
    }

    /** "200 g flour plus 20 g for dusting" is no sum for the dough. */
    private boolean isForAnotherPart(StatedAmount amount) {
        return amount.to() < tokens.size()
                && vocabulary
                        .phraseAt(tokens, amount.to(), EnumSet.of(Vocabulary.Kind.PART))
                        .isPresent();
    }

    private boolean isMinus(int at) {
        return at >= 0 && Set.of("minus", "less").contains(tokens.get(at).word());
    }

    private String written(StatedAmount amount) {
        StringBuilder words = new StringBuilder();
        for (Token token : tokens.subList(amount.from(), Math.min(amount.to(), tokens.size()))) {
            words.append(words.isEmpty() ? "" : " ").append(token.text());
        }
        return words.toString();
    }

    private boolean isDryPulse(Ingredient ingredient) {
        boolean boiled = ingredient.group().equals(COOKED_PULSE);
        return ingredient.group().equals(DRY_PULSE)
                || (boiled && tokens.stream().anyMatch(token -> DRY.contains(token.word())));
    }

    /** The dry pulse that a boiled one was. */
    private Ingredient dry(Ingredient boiled) {
        return TypicalSteps.driedToFresh().entrySet().stream()
                .filter(each -> each.getValue().equals(boiled.code()))
                .flatMap(each -> index.byCode(each.getKey()).stream())
                .findFirst()
                .orElse(boiled);
    }

    private @Nullable FatState fatState() {
        String state = anywhere(Vocabulary.Kind.FAT);
        return state == null ? null : Coded.find(FatState.class, state).orElse(null);
    }

    /** The value of the first phrase of a kind in the line. */
    private @Nullable String anywhere(Vocabulary.Kind kind) {
        for (int at = 0; at < tokens.size(); at++) {
            Optional<Phrase> phrase = vocabulary.phraseAt(tokens, at, EnumSet.of(kind));
            if (phrase.isPresent()) {
                return phrase.get().value();
            }
        }
        return null;
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
