package verdamen.server.plan;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.plan.PlanSpec;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.server.json.JsonText;
import verdamen.server.json.ListPlace;
import verdamen.server.json.SearchWords;
import verdamen.server.plan.DayMapper.Asked;
import verdamen.server.plan.DayMapper.DayRow;
import verdamen.server.plan.DayMapper.NameRow;
import verdamen.server.plan.PlanState.DayPlan;
import verdamen.server.plan.PlanState.PlannedServing;
import verdamen.server.problem.NotFoundException;

/** The days that a kitchen keeps: what is planned for them, not how it was solved, which is found anew. */
@Service
public class SavedDays {

    private static final int DOCUMENT_VERSION = 1;

    private final DayMapper mapper;
    private final PlanService plans;
    private final JsonText json;
    private final Clock clock;

    SavedDays(DayMapper mapper, PlanService plans, JsonText json, Clock clock) {
        this.mapper = mapper;
        this.plans = plans;
        this.json = json;
        this.clock = clock;
    }

    /**
     * A day to keep.
     *
     * @param key its identity, a UUID given by who keeps it: kept twice, it is one
     * @param name its name
     * @param day which day it is, as in 2026-03-31
     * @param spec what is planned; it need not be complete
     * @param plan id of the plan of it that was seen last; absent for none
     * @param revision of a day that is kept already, as it was when the change began
     */
    public record DaySpec(
            @Within(Limit.CODE) @Nullable String key,
            @Within(Limit.NAME) @Nullable String name,
            @Nullable String day,
            @Nullable PlanSpec spec,
            @Within(Limit.CODE) @Nullable String plan,
            @Nullable Integer revision) {}

    /** A day of which everything is known. */
    record Checked(String name, LocalDate day, PlanSpec spec) {}

    /**
     * A page of the days.
     *
     * @param search words that must all be found in the name
     * @param running whether only those are wanted that are run just now
     * @throws verdamen.core.model.RefusedException when something of it is not known
     */
    @Transactional(readOnly = true)
    public DayPage page(
            @Nullable String search, boolean running, String sort, boolean down, @Nullable String after, int limit) {
        Faults faults = new Faults();
        String words = faults.optionalText("search", search, Limit.SEARCH);
        DaySort sorted = faults.choice("sort", sort, DaySort.class);
        faults.number("limit", (double) limit, Limit.PAGE_ROWS);
        ListPlace place = after == null ? null : ListPlace.of(after, faults);
        faults.refuse();
        Asked asked =
                new Asked(SearchWords.patterns(words), running, Objects.requireNonNull(sorted), down, place, limit + 1);
        List<DayPage.DayRow> found = mapper.page(asked);
        List<DayPage.DayRow> rows = found.subList(0, Math.min(limit, found.size()));
        return new DayPage(
                rows,
                found.size() > limit ? asked.sort().placeOf(rows.get(limit - 1)).cursor() : null,
                mapper.count(asked));
    }

    /**
     * A day.
     *
     * @throws NotFoundException when there is none
     */
    @Transactional(readOnly = true)
    public SavedDay day(long id) {
        return told(row(mapper.day(id), id));
    }

    /** The row, if there is one. */
    static DayRow row(@Nullable DayRow row, long id) {
        if (row == null) {
            throw new NotFoundException("There is no planned day " + id + ".");
        }
        return row;
    }

    private SavedDay told(DayRow row) {
        PlanSpec spec = spec(row);
        Map<Long, String> names =
                mapper.names(json.ids(formulas(spec))).stream().collect(Collectors.toMap(NameRow::id, NameRow::name));
        return new SavedDay(
                row.id(), row.name(), row.day(), spec, names, row.revision(), row.run() != null, row.savedAt());
    }

    PlanSpec spec(DayRow row) {
        return json.read(row.document(), PlanSpec.class);
    }

    static List<Long> formulas(PlanSpec spec) {
        return servings(spec).stream()
                .map(ServingSpec::formula)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    static List<ServingSpec> servings(PlanSpec spec) {
        return spec.servings() == null
                ? List.of()
                : spec.servings().stream().filter(Objects::nonNull).toList();
    }

    /**
     * Keeps a day; kept twice under one key, it is one.
     *
     * @throws verdamen.core.model.RefusedException naming what of it has a fault
     */
    @Transactional
    public SavedDay keep(DaySpec asked) {
        Faults faults = new Faults();
        Checked day = checked(asked, faults);
        String uid = faults.uuid("key", asked.key());
        faults.refuse();
        Long id = insert(uid, day, plan(asked), now());
        return told(row(id == null ? mapper.byUid(uid) : mapper.day(id), id == null ? 0 : id));
    }

    @Nullable
    Long insert(String uid, Checked day, @Nullable String plan, OffsetDateTime at) {
        return mapper.insert(uid, day.name(), day.day(), DOCUMENT_VERSION, json.of(day.spec()), plan, at);
    }

    /** The plan as it was seen, as JSON; null when there is none of what is kept. */
    private @Nullable String plan(DaySpec asked) {
        PlanState seen = asked.plan() == null ? null : plans.known(asked.plan());
        boolean isOfIt = seen != null && Objects.equals(asked.spec(), plans.spec(seen.id()));
        return isOfIt && seen.plan() != null ? json.of(new KeptPlan(seen.servings(), seen.plan())) : null;
    }

    /**
     * A plan as it was seen.
     *
     * @param servings what is served
     * @param plan when what is done for it
     */
    record KeptPlan(List<PlannedServing> servings, DayPlan plan) {}

    /** A day as it is seen from outside. */
    record SeenDay(
            String uid,
            String name,
            LocalDate day,
            @Nullable KeptPlan plan) {}

    /** Days from this one on, the first ones first, so many at most. */
    @Transactional(readOnly = true)
    List<SeenDay> from(LocalDate day, int most) {
        return mapper.from(day, most).stream()
                .map(row -> new SeenDay(
                        row.uid(),
                        row.name(),
                        row.day(),
                        row.plan() == null ? null : json.read(row.plan(), KeptPlan.class)))
                .toList();
    }

    /**
     * Keeps a day as it is now.
     *
     * @throws NotFoundException when there is none
     * @throws NewerDayException when somebody has changed it meanwhile
     * @throws verdamen.core.model.RefusedException naming what of it has a fault
     */
    @Transactional
    public SavedDay change(long id, DaySpec asked) {
        Faults faults = new Faults();
        Checked day = checked(asked, faults);
        faults.require(asked.revision() != null, "revision", FaultCode.MISSING, null);
        faults.refuse();
        DayRow before = row(mapper.locked(id), id);
        if (!Objects.equals(asked.revision(), before.revision())) {
            throw new NewerDayException(before.name());
        }
        mapper.update(id, day.name(), day.day(), DOCUMENT_VERSION, json.of(day.spec()), plan(asked), now());
        return day(id);
    }

    Checked checked(DaySpec asked, Faults faults) {
        String name = faults.text("name", asked.name(), Limit.NAME);
        LocalDate day = null;
        try {
            day = LocalDate.parse(asked.day() == null ? "" : asked.day());
        } catch (DateTimeParseException none) {
            faults.add(null, "day", asked.day() == null ? FaultCode.MISSING : FaultCode.UNREADABLE, asked.day());
        }
        PlanSpec spec = asked.spec() == null ? PlanSpec.USUAL : asked.spec().checked(faults);
        return new Checked(name, day == null ? LocalDate.EPOCH : day, spec);
    }

    OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    /**
     * Deletes a day; its batches stay.
     *
     * @throws NotFoundException when there is none
     */
    @Transactional
    public void delete(long id) {
        if (mapper.delete(id) == 0) {
            row(null, id);
        }
    }
}
