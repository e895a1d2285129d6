package verdamen.server.batch;

import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.BenchRun;
import verdamen.core.bench.EntryKind;
import verdamen.core.bench.TaughtBread;
import verdamen.core.cooking.BreadRecord;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.server.batch.Batch.Kept;
import verdamen.server.batch.BatchMapper.BatchRow;
import verdamen.server.batch.BatchMapper.EntryRow;
import verdamen.server.formula.FormulaService;
import verdamen.server.json.JsonText;
import verdamen.server.kitchen.KitchenClock;
import verdamen.server.pantry.BreadService;
import verdamen.server.pantry.PantryService;
import verdamen.server.problem.NotFoundException;

/** What is noted of batches, entry by entry. */
@Service
public class BatchEntries {

    private final BatchMapper mapper;
    private final FormulaService formulas;
    private final BatchFormula planned;
    private final PantryService pantry;
    private final JsonText json;
    private final KitchenClock clock;
    private final ApplicationEventPublisher events;
    private final BreadService bread;

    BatchEntries(
            BatchMapper mapper,
            FormulaService formulas,
            BatchFormula planned,
            PantryService pantry,
            JsonText json,
            KitchenClock clock,
            ApplicationEventPublisher events,
            BreadService bread) {
        this.mapper = mapper;
        this.formulas = formulas;
        this.planned = planned;
        this.pantry = pantry;
        this.json = json;
        this.clock = clock;
        this.events = events;
        this.bread = bread;
    }

    /** What was noted of some batches, by their ids. */
    Map<Long, List<Kept>> kept(List<BatchRow> rows) {
        return mapper.entries(json.ids(rows.stream().map(BatchRow::id).toList())).stream()
                .collect(Collectors.groupingBy(EntryRow::batchId, Collectors.mapping(this::kept, Collectors.toList())));
    }

    /** What counts of what was noted of some batches, by their ids; of batches that are not there any more nothing is. */
    @Transactional(readOnly = true)
    public Map<Long, List<BenchEntry>> counted(Collection<Long> ids) {
        Map<Long, List<BenchEntry>> counted = new HashMap<>();
        mapper.entries(json.ids(ids)).stream()
                .collect(Collectors.groupingBy(EntryRow::batchId, Collectors.mapping(this::kept, Collectors.toList())))
                .forEach((id, entries) -> counted.put(id, counted(entries)));
        return counted;
    }

    private Kept kept(EntryRow row) {
        return new Kept(json.read(row.entry(), BenchEntry.class), row.notedAt(), row.undoneAt());
    }

    /** Everything that was noted of a batch, in order, what was undone with it. */
    @Transactional(readOnly = true)
    public List<Kept> entries(long id) {
        return kept(List.of(row(id))).getOrDefault(id, List.of());
    }

    /** What counts of what was noted. */
    public static List<BenchEntry> counted(List<Kept> entries) {
        return entries.stream().filter(Kept::counts).map(Kept::entry).toList();
    }

    /**
     * Notes entries, in order; those whose key is known already are left. Nothing is noted for later than now.
     *
     * @throws NotFoundException when there is no such batch
     * @throws RefusedException naming what of an entry is not known or no number
     */
    @Transactional
    public void note(long id, List<BenchEntry> entries) {
        locked(id);
        check(entries);
        OffsetDateTime now = clock.now();
        keep(
                id,
                entries.stream()
                        .map(entry -> entry.at().isAfter(now) ? entry.withAt(now) : entry)
                        .map(entry -> new Kept(entry, now, null))
                        .toList());
    }

    /** Refuses entries of which something is not known or no number. */
    void check(List<BenchEntry> entries) {
        Pantry book = pantry.pantry();
        Faults faults = new Faults();
        entries.forEach(entry -> entry.check(book, faults));
        faults.refuse();
    }

    /** Keeps entries as they are told, and what is derived of them. */
    void keep(long id, List<Kept> entries) {
        mapper.insertEntries(id, json.of(entries));
        List<Kept> all = entries(id);
        if (all.size() > Limit.BATCH_ENTRIES.mostCount()) {
            throw new RefusedException(List.of(new verdamen.core.model.Fault(
                    null, "entries", FaultCode.TOO_MANY, String.valueOf(all.size()), Limit.BATCH_ENTRIES.most())));
        }
        derive(id, counted(all));
    }

    /** Keeps beside a batch what it is searched and sorted by, and teaches what its pieces say once it is finished. */
    private void derive(long id, List<BenchEntry> entries) {
        events.publishEvent(new BatchChanged(id));
        OffsetDateTime finished = last(entries, EntryKind.FINISHED, BenchEntry::at);
        List<String> tags = entries.stream()
                .filter(entry -> entry.kind() == EntryKind.TAG && entry.text() != null)
                .map(entry -> entry.text().strip())
                .distinct()
                .toList();
        String texts =
                entries.stream().map(BenchEntry::text).filter(Objects::nonNull).collect(Collectors.joining(" "));
        String said = last(entries, EntryKind.VERDICT, BenchEntry::text);
        mapper.keepDerived(
                id,
                BenchRun.wettedAt(entries, pantry.pantry()),
                finished,
                last(entries, EntryKind.VERDICT, BenchEntry::outcome),
                said == null ? "" : said,
                json.of(tags),
                texts);
        BatchRow row = row(id);
        if (!row.practice()) {
            bread.teach(id, finished == null ? Map.of() : taught(row, entries));
        }
    }

    /** What the pieces of a finished batch say against the typical values, each under the key of its entry. */
    private Map<String, BreadRecord> taught(BatchRow row, List<BenchEntry> entries) {
        return TaughtBread.of(
                planned.of(
                        formulas.spec(row.formulaId(), row.versionNumber()),
                        row.factor(),
                        row.madeAs(),
                        pantry.pantry()),
                pantry.pantry(),
                entries);
    }

    private static <T> @Nullable T last(
            List<BenchEntry> entries, EntryKind kind, java.util.function.Function<BenchEntry, @Nullable T> of) {
        return entries.stream()
                .filter(entry -> entry.kind() == kind)
                .reduce((one, other) -> other)
                .map(of)
                .orElse(null);
    }

    /**
     * Undoes an entry; it stays in the record. Undone twice, it is undone once.
     *
     * @throws NotFoundException when the batch has no such entry
     */
    @Transactional
    public void undo(long id, String key) {
        locked(id);
        List<Kept> before = entries(id);
        if (before.stream().noneMatch(kept -> kept.entry().key().equals(key))) {
            throw new NotFoundException("Batch " + id + " has no entry " + key + ".");
        }
        mapper.undo(id, key, clock.now());
        derive(id, counted(entries(id)));
    }

    private BatchRow row(long id) {
        return found(id, mapper.batch(id));
    }

    /** Holds a batch until the transaction ends. */
    void locked(long id) {
        found(id, mapper.locked(id));
    }

    private static BatchRow found(long id, @Nullable BatchRow row) {
        if (row == null) {
            throw new NotFoundException("There is no batch " + id + ".");
        }
        return row;
    }
}
