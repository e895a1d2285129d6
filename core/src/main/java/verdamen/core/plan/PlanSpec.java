package verdamen.core.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Portioning.SplitSpec;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.portion.Tray;

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
 * @param trays trays for balls of dough
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
        @Nullable TraySpec trays,
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
            new TraySpec(null, Tray.USUAL.longMm(), Tray.USUAL.shortMm()),
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

    /**
     * Trays on which balls of dough lie until they are rolled.
     *
     * @param count how many; absent for as many as it takes
     * @param longMm the longer side of one, mm; absent for the usual
     * @param shortMm its other side, mm; absent for the usual
     */
    public record TraySpec(
            @Within(Limit.PLAN_PLACES) @Nullable Integer count,
            @Within(Limit.TRAY_MM) @Nullable Double longMm,
            @Within(Limit.TRAY_MM) @Nullable Double shortMm) {

        TraySpec and(int more) {
            return new TraySpec(plus(count, more), longMm, shortMm);
        }
    }

    /** This question, with the faults of all of it added. */
    public PlanSpec checked(Faults faults) {
        PlanReading.of(this, faults);
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

    static int hour(Coefficient hour) {
        return MINUTES_PER_HOUR * (int) hour.value();
    }

    /** The key of a serving, by its place in the list. */
    public static String key(int serving) {
        return "s" + (serving + 1);
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

    /** The same with one serving changed, by its key. */
    PlanSpec withServing(String key, UnaryOperator<ServingSpec> change) {
        return withServings(
                each(servings, (number, serving) -> key(number).equals(key) ? change.apply(serving) : serving));
    }

    PlanSpec withServings(List<@Nullable ServingSpec> others) {
        return with(others, workers, pins);
    }

    PlanSpec withWorkers(List<@Nullable WorkerSpec> others) {
        return with(servings, others, pins);
    }

    /** The same with a task that is no longer pinned. */
    PlanSpec withoutPin(String task) {
        List<PinSpec> all = pins == null ? List.of() : pins;
        return with(
                servings,
                workers,
                all.stream()
                        .filter(pin -> pin == null || !task.equals(pin.task()))
                        .toList());
    }

    private PlanSpec with(
            @Nullable List<@Nullable ServingSpec> servings,
            @Nullable List<@Nullable WorkerSpec> workers,
            @Nullable List<@Nullable PinSpec> pins) {
        return new PlanSpec(servings, workers, pans, ovens, mixers, fridgeLitres, careful, pins, trays, kitchenC);
    }

    /** The same with more of a place. */
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
                trays != null && place.equals(Place.TRAY.code()) ? trays.and(more) : trays,
                kitchenC);
    }
}
