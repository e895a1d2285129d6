package verdamen.core.caution;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.ExplanationStep.Used;

/**
 * A caution that applies to a formula. Its words belong to the screen; they defer to local rules and qualified advice.
 *
 * @param code its code
 * @param station station at which it is shown: {@code prep}, {@code method}, {@code portion}, where pieces are cooked;
 *     {@code card} for what only has to be on the card
 * @param at place that it belongs to, as in {@code preps[0].steps[2]}, {@code lines[3]} or {@code heat}
 * @param cause a key of its causes; when this changes, an acknowledgement no longer holds
 * @param causes what causes it
 * @param coefficients the typical limits that it names
 * @param acknowledgedBy who has acknowledged it; null when nobody has
 * @param acknowledgedAt when, as an ISO 8601 moment
 */
public record Caution(
        String code,
        String station,
        String at,
        String cause,
        List<CautionCause> causes,
        List<Used> coefficients,
        @Nullable String acknowledgedBy,
        @Nullable String acknowledgedAt) {

    /** Copies its lists so that a caution never changes. */
    public Caution {
        causes = List.copyOf(causes);
        coefficients = List.copyOf(coefficients);
    }
}
