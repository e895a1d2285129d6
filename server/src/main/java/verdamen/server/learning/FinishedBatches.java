package verdamen.server.learning;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.BenchRun;
import verdamen.core.bench.BowlSoFar;
import verdamen.core.bench.EntryKind;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.learning.Batch;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.server.batch.BatchFormula;
import verdamen.server.formula.StoredFormula;
import verdamen.server.json.JsonText;
import verdamen.server.learning.LearningMapper.FeltRow;
import verdamen.server.pantry.PantryService;

/** The kitchen's finished batches that were felt, the newest 300 first; those that can no longer be read are left out. */
@Component
public class FinishedBatches {

    private static final int NEWEST = 300;
    private static final double MS_PER_MINUTE = 60_000;

    private final LearningMapper mapper;
    private final StoredFormula stored;
    private final BatchFormula planned;
    private final PantryService pantry;
    private final JsonText json;

    FinishedBatches(
            LearningMapper mapper, StoredFormula stored, BatchFormula planned, PantryService pantry, JsonText json) {
        this.mapper = mapper;
        this.stored = stored;
        this.planned = planned;
        this.pantry = pantry;
        this.json = json;
    }

    /** The batches, the newest first. */
    @Transactional(readOnly = true)
    public List<FinishedBatch> newest() {
        Pantry book = pantry.pantry();
        return mapper.felt(NEWEST).stream()
                .flatMap(row -> read(row, book).stream())
                .toList();
    }

    /** A batch by what was felt, each time with what was in its bowl then. */
    private Optional<FinishedBatch> read(FeltRow row, Pantry book) {
        try {
            List<BenchEntry> entries = Arrays.asList(json.read(row.entries(), BenchEntry[].class));
            OffsetDateTime wetted = BenchRun.wettedAt(entries, book);
            List<Integer> feels = feels(entries);
            if (feels.isEmpty() || wetted == null) {
                return Optional.empty();
            }
            FormulaSpec asPlanned =
                    planned.of(stored.read(row.documentVersion(), row.document()), row.factor(), row.madeAs(), book);
            List<Batch.Felt> felt = new ArrayList<>();
            for (int at : feels) {
                BenchEntry entry = entries.get(at);
                felt.add(new Batch.Felt(
                        BowlSoFar.of(asPlanned, book, entries.subList(0, at)).spec(),
                        Math.max(0, Duration.between(wetted, entry.at()).toMillis() / MS_PER_MINUTE),
                        Objects.requireNonNull(entry.outcome())));
            }
            return Optional.of(new FinishedBatch(
                    row.id(),
                    row.formulaId(),
                    row.versionNumber(),
                    row.name(),
                    row.startedAt(),
                    List.copyOf(felt),
                    row.counts()));
        } catch (JacksonException | IllegalArgumentException | RefusedException unreadable) {
            return Optional.empty();
        }
    }

    /** Where something was felt, in order of time: what was noted out of order is left. */
    private static List<Integer> feels(List<BenchEntry> entries) {
        List<Integer> feels = new ArrayList<>();
        OffsetDateTime last = null;
        for (int at = 0; at < entries.size(); at++) {
            BenchEntry entry = entries.get(at);
            if (entry.kind() == EntryKind.FELT && (last == null || !entry.at().isBefore(last))) {
                feels.add(at);
                last = entry.at();
            }
        }
        return feels;
    }
}
