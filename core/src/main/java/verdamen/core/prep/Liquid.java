package verdamen.core.prep;

/**
 * Liquid that ran out of an inclusion: 95 % water, the rest solids, and the salt dissolved in that water.
 *
 * @param waterGrams water, g
 * @param solidsGrams solids of the inclusion, g
 * @param saltGrams salt, g
 * @param caughtShare share of it that was caught in a bowl, 0 to 1
 */
public record Liquid(double waterGrams, double solidsGrams, double saltGrams, double caughtShare) {

    /** No liquid. */
    static final Liquid NONE = new Liquid(0, 0, 0, 1);

    /** All that ran, g. */
    public double grams() {
        return waterGrams + solidsGrams + saltGrams;
    }

    /** What was caught, g. */
    public double caughtGrams() {
        return grams() * caughtShare;
    }

    /** Caught water and solids without the salt, g. */
    public double caughtBaseGrams() {
        return (waterGrams + solidsGrams) * caughtShare;
    }

    /** Caught salt, g. */
    public double caughtSaltGrams() {
        return saltGrams * caughtShare;
    }

    Liquid plus(Liquid other) {
        double all = grams() + other.grams();
        return new Liquid(
                waterGrams + other.waterGrams,
                solidsGrams + other.solidsGrams,
                saltGrams + other.saltGrams,
                all > 0 ? (caughtGrams() + other.caughtGrams()) / all : 1);
    }
}
