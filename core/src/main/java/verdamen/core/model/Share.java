package verdamen.core.model;

/**
 * A share of a whole: made from a fraction or from percent, and read as either, so that one is never taken for the other.
 * Names of plain numbers end in {@code Share} or {@code Pct}.
 *
 * @param fraction the share, 1 for the whole; above 1 and below 0 where the quantity allows it
 */
public record Share(double fraction) {

    private static final double PERCENT = 100;

    /** A share given as a fraction, 1 for the whole. */
    public static Share ofFraction(double fraction) {
        return new Share(fraction);
    }

    /** A share given in percent, 100 for the whole. */
    public static Share ofPct(double pct) {
        return new Share(pct / PERCENT);
    }

    /** The share that a part has of a whole; the whole is not 0. */
    public static Share of(double part, double whole) {
        return new Share(part / whole);
    }

    /** The share in percent, 100 for the whole. */
    public double pct() {
        return PERCENT * fraction;
    }

    /** What is left of the whole. */
    public Share rest() {
        return new Share(1 - fraction);
    }
}
