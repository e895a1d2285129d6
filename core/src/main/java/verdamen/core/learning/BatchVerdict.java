package verdamen.core.learning;

import org.jspecify.annotations.Nullable;

/**
 * What became of a batch in learning.
 *
 * @param id what it is known by
 * @param off how far it was from what was expected of it, in standard deviations of that; null when it says nothing
 * @param farOff whether that is so far that it is asked about
 * @param counted whether it was counted
 */
public record BatchVerdict(long id, @Nullable Double off, boolean farOff, boolean counted) {}
