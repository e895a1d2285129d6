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
        @Nullable FatState fatState) {

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
        return with(otherGrams, null, form, waterPct);
    }

    /** This line after a preparation step: another mass, form and water. */
    public Line prepared(double otherGrams, @Nullable Form otherForm, double otherWaterPct) {
        return with(otherGrams, null, otherForm, otherWaterPct);
    }

    private Line with(double otherGrams, @Nullable Double otherSd, @Nullable Form otherForm, @Nullable Double water) {
        return new Line(
                index,
                ingredient,
                otherGrams,
                otherSd,
                part,
                otherForm,
                water,
                moisturePct,
                proteinPct,
                absorptionPct,
                absorptionSdPct,
                pieceMm,
                fatState);
    }
}
