package verdamen.server.notebook;

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
 * @param softHours hours for which the bread was expected to stay soft
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
        double softHours) {}
