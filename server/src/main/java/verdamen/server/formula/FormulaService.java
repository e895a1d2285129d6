package verdamen.server.formula;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.balance.Balance;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Makeup;
import verdamen.core.model.Coded;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.server.formula.FormulaMapper.FormulaRow;
import verdamen.server.formula.FormulaMapper.LineRow;
import verdamen.server.formula.FormulaMapper.NewestRow;
import verdamen.server.formula.FormulaMapper.SetAsideRow;
import verdamen.server.formula.FormulaMapper.VersionRow;
import verdamen.server.pantry.PantryService;

/** Formulas and their immutable versions. */
@Service
public class FormulaService {

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_NOTE = 2000;

    private final FormulaMapper mapper;
    private final PantryService pantry;
    private final Clock clock;

    FormulaService(FormulaMapper mapper, PantryService pantry, Clock clock) {
        this.mapper = mapper;
        this.pantry = pantry;
        this.clock = clock;
    }

    /** Every formula by its newest version, the last saved first. */
    @Transactional(readOnly = true)
    public List<FormulaSummary> list() {
        Map<Long, List<LineRow>> lines =
                mapper.newestLines().stream().collect(Collectors.groupingBy(LineRow::versionId));
        return mapper.newest().stream()
                .map(row -> summary(row, lines.getOrDefault(row.id(), List.of())))
                .toList();
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
     * A formula with all its versions, the oldest first.
     *
     * @param id the formula
     * @param uid its identity, the same wherever its file is taken
     * @param state where it stands in the kitchen's work
     * @param versions its versions with what they hold, the oldest first
     */
    public record History(long id, String uid, FormulaState state, List<Entry> versions) {

        /** A version with what it holds. */
        public record Entry(VersionSummary version, FormulaSpec formula) {}
    }

    /** Some formulas with all their versions; all of them when none is named. */
    @Transactional(readOnly = true)
    public List<History> histories(List<Long> ids) {
        List<FormulaRow> rows = mapper.formulas().stream()
                .filter(row -> ids.isEmpty() || ids.contains(row.id()))
                .toList();
        if (rows.isEmpty()) {
            return List.of();
        }
        List<Long> found = rows.stream().map(FormulaRow::id).toList();
        Map<Long, List<LineRow>> lines =
                mapper.linesOf(found).stream().collect(Collectors.groupingBy(LineRow::versionId));
        Map<Long, List<SetAsideRow>> asides =
                mapper.setAsidesOf(found).stream().collect(Collectors.groupingBy(SetAsideRow::versionId));
        Map<Long, List<VersionRow>> versions =
                mapper.versionsOf(found).stream().collect(Collectors.groupingBy(VersionRow::formulaId));
        return rows.stream()
                .map(row -> new History(
                        row.id(),
                        row.uid(),
                        state(row.state()),
                        versions.getOrDefault(row.id(), List.of()).stream()
                                .map(version -> new History.Entry(
                                        FormulaRows.summary(version),
                                        FormulaRows.spec(
                                                version,
                                                lines.getOrDefault(version.id(), List.of()),
                                                asides.getOrDefault(version.id(), List.of()))))
                                .toList()))
                .toList();
    }

    /** Whether no formula was ever saved. */
    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return mapper.isEmpty();
    }

    /**
     * Saves a new formula as its version 1.
     *
     * @throws RefusedException when the name, note or formula has a fault
     */
    @Transactional
    public FormulaDocument create(SaveRequest request) {
        return create(request, clock.instant());
    }

    /** As {@link #create(SaveRequest)}, saved at a given time. */
    @Transactional
    public FormulaDocument create(SaveRequest request, Instant savedAt) {
        return create(request, savedAt, null);
    }

    /** As {@link #create(SaveRequest, Instant)}, under the identity it has elsewhere. */
    @Transactional
    public FormulaDocument create(SaveRequest request, Instant savedAt, @Nullable String uid) {
        Checked checked = check(request);
        long id = mapper.insertFormula(savedAt.atOffset(ZoneOffset.UTC), uid);
        insert(id, 1, null, checked, savedAt);
        return document(formula(id), null);
    }

    /**
     * Saves a new version of a formula.
     *
     * @throws RefusedException when the name, note, parent version or formula has a fault
     * @throws NewerVersionException when somebody saved a version that the request does not know of
     * @throws FormulaNotFoundException when there is no such formula
     */
    @Transactional
    public FormulaDocument save(long id, SaveRequest request) {
        return save(id, request, clock.instant());
    }

    /** As {@link #save(long, SaveRequest)}, saved at a given time. */
    @Transactional
    public FormulaDocument save(long id, SaveRequest request, Instant savedAt) {
        FormulaRow before = formula(id);
        Checked checked = check(request);
        Integer parent = request.parentNumber();
        if (parent == null || parent < 1 || parent > before.latestNumber()) {
            FaultCode code = parent == null ? FaultCode.MISSING : FaultCode.UNKNOWN_CODE;
            String value = parent == null ? null : parent.toString();
            throw new RefusedException(List.of(new Fault(null, "parentNumber", code, value, null)));
        }
        int latestKnown = request.latestKnown() == null ? parent : request.latestKnown();
        Integer number = mapper.nextNumber(id, latestKnown);
        if (number == null) {
            throw new NewerVersionException(newest(id).version(), latestKnown);
        }
        insert(id, number, parent, checked, savedAt);
        return document(formula(id), null);
    }

    /** Sets where a formula stands in the kitchen's work. */
    @Transactional
    public FormulaDocument setState(long id, FormulaState state) {
        if (mapper.setState(id, state.code()) == 0) {
            throw notFound(id);
        }
        return newest(id);
    }

    /** A request that the core has read without a fault. */
    private record Checked(String name, String note, FormulaSpec formula, List<LineSpec> lines) {}

    private Checked check(SaveRequest request) {
        List<Fault> faults = new ArrayList<>();
        String name = request.name() == null ? "" : request.name().strip();
        String note = request.note() == null ? "" : request.note().strip();
        if (name.isEmpty()) {
            faults.add(new Fault(null, "name", FaultCode.MISSING, null, null));
        }
        refuseLonger(faults, "name", name, LONGEST_NAME);
        refuseLonger(faults, "note", note, LONGEST_NOTE);
        FormulaSpec spec = request.formula();
        if (spec == null) {
            faults.add(new Fault(null, "formula", FaultCode.MISSING, null, null));
            throw new RefusedException(faults);
        }
        try {
            FormulaReader.read(spec, pantry.pantry());
        } catch (RefusedException refused) {
            faults.addAll(refused.faults());
        }
        if (!faults.isEmpty() || spec.lines() == null) {
            throw new RefusedException(faults);
        }
        return new Checked(name, note, spec, List.copyOf(spec.lines()));
    }

    private static void refuseLonger(List<Fault> faults, String field, String text, int longest) {
        if (text.length() > longest) {
            faults.add(new Fault(null, field, FaultCode.TOO_LARGE, text.length() + " characters", (double) longest));
        }
    }

    private void insert(long id, int number, @Nullable Integer parent, Checked checked, Instant savedAt) {
        FormulaSpec spec = checked.formula();
        if (spec.style() == null) {
            throw new IllegalArgumentException("only a checked formula is saved");
        }
        OffsetDateTime at = savedAt.atOffset(ZoneOffset.UTC);
        long versionId = mapper.insertVersion(new VersionRow(
                0,
                id,
                number,
                parent,
                checked.name(),
                checked.note(),
                at,
                spec.style(),
                spec.kneading(),
                spec.fatTiming(),
                spec.waterTemperatureC(),
                spec.restMinutes(),
                spec.sheetMm(),
                spec.softnessTarget(),
                spec.notes() == null ? null : spec.notes().pieces(),
                spec.notes() == null ? null : spec.notes().pieceGrams(),
                spec.notes() == null ? null : spec.notes().method(),
                Making.of(spec)));
        mapper.insertLines(FormulaRows.rows(versionId, checked.lines()));
        List<SetAsideRow> setAsides = FormulaRows.setAsides(versionId, spec.notes());
        if (!setAsides.isEmpty()) {
            mapper.insertSetAsides(setAsides);
        }
    }

    private FormulaRow formula(long id) {
        FormulaRow row = mapper.formula(id);
        if (row == null) {
            throw notFound(id);
        }
        return row;
    }

    private static FormulaNotFoundException notFound(long id) {
        return new FormulaNotFoundException("There is no formula " + id + ".");
    }

    private FormulaDocument document(FormulaRow formula, @Nullable Integer number) {
        List<VersionRow> versions = mapper.versions(formula.id());
        int wanted = number == null ? formula.latestNumber() : number;
        VersionRow shown = versions.stream()
                .filter(version -> version.number() == wanted)
                .findFirst()
                .orElseThrow(() ->
                        new FormulaNotFoundException("Formula " + formula.id() + " has no version " + wanted + "."));
        return new FormulaDocument(
                formula.id(),
                state(formula.state()),
                FormulaRows.summary(shown),
                FormulaRows.spec(shown, mapper.lines(shown.id()), mapper.setAsides(shown.id())),
                formula.latestNumber(),
                versions.stream().map(FormulaRows::summary).toList());
    }

    private FormulaSummary summary(NewestRow row, List<LineRow> lines) {
        Pantry book = pantry.pantry();
        Formula formula = FormulaReader.read(FormulaRows.spec(row, lines), book);
        Balance balance = Balance.of(formula);
        return new FormulaSummary(
                row.formulaId(),
                row.name(),
                state(row.state()),
                formula.style().code(),
                formula.style().name(),
                row.number(),
                row.createdAt(),
                Makeup.of(formula),
                balance.hydration(),
                balance.softness(),
                balance.softness() == null ? null : book.feel(balance.softness()),
                formula.openLines().size(),
                balance.water().standing(),
                balance.water().missing());
    }

    private static FormulaState state(String code) {
        return Coded.find(FormulaState.class, code)
                .orElseThrow(() -> new IllegalStateException("the database holds an unknown state: " + code));
    }
}
