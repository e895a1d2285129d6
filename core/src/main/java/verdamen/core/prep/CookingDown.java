package verdamen.core.prep;

/** Cooking water out of an inclusion; only water leaves. */
public final class CookingDown {

    private CookingDown() {}

    /**
     * What is left: w₁ = 1 − m₀(1 − w₀)/m₁, with m₁ = m₀ less the water driven off.
     *
     * @param grams mass before m₀, g
     * @param waterShare water before w₀, 0 to 1
     * @param waterGrams water driven off, g, from 0 to all of it
     * @throws IllegalArgumentException when more water is driven off than there is
     */
    public static Pressing.Left cookDown(double grams, double waterShare, double waterGrams) {
        if (!(waterGrams >= 0) || waterGrams > grams * waterShare) {
            throw new IllegalArgumentException("cannot cook " + waterGrams + " g of water out of " + grams + " g");
        }
        double left = grams - waterGrams;
        return new Pressing.Left(left, left > 0 ? 1 - grams * (1 - waterShare) / left : 0);
    }
}
