package verdamen.server.rework;

import org.jspecify.annotations.Nullable;

/**
 * A line that a search writes while it goes on.
 *
 * @param tried how many formulas were tried
 * @param planned how many will have been tried at its end
 * @param best the goal of the best formula so far that keeps all limits; null when there is none yet
 * @param answer the answer, on the last line; null before
 */
record MostProgress(
        int tried,
        int planned,
        @Nullable Double best,
        @Nullable MostAnswer answer) {}
