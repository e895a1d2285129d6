package verdamen.core.intake;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.intake.Finding.Kind;
import verdamen.core.intake.Weighing.Mass;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Limit;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.KitchenMeasures;

/** The amount of a line that counts, and what it weighs of an ingredient. */
final class LineAmount {

    private static final String DRAINED = "drained";
    private static final Set<String> TINS = Set.of("tin", "can", "jar");
    private static final Set<String> CUPS = Set.of("cup", "cups");
    private static final Set<String> WEIGHTS = Set.of("g", "kg", "oz", "lb");
    private static final Set<Vocabulary.Kind> SIZES = EnumSet.of(Vocabulary.Kind.SIZE, Vocabulary.Kind.FILL);
    private static final String HERB = "herb";
    private static final String LEAF = "leaf";
    private static final String SPRIG = "sprig";

    private final List<Token> tokens;
    private final List<StatedAmount> amounts;
    private final List<Finding> findings;
    private final KitchenMeasures measures;
    private final Vocabulary vocabulary;
    private final @Nullable StatedAmount main;
    private boolean unmeasured;

    /**
     * The amount of a line.
     *
     * @param amounts every amount that it states
     * @param findings what is to be confirmed about it is added here
     */
    LineAmount(
            List<Token> tokens,
            List<StatedAmount> amounts,
            List<Finding> findings,
            KitchenMeasures measures,
            Vocabulary vocabulary) {
        this.tokens = tokens;
        this.amounts = amounts;
        this.findings = findings;
        this.measures = measures;
        this.vocabulary = vocabulary;
        this.main = mainAmount();
    }

    /** What a tin says counts its liquid unless it says "drained"; and a cup's own size is no amount of the line. */
    void askAboutContainers() {
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
    private @Nullable StatedAmount mainAmount() {
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

    private static boolean isMass(StatedAmount amount) {
        return amount.measure() != null && WEIGHTS.contains(amount.measure());
    }

    /** The measure it is in; a sum of several and an absurd one have none, a bare count is one of pieces, a bare weight none. */
    @Nullable
    String measure(@Nullable Ingredient ingredient) {
        if (main == null || unmeasured) {
            return null;
        }
        if (main.measure() != null) {
            return main.measure();
        }
        return ingredient != null && isBareWeight(ingredient) ? null : Weighing.PIECE;
    }

    /** How many of its measure; null without one. */
    @Nullable
    Double quantity(@Nullable Ingredient ingredient) {
        return main == null || measure(ingredient) == null ? null : Double.valueOf(main.likely());
    }

    private boolean isBareWeight(Ingredient ingredient) {
        return main != null && new Weighing(measures, null, null).isBareWeight(main, ingredient);
    }

    /**
     * The word that stands where a measure would, and is none that this kitchen knows: "2 bowls flour". Of what is counted
     * in pieces only before an "of", because "2 golden potatoes" are two potatoes.
     *
     * @param left words of the line that say nothing
     */
    Optional<String> unknownMeasure(Ingredient ingredient, List<String> left) {
        if (main == null || main.measure() != null || isBareWeight(ingredient)) {
            return Optional.empty();
        }
        boolean counted = ingredient.pieceGrams() != null;
        return Optional.of(afterSizes(main.to()))
                .filter(at -> at < tokens.size() && (!counted || wordAt(at + 1).equals("of")))
                .map(at -> tokens.get(at).text())
                .filter(left::contains);
    }

    private int afterSizes(int from) {
        int at = from;
        while (at < tokens.size()) {
            int next = at;
            at += vocabulary
                    .phraseAt(tokens, next, SIZES)
                    .map(phrase -> phrase.words().size())
                    .orElse(0);
            if (at == next) {
                return at;
            }
        }
        return at;
    }

    /** What it weighs of an ingredient; null when that cannot be told, which is then among the findings. */
    @Nullable
    Mass mass(Ingredient ingredient, boolean open) {
        if (main == null) {
            findings.add(Finding.of(open ? Kind.LEFT_OPEN : Kind.NO_AMOUNT));
            return null;
        }
        String fill = vocabulary.firstValue(tokens, Vocabulary.Kind.FILL);
        Weighing weighing = new Weighing(measures, fill, vocabulary.firstValue(tokens, Vocabulary.Kind.SIZE));
        Optional<Mass> leaves = leaves(ingredient);
        if (leaves.isPresent()) {
            findings.add(Finding.of(Kind.TYPICAL_LEAF, ingredient.name()));
            return leaves.get();
        }
        Mass sum = isCountOfLeaves(ingredient)
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
        return checked(withFurther(sum, weighing, ingredient));
    }

    private Mass withFurther(Mass first, Weighing weighing, Ingredient ingredient) {
        Mass sum = first;
        StatedAmount last = main;
        for (StatedAmount amount : amounts) {
            if (main == null || last == null || amount == main || amount.inBrackets() || main.inBrackets()) {
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
        return sum;
    }

    private @Nullable Mass checked(Mass mass) {
        if (mass.grams() <= Limit.GRAMS.most() && mass.grams() > 0) {
            return mass;
        }
        findings.add(Finding.of(mass.grams() > 0 ? Kind.ABSURD_AMOUNT : Kind.NO_AMOUNT));
        unmeasured = true;
        return null;
    }

    /** "A few coriander leaves", "2 sprigs of mint": no bunches, but leaves of a usual weight. */
    private Optional<Mass> leaves(Ingredient ingredient) {
        boolean herb = HERB.equals(ingredient.group());
        boolean sprigs = herb && says(SPRIG);
        if (main == null || !isCountOfLeaves(main) || LEAF.equals(ingredient.pieceName())) {
            return Optional.empty();
        }
        if (!sprigs && !(says(LEAF) && (herb || FormWords.LEAVES.contains(ingredient.group())))) {
            return Optional.empty();
        }
        Coefficient one = sprigs
                ? Coefficient.HERB_SPRIG_GRAMS
                : herb ? Coefficient.HERB_LEAF_GRAMS : Coefficient.GREENS_LEAF_GRAMS;
        double grams = main.likely() * one.value();
        double relative = Math.hypot(Coefficient.LEAF_SD.value(), main.vagueness());
        return Optional.of(new Mass(grams, Math.hypot(grams * relative, main.rangeSd() * one.value())));
    }

    /** Whether an amount counts something: "3 leaves", "2 sprigs", and no pieces of another kind. */
    private static boolean isCountOfLeaves(StatedAmount amount) {
        return amount.measure() == null
                || (amount.unit() != null && Set.of(LEAF, SPRIG).contains(Singular.of(Token.plainWord(amount.unit()))));
    }

    /** "3 cabbage leaves" are no three cabbages. */
    private boolean isCountOfLeaves(Ingredient ingredient) {
        return main != null && main.measure() == null && !LEAF.equals(ingredient.pieceName()) && says(LEAF);
    }

    private boolean says(String singular) {
        return tokens.stream().anyMatch(token -> singular.equals(Singular.of(token.word())));
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
}
