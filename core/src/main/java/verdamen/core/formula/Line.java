package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.FatState;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Ingredient;

/**
 * A checked line of a formula.
 *
 * @param index its place among the lines as asked, from 0
 * @param ingredient the ingredient
 * @param grams mass, g
 * @param sdGrams standard deviation of the mass as given, g; absent for the default
 * @param part where it belongs
 * @param form for an inclusion, the form it meets the flour in
 * @param waterPct measured water, %
 * @param moisturePct measured moisture of a flour, %
 * @param proteinPct measured protein, %
 * @param absorptionPct measured absorption at 14 % moisture, %
 * @param absorptionSdPct its standard deviation, percentage points
 * @param pieceMm measured piece size, mm
 * @param fatState for a fat, how firm it is
 * @param source where it comes from; several lines share an index when a preparation put something in
 * @param headStartMinutes minutes it was wet before the dough was: those of a sponge or soaker
 * @param temperatureC its own temperature when it goes in, °C; absent for the kitchen's
 * @param prep key of the preparation chain that fills it; absent for what comes from the pantry
 */
public record Line(
        int index,
        Ingredient ingredient,
        double grams,
        @Nullable Double sdGrams,
        Part part,
        @Nullable Form form,
        @Nullable Double waterPct,
        @Nullable Double moisturePct,
        @Nullable Double proteinPct,
        @Nullable Double absorptionPct,
        @Nullable Double absorptionSdPct,
        @Nullable Double pieceMm,
        @Nullable FatState fatState,
        LineSource source,
        double headStartMinutes,
        @Nullable Double temperatureC,
        @Nullable String prep) {

    /** A line of the pantry with typical values. */
    public static Line of(int index, Ingredient ingredient, double grams, Part part, LineSource source) {
        return new Line(
                index,
                ingredient,
                grams,
                null,
                part,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                ingredient.fatState(),
                source,
                0,
                null,
                null);
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
        return (waterPct == null ? ingredient.composition().waterPct() : waterPct) / 100;
    }

    /** Fat, 0 to 1. */
    public double fatShare() {
        return ingredient.composition().fatPct() / 100;
    }

    /** This line with another mass, weighed anew. */
    public Line withGrams(double otherGrams) {
        return with(part, otherGrams, null, form, waterPct, pieceMm);
    }

    /** This line in another part. */
    public Line in(Part otherPart) {
        return with(otherPart, grams, sdGrams, form, waterPct, pieceMm);
    }

    /** This line in a form, in pieces of a size, mm; null for those of the form. */
    public Line withForm(Form otherForm, @Nullable Double otherMm) {
        return with(part, grams, sdGrams, otherForm, waterPct, otherMm);
    }

    /** This line in pieces of another size, mm. */
    public Line withPieces(double otherMm) {
        return with(part, grams, sdGrams, form, waterPct, otherMm);
    }

    /** This line after a preparation step: another mass, form and water. */
    public Line prepared(double otherGrams, @Nullable Form otherForm, double otherWaterPct) {
        return with(part, otherGrams, null, otherForm, otherWaterPct, pieceMm);
    }

    private Line with(
            Part otherPart,
            double otherGrams,
            @Nullable Double otherSd,
            @Nullable Form otherForm,
            @Nullable Double water,
            @Nullable Double otherPieceMm) {
        return new Line(
                index,
                ingredient,
                otherGrams,
                otherSd,
                otherPart,
                otherForm,
                water,
                moisturePct,
                proteinPct,
                absorptionPct,
                absorptionSdPct,
                otherPieceMm,
                fatState,
                source,
                headStartMinutes,
                temperatureC,
                prep);
    }
}
