package verdamen.core.balance;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Behaviour;

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

    /** Factor on the time constant of a line's uptake: how its stage is mixed, and how warm that stage's liquid is. */
    static double stageFactor(Formula formula, Line line) {
        return formula.kneading(line).uptakeFactor().value() * waterSpeed(formula.waterTemperatureC(line));
    }

    /** How much fat rubbed in first slows uptake, 1 + 2x. */
    static double fatSlows(FatTiming timing, double fatPerFlour) {
        return timing == FatTiming.COAT_FIRST ? 1 + Coefficient.RUBBED_FAT_SLOWING.value() * fatPerFlour : 1;
    }

    /** r, how far water scalds: 0 up to 55 °C, 1 from 75 °C; 0 when no temperature is told. */
    public static double scalding(@Nullable Double waterC) {
        if (waterC == null) {
            return 0;
        }
        double from = Coefficient.SCALDING_FROM_C.value();
        return Math.max(0, Math.min(1, (waterC - from) / (Coefficient.SCALDING_FULL_C.value() - from)));
    }

    /** Factor on absorption for scalding water, 1 + (q − 1) r. */
    static double hotWaterFactor(Behaviour behaviour, @Nullable Double waterC) {
        return 1 + (behaviour.scaldedFactor() - 1) * scalding(waterC);
    }

    /** Share of what bran takes up beside, 1 − exp(−t/40). */
    static double branShare(double minute) {
        return 1 - Math.exp(-minute / Coefficient.BRAN_TAU.value());
    }

    /** What the water's temperature does to the time constants of uptake: 1.4 cold, 1 tepid, then 0.8 − 0.3 r. */
    static double waterSpeed(@Nullable Double waterC) {
        if (waterC == null) {
            return Coefficient.TEPID_WATER_FACTOR.value();
        }
        if (waterC < Coefficient.COLD_WATER_BELOW.value()) {
            return Coefficient.COLD_WATER_FACTOR.value();
        }
        if (waterC < Coefficient.TEPID_WATER_BELOW.value()) {
            return Coefficient.TEPID_WATER_FACTOR.value();
        }
        return Coefficient.WARM_WATER_FACTOR.value() - Coefficient.SCALDING_QUICKENING.value() * scalding(waterC);
    }
}
