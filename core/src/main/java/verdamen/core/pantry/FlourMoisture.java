package verdamen.core.pantry;

import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;

/** Moisture of a flour, found by drying a sample or estimated from the air it is stored in. */
final class FlourMoisture {

    /** Modified Henderson isotherm of hard wheat, coefficient K, 1/°C. Source: sorption data of hard wheat. */
    private static final double HENDERSON_K = Coefficient.ISOTHERM_K.value();

    /** Modified Henderson isotherm of hard wheat, coefficient C, °C. */
    private static final double HENDERSON_C = Coefficient.ISOTHERM_C.value();

    /** Modified Henderson isotherm of hard wheat, exponent N. */
    private static final double HENDERSON_N = Coefficient.ISOTHERM_N.value();

    private FlourMoisture() {}

    /**
     * Moisture by drying: what was lost over what was there.
     *
     * @param beforeGrams the sample as it was, g, above 0
     * @param afterGrams the sample dried, g, above 0, no more than before
     * @return moisture, %, wet basis
     * @throws IllegalArgumentException when the weights would create matter or leave none
     */
    public static double byDryingPct(double beforeGrams, double afterGrams) {
        if (!(beforeGrams > 0) || !(afterGrams > 0) || afterGrams > beforeGrams) {
            throw new IllegalArgumentException(
                    "a sample of " + beforeGrams + " g cannot weigh " + afterGrams + " g when dried");
        }
        return Share.of(beforeGrams - afterGrams, beforeGrams).pct();
    }

    /**
     * Moisture of flour that has come to rest with the air around it: M_db = [−ln(1 − RH)/(2.3007·10⁻⁵ (T +
     * 55.815))]^(1/2.2857) / 100, wet basis M/(1 + M).
     *
     * @param celsius temperature of the store, °C, −10 to 50
     * @param relativeHumidityPct relative humidity of its air, %, above 0 and below 100
     * @return moisture, %, wet basis
     * @throws IllegalArgumentException outside these ranges
     */
    public static double fromStorageAirPct(double celsius, double relativeHumidityPct) {
        if (!(celsius >= Coefficient.ISOTHERM_COLDEST_C.value() && celsius <= Coefficient.ISOTHERM_HOTTEST_C.value())
                || !(relativeHumidityPct > 0 && relativeHumidityPct < 100)) {
            throw new IllegalArgumentException("no moisture for " + celsius + " °C and " + relativeHumidityPct + " %");
        }
        double dryPct = Math.pow(
                -Math.log(Share.ofPct(relativeHumidityPct).rest().fraction()) / (HENDERSON_K * (celsius + HENDERSON_C)),
                1 / HENDERSON_N);
        double dry = Share.ofPct(dryPct).fraction();
        return Share.of(dry, 1 + dry).pct();
    }
}
