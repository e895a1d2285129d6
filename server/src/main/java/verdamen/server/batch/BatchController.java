package verdamen.server.batch;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.handling.PutIn;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/** Batches as Handling has them, over the API. Every answer is the formula's batches, the newest first. */
@RestController
class BatchController {

    private final BatchService batches;
    private final BatchEntries noted;

    BatchController(BatchService batches, BatchEntries noted) {
        this.batches = batches;
        this.noted = noted;
    }

    @GetMapping("/api/formulas/{formula}/batches")
    List<Batch> batches(@PathVariable long formula) {
        return batches.batches(formula);
    }

    /**
     * A batch to start.
     *
     * @param version the version it is made from
     * @param minutesAgo minutes since water met flour; absent for now
     */
    record StartRequest(int version, @Nullable Double minutesAgo) {}

    @PostMapping("/api/formulas/{formula}/batches")
    List<Batch> start(@PathVariable long formula, @RequestBody StartRequest request) {
        return batches.start(formula, request.version(), request.minutesAgo() == null ? 0 : request.minutesAgo());
    }

    /**
     * How a batch came out.
     *
     * @param cameOut {@code well}, {@code middling} or {@code badly}; absent when nobody says
     * @param note what there is to say about it
     */
    record FinishRequest(
            @Nullable String cameOut,
            @Within(Limit.NOTE) @Nullable String note) {}

    /** Finishes a batch. */
    @PostMapping("/api/batches/{id}/finish")
    List<Batch> finish(@PathVariable long id, @RequestBody(required = false) @Nullable FinishRequest request) {
        return request == null ? batches.finish(id, null, null) : batches.finish(id, request.cameOut(), request.note());
    }

    @DeleteMapping("/api/batches/{id}")
    List<Batch> delete(@PathVariable long id) {
        return batches.batches(batches.delete(id));
    }

    /** A correction to keep. */
    record CorrectionRequest(
            double minute,
            @Nullable String feel,
            String action,
            @Nullable String note,
            @Nullable List<PutIn> additions) {}

    @PostMapping("/api/batches/{id}/corrections")
    List<Batch> correct(@PathVariable long id, @RequestBody CorrectionRequest request) {
        return batches.correct(
                id,
                request.minute(),
                request.feel(),
                request.action(),
                request.note(),
                request.additions() == null ? List.of() : request.additions());
    }

    /** Undoes a correction, by its key; it stays in the record. */
    @DeleteMapping("/api/batches/{id}/corrections/{key}")
    List<Batch> undo(@PathVariable long id, @PathVariable String key) {
        noted.undo(id, key);
        return batches.batches(batches.batch(id).formula());
    }
}
