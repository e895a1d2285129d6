package verdamen.server.plan;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.Faults;
import verdamen.core.plan.PlanSpec;
import verdamen.server.json.JsonText;
import verdamen.server.plan.DayMapper.DayRow;
import verdamen.server.plan.DayMapper.UidRow;
import verdamen.server.plan.SavedDays.Checked;
import verdamen.server.plan.SavedDays.DaySpec;

/** Days as they go from kitchen to kitchen in files. */
@Service
public class ToldDays {

    private final DayMapper mapper;
    private final SavedDays days;
    private final JsonText json;

    ToldDays(DayMapper mapper, SavedDays days, JsonText json) {
        this.mapper = mapper;
        this.days = days;
        this.json = json;
    }

    /**
     * A day as it is told in a file: its formulas by the identities that they have in every kitchen.
     *
     * @param uid its identity
     * @param name its name
     * @param day which day it is
     * @param spec what is planned; its servings name no formula
     * @param formulas identities of the formulas, serving by serving; null for one that is not there any more
     * @param savedAt when it was saved
     */
    public record ToldDay(
            String uid,
            String name,
            LocalDate day,
            PlanSpec spec,
            List<@Nullable String> formulas,
            OffsetDateTime savedAt) {}

    /** Tells every day, one after the other. */
    @Transactional(readOnly = true)
    public void all(Consumer<ToldDay> told) {
        for (Long id : mapper.ids()) {
            DayRow row = SavedDays.row(mapper.day(id), id);
            PlanSpec spec = days.spec(row);
            Map<Long, String> uids = mapper.uids(json.ids(SavedDays.formulas(spec))).stream()
                    .collect(Collectors.toMap(UidRow::id, UidRow::uid));
            List<@Nullable String> formulas = new ArrayList<>();
            SavedDays.servings(spec)
                    .forEach(serving -> formulas.add(serving.formula() == null ? null : uids.get(serving.formula())));
            told.accept(
                    new ToldDay(row.uid(), row.name(), row.day(), spec.withFormulas(null), formulas, row.savedAt()));
        }
    }

    /**
     * Takes a day that is not here yet, once its formulas are.
     *
     * @throws verdamen.core.model.RefusedException naming what of it has a fault
     */
    @Transactional
    public void takeMissing(ToldDay told) {
        List<@Nullable String> uids = told.formulas() == null ? List.of() : told.formulas();
        Map<String, Long> here =
                mapper
                        .byUids(json.of(uids.stream()
                                .filter(ToldDays::isUuid)
                                .distinct()
                                .toList()))
                        .stream()
                        .collect(Collectors.toMap(UidRow::uid, UidRow::id));
        // A formula that is not here any more leaves its serving with one that never was: the page says so beside it.
        List<@Nullable Long> formulas = new ArrayList<>();
        uids.forEach(each -> formulas.add(each == null ? 0 : here.getOrDefault(each, 0L)));
        Faults faults = new Faults();
        String uid = faults.uuid("uid", told.uid());
        Checked day = days.checked(
                new DaySpec(
                        null,
                        told.name(),
                        told.day() == null ? null : told.day().toString(),
                        told.spec() == null ? null : told.spec().withFormulas(formulas),
                        null,
                        null),
                faults);
        faults.refuse();
        days.insert(uid, day, null, told.savedAt() == null ? days.now() : told.savedAt());
    }

    private static boolean isUuid(@Nullable String text) {
        Faults faults = new Faults();
        faults.uuid("formulas", text);
        return faults.none();
    }
}
