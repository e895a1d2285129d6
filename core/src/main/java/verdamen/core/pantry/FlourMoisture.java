package verdamen.core.pantry;

import verdamen.core.model.Coefficient;

/** Moisture of a flour, found by drying a sample or estimated from the air it is stored in. */
final class FlourMoisture {

    /** Modified Henderson isotherm of hard wheat, coefficient K, 1/°C. Source: sorption data of hard wheat. */
    private static final double HENDERSON_K = Coefficient.ISOTHERM_K.value();

    /** Modified Henderson isotherm of hard wheat, coefficient C, °C. */
    private static final double HENDERSON_C = Coefficient.ISOTHERM_C.value();

    /** Modified Henderson isotherm of hard wheat, exponent N. */
    private static final double HENDERSON_N = Coefficient.ISOTHERM_N.value();

    private static final double PERCENT = 100;

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
        return PERCENT * (beforeGrams - afterGrams) / beforeGrams;
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
                || !(relativeHumidityPct > 0 && relativeHumidityPct < PERCENT)) {
            throw new IllegalArgumentException("no moisture for " + celsius + " °C and " + relativeHumidityPct + " %");
        }
        double dry = Math.pow(
                        -Math.log(1 - relativeHumidityPct / PERCENT) / (HENDERSON_K * (celsius + HENDERSON_C)),
                        1 / HENDERSON_N)
                / PERCENT;
        return PERCENT * dry / (1 + dry);
    }
}
