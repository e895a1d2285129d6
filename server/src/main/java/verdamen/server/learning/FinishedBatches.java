package verdamen.server.learning;

import java.time.Duration;
import java.time.OffsetDateTime;
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

    /** A batch by what was felt last, with what was in its bowl then. */
    private Optional<FinishedBatch> read(FeltRow row, Pantry book) {
        try {
            List<BenchEntry> entries = Arrays.asList(json.read(row.entries(), BenchEntry[].class));
            int last = -1;
            for (int at = 0; at < entries.size(); at++) {
                boolean later = last < 0
                        || !entries.get(at).at().isBefore(entries.get(last).at());
                last = entries.get(at).kind() == EntryKind.FELT && later ? at : last;
            }
            OffsetDateTime wetted = BenchRun.wettedAt(entries, book);
            if (last < 0 || wetted == null) {
                return Optional.empty();
            }
            BenchEntry felt = entries.get(last);
            FormulaSpec asPlanned =
                    planned.of(stored.read(row.documentVersion(), row.document()), row.factor(), row.madeAs(), book);
            return Optional.of(new FinishedBatch(
                    row.id(),
                    row.formulaId(),
                    row.versionNumber(),
                    row.name(),
                    row.startedAt(),
                    Math.max(0, Duration.between(wetted, felt.at()).toMillis() / MS_PER_MINUTE),
                    Objects.requireNonNull(felt.outcome()),
                    BowlSoFar.of(asPlanned, book, entries.subList(0, last)).spec(),
                    row.counts()));
        } catch (JacksonException | IllegalArgumentException | RefusedException unreadable) {
            return Optional.empty();
        }
    }
}
