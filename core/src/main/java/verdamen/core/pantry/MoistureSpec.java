package verdamen.core.pantry;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * A way to find the moisture of a flour: by drying a sample, or from the air of its store.
 *
 * @param beforeGrams for drying: the sample as it was, g
 * @param afterGrams for drying: the sample dried, g
 * @param celsius for storage air: its temperature, °C
 * @param humidityPct for storage air: its relative humidity, %
 */
public record MoistureSpec(
        @Within(Limit.SAMPLE_GRAMS) @Nullable Double beforeGrams,
        @Nullable Double afterGrams,
        @Within(Limit.STORE_C) @Nullable Double celsius,
        @Within(Limit.STORE_HUMIDITY_PCT) @Nullable Double humidityPct) {

    /**
     * The moisture, % wet basis: by drying when a weight is given, else from the air.
     *
     * @throws verdamen.core.model.RefusedException when what it takes is missing or impossible
     */
    public double moisturePct() {
        Faults faults = new Faults();
        if (beforeGrams != null || afterGrams != null) {
            double before = faults.needed("beforeGrams", beforeGrams, Limit.SAMPLE_GRAMS);
            double after = faults.needed("afterGrams", afterGrams, Limit.WEIGH_IN_GRAMS.least(), before);
            faults.refuse();
            return FlourMoisture.byDryingPct(before, after);
        }
        double air = faults.needed("celsius", celsius, Limit.STORE_C);
        double humidity = faults.needed("humidityPct", humidityPct, Limit.STORE_HUMIDITY_PCT);
        faults.refuse();
        return FlourMoisture.fromStorageAirPct(air, humidity);
    }
}
