package verdamen.server.formula;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Uses;
import verdamen.core.formula.VersionStanding;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.revision.Said;
import verdamen.server.formula.FormulaMapper.DocumentRow;
import verdamen.server.formula.FormulaMapper.FormulaRow;
import verdamen.server.formula.FormulaMapper.FullVersionRow;
import verdamen.server.formula.FormulaMapper.SavedRow;
import verdamen.server.formula.FormulaMapper.VersionRow;
import verdamen.server.json.JsonText;
import verdamen.server.pantry.PantryService;
import verdamen.server.prep.KitchenYields;
import verdamen.server.problem.NotFoundException;

/** Formulas and their immutable versions. */
@Service
public class FormulaService {

    private static final int READ_AT_ONCE = 100;

    private final FormulaMapper mapper;
    private final StoredFormula stored;
    private final Summaries summaries;
    private final SaidThen said;
    private final PantryService pantry;
    private final JsonText json;
    private final KitchenYields yields;
    private final Clock clock;

    FormulaService(
            FormulaMapper mapper,
            StoredFormula stored,
            Summaries summaries,
            SaidThen said,
            PantryService pantry,
            JsonText json,
            KitchenYields yields,
            Clock clock) {
        this.mapper = mapper;
        this.stored = stored;
        this.summaries = summaries;
        this.said = said;
        this.pantry = pantry;
        this.json = json;
        this.yields = yields;
        this.clock = clock;
    }

    /** A formula with its newest version. */
    @Transactional(readOnly = true)
    public FormulaDocument newest(long id) {
        return document(formula(id), null);
    }

    /** A formula with one of its versions. */
    @Transactional(readOnly = true)
    public FormulaDocument version(long id, int number) {
        return document(formula(id), number);
    }

    /**
     * A version that is asked for among others.
     *
     * @param formula id of the formula
     * @param version its number; null for the newest
     */
    public record AskedVersion(long formula, @Nullable Integer version) {}

    /**
     * A version among others.
     *
     * @param number its number
     * @param name the formula's name in it
     * @param documentVersion the version of the document that holds it
     * @param document what it holds, to be read
     */
    public record NamedVersion(int number, String name, int documentVersion, String document) {}

    /** Versions of formulas, in one query, by their place among those asked for; those that are not here are missing. */
    @Transactional(readOnly = true)
    public Map<Integer, NamedVersion> asked(List<AskedVersion> versions) {
        return mapper.asked(json.of(versions)).stream()
                .collect(Collectors.toMap(
                        row -> row.position() - 1,
                        row -> new NamedVersion(row.number(), row.name(), row.documentVersion(), row.document())));
    }

    /** What one version of a formula holds. */
    @Transactional(readOnly = true)
    public FormulaSpec spec(long id, int number) {
        DocumentRow row = documentRow(id, number);
        return stored.read(row.documentVersion(), row.document());
    }

    /** What was said of each version when it was saved and what is said now, the newest first. */
    @Transactional(readOnly = true)
    public List<SaidOfVersion> said(long id) {
        return mapper.documents(formula(id).id()).stream().map(said::of).toList();
    }

    private DocumentRow documentRow(long id, int number) {
        DocumentRow row = mapper.document(id, number);
        if (row == null) {
            throw notFound(id, number);
        }
        return row;
    }

    /**
     * A formula with all its versions, the oldest first.
     *
     * @param id the formula
     * @param uid its identity, the same wherever its file is taken
     * @param state where it stands in the kitchen's work
     * @param versions its versions with what they hold, the oldest first
     */
    public record History(long id, String uid, FormulaState state, List<Entry> versions) {

        /** A version with what it holds, and what was said of it when it was saved; null where that is not known. */
        public record Entry(
                VersionSummary version,
                FormulaSpec formula,
                @Nullable Said said) {}
    }

    /** Gives some formulas with all their versions, one after another; all of them when none is named. */
    @Transactional(readOnly = true)
    public void histories(List<Long> ids, Consumer<History> each) {
        String wanted = ids.isEmpty() ? null : json.ids(ids);
        long after = 0;
        List<FormulaRow> rows = mapper.formulasAfter(after, wanted, READ_AT_ONCE);
        while (!rows.isEmpty()) {
            Map<Long, List<FullVersionRow>> versions =
                    mapper.versionsOf(json.ids(rows.stream().map(FormulaRow::id).toList())).stream()
                            .collect(Collectors.groupingBy(FullVersionRow::formulaId));
            rows.forEach(row -> each.accept(history(row, versions.getOrDefault(row.id(), List.of()))));
            after = rows.get(rows.size() - 1).id();
            rows = mapper.formulasAfter(after, wanted, READ_AT_ONCE);
        }
    }

    /** A formula that is imported again, with all its versions; out of the bin when it was there. Null when there is none. */
    @Transactional
    public @Nullable History history(String uid) {
        FormulaRow row = mapper.formulaByUid(uid);
        if (row != null && row.deletedAt() != null) {
            mapper.setDeleted(row.id(), null);
        }
        return row == null ? null : history(row, mapper.versionsOf(json.ids(List.of(row.id()))));
    }

    private History history(FormulaRow row, List<FullVersionRow> versions) {
        return new History(
                row.id(),
                row.uid(),
                state(row.state()),
                versions.stream()
                        .map(version -> new History.Entry(
                                new VersionSummary(
                                        version.number(),
                                        version.parentNumber(),
                                        version.name(),
                                        version.note(),
                                        version.createdAt(),
                                        standing(version.standing())),
                                stored.read(version.documentVersion(), version.document()),
                                said.then(version.said())))
                        .toList());
    }

    /** Whether no formula was ever saved. */
    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return mapper.isEmpty();
    }

    /**
     * What a save may say beside what is saved.
     *
     * @param savedAt when it was saved; null for now
     * @param uid for a new formula, the identity it has elsewhere; null for a new one
     * @param key a key of the client's own: a save repeated with the same key is one save; null for none
     * @param said what was said of it when it was saved elsewhere; null for what is said now
     */
    public record Saving(
            @Nullable Instant savedAt,
            @Nullable String uid,
            @Nullable String key,
            @Nullable Said said) {

        /** A save of now. */
        public static final Saving NOW = new Saving(null, null, null, null);

        /** A save of now with a key of the client's own. */
        public static Saving withKey(String key) {
            return new Saving(null, null, key, null);
        }
    }

    /**
     * Saves a new formula as its version 1.
     *
     * @throws RefusedException when the name, note or formula has a fault
     */
    @Transactional
    public FormulaDocument create(SaveRequest request, Saving saving) {
        return saved(store(null, request, saving));
    }

    /**
     * Saves a new version of a formula.
     *
     * @throws RefusedException when the name, note, parent version or formula has a fault
     * @throws NewerVersionException when somebody saved a version that the request does not know of
     * @throws NotFoundException when there is no such formula
     */
    @Transactional
    public FormulaDocument save(long id, SaveRequest request, Saving saving) {
        return saved(store(id, request, saving));
    }

    private FormulaDocument saved(Saved saved) {
        if (saved.isNew()) {
            summarise(List.of(saved.formula()));
            return newest(saved.formula());
        }
        return version(saved.formula(), saved.number());
    }

    /**
     * A version that was stored.
     *
     * @param isNew whether this call stored it; otherwise it was there under the same key
     */
    public record Saved(long formula, int number, boolean isNew) {}

    /**
     * Stores a version without summing it up, as when many are taken from a file: see {@link #summarise}.
     *
     * @param id the formula; null for a new one
     * @throws RefusedException when the name, note, parent version or formula has a fault
     * @throws NewerVersionException when somebody saved a version that the request does not know of
     * @throws NotFoundException when there is no such formula
     */
    @Transactional
    public Saved store(@Nullable Long id, SaveRequest request, Saving saving) {
        FormulaRow row = id == null ? null : formula(id);
        SavedRow before = savedBefore(saving);
        if (before != null) {
            return new Saved(before.formulaId(), before.number(), false);
        }
        Checked checked = check(request);
        OffsetDateTime at = at(saving);
        if (row == null) {
            long created = mapper.insertFormula(at, saving.uid());
            insert(created, 1, null, checked, at, saving);
            return new Saved(created, 1, true);
        }
        Integer parent = request.parentNumber();
        if (parent == null || parent < 1 || parent > row.latestNumber()) {
            throw Faults.refusal(
                    null, "parentNumber", parent == null ? FaultCode.MISSING : FaultCode.UNKNOWN_CODE, parent);
        }
        int latestKnown = request.latestKnown() == null ? parent : request.latestKnown();
        Integer number = mapper.nextNumber(row.id(), latestKnown);
        if (number == null) {
            SavedRow meanwhile = savedBefore(saving);
            if (meanwhile != null) {
                return new Saved(meanwhile.formulaId(), meanwhile.number(), false);
            }
            throw new NewerVersionException(newest(row.id()).version(), latestKnown);
        }
        insert(row.id(), number, parent, checked, at, saving);
        return new Saved(row.id(), number, true);
    }

    /** Sums up formulas for the list. */
    @Transactional
    public void summarise(List<Long> ids) {
        summaries.refresh(ids);
    }

    private @Nullable SavedRow savedBefore(Saving saving) {
        return saving.key() == null ? null : mapper.savedBefore(saving.key());
    }

    /** Sets where a formula stands in the kitchen's work. */
    @Transactional
    public FormulaDocument setState(long id, FormulaState state) {
        putState(id, state);
        return newest(id);
    }

    /** Where a formula stands in the kitchen's work. */
    @Transactional(readOnly = true)
    public FormulaState state(long id) {
        return state(formula(id).state());
    }

    /** What a code stands for; a draft for none. */
    static VersionStanding standing(@Nullable String code) {
        return code == null
                ? VersionStanding.DRAFT
                : Coded.find(VersionStanding.class, code).orElse(VersionStanding.DRAFT);
    }

    /** As {@link #setState}, without reading the formula back. */
    @Transactional
    public void putState(long id, FormulaState state) {
        if (mapper.setState(id, state.code()) == 0) {
            throw notFound(id);
        }
    }

    /** A request that the core has read without a fault. */
    private record Checked(String name, String note, FormulaSpec spec, Formula formula) {}

    private Checked check(SaveRequest request) {
        Faults faults = new Faults();
        String name = faults.text("name", request.name(), Limit.FORMULA_NAME);
        String note = faults.optionalText("note", request.note(), Limit.VERSION_NOTE);
        FormulaSpec spec = request.formula();
        if (spec == null) {
            faults.add(null, "formula", FaultCode.MISSING, null);
            throw new RefusedException(faults.all());
        }
        Formula formula = null;
        try {
            formula = FormulaReader.read(spec, pantry.pantry());
        } catch (RefusedException refused) {
            faults.addAll(refused.faults());
        }
        faults.refuse();
        return new Checked(name, note, spec, Objects.requireNonNull(formula));
    }

    private OffsetDateTime at(Saving saving) {
        return (saving.savedAt() == null ? clock.instant() : saving.savedAt()).atOffset(ZoneOffset.UTC);
    }

    /** A thing that a version names, as it stands in the table of uses. */
    private record Use(String kind, String code) {}

    private void insert(
            long id, int number, @Nullable Integer parent, Checked checked, OffsetDateTime at, Saving saving) {
        FormulaSpec spec = checked.spec();
        long versionId;
        try {
            versionId = mapper.insertVersion(
                    new VersionRow(
                            0, id, number, parent, checked.name(), checked.note(), at, VersionStanding.DRAFT.code()),
                    StoredFormula.VERSION,
                    stored.write(spec),
                    saving.key());
        } catch (DuplicateKeyException repeated) {
            throw new RepeatedSaveException(saving.key());
        }
        Uses uses = Uses.of(spec);
        List<Use> rows = new ArrayList<>();
        uses.ingredients().forEach(code -> rows.add(new Use("ingredient", code)));
        uses.measures().forEach(code -> rows.add(new Use("measure", code)));
        uses.lots().forEach(lot -> rows.add(new Use("lot", lot.toString())));
        mapper.insertUses(versionId, json.of(rows));
        said.keep(versionId, saving.said() == null ? Said.of(checked.formula()) : saving.said());
        mapper.nameNewest(id, checked.name(), at);
        yields.keep(id, checked.formula().preps());
    }

    private FormulaRow formula(long id) {
        FormulaRow row = mapper.formula(id);
        if (row == null || row.deletedAt() != null) {
            throw notFound(id);
        }
        return row;
    }

    static NotFoundException notFound(long id) {
        return new NotFoundException("There is no formula " + id + ".");
    }

    static NotFoundException notFound(long id, int number) {
        return new NotFoundException("Formula " + id + " has no version " + number + ".");
    }

    private FormulaDocument document(FormulaRow formula, @Nullable Integer number) {
        List<VersionRow> versions = mapper.versions(formula.id());
        int wanted = number == null ? formula.latestNumber() : number;
        VersionRow shown = versions.stream()
                .filter(version -> version.number() == wanted)
                .findFirst()
                .orElseThrow(() -> notFound(formula.id(), wanted));
        DocumentRow row = documentRow(formula.id(), wanted);
        return new FormulaDocument(
                formula.id(),
                state(formula.state()),
                summary(shown),
                stored.read(row.documentVersion(), row.document()),
                said.of(row),
                formula.latestNumber(),
                versions.stream().map(FormulaService::summary).toList());
    }

    private static VersionSummary summary(VersionRow row) {
        return new VersionSummary(
                row.number(), row.parentNumber(), row.name(), row.note(), row.createdAt(), standing(row.standing()));
    }

    private static FormulaState state(String code) {
        return Coded.find(FormulaState.class, code)
                .orElseThrow(() -> new IllegalStateException("the database holds an unknown state: " + code));
    }
}
