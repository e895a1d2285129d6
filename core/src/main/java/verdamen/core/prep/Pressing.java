package verdamen.core.prep;

import verdamen.core.model.Coefficient;

/** Pressing liquid out of an inclusion. The liquid is 95 % water, the rest solids. */
public final class Pressing {

    private Pressing() {}

    /** What is left: its mass, g, and its water, 0 to 1. */
    public record Left(double grams, double waterShare) {}

    /**
     * Most liquid that is usually pressed out, g: 60 % of the inclusion's water.
     *
     * @param grams mass before, g
     * @param waterShare water before, 0 to 1
     */
    public static double mostLiquidGrams(double grams, double waterShare) {
        return Coefficient.PRESSABLE_WATER.value() * grams * waterShare / Coefficient.PRESSED_LIQUID_WATER.value();
    }

    /**
     * What is left: m₁ = m₀ − L, w₁ = (m₀w₀ − 0.95 L)/m₁.
     *
     * @param grams mass before m₀, g
     * @param waterShare water before w₀, 0 to 1
     * @param liquidGrams liquid L, g, from 0 to {@link #mostLiquidGrams}
     * @throws IllegalArgumentException when more is pressed out than can be
     */
    public static Left press(double grams, double waterShare, double liquidGrams) {
        if (!(liquidGrams >= 0) || liquidGrams > mostLiquidGrams(grams, waterShare)) {
            throw new IllegalArgumentException("cannot press " + liquidGrams + " g of liquid out of " + grams + " g");
        }
        double left = grams - liquidGrams;
        double water = grams * waterShare - Coefficient.PRESSED_LIQUID_WATER.value() * liquidGrams;
        return new Left(left, left > 0 ? water / left : 0);
    }
}
