package verdamen.core.intake;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Measured;
import verdamen.core.formula.MeasuredFigure;
import verdamen.core.intake.Finding.Kind;
import verdamen.core.intake.IngredientIndex.Found;
import verdamen.core.intake.Vocabulary.Phrase;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.FatState;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;
import verdamen.core.prep.TypicalSteps;

/** What the words of a line mean by the name that was found in them: which ingredient, in which form. */
final class MeantIngredient {

    private static final Set<String> DRY = Set.of("dried", "dry");
    private static final String COOKED_PULSE = "cooked-pulse";
    private static final String DRY_PULSE = "dry-pulse";
    private static final Set<String> WHEAT_FLOUR = Set.of("wheat", "flour");
    private static final Set<String> WHOLE_WHEAT_STYLES =
            Set.of("roti", "greens-roti", "stuffed-paratha", "layered-paratha");
    private static final String WHOLE_WHEAT = "wheat-atta";
    private static final String YEAST = "yeast";
    private static final String FRESH_YEAST = "yeast-fresh";
    private static final String CUBE = "cube";
    private static final String FINELY = "finely";

    private final String text;
    private final List<Token> tokens;
    private final List<Finding> findings;
    private final IngredientIndex index;
    private final Vocabulary vocabulary = Vocabulary.book();
    private final Ingredient ingredient;
    private final @Nullable String form;

    /**
     * What is meant by a name.
     *
     * @param style code of the style that the recipe is for; null when not known
     * @param findings what is to be confirmed is added here
     */
    MeantIngredient(
            Found found,
            @Nullable String style,
            String text,
            List<Token> tokens,
            List<Finding> findings,
            IngredientIndex index) {
        this.text = text;
        this.tokens = tokens;
        this.findings = findings;
        this.index = index;
        FormWords forms = new FormWords(tokens, vocabulary);
        Ingredient named = meant(found, style);
        Ingredient inForm = forms.inThatForm(named, forms.formOf(named), index);
        this.ingredient = isDryPulse(inForm) ? dry(inForm) : inForm;
        this.form = forms.formOf(ingredient);
        if (isDryPulse(inForm)) {
            findings.removeIf(finding -> finding.kind() == Kind.WORDS_LEFT && DRY.containsAll(finding.words()));
            findings.add(Finding.of(Kind.DRY_PULSE, ingredient.name()));
        }
        if (ingredient.role() == Role.FLOUR) {
            askWhatWasDone(found.words());
        }
        List<String> meaningless = forms.meaningless(ingredient);
        if (!meaningless.isEmpty()) {
            findings.add(new Finding(Kind.WORDS_LEFT, meaningless));
        }
    }

    Ingredient ingredient() {
        return ingredient;
    }

    /** Code of the form that the words fix; null for none. */
    @Nullable
    String form() {
        return form;
    }

    /** How firm the words say a fat is; null for what is no fat, or when they do not say. */
    @Nullable
    FatState fatState() {
        String state = ingredient.role() == Role.FAT ? vocabulary.firstValue(tokens, Vocabulary.Kind.FAT) : null;
        return state == null ? null : Coded.find(FatState.class, state).orElse(null);
    }

    /** Whether it is a flour or pulse: one that is only near what was written is another thing. */
    boolean isFlourOrPulse() {
        return ingredient.role() == Role.FLOUR
                || ingredient.group().equals(DRY_PULSE)
                || ingredient.group().equals(COOKED_PULSE);
    }

    /** "Wheat flour" is whole for a griddle bread and plain for others, and a cube of yeast is fresh. */
    private Ingredient meant(Found found, @Nullable String style) {
        Ingredient named = found.ingredient();
        if (found.generic() || WHEAT_FLOUR.equals(found.words())) {
            return namedInBrackets().orElseGet(() -> usual(found, style));
        }
        boolean cube = tokens.stream().anyMatch(token -> CUBE.equals(Singular.of(token.word())));
        return cube && named.group().equals(YEAST) ? index.byCode(FRESH_YEAST).orElse(named) : named;
    }

    /** What is taken where a name leaves open which flour it is: to be confirmed. */
    private Ingredient usual(Found found, @Nullable String style) {
        boolean griddle = WHEAT_FLOUR.equals(found.words()) && style != null && WHOLE_WHEAT_STYLES.contains(style);
        Ingredient taken = griddle ? index.byCode(WHOLE_WHEAT).orElse(found.ingredient()) : found.ingredient();
        findings.add(Finding.of(Kind.GENERIC, taken.name()));
        return taken;
    }

    /** "Wheat flour (atta)": the flour that a bracket names. */
    private Optional<Ingredient> namedInBrackets() {
        int from = text.indexOf('(');
        int to = text.indexOf(')', from + 1);
        return from < 0 || to < 0
                ? Optional.empty()
                : index.namedIn(text.substring(from + 1, to)).stream()
                        .filter(named -> named.role() == Role.FLOUR)
                        .findFirst();
    }

    /** What the words say was measured of it; only what applies to it. */
    Measured measured(Asides asides) {
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

    private boolean isDryPulse(Ingredient pulse) {
        boolean boiled = pulse.group().equals(COOKED_PULSE);
        return pulse.group().equals(DRY_PULSE)
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

    /** "Roasted barley flour" is no barley flour: a form that a flour's own name does not say is asked about. */
    private void askWhatWasDone(Set<String> name) {
        for (int at = 0; at < tokens.size(); at++) {
            Optional<Phrase> phrase = vocabulary.phraseAt(tokens, at, EnumSet.of(Vocabulary.Kind.FORM));
            if (phrase.isPresent() && !name.containsAll(phrase.get().words())) {
                findings.add(new Finding(Kind.WORDS_LEFT, phrase.get().words()));
            }
        }
    }
}
