package verdamen.core.balance;

import org.jspecify.annotations.Nullable;

/**
 * What a way out does to a line.
 *
 * @param line index of the line
 * @param grams its mass afterwards, g
 * @param form its form afterwards, for an inclusion
 * @param waterPct its water afterwards, %, where the step changes it
 */
public record LineChange(
        int line,
        double grams,
        @Nullable String form,
        @Nullable Double waterPct) {}
