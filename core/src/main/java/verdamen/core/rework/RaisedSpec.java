package verdamen.core.rework;

import org.jspecify.annotations.Nullable;

/**
 * A change that is raised rung by rung, as asked.
 *
 * @param change what is changed; its share is left out
 * @param from share of the first rung, 0 to 1; 0 when absent
 * @param to share of the last rung, above {@code from}, to 1; 1 when absent
 * @param rungs how many rungs, 5 to 41; absent for the usual number
 */
public record RaisedSpec(
        @Nullable ChangeSpec change,
        @Nullable Double from,
        @Nullable Double to,
        @Nullable Integer rungs) {}
