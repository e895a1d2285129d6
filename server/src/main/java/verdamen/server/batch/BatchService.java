package verdamen.server.batch;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.balance.Dough;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.BowlSoFar;
import verdamen.core.bench.EntryKind;
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
import verdamen.server.batch.Batch.Kept;
import verdamen.server.batch.BatchMapper.BatchRow;
import verdamen.server.formula.FormulaService;
import verdamen.server.kitchen.KitchenClock;
import verdamen.server.pantry.PantryService;
import verdamen.server.problem.NotFoundException;

/** The batches of a kitchen, with how they felt and what was done about it. */
@Service
public class BatchService {

    private static final int SHOWN = 20;
    private static final double MS_PER_MINUTE = 60_000;

    private final BatchMapper mapper;
    private final FormulaService formulas;
    private final BatchFormula planned;
    private final PantryService pantry;
    private final KitchenClock clock;
    private final BatchEntries noted;
    private final BatchBeginning beginning;
    private final ApplicationEventPublisher events;

    BatchService(
            BatchMapper mapper,
            FormulaService formulas,
            BatchFormula planned,
            PantryService pantry,
            KitchenClock clock,
            BatchEntries noted,
            BatchBeginning beginning,
            ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.formulas = formulas;
        this.planned = planned;
        this.pantry = pantry;
        this.clock = clock;
        this.noted = noted;
        this.beginning = beginning;
        this.events = events;
    }

    /** The batches of a formula, the newest first, 20 at most. */
    @Transactional(readOnly = true)
    public List<Batch> batches(long formula) {
        return batches(mapper.newest(formula, SHOWN));
    }

    private List<Batch> batches(List<BatchRow> rows) {
        Map<Long, List<Kept>> entries = noted.kept(rows);
        OffsetDateTime now = clock.now();
        return rows.stream()
                .map(row -> batch(row, entries.getOrDefault(row.id(), List.of()), now))
                .toList();
    }

    /** The batches that are made just now, the oldest first. */
    @Transactional(readOnly = true)
    public List<Batch> running() {
        return batches(mapper.running(Limit.BATCHES_RUNNING.mostCount()));
    }

    /**
     * Starts a batch at once: water has met flour so many minutes ago.
     *
     * @throws RefusedException when there is no such version, or too many are made already
     */
    @Transactional
    public List<Batch> start(long formula, int version, double minutesAgo) {
        Faults faults = new Faults();
        faults.number("minute", minutesAgo, Limit.BENCH_MINUTE);
        faults.refuse();
        long id = beginning.begin(null, formula, version, BatchBeginning.Size.ONCE, null);
        OffsetDateTime wetted = clock.now().minus(Duration.ofMillis(Math.round(minutesAgo * MS_PER_MINUTE)));
        noted.note(id, List.of(BenchEntry.of(key(), EntryKind.WETTED, wetted)));
        return batches(formula);
    }

    private static String key() {
        return UUID.randomUUID().toString();
    }

    /** A batch as it was to be made: its version, so many times of it, with what is different this time. */
    @Transactional(readOnly = true)
    public FormulaSpec planned(Batch batch) {
        return planned.of(
                formulas.spec(batch.formula(), batch.version()), batch.factor(), batch.madeAs(), pantry.pantry());
    }

    private FormulaSpec planned(BatchRow row) {
        return planned.of(
                formulas.spec(row.formulaId(), row.versionNumber()), row.factor(), row.madeAs(), pantry.pantry());
    }

    /**
     * A batch by its id.
     *
     * @throws NotFoundException when there is no such batch
     */
    @Transactional(readOnly = true)
    public Batch batch(long id) {
        return batches(List.of(row(id))).get(0);
    }

    /**
     * What is in the bowl of a batch: the version it was made from, with everything that was poured and put in since.
     *
     * @throws NotFoundException when there is no such batch
     */
    @Transactional(readOnly = true)
    public FormulaSpec inTheBowl(long id) {
        BatchRow row = row(id);
        return inTheBowl(row, noted.entries(id));
    }

    private FormulaSpec inTheBowl(BatchRow row, List<Kept> entries) {
        return BowlSoFar.of(planned(row), pantry.pantry(), BatchEntries.counted(entries))
                .spec();
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
        OffsetDateTime now = clock.now();
        List<BenchEntry> entries = new ArrayList<>();
        if (cameOut != null) {
            Faults faults = new Faults();
            faults.require(EntryKind.VERDICT.says(cameOut), "cameOut", FaultCode.UNKNOWN_CODE, cameOut);
            faults.refuse();
            entries.add(BenchEntry.of(key(), EntryKind.VERDICT, now)
                    .withOutcome(cameOut)
                    .withText(note));
        }
        if (row.finishedAt() == null) {
            entries.add(BenchEntry.of(key(), EntryKind.FINISHED, now));
        }
        noted.note(id, entries);
        return batches(row.formulaId());
    }

    /** Deletes a batch with all that was noted of it; the formula it was of. */
    @Transactional
    public long delete(long id) {
        BatchRow row = row(id);
        mapper.delete(id);
        events.publishEvent(new BatchChanged(id));
        return row.formulaId();
    }

    /**
     * Notes how a batch felt at a minute, and what was done about it.
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
        faults.number("minute", minute, Limit.BENCH_MINUTE);
        OffsetDateTime from = row.wettedAt() == null ? row.startedAt() : row.wettedAt();
        double kept = Double.isFinite(minute) ? Math.max(0, Math.min(Limit.BENCH_MINUTE.most(), minute)) : 0;
        OffsetDateTime at = from.plus(Duration.ofMillis(Math.round(kept * MS_PER_MINUTE)));
        List<BenchEntry> entries = new ArrayList<>();
        if (feel != null) {
            entries.add(BenchEntry.of(key(), EntryKind.FELT, at).withOutcome(feel));
        }
        entries.add(BenchEntry.of(key(), EntryKind.CORRECTION, at)
                .withOutcome(action)
                .withText(note)
                .withAdditions(additions));
        Pantry book = pantry.pantry();
        entries.forEach(entry -> entry.check(book, faults));
        faults.refuse();
        OffsetDateTime now = clock.now();
        noted.locked(id);
        noted.keep(id, entries.stream().map(entry -> new Kept(entry, now, null)).toList());
        return batches(row.formulaId());
    }

    private BatchRow row(long id) {
        return found(id, mapper.batch(id));
    }

    private static BatchRow found(long id, @Nullable BatchRow row) {
        if (row == null) {
            throw new NotFoundException("There is no batch " + id + ".");
        }
        return row;
    }

    private Batch batch(BatchRow row, List<Kept> entries, OffsetDateTime now) {
        OffsetDateTime from = row.wettedAt();
        OffsetDateTime end = row.finishedAt() == null ? now : row.finishedAt();
        return new Batch(
                row.id(),
                row.formulaId(),
                row.versionNumber(),
                row.factor(),
                planned.read(row.madeAs()),
                row.startedAt(),
                from,
                row.finishedAt(),
                row.verdict(),
                row.practice(),
                row.counts(),
                from == null ? 0 : Math.max(0, minutes(from, end)),
                BatchEntries.counted(entries).stream()
                        .filter(entry -> entry.kind() == EntryKind.FELT || entry.kind() == EntryKind.CORRECTION)
                        .map(entry -> correction(entry, from == null ? row.startedAt() : from))
                        .toList(),
                row.finishedAt() == null ? figures(inTheBowl(row, entries)) : null);
    }

    private static double minutes(OffsetDateTime from, OffsetDateTime to) {
        return Duration.between(from, to).toMillis() / MS_PER_MINUTE;
    }

    private static Correction correction(BenchEntry entry, OffsetDateTime from) {
        boolean felt = entry.kind() == EntryKind.FELT;
        return new Correction(
                entry.key(),
                Math.max(0, minutes(from, entry.at())),
                felt ? entry.outcome() : null,
                felt ? null : entry.outcome(),
                entry.text() == null ? "" : entry.text(),
                entry.additionsOrNone());
    }

    private InTheBowl figures(FormulaSpec bowl) {
        return InTheBowl.of(Dough.of(FormulaReader.read(bowl, pantry.pantry())));
    }
}
