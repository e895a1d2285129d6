package verdamen.core.pantry;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import verdamen.core.pantry.Aliases.Kind;

/**
 * Everything a formula can be made from, by code: ingredients, styles, forms, feel words and measures. Immutable.
 */
public final class Pantry {

    private static final String STARTER_FLOUR = "wheat-strong-white";
    private static final String PLAIN_WATER = "water";

    private final Map<String, Ingredient> ingredients;
    private final Map<String, Style> styles;
    private final Map<String, Form> forms;
    private final List<FeelWord> words;
    private final List<Measure> measures;
    private final Aliases aliases;
    private final OwnBread ownBread;
    private final List<LearnedTogether> learnedTogether;

    /** A pantry of these without old codes; see {@link #Pantry(Collection, Collection, Collection, List, List, Aliases)}. */
    public Pantry(
            Collection<Ingredient> ingredients,
            Collection<Style> styles,
            Collection<Form> forms,
            List<FeelWord> words,
            List<Measure> measures) {
        this(ingredients, styles, forms, words, measures, Aliases.NONE);
    }

    /** A pantry of these; a code twice, feel words with a gap, or a pantry without water is refused. */
    public Pantry(
            Collection<Ingredient> ingredients,
            Collection<Style> styles,
            Collection<Form> forms,
            List<FeelWord> words,
            List<Measure> measures,
            Aliases aliases) {
        this(ingredients, styles, forms, words, measures, aliases, OwnBread.NONE, List.of());
    }

    private Pantry(
            Collection<Ingredient> ingredients,
            Collection<Style> styles,
            Collection<Form> forms,
            List<FeelWord> words,
            List<Measure> measures,
            Aliases aliases,
            OwnBread ownBread,
            List<LearnedTogether> learnedTogether) {
        this.ownBread = ownBread;
        this.learnedTogether = List.copyOf(learnedTogether);
        this.ingredients = byCode(ingredients, Ingredient::code);
        this.styles = byCode(styles, Style::code);
        this.forms = byCode(forms, Form::code);
        this.words = List.copyOf(words);
        this.measures = List.copyOf(measures);
        this.aliases = aliases;
        for (int at = 1; at < words.size(); at++) {
            Feel feel = words.get(at).feel();
            if (feel.softnessFrom() != words.get(at - 1).feel().softnessTo()) {
                throw new IllegalArgumentException("feel words leave a gap before " + feel.code());
            }
        }
        required(STARTER_FLOUR);
        required(PLAIN_WATER);
    }

    /** This pantry with other ingredients. */
    public Pantry withIngredients(Collection<Ingredient> others) {
        return new Pantry(others, styles(), forms(), words, measures, aliases, ownBread, learnedTogether);
    }

    /** This pantry with other ingredients, styles and forms. */
    public Pantry with(Collection<Ingredient> others, Collection<Style> otherStyles, Collection<Form> otherForms) {
        return new Pantry(others, otherStyles, otherForms, words, measures, aliases, ownBread, learnedTogether);
    }

    /** This pantry with what the kitchen's own bread has taught. */
    public Pantry withOwnBread(OwnBread taught) {
        return new Pantry(ingredients(), styles(), forms(), words, measures, aliases, taught, learnedTogether);
    }

    /** This pantry with flours of which these were learned from the same batches. */
    public Pantry withLearnedTogether(List<LearnedTogether> pairs) {
        return new Pantry(ingredients(), styles(), forms(), words, measures, aliases, ownBread, pairs);
    }

    /** The flours that were learned from the same batches, in pairs. */
    public List<LearnedTogether> learnedTogether() {
        return learnedTogether;
    }

    /** What the kitchen's own bread has taught. */
    public OwnBread ownBread() {
        return ownBread;
    }

    /** What rows of the book were called before. */
    public Aliases aliases() {
        return aliases;
    }

    /** The ingredient with this code, or the one that had it before. */
    public Optional<Ingredient> ingredient(String code) {
        return Optional.ofNullable(ingredients.get(aliases.current(Kind.INGREDIENT, code)));
    }

    /** The style with this code, or the one that had it before. */
    public Optional<Style> style(String code) {
        return Optional.ofNullable(styles.get(aliases.current(Kind.STYLE, code)));
    }

    /** The form with this code, or the one that had it before. */
    public Optional<Form> form(String code) {
        return Optional.ofNullable(forms.get(aliases.current(Kind.FORM, code)));
    }

    /**
     * The word for a softness of a style's dough, the last one without an upper end. Inside the window its touch test is that of
     * a dough that is right.
     */
    public Feel feel(double softness, Style style) {
        return word(softness, style).told(style.hasInWindow(softness));
    }

    /**
     * The word for a softness of a style's dough whose handling is known: its touch test speaks of cracking, sticking and spring
     * as the figures do.
     *
     * @param crackPct risk of its edges cracking, 0 to 100 %
     * @param stickPct risk of sticking, 0 to 100 %
     * @param springBackPct its spring-back, % of the diameter
     */
    public Feel feel(double softness, Style style, double crackPct, double stickPct, double springBackPct) {
        return word(softness, style).told(crackPct, stickPct, springBackPct);
    }

    private FeelWord word(double softness, Style style) {
        double felt = style.feltSoftness(softness);
        return words.stream()
                .filter(word -> felt < word.feel().softnessTo())
                .findFirst()
                .orElseGet(() -> words.get(words.size() - 1));
    }

    /** The feel words, from dry to wet, with the softness that each stands for in a style. */
    public List<Feel> feels(Style style) {
        return words.stream().map(word -> word.in(style)).toList();
    }

    /** The feel words with all their touch tests, from dry to wet. */
    public List<FeelWord> feelWords() {
        return words;
    }

    /** The flour a starter is fed with: strong white. */
    public Ingredient starterFlour() {
        return required(STARTER_FLOUR);
    }

    /** Plain water. */
    public Ingredient plainWater() {
        return required(PLAIN_WATER);
    }

    /** All ingredients, in the order of the book. */
    public Collection<Ingredient> ingredients() {
        return ingredients.values();
    }

    /** All styles, in the order of the book. */
    public Collection<Style> styles() {
        return styles.values();
    }

    /** All forms of inclusions, in the order of the book. */
    public Collection<Form> forms() {
        return forms.values();
    }

    /** All feel words, from dry to wet. */
    public List<Feel> feels() {
        return words.stream().map(FeelWord::feel).toList();
    }

    /** All measures. */
    public List<Measure> measures() {
        return measures;
    }

    private Ingredient required(String code) {
        return ingredient(code).orElseThrow(() -> new IllegalArgumentException("the pantry needs " + code));
    }

    private static <T> Map<String, T> byCode(Collection<T> rows, Function<T, String> code) {
        return rows.stream()
                .collect(Collectors.toMap(
                        code,
                        Function.identity(),
                        (one, two) -> {
                            throw new IllegalArgumentException("twice in the pantry: " + code.apply(one));
                        },
                        LinkedHashMap::new));
    }
}
