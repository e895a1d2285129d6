package verdamen.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Portioning;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.plan.PlanSpec.PinSpec;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.plan.PlanSpec.TraySpec;
import verdamen.core.plan.PlanSpec.WorkerSpec;
import verdamen.core.portion.Tray;

/**
 * What is asked of a plan, read and checked.
 *
 * @param servings what is served, in the order asked
 * @param workers who is there
 * @param places how much there is of each place
 * @param careful whether every step is given the longest that it likely takes
 * @param pins tasks, by their keys, that begin at a time the user chose
 * @param tray how large a tray is
 * @param kitchenC how warm kitchen and flour are that day, °C; null for what each formula says
 */
public record PlanReading(
        List<ServingSpec> servings,
        List<Worker> workers,
        Map<Place, Integer> places,
        boolean careful,
        Map<String, Integer> pins,
        Tray tray,
        @Nullable Double kitchenC) {

    private static final ServingSpec UNKNOWN = new ServingSpec(null, null, null, null, null, null, null);

    /** What is asked, with its faults added; what has a fault is read as well as can be. */
    public static PlanReading of(PlanSpec spec, Faults faults) {
        PlanReading reading = new PlanReading(
                servings(spec.servings(), faults),
                workers(spec.workers(), faults),
                places(spec, faults),
                Boolean.TRUE.equals(spec.careful()),
                pins(spec.pins(), faults),
                tray(spec.trays(), faults),
                spec.kitchenC());
        faults.number("kitchenC", spec.kitchenC(), Limit.PLACE_C);
        return reading;
    }

    private static List<ServingSpec> servings(@Nullable List<@Nullable ServingSpec> servings, Faults faults) {
        List<ServingSpec> read = new ArrayList<>();
        faults.require(servings != null && !servings.isEmpty(), "servings", FaultCode.MISSING, null);
        int line = 0;
        for (ServingSpec each : faults.atMost("servings", servings, Limit.SERVINGS)) {
            ServingSpec serving = each == null ? UNKNOWN : each;
            if (serving.formula() == null) {
                faults.add(line, "formula", FaultCode.MISSING, null);
            }
            faults.number(line, "pieces", number(serving.pieces()), Limit.PIECES);
            needed(line, "due", serving.due(), faults);
            Faults ofSplits = new Faults();
            Portioning.NONE.withSplits(serving.splits()).check(ofSplits);
            faults.addAll(line, ofSplits.all());
            read.add(serving);
            line++;
        }
        return read;
    }

    private static List<Worker> workers(@Nullable List<@Nullable WorkerSpec> workers, Faults faults) {
        List<Worker> read = new ArrayList<>();
        faults.require(workers != null && !workers.isEmpty(), "workers", FaultCode.MISSING, null);
        Set<String> names = new HashSet<>();
        int line = 0;
        for (WorkerSpec each : faults.atMost("workers", workers, Limit.WORKERS)) {
            WorkerSpec worker = each == null ? new WorkerSpec(null, null, null, null) : each;
            String name = faults.optionalText(line, "name", worker.name(), Limit.SHORT_NAME)
                    .strip();
            if (name.isEmpty()) {
                faults.add(line, "name", FaultCode.MISSING, null);
            } else if (!names.add(name)) {
                faults.add(line, "name", FaultCode.TAKEN, name);
            }
            int from = needed(line, "comes", worker.comes(), faults);
            int to = needed(line, "goes", worker.goes(), faults);
            if (worker.comes() != null && worker.goes() != null && to <= from) {
                faults.add(line, "goes", FaultCode.CONTRADICTS, to);
            }
            read.add(new Worker(name, from, to, roles(worker, line, faults)));
            line++;
        }
        return read;
    }

    private static Set<Role> roles(WorkerSpec worker, int line, Faults faults) {
        Set<Role> roles = EnumSet.noneOf(Role.class);
        for (String code : worker.roles() == null ? List.<String>of() : worker.roles()) {
            Role role = code == null ? null : Coded.find(Role.class, code).orElse(null);
            if (role == null) {
                faults.add(line, "roles", FaultCode.UNKNOWN_CODE, code);
            } else {
                roles.add(role);
            }
        }
        return roles;
    }

    private static Map<Place, Integer> places(PlanSpec spec, Faults faults) {
        Map<Place, Integer> places = new EnumMap<>(Place.class);
        places.put(Place.PAN, there("pans", spec.pans(), Limit.PLAN_PLACES, faults));
        places.put(Place.OVEN, there("ovens", spec.ovens(), Limit.PLAN_PLACES, faults));
        places.put(Place.MIXER, there("mixers", spec.mixers(), Limit.PLAN_PLACES, faults));
        places.put(Place.FRIDGE, there("fridgeLitres", spec.fridgeLitres(), Limit.FRIDGE_LITRES, faults));
        TraySpec trays = spec.trays();
        if (trays != null && trays.count() != null) {
            places.put(Place.TRAY, there("trays.count", trays.count(), Limit.PLAN_PLACES, faults));
        }
        return places;
    }

    private static Tray tray(@Nullable TraySpec asked, Faults faults) {
        if (asked == null) {
            return Tray.USUAL;
        }
        faults.number("trays.longMm", asked.longMm(), Limit.TRAY_MM);
        faults.number("trays.shortMm", asked.shortMm(), Limit.TRAY_MM);
        return new Tray(
                asked.longMm() == null ? Tray.USUAL.longMm() : asked.longMm(),
                asked.shortMm() == null ? Tray.USUAL.shortMm() : asked.shortMm());
    }

    private static Map<String, Integer> pins(@Nullable List<@Nullable PinSpec> pins, Faults faults) {
        Map<String, Integer> read = new LinkedHashMap<>();
        int line = 0;
        for (PinSpec pin : faults.atMost("pins", pins, Limit.PINS)) {
            if (pin == null || pin.task() == null) {
                faults.add(line, "task", FaultCode.MISSING, null);
            } else {
                faults.optionalText(line, "task", pin.task(), Limit.CODE);
                read.put(pin.task(), needed(line, "start", pin.start(), faults));
            }
            line++;
        }
        return read;
    }

    private static int there(String field, @Nullable Integer count, Limit limit, Faults faults) {
        faults.number(field, number(count), limit);
        return count == null ? 0 : count;
    }

    private static int needed(int line, String field, @Nullable Integer minute, Faults faults) {
        if (minute == null) {
            faults.add(line, field, FaultCode.MISSING, null);
            return 0;
        }
        faults.number(line, field, number(minute), Limit.PLAN_MINUTE);
        return minute;
    }

    private static @Nullable Double number(@Nullable Integer whole) {
        return whole == null ? null : Double.valueOf(whole);
    }
}
