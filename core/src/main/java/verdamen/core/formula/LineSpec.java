package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.pantry.Aliases;
import verdamen.core.pantry.Aliases.Kind;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;

/**
 * A line of a formula as asked: codes and numbers, not yet checked. What it is, how much of it, what was measured of it,
 * and where that comes from.
 *
 * @param ingredient code of the ingredient; absent for a line that a preparation chain fills
 * @param prep key of the preparation chain that fills it: ingredient, form, water and piece size come from there
 * @param part {@code dough} (default), {@code filling} or {@code surface}
 * @param form form of an inclusion, absent for the usual one of its group
 * @param fatState {@code liquid}, {@code soft} or {@code solid}, for a fat
 * @param stage number of the stage in which it is wetted, from 0; absent for the dough itself, the last
 * @param grams mass, g, 0 to 1,000,000; absent for all that the line's preparation chain gives
 * @param sd standard deviation of the mass, g; absent for a line weighed on a kitchen scale
 * @param open {@code unknown-amount} for a line without grams, {@code unread} for one without an ingredient: it is kept,
 *     but does not count; absent for a line that counts
 * @param measured what was measured of it; absent for typical figures only
 * @param origin where its figures come from
 */
public record LineSpec(
        @Nullable String ingredient,
        @Nullable String prep,
        @Nullable String part,
        @Nullable String form,
        @Nullable String fatState,
        @Within(Limit.STAGE) @Nullable Integer stage,
        @Within(Limit.GRAMS) @Nullable Double grams,
        @Within(Limit.GRAMS) @Nullable Double sd,
        @Nullable String open,
        @Nullable Measured measured,
        @Nullable LineOrigin origin) {

    private static final LineSpec EMPTY =
            new LineSpec(null, null, null, null, null, null, null, null, null, null, null);

    /** A line of the dough, weighed, with typical values. */
    public static LineSpec of(String ingredient, double grams) {
        return EMPTY.withIngredient(ingredient).withGrams(grams);
    }

    /** A line of the dough filled by a preparation chain, all of it. */
    public static LineSpec ofPrep(String key) {
        return EMPTY.withPrep(key);
    }

    /** A line that does not count yet. */
    public static LineSpec open(@Nullable String ingredient, Openness openness) {
        return EMPTY.withIngredient(ingredient).withOpen(openness);
    }

    /** What was measured of it, nothing when nothing was. */
    public Measured measuredOrNone() {
        return measured == null ? Measured.NONE : measured;
    }

    /** Whether it belongs to the dough, as a line does unless it says otherwise. */
    public boolean belongsToDough() {
        return part == null || part.equals(Part.DOUGH.code());
    }

    /** Whether it is plain water of the dough, from the pantry and not from a preparation. */
    public boolean isDoughWater(Pantry pantry) {
        return prep == null
                && belongsToDough()
                && ingredient != null
                && pantry.ingredient(ingredient)
                        .filter(Ingredient::isPlainWater)
                        .isPresent();
    }

    /** This line of another ingredient. */
    public LineSpec withIngredient(@Nullable String code) {
        return new LineSpec(code, prep, part, form, fatState, stage, grams, sd, open, measured, origin);
    }

    /** This line filled by a preparation chain; null for one that comes from the pantry. */
    public LineSpec withPrep(@Nullable String key) {
        return new LineSpec(ingredient, key, part, form, fatState, stage, grams, sd, open, measured, origin);
    }

    /** This line in another part; null for the dough. */
    public LineSpec withPart(@Nullable String code) {
        return new LineSpec(ingredient, prep, code, form, fatState, stage, grams, sd, open, measured, origin);
    }

    /** This line in another part; null for the dough. */
    public LineSpec in(@Nullable Part otherPart) {
        return withPart(otherPart == null ? null : otherPart.code());
    }

    /** This line in another form; null for the usual one. */
    public LineSpec withForm(@Nullable String code) {
        return new LineSpec(ingredient, prep, part, code, fatState, stage, grams, sd, open, measured, origin);
    }

    /** This line with its fat in another state. */
    public LineSpec withFatState(@Nullable String code) {
        return new LineSpec(ingredient, prep, part, form, code, stage, grams, sd, open, measured, origin);
    }

    /** This line in another stage of the dough; null for the dough itself. */
    public LineSpec withStage(@Nullable Integer number) {
        return new LineSpec(ingredient, prep, part, form, fatState, number, grams, sd, open, measured, origin);
    }

    /** This line with another mass, g. */
    public LineSpec withGrams(@Nullable Double otherGrams) {
        return new LineSpec(ingredient, prep, part, form, fatState, stage, otherGrams, sd, open, measured, origin);
    }

    /** So many times of this line; how its amount was measured before says nothing any more. */
    public LineSpec times(double factor) {
        LineSpec more = grams == null ? this : withGrams(grams * factor);
        LineOrigin kept = origin == null ? null : origin.withoutMeasure();
        return (sd == null ? more : more.withSd(sd * factor)).withOrigin(kept);
    }

    /** This line with another standard deviation of its mass, g; null for that of a kitchen scale. */
    public LineSpec withSd(@Nullable Double otherSd) {
        return new LineSpec(ingredient, prep, part, form, fatState, stage, grams, otherSd, open, measured, origin);
    }

    /** This line as weighed, g: it counts, and how its amount was known before says nothing any more. */
    public LineSpec weighed(double otherGrams) {
        LineOrigin kept = origin == null ? null : origin.withoutMeasure();
        return new LineSpec(ingredient, prep, part, form, fatState, stage, otherGrams, null, null, measured, kept);
    }

    /** This line as one that does not count yet; null for one that counts. */
    public LineSpec withOpen(@Nullable Openness openness) {
        String code = openness == null ? null : openness.code();
        return new LineSpec(ingredient, prep, part, form, fatState, stage, grams, sd, code, measured, origin);
    }

    /** This line with other measured figures; null for none. */
    public LineSpec withMeasured(@Nullable Measured other) {
        Measured kept = other == null || other.equals(Measured.NONE) ? null : other;
        return new LineSpec(ingredient, prep, part, form, fatState, stage, grams, sd, open, kept, origin);
    }

    /** This line with another origin. */
    public LineSpec withOrigin(@Nullable LineOrigin other) {
        return new LineSpec(ingredient, prep, part, form, fatState, stage, grams, sd, open, measured, other);
    }

    /** This line with the codes that rows of the book have now. */
    LineSpec withCurrentCodes(Aliases aliases) {
        return withIngredient(ingredient == null ? null : aliases.current(Kind.INGREDIENT, ingredient))
                .withForm(form == null ? null : aliases.current(Kind.FORM, form))
                .withOrigin(origin == null ? null : origin.withCurrentCodes(aliases));
    }
}
