package verdamen.server.notebook;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import verdamen.core.bench.BatchRecord;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.MadeFormula;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.server.batch.BatchFormula;
import verdamen.server.formula.StoredFormula;
import verdamen.server.json.JsonText;
import verdamen.server.kitchen.KitchenClock;
import verdamen.server.notebook.NotebookMapper.MadeRow;

/** Reads batches with everything noted of them, each list in one query; those that can no longer be read are left out. */
@Component
class MadeBatches {

    private final NotebookMapper mapper;
    private final StoredFormula stored;
    private final BatchFormula planned;
    private final JsonText json;
    private final KitchenClock clock;

    MadeBatches(NotebookMapper mapper, StoredFormula stored, BatchFormula planned, JsonText json, KitchenClock clock) {
        this.mapper = mapper;
        this.stored = stored;
        this.planned = planned;
        this.json = json;
        this.clock = clock;
    }

    /** Batches by their ids, in no order. */
    List<MadeBatch> byIds(List<Long> ids, Pantry pantry) {
        return ids.isEmpty() ? List.of() : read(mapper.made(json.of(ids)), pantry);
    }

    /** The newest finished batches that nobody has left out, of a formula or of all, the oldest first. */
    List<MadeBatch> newest(@Nullable Long formula, int limit, Pantry pantry) {
        return read(mapper.newestMade(formula, limit), pantry);
    }

    private List<MadeBatch> read(List<MadeRow> rows, Pantry pantry) {
        return rows.stream().flatMap(row -> read(row, pantry).stream()).toList();
    }

    private Optional<MadeBatch> read(MadeRow row, Pantry pantry) {
        try {
            List<BenchEntry> entries = Arrays.asList(json.read(row.entries(), BenchEntry[].class));
            MadeFormula made = MadeFormula.of(
                    planned.of(stored.read(row.documentVersion(), row.document()), row.factor(), row.madeAs(), pantry),
                    pantry);
            return Optional.of(new MadeBatch(
                    row.id(),
                    row.formula(),
                    row.version(),
                    row.name(),
                    row.factor(),
                    row.startedAt(),
                    row.verdict(),
                    BatchRecord.of(made, pantry, entries, clock.now())));
        } catch (JacksonException | IllegalArgumentException | RefusedException unreadable) {
            return Optional.empty();
        }
    }
}
