package verdamen.core.pantry;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Confidence;
import verdamen.core.model.Share;

/**
 * How a flour, dry addition or dry dairy takes up water and what network its protein makes.
 *
 * @param absorptionPct grams of water taken up by 100 g at reference softness, at 14 % moisture
 * @param absorptionSdPct standard deviation of that, percentage points: by confidence, or as the kitchen knows it
 * @param uptakeTauMin time constant of uptake, minutes, by hand with tepid water
 * @param glutenQuality share of the protein that makes a network like a strong white flour's, 0 to 1
 * @param particleUm typical particle size, micrometres
 * @param hotAbsorptionPct the same in water that scalds; null for what drinks as much hot as any flour
 * @param confidence how well the absorption is known
 * @param notes what changes it
 */
public record Behaviour(
        double absorptionPct,
        double absorptionSdPct,
        double uptakeTauMin,
        double glutenQuality,
        double particleUm,
        @Nullable Double hotAbsorptionPct,
        Confidence confidence,
        String notes) {

    /** Refuses a behaviour that cannot drink. */
    public Behaviour {
        if (!(absorptionPct > 0)
                || !(absorptionSdPct >= 0)
                || !(uptakeTauMin > 0)
                || !(glutenQuality >= 0 && glutenQuality <= 1)) {
            throw new IllegalArgumentException(
                    "absorption and uptake time are above 0 and gluten quality within 0 to 1");
        }
    }

    /** This behaviour with other absorptions, %; as sure of them as it is of its own. */
    public Behaviour withAbsorption(double pct, @Nullable Double hotPct) {
        return new Behaviour(
                pct, absorptionRelativeSd() * pct, uptakeTauMin, glutenQuality, particleUm, hotPct, confidence, notes);
    }

    /** Water taken up, as a share of the mass: above the whole for what takes up more than it weighs. */
    public Share absorption() {
        return Share.ofPct(absorptionPct);
    }

    /** Standard deviation of the absorption, as a share of it. */
    public double absorptionRelativeSd() {
        return absorptionSdPct / absorptionPct;
    }

    /** How much more it takes up when it is scalded, as a factor: of the table, or what starch does anywhere. */
    public double scaldedFactor() {
        return hotAbsorptionPct == null
                ? Coefficient.HOT_WATER_ABSORPTION.value()
                : Share.of(hotAbsorptionPct, absorptionPct).fraction();
    }
}
