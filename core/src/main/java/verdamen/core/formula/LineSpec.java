package verdamen.core.formula;

import org.jspecify.annotations.Nullable;

/**
 * A line of a formula as asked: codes and numbers, not yet checked.
 *
 * @param ingredient code of the ingredient
 * @param grams mass, g, 0 to 1,000,000
 * @param sd standard deviation of the mass, g; absent for a line weighed on a kitchen scale
 * @param part {@code dough} (default), {@code filling} or {@code surface}
 * @param form form of an inclusion, absent for the usual one of its group
 * @param waterPct measured water, %, for everything but flours and dry additions
 * @param moisturePct moisture of a flour lot, %
 * @param proteinPct measured protein, %
 * @param absorptionPct measured absorption at 14 % moisture, %
 * @param absorptionSdPct standard deviation of that absorption, percentage points
 * @param pieceMm measured piece size of an inclusion, mm
 * @param fatState {@code liquid}, {@code soft} or {@code solid}, for a fat
 * @param open {@code unknown-amount} for a line without grams, {@code unread} for one without an ingredient: it is kept,
 *     but does not count; absent for a line that counts
 * @param origin where its figures come from
 */
public record LineSpec(
        @Nullable String ingredient,
        @Nullable Double grams,
        @Nullable Double sd,
        @Nullable String part,
        @Nullable String form,
        @Nullable Double waterPct,
        @Nullable Double moisturePct,
        @Nullable Double proteinPct,
        @Nullable Double absorptionPct,
        @Nullable Double absorptionSdPct,
        @Nullable Double pieceMm,
        @Nullable String fatState,
        @Nullable String open,
        @Nullable LineOrigin origin) {

    /** A line that counts, without an origin. */
    public LineSpec(
            @Nullable String ingredient,
            @Nullable Double grams,
            @Nullable Double sd,
            @Nullable String part,
            @Nullable String form,
            @Nullable Double waterPct,
            @Nullable Double moisturePct,
            @Nullable Double proteinPct,
            @Nullable Double absorptionPct,
            @Nullable Double absorptionSdPct,
            @Nullable Double pieceMm,
            @Nullable String fatState) {
        this(
                ingredient,
                grams,
                sd,
                part,
                form,
                waterPct,
                moisturePct,
                proteinPct,
                absorptionPct,
                absorptionSdPct,
                pieceMm,
                fatState,
                null,
                null);
    }

    /** A line of the dough, weighed, with typical values. */
    public static LineSpec of(String ingredient, double grams) {
        return new LineSpec(ingredient, grams, null, null, null, null, null, null, null, null, null, null);
    }

    /** This line with another mass. */
    public LineSpec withGrams(double otherGrams) {
        return new LineSpec(
                ingredient,
                otherGrams,
                sd,
                part,
                form,
                waterPct,
                moisturePct,
                proteinPct,
                absorptionPct,
                absorptionSdPct,
                pieceMm,
                fatState,
                open,
                origin);
    }

    /** This line with a lot's moisture and protein; null for the book's. */
    public LineSpec withLot(@Nullable Double lotMoisturePct, @Nullable Double lotProteinPct) {
        return new LineSpec(
                ingredient,
                grams,
                sd,
                part,
                form,
                waterPct,
                lotMoisturePct,
                lotProteinPct,
                absorptionPct,
                absorptionSdPct,
                pieceMm,
                fatState,
                open,
                origin);
    }

    /** This line with another form and measured water. */
    public LineSpec withFormAndWater(@Nullable String otherForm, @Nullable Double otherWaterPct) {
        return new LineSpec(
                ingredient,
                grams,
                sd,
                part,
                otherForm,
                otherWaterPct,
                moisturePct,
                proteinPct,
                absorptionPct,
                absorptionSdPct,
                pieceMm,
                fatState,
                open,
                origin);
    }
}
