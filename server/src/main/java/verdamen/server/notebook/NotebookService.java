package verdamen.server.notebook;

import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.EntryKind;
import verdamen.core.bench.MadeFormula;
import verdamen.core.bench.MadeLine;
import verdamen.core.bench.PieceTally;
import verdamen.core.bench.Tasting;
import verdamen.core.pantry.Pantry;
import verdamen.server.batch.BatchEntries;
import verdamen.server.batch.BatchService;
import verdamen.server.bench.BenchAnswer;
import verdamen.server.bench.BenchService;
import verdamen.server.pantry.PantryService;

/** Opens batches in the notebook. */
@Service
class NotebookService {

    private static final String COOKED = "cooked-grams";

    private final BenchService bench;
    private final BatchService batches;
    private final PantryService pantry;

    NotebookService(BenchService bench, BatchService batches, PantryService pantry) {
        this.bench = bench;
        this.batches = batches;
        this.pantry = pantry;
    }

    /**
     * A batch.
     *
     * @throws verdamen.server.formula.FormulaNotFoundException when there is none
     */
    @Transactional(readOnly = true)
    public NotebookBatch batch(long id) {
        BenchAnswer answer = bench.batch(id);
        Pantry book = pantry.pantry();
        MadeFormula made = MadeFormula.of(batches.planned(answer.batch()), book);
        List<BenchEntry> entries = BatchEntries.counted(answer.entries());
        List<String> said = texts(entries, EntryKind.VERDICT);
        return new NotebookBatch(
                answer,
                MadeLine.of(made, answer.run().bowl(), book),
                Tasting.of(entries, answer.clock().now()),
                texts(entries, EntryKind.TAG).stream().distinct().toList(),
                said.isEmpty() ? "" : said.get(said.size() - 1),
                texts(entries, EntryKind.CHANGE),
                cookLossPct(entries, answer.run().pieces()),
                made.cooking().cookLossPct(),
                made.keeping().softHours());
    }

    private static List<String> texts(List<BenchEntry> entries, EntryKind kind) {
        return entries.stream()
                .filter(entry -> entry.kind() == kind)
                .map(BenchEntry::text)
                .filter(Objects::nonNull)
                .toList();
    }

    /** Mean of the cooked pieces against the mean of those weighed raw, else against what each was to weigh. */
    private static @Nullable Double cookLossPct(List<BenchEntry> entries, PieceTally pieces) {
        OptionalDouble cooked = entries.stream()
                .filter(entry -> entry.kind() == EntryKind.READING && COOKED.equals(entry.subject()))
                .filter(entry -> entry.figure() != null)
                .mapToDouble(BenchEntry::figure)
                .average();
        double raw = pieces.meanGrams() == null ? pieces.targetGrams() : pieces.meanGrams();
        return cooked.isPresent() && raw > 0 ? Double.valueOf(100 * (1 - cooked.getAsDouble() / raw)) : null;
    }
}
