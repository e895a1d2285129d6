package verdamen.server.learning;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;

/**
 * A finished batch that was felt.
 *
 * @param id its id
 * @param formula id of the formula
 * @param version the version it was made from
 * @param name name of that version
 * @param startedAt when water met flour
 * @param minute when it was felt last, minutes since then
 * @param feel code of the word for it
 * @param inTheBowl what was in the bowl then
 * @param counts whether it counts when the kitchen learns; null when nobody has said
 */
public record FinishedBatch(
        long id,
        long formula,
        int version,
        String name,
        OffsetDateTime startedAt,
        double minute,
        String feel,
        FormulaSpec inTheBowl,
        @Nullable Boolean counts) {}
