package verdamen.server.learning;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import verdamen.core.handling.PutIn;
import verdamen.server.formula.StoredFormula;
import verdamen.server.json.JsonText;
import verdamen.server.learning.LearningMapper.FeltRow;

/** The kitchen's finished batches that were felt, the newest 300 first; those that can no longer be read are left out. */
@Component
public class FinishedBatches {

    private static final int NEWEST = 300;

    private final LearningMapper mapper;
    private final StoredFormula stored;
    private final JsonText json;

    FinishedBatches(LearningMapper mapper, StoredFormula stored, JsonText json) {
        this.mapper = mapper;
        this.stored = stored;
        this.json = json;
    }

    /** The batches, the newest first. */
    @Transactional(readOnly = true)
    public List<FinishedBatch> newest() {
        return mapper.felt(NEWEST).stream().flatMap(row -> read(row).stream()).toList();
    }

    private Optional<FinishedBatch> read(FeltRow row) {
        try {
            List<PutIn> additions = Arrays.asList(json.read(row.additions(), PutIn[].class));
            return Optional.of(new FinishedBatch(
                    row.id(),
                    row.formulaId(),
                    row.versionNumber(),
                    row.name(),
                    row.startedAt(),
                    row.minute(),
                    row.feel(),
                    PutIn.into(stored.read(row.documentVersion(), row.document()), additions),
                    row.counts()));
        } catch (JacksonException | IllegalArgumentException unreadable) {
            return Optional.empty();
        }
    }
}
