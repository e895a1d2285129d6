package verdamen.server.bench;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.balance.Dough;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.handling.InTheBowl;
import verdamen.core.handling.PutIn;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.RefusedException;
import verdamen.server.bench.Batch.Correction;
import verdamen.server.bench.BatchMapper.AdditionRow;
import verdamen.server.bench.BatchMapper.BatchRow;
import verdamen.server.bench.BatchMapper.CorrectionRow;
import verdamen.server.formula.FormulaNotFoundException;
import verdamen.server.formula.FormulaService;
import verdamen.server.pantry.PantryService;

/** Batches at the bench and what was corrected in them. */
@Service
public class BatchService {

    private static final Set<String> ACTIONS = Set.of("wait", "roll", "add-water", "add-flour", "wet-hands", "re-add");
    private static final int LONGEST_NOTE = 500;
    private static final double SECONDS = 60;
    private static final double LONGEST_MINUTES = 10_000;

    private final BatchMapper mapper;
    private final FormulaService formulas;
    private final PantryService pantry;
    private final Clock clock;

    BatchService(BatchMapper mapper, FormulaService formulas, PantryService pantry, Clock clock) {
        this.mapper = mapper;
        this.formulas = formulas;
        this.pantry = pantry;
        this.clock = clock;
    }

    /** The batches of a formula, the newest first, 20 at most. */
    @Transactional(readOnly = true)
    public List<Batch> batches(long formula) {
        Map<Long, List<AdditionRow>> additions =
                mapper.additions(formula).stream().collect(Collectors.groupingBy(AdditionRow::correctionId));
        Map<Long, List<CorrectionRow>> corrections =
                mapper.corrections(formula).stream().collect(Collectors.groupingBy(CorrectionRow::batchId));
        return mapper.newest(formula).stream()
                .map(row -> batch(row, corrections.getOrDefault(row.id(), List.of()), additions))
                .toList();
    }

    /**
     * Starts a batch: water has met flour so many minutes ago.
     *
     * @throws RefusedException when there is no such version, or a batch of the formula is running
     */
    @Transactional
    public List<Batch> start(long formula, int version, double minutesAgo) {
        Faults faults = new Faults();
        faults.number("minute", minutesAgo, 0, LONGEST_MINUTES);
        faults.require(mapper.isVersion(formula, version), "version", FaultCode.UNKNOWN_CODE, version);
        faults.refuse();
        OffsetDateTime at = now().minus(Duration.ofMillis(Math.round(minutesAgo * SECONDS * 1000)));
        faults.require(mapper.start(formula, version, at) != null, "batch", FaultCode.TAKEN, "running");
        faults.refuse();
        return batches(formula);
    }

    /**
     * What is in the bowl of a batch: the version it was made from, with everything that was put in since.
     *
     * @throws FormulaNotFoundException when there is no such batch
     */
    @Transactional(readOnly = true)
    public FormulaSpec inTheBowl(long id) {
        BatchRow row = row(id);
        return inTheBowl(row, mapper.additionsOf(id));
    }

    private FormulaSpec inTheBowl(BatchRow row, List<AdditionRow> additions) {
        FormulaSpec version =
                formulas.version(row.formulaId(), row.versionNumber()).formula();
        return PutIn.into(version, putIn(additions));
    }

    private static List<PutIn> putIn(List<AdditionRow> additions) {
        return additions.stream()
                .map(each -> new PutIn(each.ingredientCode(), each.grams()))
                .toList();
    }

    /** Finishes a batch. */
    @Transactional
    public List<Batch> finish(long id) {
        BatchRow row = row(id);
        mapper.finish(id, now());
        return batches(row.formulaId());
    }

    /** Throws a batch away with all that was noted on it. */
    @Transactional
    public List<Batch> delete(long id) {
        BatchRow row = row(id);
        mapper.delete(id);
        return batches(row.formulaId());
    }

    /**
     * Keeps a correction on a batch.
     *
     * @throws RefusedException when something in it is not known or no number
     */
    @Transactional
    public List<Batch> correct(
            long id,
            double minute,
            @Nullable String feel,
            String action,
            @Nullable String note,
            List<PutIn> additions) {
        BatchRow row = row(id);
        Faults faults = new Faults();
        faults.number("minute", minute, 0, LONGEST_MINUTES);
        faults.require(ACTIONS.contains(action), "action", FaultCode.UNKNOWN_CODE, action);
        boolean known = feel == null
                || pantry.pantry().feels().stream().anyMatch(each -> each.code().equals(feel));
        faults.require(known, "feel", FaultCode.UNKNOWN_CODE, feel);
        String kept = faults.optionalText("note", note, LONGEST_NOTE);
        for (PutIn addition : additions) {
            boolean there = pantry.pantry().ingredient(addition.ingredient()).isPresent();
            faults.require(there, "ingredient", FaultCode.UNKNOWN_CODE, addition.ingredient());
            faults.number("grams", addition.grams(), 0, 1_000_000);
        }
        faults.refuse();
        long correction = mapper.insertCorrection(new CorrectionRow(0, id, minute, feel, action, kept, now()));
        List<AdditionRow> rows = new ArrayList<>();
        for (PutIn addition : additions) {
            rows.add(new AdditionRow(correction, rows.size(), addition.ingredient(), addition.grams()));
        }
        if (!rows.isEmpty()) {
            mapper.insertAdditions(rows);
        }
        return batches(row.formulaId());
    }

    /** Throws a correction away. */
    @Transactional
    public List<Batch> forget(long id, long correction) {
        BatchRow row = row(id);
        mapper.deleteCorrection(correction);
        return batches(row.formulaId());
    }

    private BatchRow row(long id) {
        BatchRow row = mapper.batch(id);
        if (row == null) {
            throw new FormulaNotFoundException("There is no batch " + id + ".");
        }
        return row;
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    private Batch batch(BatchRow row, List<CorrectionRow> corrections, Map<Long, List<AdditionRow>> additions) {
        OffsetDateTime end = row.finishedAt() == null ? now() : row.finishedAt();
        List<AdditionRow> all = corrections.stream()
                .flatMap(each -> additions.getOrDefault(each.id(), List.of()).stream())
                .toList();
        return new Batch(
                row.id(),
                row.formulaId(),
                row.versionNumber(),
                row.startedAt(),
                row.finishedAt(),
                Duration.between(row.startedAt(), end).toMillis() / (SECONDS * 1000),
                corrections.stream()
                        .map(each -> new Correction(
                                each.id(),
                                each.minute(),
                                each.feel(),
                                each.action(),
                                each.note(),
                                each.madeAt(),
                                putIn(additions.getOrDefault(each.id(), List.of()))))
                        .toList(),
                row.finishedAt() == null ? figures(inTheBowl(row, all)) : null);
    }

    private InTheBowl figures(FormulaSpec bowl) {
        return InTheBowl.of(Dough.of(FormulaReader.read(bowl, pantry.pantry())));
    }
}
