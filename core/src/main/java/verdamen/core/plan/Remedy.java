package verdamen.core.plan;

/**
 * A way out of a clash: one demand gives so far, and all others are met.
 *
 * @param demand what gives
 * @param by by how much at least: minutes; of a place, how much more of it
 * @param before of a worker's hours, how many minutes sooner they begin
 * @param after of a worker's hours, how many minutes later they end
 */
public record Remedy(Demand demand, int by, int before, int after) {}
