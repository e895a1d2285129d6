package verdamen.core.intake;

import verdamen.core.model.Coefficient;

/**
 * A mass that an unknown amount was found to be.
 *
 * @param grams g, at least 0
 * @param sd its standard deviation, g
 * @param follows whether it is plain water as the dough needs it, which follows what changes later
 */
public record FoundAmount(double grams, double sd, boolean follows) {

    FoundAmount(double grams, double sd) {
        this(grams, sd, false);
    }

    /** Lower end of its 80 % range, g, at least 0. */
    public double low() {
        return Math.max(0, grams - Coefficient.RANGE_WIDTH.value() * sd);
    }

    /** Upper end of its 80 % range, g. */
    public double high() {
        return grams + Coefficient.RANGE_WIDTH.value() * sd;
    }
}
