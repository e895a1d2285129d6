package verdamen.core.plan;

/**
 * Bread that is served at some time.
 *
 * @param key what it is known by in its plan
 * @param due when it is served, minutes from the beginning of the day that is planned
 * @param cooked key of the task after which it is cooked
 * @param ready key of the task after which it can be served
 */
public record Serving(String key, int due, String cooked, String ready) {}
