package verdamen.server.batch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.server.batch.Batch.Kept;
import verdamen.server.batch.BatchMapper.BatchRow;

/** Batches as files tell them: out, and back in when they are not here. */
@Service
public class ToldBatches {

    private static final int ALL = Integer.MAX_VALUE;

    private final BatchMapper mapper;
    private final BatchEntries noted;
    private final BatchBeginning beginning;
    private final BatchFormula planned;

    ToldBatches(BatchMapper mapper, BatchEntries noted, BatchBeginning beginning, BatchFormula planned) {
        this.mapper = mapper;
        this.noted = noted;
        this.beginning = beginning;
        this.planned = planned;
    }

    /**
     * A formula by which batches are told apart in files.
     *
     * @param id its id
     * @param uid its identity, the same wherever its file is taken
     * @param name its name
     * @param versions how many versions it has
     */
    public record FormulaMade(long id, String uid, String name, int versions) {}

    /** The formulas of which there are batches. */
    @Transactional(readOnly = true)
    public List<FormulaMade> formulasMade() {
        return mapper.formulas(true);
    }

    /** All formulas that are not in the bin. */
    @Transactional(readOnly = true)
    public List<FormulaMade> formulas() {
        return mapper.formulas(false);
    }

    /** Identities of all batches. */
    @Transactional(readOnly = true)
    public Set<String> uids() {
        return Set.copyOf(mapper.uids());
    }

    /**
     * Checks what a file tells of a batch.
     *
     * @throws RefusedException naming what of an entry is not known or no number
     */
    public void check(ToldBatch told) {
        if (told.madeAs() != null) {
            Faults faults = new Faults();
            told.madeAs().check(faults);
            faults.refuse();
        }
        noted.check(told.kept(0).stream().map(Kept::entry).toList());
    }

    /** Every batch of a formula as a file tells it, the oldest first. */
    @Transactional(readOnly = true)
    public List<ToldBatch> told(long formula) {
        List<BatchRow> rows = new ArrayList<>(mapper.newest(formula, ALL));
        Collections.reverse(rows);
        Map<Long, List<Kept>> entries = noted.kept(rows);
        return rows.stream()
                .map(row -> new ToldBatch(
                        row.versionNumber(),
                        row.startedAt(),
                        row.finishedAt(),
                        row.counts(),
                        null,
                        row.uid(),
                        row.factor(),
                        row.practice(),
                        planned.read(row.madeAs()),
                        entries.getOrDefault(row.id(), List.of())))
                .toList();
    }

    /**
     * Takes the batches of a formula that are not here yet, known by their identity or by when they were started.
     *
     * @param numbers what the versions that they name are called here
     * @throws RefusedException naming what of an entry is not known or no number
     */
    @Transactional
    public void takeMissing(long formula, List<ToldBatch> told, Map<Integer, Integer> numbers) {
        Set<Instant> here = mapper.newest(formula, ALL).stream()
                .map(row -> row.startedAt().toInstant())
                .collect(Collectors.toSet());
        for (ToldBatch each : told) {
            Integer version = numbers.get(each.version());
            boolean known = each.uid() == null && here.contains(each.startedAt().toInstant());
            if (version == null || known) {
                continue;
            }
            double factor = each.factor() == null ? 1 : each.factor();
            boolean practice = Boolean.TRUE.equals(each.practice());
            Long id = beginning.open(
                    each.uid(), formula, version, factor, each.startedAt(), each.counts(), practice, each.madeAs());
            if (id != null) {
                check(each);
                noted.keep(id, each.kept(formula));
            }
        }
    }
}
