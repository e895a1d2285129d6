package verdamen.core.caution;

import org.jspecify.annotations.Nullable;

/**
 * A caution that applies to a formula.
 *
 * @param code its code
 * @param station station at which it is shown: {@code prep}, {@code method}, {@code handling}; {@code card} for what
 *     only has to be on the card
 * @param at place that it belongs to, as in {@code preps[0].steps[2]}, {@code lines[3]} or {@code heat}
 * @param title what it is about
 * @param text what to do; it defers to local rules and qualified advice
 * @param cause what causes it; when this changes, an acknowledgement no longer holds
 * @param acknowledgedBy who has acknowledged it; null when nobody has
 * @param acknowledgedAt when, as an ISO 8601 moment
 */
public record Caution(
        String code,
        String station,
        String at,
        String title,
        String text,
        String cause,
        @Nullable String acknowledgedBy,
        @Nullable String acknowledgedAt) {}
