package verdamen.core.model;

/**
 * A range of a figure, both ends included, in the figure's unit.
 *
 * @param low lower end
 * @param high upper end, at least {@code low}
 */
public record Range(double low, double high) {

    /** Refuses ends in the wrong order. */
    public Range {
        if (low > high) {
            throw new IllegalArgumentException("a range from " + low + " to " + high);
        }
    }

    /**
     * The 80 % range of a figure with a normal error: mean ± {@link Coefficient#RANGE_WIDTH} · sd.
     *
     * @param mean the likely value
     * @param sd its standard deviation, at least 0
     */
    public static Range likely(double mean, double sd) {
        double half = Coefficient.RANGE_WIDTH.value() * sd;
        return new Range(mean - half, mean + half);
    }

    /** As {@link #likely}, of a figure that is never below 0. */
    public static Range likelyMass(double mean, double sd) {
        Range range = likely(mean, sd);
        return new Range(Math.max(0, range.low), Math.max(0, range.high));
    }

    /** Whether a value lies in it. */
    public boolean contains(double value) {
        return value >= low && value <= high;
    }
}
