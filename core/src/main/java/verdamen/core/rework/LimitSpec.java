package verdamen.core.rework;

import org.jspecify.annotations.Nullable;

/**
 * A limit that a reworked formula is to keep, as asked: one end or both, in the unit of the figure.
 *
 * @param figure code of the figure
 * @param atLeast the least that is good enough; absent when there is only a most
 * @param atMost the most that is good enough; absent when there is only a least
 */
public record LimitSpec(
        @Nullable String figure,
        @Nullable Double atLeast,
        @Nullable Double atMost) {}
