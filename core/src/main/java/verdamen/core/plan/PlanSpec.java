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
import verdamen.core.formula.Portioning.SplitSpec;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * What is to be planned, as asked: not yet checked. Times are whole minutes from the beginning of the day; negative on the day before.
 *
 * @param servings what is served when
 * @param workers who is there when
 * @param pans pans or griddles, each with its burner
 * @param ovens ovens
 * @param mixers mixers
 * @param fridgeLitres room in the fridge, litres
 * @param careful whether every step is given the longest that it likely takes; absent for its middle
 * @param pins tasks that begin at a time the user chose
 * @param kitchenC how warm kitchen and flour are that day, °C; absent for what each formula says
 */
public record PlanSpec(
        @Within(Limit.SERVINGS) @Nullable List<@Nullable ServingSpec> servings,
        @Within(Limit.WORKERS) @Nullable List<@Nullable WorkerSpec> workers,
        @Within(Limit.PLAN_PLACES) @Nullable Integer pans,
        @Within(Limit.PLAN_PLACES) @Nullable Integer ovens,
        @Within(Limit.PLAN_PLACES) @Nullable Integer mixers,
        @Within(Limit.FRIDGE_LITRES) @Nullable Integer fridgeLitres,
        @Nullable Boolean careful,
        @Within(Limit.PINS) @Nullable List<@Nullable PinSpec> pins,
        @Within(Limit.PLACE_C) @Nullable Double kitchenC) {

    private static final int MINUTES_PER_HOUR = 60;

    /** Everything that somebody can do. */
    static final List<String> ALL_ROLES =
            EnumSet.allOf(Role.class).stream().map(Role::code).toList();

    /** What a plan begins with: one person with a pan, a morning long, and nothing to serve yet. */
    public static final PlanSpec USUAL = new PlanSpec(
            List.of(),
            List.of(new WorkerSpec(
                    "Bench", hour(Coefficient.PLAN_FROM_HOUR), hour(Coefficient.PLAN_UNTIL_HOUR), ALL_ROLES)),
            1,
            1,
            0,
            (int) Coefficient.PLAN_FRIDGE_L.value(),
            false,
            List.of(),
            null);

    /**
     * Bread that is served at some time.
     *
     * @param formula id of the formula
     * @param version its version; absent for the newest
     * @param pieces how many pieces; absent for as many as the formula makes
     * @param due when it is served
     * @param overnight whether its dough is made the evening before and chilled overnight; absent for no
     * @param parBaked whether it is cooked for the most part before, and finished when it is served; absent for no
     * @param splits what part of its bread is kept otherwise than the rest; absent for what the formula says
     */
    public record ServingSpec(
            @Nullable Long formula,
            @Nullable Integer version,
            @Within(Limit.PIECES) @Nullable Integer pieces,
            @Within(Limit.PLAN_MINUTE) @Nullable Integer due,
            @Nullable Boolean overnight,
            @Nullable Boolean parBaked,
            @Within(Limit.SPLITS) @Nullable List<SplitSpec> splits) {

        private static final ServingSpec UNKNOWN = new ServingSpec(null, null, null, null, null, null, null);

        ServingSpec withDue(@Nullable Integer other) {
            return new ServingSpec(formula, version, pieces, other, overnight, parBaked, splits);
        }

        ServingSpec withPieces(int other) {
            return new ServingSpec(formula, version, other, due, overnight, parBaked, splits);
        }

        ServingSpec of(@Nullable Long otherFormula, @Nullable Integer otherVersion) {
            return new ServingSpec(otherFormula, otherVersion, pieces, due, overnight, parBaked, splits);
        }

        /** What is put aside is taken from another batch. */
        ServingSpec withoutSplits() {
            return new ServingSpec(formula, version, pieces, due, overnight, parBaked, List.of());
        }

        ServingSpec cookedBefore() {
            return new ServingSpec(formula, version, pieces, due, overnight, true, splits);
        }

        ServingSpec chilledOvernight() {
            return new ServingSpec(formula, version, pieces, due, true, parBaked, splits);
        }
    }

    /**
     * Somebody who is there.
     *
     * @param name a role name, unlike all others
     * @param comes from when
     * @param goes until when, later
     * @param roles codes of what they can do: {@code prep}, {@code dough}, {@code shape}, {@code cook}
     */
    public record WorkerSpec(
            @Within(Limit.SHORT_NAME) @Nullable String name,
            @Within(Limit.PLAN_MINUTE) @Nullable Integer comes,
            @Within(Limit.PLAN_MINUTE) @Nullable Integer goes,
            @Nullable List<@Nullable String> roles) {}

    /**
     * A task that begins when the user says.
     *
     * @param task key of the task
     * @param start when it begins
     */
    public record PinSpec(
            @Within(Limit.CODE) @Nullable String task,
            @Within(Limit.PLAN_MINUTE) @Nullable Integer start) {}

    /** This question, with the faults of all of it added. */
    public PlanSpec checked(Faults faults) {
        readServings(faults);
        readWorkers(faults);
        readPlaces(faults);
        readPins(faults);
        readKitchenC(faults);
        return this;
    }

    /** The same with other formulas, serving by serving; null for none. */
    public PlanSpec withFormulas(@Nullable List<@Nullable Long> formulas) {
        return withServings(each(
                servings,
                (number, serving) -> serving.of(
                        formulas == null || number >= formulas.size() ? null : formulas.get(number),
                        serving.version())));
    }

    /** The same of these versions, serving by serving. */
    public PlanSpec withVersions(List<Integer> versions) {
        return withServings(each(servings, (number, serving) -> serving.of(serving.formula(), versions.get(number))));
    }

    /** What is served, with the faults of it added. */
    public List<ServingSpec> readServings(Faults faults) {
        List<ServingSpec> read = new ArrayList<>();
        faults.require(servings != null && !servings.isEmpty(), "servings", FaultCode.MISSING, null);
        int line = 0;
        for (ServingSpec each : faults.atMost("servings", servings, Limit.SERVINGS)) {
            ServingSpec serving = each == null ? ServingSpec.UNKNOWN : each;
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

    /** Who is there, with the faults of it added. */
    public List<Worker> readWorkers(Faults faults) {
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

    /** How much there is of each place, with the faults of it added. */
    public Map<Place, Integer> readPlaces(Faults faults) {
        Map<Place, Integer> places = new EnumMap<>(Place.class);
        places.put(Place.PAN, there("pans", pans, Limit.PLAN_PLACES, faults));
        places.put(Place.OVEN, there("ovens", ovens, Limit.PLAN_PLACES, faults));
        places.put(Place.MIXER, there("mixers", mixers, Limit.PLAN_PLACES, faults));
        places.put(Place.FRIDGE, there("fridgeLitres", fridgeLitres, Limit.FRIDGE_LITRES, faults));
        return places;
    }

    /** What is pinned, with the faults of it added. */
    public Map<String, Integer> readPins(Faults faults) {
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

    static int hour(Coefficient hour) {
        return MINUTES_PER_HOUR * (int) hour.value();
    }

    /** How warm kitchen and flour are that day, °C, with its fault added; null for what each formula says. */
    public @Nullable Double readKitchenC(Faults faults) {
        faults.number("kitchenC", kitchenC, Limit.PLACE_C);
        return kitchenC;
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

    /** The key of a serving, by its place in the list. */
    public static String key(int serving) {
        return "s" + (serving + 1);
    }

    /** What is asked once a demand gives so far; null when that cannot be asked for. */
    public @Nullable PlanSpec after(Remedy remedy) {
        String subject = remedy.demand().subject();
        return switch (remedy.demand().kind()) {
            case ON_TIME ->
                withServings(each(
                        servings,
                        (number, serving) -> key(number).equals(subject)
                                ? serving.withDue(plus(serving.due(), remedy.by()))
                                : serving));
            case HOURS ->
                withWorkers(each(
                        workers,
                        (number, worker) -> subject.equals(worker.name())
                                ? new WorkerSpec(
                                        worker.name(),
                                        plus(worker.comes(), -remedy.before()),
                                        plus(worker.goes(), remedy.after()),
                                        worker.roles())
                                : worker));
            case PLACE -> withPlace(subject, remedy.by());
            case PIN ->
                withPins(
                        pins == null
                                ? List.of()
                                : pins.stream()
                                        .filter(pin -> pin == null || !subject.equals(pin.task()))
                                        .toList());
            case WINDOW -> null;
        };
    }

    /** What is asked with fewer pieces of a serving. */
    public PlanSpec after(FewerPieces fewer) {
        return withServings(each(
                servings,
                (number, serving) ->
                        key(number).equals(fewer.serving()) ? serving.withPieces(fewer.pieces()) : serving));
    }

    /** What is asked with a serving in two batches; the second is put at the end, so that the others keep their keys. */
    public PlanSpec after(TwoBatches batches) {
        List<@Nullable ServingSpec> halved = new ArrayList<>(
                after(new FewerPieces(batches.serving(), batches.first() + batches.second(), batches.first()))
                        .servings());
        halved.stream()
                .skip(number(batches.serving()))
                .findFirst()
                .ifPresent(
                        first -> halved.add(first.withPieces(batches.second()).withoutSplits()));
        return withServings(halved);
    }

    /** The place of a serving in the list, by its key. */
    private static int number(String key) {
        return Integer.parseInt(key.substring(1)) - 1;
    }

    /** Changes one of a list by its place in it. */
    interface Change<T> {
        T of(int number, T one);
    }

    static <T> List<@Nullable T> each(@Nullable List<@Nullable T> list, Change<T> change) {
        List<@Nullable T> changed = new ArrayList<>();
        for (T one : list == null ? List.<T>of() : list) {
            changed.add(one == null ? null : change.of(changed.size(), one));
        }
        return changed;
    }

    /** A list with one more. */
    static <T> List<@Nullable T> and(List<T> list, T one) {
        List<@Nullable T> all = new ArrayList<>(list);
        all.add(one);
        return all;
    }

    static @Nullable Integer plus(@Nullable Integer number, int more) {
        return number == null ? null : Integer.valueOf(number + more);
    }

    PlanSpec withServings(List<@Nullable ServingSpec> others) {
        return new PlanSpec(others, workers, pans, ovens, mixers, fridgeLitres, careful, pins, kitchenC);
    }

    PlanSpec withWorkers(List<@Nullable WorkerSpec> others) {
        return new PlanSpec(servings, others, pans, ovens, mixers, fridgeLitres, careful, pins, kitchenC);
    }

    private PlanSpec withPins(List<@Nullable PinSpec> others) {
        return new PlanSpec(servings, workers, pans, ovens, mixers, fridgeLitres, careful, others, kitchenC);
    }

    PlanSpec withPlace(String place, int more) {
        return new PlanSpec(
                servings,
                workers,
                place.equals(Place.PAN.code()) ? plus(pans, more) : pans,
                place.equals(Place.OVEN.code()) ? plus(ovens, more) : ovens,
                place.equals(Place.MIXER.code()) ? plus(mixers, more) : mixers,
                place.equals(Place.FRIDGE.code()) ? plus(fridgeLitres, more) : fridgeLitres,
                careful,
                pins,
                kitchenC);
    }
}
