package verdamen.core.rework;

import org.jspecify.annotations.Nullable;

/**
 * A figure that is wanted of a blend, as asked: ends, or what to come near to, or both.
 *
 * @param figure code of the figure
 * @param atLeast the least that is good enough; absent for none
 * @param atMost the most that is good enough; absent for none
 * @param about what to come as near to as can be; absent for none, and not for strength
 */
public record WantedSpec(
        @Nullable String figure,
        @Nullable Double atLeast,
        @Nullable Double atMost,
        @Nullable Double about) {}
