package verdamen.core.formula;

import org.jspecify.annotations.Nullable;

/**
 * A line of a formula as asked: codes and numbers, not yet checked.
 *
 * @param ingredient code of the ingredient; absent for a line that a preparation chain fills
 * @param grams mass, g, 0 to 1,000,000; absent for all that the line's preparation chain gives
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
 * @param prep key of the preparation chain that fills it: ingredient, form, water and piece size come from there
 * @param stage {@code first} for a line of the sponge or soaker; absent for the dough itself
 * @param temperatureC its own temperature when it goes in, °C; absent for the kitchen's
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
        @Nullable LineOrigin origin,
        @Nullable String prep,
        @Nullable String stage,
        @Nullable Double temperatureC) {

    /** A line that counts, of what is in the pantry. */
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
                null,
                null,
                null,
                null);
    }

    /** A line of the dough, weighed, with typical values. */
    public static LineSpec of(String ingredient, double grams) {
        return new Copy().ingredient(ingredient).grams(grams).line();
    }

    /** A line of the dough filled by a preparation chain, all of it. */
    public static LineSpec ofPrep(String key) {
        return new Copy().prep(key).line();
    }

    /** A line that does not count yet. */
    public static LineSpec open(@Nullable String ingredient, String openness) {
        return new Copy().ingredient(ingredient).open(openness).line();
    }

    /** A copy of this line, to change. */
    public Copy copy() {
        return new Copy(this);
    }

    /** This line with another mass. */
    public LineSpec withGrams(double otherGrams) {
        return copy().grams(otherGrams).line();
    }

    /** This line with a lot's moisture and protein; null for the book's. */
    public LineSpec withLot(@Nullable Double lotMoisturePct, @Nullable Double lotProteinPct) {
        return copy().moisturePct(lotMoisturePct).proteinPct(lotProteinPct).line();
    }

    /** This line with another form and measured water. */
    public LineSpec withFormAndWater(@Nullable String otherForm, @Nullable Double otherWaterPct) {
        return copy().form(otherForm).waterPct(otherWaterPct).line();
    }

    /** A line being put together. */
    public static final class Copy {

        private @Nullable String ingredient;
        private @Nullable Double grams;
        private @Nullable Double sd;
        private @Nullable String part;
        private @Nullable String form;
        private @Nullable Double waterPct;
        private @Nullable Double moisturePct;
        private @Nullable Double proteinPct;
        private @Nullable Double absorptionPct;
        private @Nullable Double absorptionSdPct;
        private @Nullable Double pieceMm;
        private @Nullable String fatState;
        private @Nullable String open;
        private @Nullable LineOrigin origin;
        private @Nullable String prep;
        private @Nullable String stage;
        private @Nullable Double temperatureC;

        private Copy() {}

        private Copy(LineSpec line) {
            ingredient = line.ingredient;
            grams = line.grams;
            sd = line.sd;
            part = line.part;
            form = line.form;
            waterPct = line.waterPct;
            moisturePct = line.moisturePct;
            proteinPct = line.proteinPct;
            absorptionPct = line.absorptionPct;
            absorptionSdPct = line.absorptionSdPct;
            pieceMm = line.pieceMm;
            fatState = line.fatState;
            open = line.open;
            origin = line.origin;
            prep = line.prep;
            stage = line.stage;
            temperatureC = line.temperatureC;
        }

        public Copy ingredient(@Nullable String code) {
            ingredient = code;
            return this;
        }

        public Copy grams(@Nullable Double mass) {
            grams = mass;
            return this;
        }

        public Copy sd(@Nullable Double sdGrams) {
            sd = sdGrams;
            return this;
        }

        public Copy part(@Nullable String code) {
            part = code;
            return this;
        }

        public Copy form(@Nullable String code) {
            form = code;
            return this;
        }

        public Copy waterPct(@Nullable Double pct) {
            waterPct = pct;
            return this;
        }

        public Copy moisturePct(@Nullable Double pct) {
            moisturePct = pct;
            return this;
        }

        public Copy proteinPct(@Nullable Double pct) {
            proteinPct = pct;
            return this;
        }

        public Copy pieceMm(@Nullable Double mm) {
            pieceMm = mm;
            return this;
        }

        public Copy open(@Nullable String code) {
            open = code;
            return this;
        }

        public Copy prep(@Nullable String key) {
            prep = key;
            return this;
        }

        public Copy stage(@Nullable String code) {
            stage = code;
            return this;
        }

        public Copy temperatureC(@Nullable Double celsius) {
            temperatureC = celsius;
            return this;
        }

        /** The line as put together. */
        public LineSpec line() {
            return new LineSpec(
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
                    open,
                    origin,
                    prep,
                    stage,
                    temperatureC);
        }
    }
}
