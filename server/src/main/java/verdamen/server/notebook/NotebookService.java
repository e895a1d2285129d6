package verdamen.server.notebook;

import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.bench.BatchRecord;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.EntryKind;
import verdamen.core.bench.MadeFormula;
import verdamen.core.bench.MadeLine;
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

    private static final int OTHERS = 6;

    private final BenchService bench;
    private final BatchService batches;
    private final PantryService pantry;
    private final NotebookMapper mapper;

    NotebookService(BenchService bench, BatchService batches, PantryService pantry, NotebookMapper mapper) {
        this.mapper = mapper;
        this.bench = bench;
        this.batches = batches;
        this.pantry = pantry;
    }

    /**
     * A batch.
     *
     * @throws verdamen.server.problem.NotFoundException when there is none
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
                new BatchRecord(made, answer.run(), entries).cookLossPct(),
                made.cooking().cookLossPct(),
                made.keeping().softHours(),
                mapper.others(answer.batch().formula(), id, OTHERS));
    }

    private static List<String> texts(List<BenchEntry> entries, EntryKind kind) {
        return entries.stream()
                .filter(entry -> entry.kind() == kind)
                .map(BenchEntry::text)
                .filter(Objects::nonNull)
                .toList();
    }
}
