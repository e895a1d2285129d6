package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.FatState;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/**
 * A checked line of a formula.
 *
 * @param index its place among the lines as asked, from 0
 * @param ingredient the ingredient
 * @param grams mass, g
 * @param sdGrams standard deviation of the mass as given, g; absent for the default
 * @param part where it belongs
 * @param form for an inclusion, the form it meets the flour in
 * @param measured what was measured of it
 * @param fatState for a fat, how firm it is
 * @param source where it comes from; several lines share an index when a preparation put something in
 * @param stage the stage before the dough itself in which it is wetted; null for the dough itself
 * @param prep key of the preparation chain that fills it; absent for what comes from the pantry
 */
public record Line(
        int index,
        Ingredient ingredient,
        double grams,
        @Nullable Double sdGrams,
        Part part,
        @Nullable Form form,
        Measured measured,
        @Nullable FatState fatState,
        LineSource source,
        @Nullable Stage stage,
        @Nullable String prep) {

    /** Index of what the bench adds: it was not asked for. */
    public static final int BENCH_INDEX = -1;

    /** A line of the pantry with typical values. */
    public static Line of(int index, Ingredient ingredient, double grams, Part part, LineSource source) {
        return new Line(
                index, ingredient, grams, null, part, null, Measured.NONE, ingredient.fatState(), source, null, null);
    }

    /** Minutes it was wet before the dough was: those of the stage in which it is wetted, and of the stages after that. */
    public double headStartMinutes() {
        return stage == null ? 0 : stage.minutesBefore();
    }

    /** Whether it was asked for as such. */
    public boolean isAsked() {
        return source == LineSource.ASKED;
    }

    /** Standard deviation of a mass weighed on a kitchen scale, g: the larger of 0.5 g and 0.5 %. */
    public static double weighedSdGrams(double grams) {
        return Math.max(Coefficient.WEIGHED_SD_LEAST.value(), Coefficient.WEIGHED_SD_SHARE.value() * grams);
    }

    /** Water, 0 to 1: as measured, else the ingredient's. */
    public double waterShare() {
        Double pct = measured.waterPct();
        return Share.ofPct(pct == null ? ingredient.composition().waterPct() : pct)
                .fraction();
    }

    /** Fat, 0 to 1. */
    public double fatShare() {
        return ingredient.composition().fatShare().fraction();
    }

    /** Protein, 0 to 1: as measured, else the ingredient's. */
    public double proteinShare() {
        Double pct = measured.proteinPct();
        return Share.ofPct(pct == null ? ingredient.composition().proteinPct() : pct)
                .fraction();
    }

    /**
     * Absorption at 14 % moisture as a fraction: as measured, else the ingredient's, moved by a flour's own protein; 0 for
     * what does not drink.
     */
    public double absorption() {
        Double pct = measured.absorptionPct();
        Behaviour behaviour = ingredient.behaviour();
        if (pct != null) {
            return Share.ofPct(pct).fraction();
        }
        return behaviour == null ? 0 : behaviour.absorption().fraction() + absorptionFromProtein();
    }

    /** How far a flour's own protein moves its absorption from the table's, as a fraction; 0 when neither was told. */
    public double absorptionFromProtein() {
        Double protein = measured.proteinPct();
        if (protein == null || measured.absorptionPct() != null || ingredient.role() != Role.FLOUR) {
            return 0;
        }
        double most = Coefficient.PROTEIN_DIFFERENCE_MAX.value();
        double points = protein - ingredient.composition().proteinPct();
        double counted = Math.max(-most, Math.min(most, points));
        return Share.ofPct(Coefficient.PROTEIN_ABSORPTION.value() * counted).fraction();
    }

    /** Size of its pieces, mm: as measured, else that of its form; 0 for what has no form. */
    public double pieceMm() {
        if (form == null) {
            return 0;
        }
        Double mm = measured.pieceMm();
        return mm == null ? form.pieceMm() : mm;
    }

    /** This line with another mass, weighed again. */
    public Line withGrams(double otherGrams) {
        return new Line(index, ingredient, otherGrams, null, part, form, measured, fatState, source, stage, prep);
    }

    /** This line in a stage before the dough itself; null for the dough itself. */
    public Line wettedIn(@Nullable Stage otherStage) {
        return new Line(index, ingredient, grams, sdGrams, part, form, measured, fatState, source, otherStage, prep);
    }

    /** This line in another part. */
    public Line in(Part otherPart) {
        return new Line(index, ingredient, grams, sdGrams, otherPart, form, measured, fatState, source, stage, prep);
    }

    /** This line in a form, in pieces of a size, mm; null for those of the form. */
    public Line withForm(Form otherForm, @Nullable Double otherMm) {
        return new Line(
                index,
                ingredient,
                grams,
                sdGrams,
                part,
                otherForm,
                measured.withPieceMm(otherMm),
                fatState,
                source,
                stage,
                prep);
    }

    /** This line in pieces of another size, mm. */
    public Line withPieces(double otherMm) {
        return form == null ? this : withForm(form, otherMm);
    }

    /** This line after a preparation step: another mass, form and water. */
    public Line prepared(double otherGrams, @Nullable Form otherForm, double otherWaterPct) {
        return new Line(
                index,
                ingredient,
                otherGrams,
                null,
                part,
                otherForm,
                measured.withWaterPct(otherWaterPct),
                fatState,
                source,
                stage,
                prep);
    }
}
