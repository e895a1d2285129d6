package verdamen.core.prep;

/**
 * An inclusion after a preparation step.
 *
 * @param grams its mass, g
 * @param waterShare its water, 0 to 1
 */
public record Prepared(double grams, double waterShare) {}
