package verdamen.server.batch;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
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
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.server.batch.Batch.Correction;
import verdamen.server.batch.BatchMapper.AdditionRow;
import verdamen.server.batch.BatchMapper.BatchRow;
import verdamen.server.batch.BatchMapper.CorrectionRow;
import verdamen.server.formula.FormulaNotFoundException;
import verdamen.server.formula.FormulaService;
import verdamen.server.json.JsonText;
import verdamen.server.pantry.PantryService;

/** Batches at the bench and what was corrected in them. */
@Service
public class BatchService {

    private static final Set<String> ACTIONS = Set.of(
            "knead",
            "wait",
            "roll",
            "add-water",
            "add-flour",
            "wet-hands",
            "re-add",
            "came-out-well",
            "came-out-middling",
            "came-out-badly");
    private static final String CAME_OUT = "came-out-";
    private static final int SHOWN = 20;
    private static final int ALL = Integer.MAX_VALUE;
    private static final double SECONDS = 60;

    private final BatchMapper mapper;
    private final FormulaService formulas;
    private final PantryService pantry;
    private final JsonText json;
    private final Clock clock;

    BatchService(BatchMapper mapper, FormulaService formulas, PantryService pantry, JsonText json, Clock clock) {
        this.json = json;
        this.mapper = mapper;
        this.formulas = formulas;
        this.pantry = pantry;
        this.clock = clock;
    }

    /** The batches of a formula, the newest first, 20 at most. */
    @Transactional(readOnly = true)
    public List<Batch> batches(long formula) {
        return batches(formula, SHOWN);
    }

    private List<Batch> batches(long formula, int most) {
        List<BatchRow> rows = mapper.newest(formula, most);
        String ids = json.ids(rows.stream().map(BatchRow::id).toList());
        Map<Long, List<AdditionRow>> additions =
                mapper.additions(ids).stream().collect(Collectors.groupingBy(AdditionRow::correctionId));
        Map<Long, List<CorrectionRow>> corrections =
                mapper.corrections(ids).stream().collect(Collectors.groupingBy(CorrectionRow::batchId));
        return rows.stream()
                .map(row -> batch(row, corrections.getOrDefault(row.id(), List.of()), additions))
                .toList();
    }

    /** Every batch of a formula, the oldest first. */
    @Transactional(readOnly = true)
    public List<Batch> all(long formula) {
        List<Batch> all = new ArrayList<>(batches(formula, ALL));
        Collections.reverse(all);
        return all;
    }

    /**
     * Takes the batches of a formula that are not here yet, known by when they were started.
     *
     * @param numbers what the versions that they name are called here
     */
    @Transactional
    public void takeMissing(long formula, List<ToldBatch> told, Map<Integer, Integer> numbers) {
        Set<Instant> here = mapper.newest(formula, ALL).stream()
                .map(row -> row.startedAt().toInstant())
                .collect(Collectors.toSet());
        for (ToldBatch each : told) {
            Integer version = numbers.get(each.version());
            if (version == null || here.contains(each.startedAt().toInstant())) {
                continue;
            }
            Long id = mapper.start(formula, version, each.startedAt(), each.finishedAt(), each.counts());
            if (id != null) {
                each.corrections().forEach(correction -> keep(id, correction));
            }
        }
    }

    private void keep(long batch, ToldBatch.ToldCorrection told) {
        Faults faults = check(told.minute(), told.feel(), told.action(), told.note(), told.additions());
        faults.refuse();
        keep(batch, told.minute(), told.feel(), told.action(), told.note(), told.madeAt(), told.additions());
    }

    /**
     * Starts a batch: water has met flour so many minutes ago.
     *
     * @throws RefusedException when there is no such version, or a batch of the formula is running
     */
    @Transactional
    public List<Batch> start(long formula, int version, double minutesAgo) {
        Faults faults = new Faults();
        faults.number("minute", minutesAgo, Limit.BENCH_MINUTE);
        faults.require(mapper.isVersion(formula, version), "version", FaultCode.UNKNOWN_CODE, version);
        faults.refuse();
        OffsetDateTime at = now().minus(Duration.ofMillis(Math.round(minutesAgo * SECONDS * 1000)));
        faults.require(mapper.start(formula, version, at, null, null) != null, "batch", FaultCode.TAKEN, "running");
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
        return inTheBowl(row, mapper.additions(json.ids(List.of(id))));
    }

    private FormulaSpec inTheBowl(BatchRow row, List<AdditionRow> additions) {
        return PutIn.into(formulas.spec(row.formulaId(), row.versionNumber()), putIn(additions));
    }

    private static List<PutIn> putIn(List<AdditionRow> additions) {
        return additions.stream()
                .map(each -> new PutIn(each.ingredientCode(), each.grams()))
                .toList();
    }

    /**
     * Finishes a batch, with how it came out.
     *
     * @param cameOut {@code well}, {@code middling} or {@code badly}; null when nobody says
     * @param note what there is to say about it
     * @throws RefusedException when it cannot come out so
     */
    @Transactional
    public List<Batch> finish(long id, @Nullable String cameOut, @Nullable String note) {
        BatchRow row = row(id);
        OffsetDateTime at = now();
        if (cameOut != null) {
            double minute = Duration.between(row.startedAt(), at).toSeconds() / SECONDS;
            String action = CAME_OUT + cameOut;
            Faults faults = new Faults();
            faults.require(ACTIONS.contains(action), "cameOut", FaultCode.UNKNOWN_CODE, cameOut);
            faults.optionalText("note", note, Limit.NOTE);
            faults.refuse();
            keep(id, Math.min(minute, Limit.BENCH_MINUTE.most()), null, action, note, at, List.of());
        }
        mapper.finish(id, at);
        return batches(row.formulaId());
    }

    /** Deletes a batch with all that was noted on it. */
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
        check(minute, feel, action, note, additions).refuse();
        keep(id, minute, feel, action, note, now(), additions);
        return batches(row.formulaId());
    }

    private Faults check(
            double minute, @Nullable String feel, String action, @Nullable String note, List<PutIn> additions) {
        Pantry book = pantry.pantry();
        Faults faults = new Faults();
        faults.number("minute", minute, Limit.BENCH_MINUTE);
        faults.require(ACTIONS.contains(action), "action", FaultCode.UNKNOWN_CODE, action);
        boolean known = feel == null
                || book.feels().stream().anyMatch(each -> each.code().equals(feel));
        faults.require(known, "feel", FaultCode.UNKNOWN_CODE, feel);
        faults.optionalText("note", note, Limit.NOTE);
        for (PutIn addition : faults.atMost("additions", additions, Limit.ADDITIONS)) {
            boolean there = book.ingredient(addition.ingredient()).isPresent();
            faults.require(there, "ingredient", FaultCode.UNKNOWN_CODE, addition.ingredient());
            faults.number("grams", addition.grams(), Limit.GRAMS);
        }
        return faults;
    }

    private void keep(
            long batch,
            double minute,
            @Nullable String feel,
            String action,
            @Nullable String note,
            OffsetDateTime at,
            List<PutIn> additions) {
        String kept = note == null ? "" : note.strip();
        long correction = mapper.insertCorrection(new CorrectionRow(0, batch, minute, feel, action, kept, at));
        List<AdditionRow> rows = new ArrayList<>();
        for (PutIn addition : additions) {
            rows.add(new AdditionRow(correction, rows.size(), addition.ingredient(), addition.grams()));
        }
        mapper.insertAdditions(json.of(rows));
    }

    /** Deletes a correction. */
    @Transactional
    public List<Batch> forget(long id, long correction) {
        BatchRow row = row(id);
        if (mapper.deleteCorrection(id, correction) == 0) {
            throw new FormulaNotFoundException("Batch " + id + " has no correction " + correction + ".");
        }
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
                row.counts(),
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
