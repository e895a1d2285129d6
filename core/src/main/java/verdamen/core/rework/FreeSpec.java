package verdamen.core.rework;

import org.jspecify.annotations.Nullable;

/**
 * A line whose amount may move, as asked.
 *
 * @param line index of the line in the formula, 0 for the first
 * @param low the least it may be, g; 0 when absent
 * @param high the most it may be, g, above {@code low}; absent for twice what there is,
 *     or all that a preparation gives
 */
public record FreeSpec(
        @Nullable Integer line,
        @Nullable Double low,
        @Nullable Double high) {}
