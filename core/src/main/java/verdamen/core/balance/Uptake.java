package verdamen.core.balance;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.Formula;
import verdamen.core.model.Coefficient;

/**
 * How flour takes up water over time. Source: first-order hydration; farinograph absorption at 14 % moisture is what is
 * taken up in the end.
 */
final class Uptake {

    private Uptake() {}

    /**
     * Share taken up, u(t) = 1 − 0.4 · exp(−t/τ′).
     *
     * @param minute minutes since wetting, at least 0
     * @param tauMinutes time constant τ′, minutes, above 0
     * @return 0.6 to 1
     */
    public static double share(double minute, double tauMinutes) {
        return 1 - Coefficient.UPTAKE_SHORTFALL_AT_WETTING.value() * Math.exp(-minute / tauMinutes);
    }

    /**
     * Absorption at a flour's moisture, A(M) = (1 − M)/(1 − 0.14) · (A₁₄ + 0.14) − M: total water per dry matter is kept.
     *
     * @param absorption A₁₄ as a fraction
     * @param moisture M as a fraction
     * @return grams of water taken up per gram of the flour as it is
     */
    public static double absorptionAt(double absorption, double moisture) {
        double basis = Coefficient.BOOK_FLOUR_MOISTURE.value();
        return (1 - moisture) / (1 - basis) * (absorption + basis) - moisture;
    }

    /**
     * Share of the flour that drinks, c = 1 − min(0.12, 0.8x): fat rubbed in first keeps some dry.
     *
     * @param fatPerFlour x, pure fat of the fat lines over flour
     */
    public static double coating(FatTiming timing, double fatPerFlour) {
        if (timing != FatTiming.COAT_FIRST) {
            return 1;
        }
        return 1
                - Math.min(
                        Coefficient.RUBBED_FAT_COATING_MAX.value(),
                        Coefficient.RUBBED_FAT_COATING.value() * fatPerFlour);
    }

    /** Factor on every time constant of uptake: kneading · temperature · fat rubbed in first. */
    static double tauFactor(Formula formula, double fatPerFlour) {
        return formula.kneading().uptakeFactor().value()
                * waterSpeed(formula.waterTemperatureC()).value()
                * fatSlows(formula.fatTiming(), fatPerFlour);
    }

    /** How much fat rubbed in first slows uptake, 1 + 2x. */
    static double fatSlows(FatTiming timing, double fatPerFlour) {
        return timing == FatTiming.COAT_FIRST ? 1 + Coefficient.RUBBED_FAT_SLOWING.value() * fatPerFlour : 1;
    }

    /** Factor on absorption for the water's temperature: 1.04 from 60 °C. */
    static double hotWaterFactor(@Nullable Double waterC) {
        boolean hot = waterC != null && waterC >= Coefficient.WARM_WATER_BELOW.value();
        return hot ? Coefficient.HOT_WATER_ABSORPTION.value() : 1;
    }

    /** What the water's temperature does to the time constants of uptake. */
    static Coefficient waterSpeed(@Nullable Double waterC) {
        if (waterC == null) {
            return Coefficient.TEPID_WATER_FACTOR;
        }
        if (waterC < Coefficient.COLD_WATER_BELOW.value()) {
            return Coefficient.COLD_WATER_FACTOR;
        }
        if (waterC < Coefficient.TEPID_WATER_BELOW.value()) {
            return Coefficient.TEPID_WATER_FACTOR;
        }
        return waterC < Coefficient.WARM_WATER_BELOW.value()
                ? Coefficient.WARM_WATER_FACTOR
                : Coefficient.HOT_WATER_FACTOR;
    }
}
