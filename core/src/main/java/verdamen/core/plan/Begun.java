package verdamen.core.plan;

import java.util.Map;

/**
 * What of a day that is run cannot be changed any more.
 *
 * @param starts when tasks were begun, by their keys
 * @param busyUntil until when somebody's hands are in what was begun, by their name
 */
record Begun(Map<String, Integer> starts, Map<String, Integer> busyUntil) {

    /** Nothing is. */
    static final Begun NOTHING = new Begun(Map.of(), Map.of());
}
