package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * What was measured of a line and stands in for its typical figures. {@link MeasuredFigure} has the range of each and the
 * ingredients to which it applies.
 *
 * @param waterPct water, %, for everything but flours and dry additions
 * @param moisturePct moisture of a flour lot, %
 * @param proteinPct protein, %
 * @param absorptionPct absorption at 14 % moisture, %
 * @param absorptionSdPct standard deviation of that absorption, percentage points
 * @param pieceMm piece size of an inclusion, mm
 * @param temperatureC its own temperature when it goes in, °C; absent for the kitchen's
 */
public record Measured(
        @Within(Limit.WATER_PCT) @Nullable Double waterPct,
        @Within(Limit.MOISTURE_PCT) @Nullable Double moisturePct,
        @Within(Limit.PROTEIN_PCT) @Nullable Double proteinPct,
        @Within(Limit.ABSORPTION_PCT) @Nullable Double absorptionPct,
        @Within(Limit.ABSORPTION_SD_PCT) @Nullable Double absorptionSdPct,
        @Within(Limit.PIECE_MM) @Nullable Double pieceMm,
        @Within(Limit.LINE_TEMPERATURE_C) @Nullable Double temperatureC) {

    /** Nothing measured: every figure is the typical one. */
    public static final Measured NONE = new Measured(null, null, null, null, null, null, null);

    /** These figures with another water, %. */
    public Measured withWaterPct(@Nullable Double otherWaterPct) {
        return new Measured(
                otherWaterPct, moisturePct, proteinPct, absorptionPct, absorptionSdPct, pieceMm, temperatureC);
    }

    /** These figures with the moisture and protein of a flour lot, %; null for the typical ones. */
    public Measured withLot(@Nullable Double lotMoisturePct, @Nullable Double lotProteinPct) {
        return new Measured(
                waterPct, lotMoisturePct, lotProteinPct, absorptionPct, absorptionSdPct, pieceMm, temperatureC);
    }

    /** These figures with pieces of another size, mm; null for those of the form. */
    public Measured withPieceMm(@Nullable Double otherPieceMm) {
        return new Measured(
                waterPct, moisturePct, proteinPct, absorptionPct, absorptionSdPct, otherPieceMm, temperatureC);
    }

    /** These figures at another temperature, °C; null for the kitchen's. */
    public Measured withTemperatureC(@Nullable Double otherTemperatureC) {
        return new Measured(
                waterPct, moisturePct, proteinPct, absorptionPct, absorptionSdPct, pieceMm, otherTemperatureC);
    }

    /** Whether a figure of the water balance was measured: water, moisture or absorption. */
    public boolean anyOfWater() {
        return waterPct != null || moisturePct != null || absorptionPct != null;
    }
}
