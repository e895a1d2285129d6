package verdamen.server.notebook;

import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.MadeLine;
import verdamen.core.bench.Tasting;
import verdamen.server.bench.BenchAnswer;

/**
 * A batch in the notebook.
 *
 * @param bench the batch as the bench has it: its steps, what was noted, its window and pieces
 * @param lines what was planned and what went in, line by line
 * @param tastings its tastings; none before its bread is cooked
 * @param tags its tags
 * @param said what was said about how it came out; empty for nothing
 * @param changes what the next one shall change
 * @param cookLossPct weight that cooked pieces lost, %; null when none was weighed
 * @param expectedLossPct what was expected of that, %
 * @param softHours hours for which the bread was expected to stay soft; null for what is not meant to fold
 * @param others the newest other batches of its formula
 */
record NotebookBatch(
        BenchAnswer bench,
        List<MadeLine> lines,
        List<Tasting> tastings,
        List<String> tags,
        String said,
        List<String> changes,
        @Nullable Double cookLossPct,
        double expectedLossPct,
        @Nullable Double softHours,
        List<OtherBatch> others) {

    /**
     * Another batch of the same formula.
     *
     * @param id its id
     * @param version the version it was made from
     * @param startedAt when it was begun
     * @param verdict how it came out; null when nobody has said
     */
    record OtherBatch(
            long id,
            int version,
            OffsetDateTime startedAt,
            @Nullable String verdict) {}
}
