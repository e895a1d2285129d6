package verdamen.server.bench;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.bench.BenchEntry;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.server.batch.BatchBeginning.Size;
import verdamen.server.bench.BenchAnswer.RunningBatches;
import verdamen.server.bench.BenchAnswer.SheetAnswer;

/** Batches at the bench over the API. */
@RestController
@RequestMapping("/api/bench")
class BenchController {

    private final BenchService bench;

    BenchController(BenchService bench) {
        this.bench = bench;
    }

    /** The batches that are made just now. */
    @GetMapping
    RunningBatches running() {
        return bench.running();
    }

    /**
     * A batch to begin.
     *
     * @param key its identity, a UUID given by who begins it: begun twice, it is one
     * @param formula id of the formula
     * @param version the version it is made from
     * @param size how large it is; absent for as large as the formula
     */
    record BeginRequest(
            @Within(Limit.CODE) String key,
            long formula,
            int version,
            @Nullable Size size) {}

    /** Begins a batch. */
    @PostMapping
    BenchAnswer begin(@RequestBody BeginRequest request) {
        return bench.begin(request);
    }

    /** The run sheet of a formula that need not be saved. */
    @PostMapping("/sheet")
    SheetAnswer sheet(@RequestBody FormulaSpec formula) {
        return bench.sheet(formula);
    }

    /** Where a batch stands. */
    @GetMapping("/{id}")
    BenchAnswer batch(@PathVariable long id) {
        return bench.batch(id);
    }

    /**
     * Entries to note.
     *
     * @param entries the entries, in order
     */
    record NoteRequest(@Within(Limit.ENTRIES_AT_ONCE) List<BenchEntry> entries) {}

    /** Notes entries, in order; those whose key is known already are left. */
    @PostMapping("/{id}/entries")
    BenchAnswer note(@PathVariable long id, @RequestBody NoteRequest request) {
        return bench.note(id, request.entries());
    }

    /**
     * An entry to undo.
     *
     * @param key its key
     */
    record UndoRequest(@Within(Limit.CODE) String key) {}

    /** Undoes an entry; it stays in the record. */
    @PostMapping("/{id}/undo")
    BenchAnswer undo(@PathVariable long id, @RequestBody UndoRequest request) {
        return bench.undo(id, request.key());
    }
}
