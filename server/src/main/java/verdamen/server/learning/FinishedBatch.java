package verdamen.server.learning;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.learning.Batch;

/**
 * A finished batch that was felt.
 *
 * @param id its id
 * @param formula id of the formula
 * @param version the version it was made from
 * @param name name of that version
 * @param startedAt when water met flour
 * @param felt what was felt, in order, each with what was in the bowl then
 * @param counts whether it counts when the kitchen learns; null when nobody has said
 */
public record FinishedBatch(
        long id,
        long formula,
        int version,
        String name,
        OffsetDateTime startedAt,
        List<Batch.Felt> felt,
        @Nullable Boolean counts) {

    /** When it was felt last, minutes since water met flour. */
    public double minute() {
        return last().minute();
    }

    /** Code of the word for what was felt last. */
    public String feel() {
        return last().feel();
    }

    /** What was in the bowl when it was felt last. */
    public FormulaSpec inTheBowl() {
        return last().formula();
    }

    private Batch.Felt last() {
        return felt.get(felt.size() - 1);
    }
}
