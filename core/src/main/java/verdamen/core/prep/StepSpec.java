package verdamen.core.prep;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.pantry.Aliases;
import verdamen.core.pantry.Aliases.Kind;

/**
 * A step of a preparation chain as asked. Every weight may be absent: the typical value stands in.
 *
 * @param kind code of the step
 * @param beforeGrams what was weighed before it, g; absent for all that the step before left
 * @param afterGrams what was weighed after it, g
 * @param liquidGrams liquid that ran and was caught, g, for salting and pressing; water driven off, for roasting, wilting
 *     and cooking down
 * @param pieceMm size of the pieces, mm; for cutting and mashing
 * @param drained whether salting pours its liquid off, and boiling its water; absent for yes
 * @param added what was put in
 * @param cooling temperatures, for cooling
 * @param heating burner and pan, for wilting and cooking down
 */
public record StepSpec(
        @Nullable String kind,
        @Within(Limit.GRAMS) @Nullable Double beforeGrams,
        @Within(Limit.GRAMS) @Nullable Double afterGrams,
        @Within(Limit.GRAMS) @Nullable Double liquidGrams,
        @Within(Limit.CUT_MM) @Nullable Double pieceMm,
        @Nullable Boolean drained,
        @Within(Limit.ADDITIONS) @Nullable List<AddedSpec> added,
        @Nullable CoolingSpec cooling,
        @Nullable HeatingSpec heating) {

    /** A step without a word on burner and pan. */
    public StepSpec(
            @Nullable String kind,
            @Nullable Double beforeGrams,
            @Nullable Double afterGrams,
            @Nullable Double liquidGrams,
            @Nullable Double pieceMm,
            @Nullable Boolean drained,
            @Nullable List<AddedSpec> added,
            @Nullable CoolingSpec cooling) {
        this(kind, beforeGrams, afterGrams, liquidGrams, pieceMm, drained, added, cooling, null);
    }

    /**
     * Something put in at a step.
     *
     * @param ingredient its code
     * @param grams how much, g
     */
    public record AddedSpec(
            @Nullable String ingredient,
            @Within(Limit.GRAMS) @Nullable Double grams) {

        private AddedSpec withCurrentCode(Aliases aliases) {
            return new AddedSpec(ingredient == null ? null : aliases.current(Kind.INGREDIENT, ingredient), grams);
        }
    }

    /**
     * The temperatures of a cooling.
     *
     * @param fromC temperature at its start, °C; absent for what comes straight from cooking
     * @param roomC temperature of the room or fridge, °C; absent for a kitchen
     * @param targetC temperature to reach, °C; absent for the usual one of the ingredient
     * @param spread whether it lies 1 to 2 cm thin; absent for yes, else it is in a heap or bowl
     * @param stirred whether it is stirred now and then, where it is in a heap or bowl
     * @param readMinute minute of a later reading
     * @param readC the temperature read then, °C
     */
    public record CoolingSpec(
            @Within(Limit.COOLING_FROM_C) @Nullable Double fromC,
            @Within(Limit.COOLING_ROOM_C) @Nullable Double roomC,
            @Within(Limit.COOLING_TARGET_C) @Nullable Double targetC,
            @Nullable Boolean spread,
            @Nullable Boolean stirred,
            @Within(Limit.COOLING_READ_MINUTE) @Nullable Double readMinute,
            @Within(Limit.COOLING_READ_C) @Nullable Double readC) {

        /** Nothing said. */
        static final CoolingSpec NONE = new CoolingSpec(null, null, null, null, null, null);

        /** A cooling that nobody stirs. */
        public CoolingSpec(
                @Nullable Double fromC,
                @Nullable Double roomC,
                @Nullable Double targetC,
                @Nullable Boolean spread,
                @Nullable Double readMinute,
                @Nullable Double readC) {
            this(fromC, roomC, targetC, spread, null, readMinute, readC);
        }
    }

    /**
     * Burner and pan of a wilting or cooking down.
     *
     * @param fromC temperature at its start, °C; absent for the kitchen's, or hot where the step before was
     * @param burnerW power of the burner, W; absent for the formula's, or a usual one
     * @param lid whether the lid is on
     * @param panL what the pan holds, litres; absent for a wide pan
     */
    public record HeatingSpec(
            @Within(Limit.COOLING_FROM_C) @Nullable Double fromC,
            @Within(Limit.BURNER_W) @Nullable Double burnerW,
            @Nullable Boolean lid,
            @Within(Limit.PAN_L) @Nullable Double panL) {

        static final HeatingSpec NONE = new HeatingSpec(null, null, null, null);
    }

    /** This step with the codes that rows of the book have now. */
    StepSpec withCurrentCodes(Aliases aliases) {
        return added == null
                ? this
                : new StepSpec(
                        kind,
                        beforeGrams,
                        afterGrams,
                        liquidGrams,
                        pieceMm,
                        drained,
                        added.stream()
                                .map(each -> each.withCurrentCode(aliases))
                                .toList(),
                        cooling,
                        heating);
    }

    /** A step with typical values. */
    public static StepSpec of(StepKind kind) {
        return of(kind.code());
    }

    /** A step with typical values, by the code of its kind. */
    public static StepSpec of(String kind) {
        return new StepSpec(kind, null, null, null, null, null, null, null, null);
    }

    /** This step with something more put in. */
    public StepSpec alsoAdding(String ingredient, double grams) {
        List<AddedSpec> all = new ArrayList<>(added == null ? List.of() : added);
        all.add(new AddedSpec(ingredient, grams));
        return new StepSpec(kind, beforeGrams, afterGrams, liquidGrams, pieceMm, drained, all, cooling, heating);
    }

    /** This step with the weight after it. */
    public StepSpec leaving(double grams) {
        return new StepSpec(kind, beforeGrams, grams, liquidGrams, pieceMm, drained, added, cooling, heating);
    }

    /** This step with the liquid that ran. */
    public StepSpec running(double grams) {
        return new StepSpec(kind, beforeGrams, afterGrams, grams, pieceMm, drained, added, cooling, heating);
    }

    /** This step with something put in. */
    public StepSpec adding(String ingredient, double grams) {
        return new StepSpec(
                kind,
                beforeGrams,
                afterGrams,
                liquidGrams,
                pieceMm,
                drained,
                List.of(new AddedSpec(ingredient, grams)),
                cooling,
                heating);
    }

    /** This step with so many times of everything that is weighed at it. */
    StepSpec times(double factor) {
        return new StepSpec(
                kind,
                times(beforeGrams, factor),
                times(afterGrams, factor),
                times(liquidGrams, factor),
                pieceMm,
                drained,
                added == null
                        ? null
                        : added.stream()
                                .map(each -> new AddedSpec(each.ingredient(), times(each.grams(), factor)))
                                .toList(),
                cooling,
                heating);
    }

    private static @Nullable Double times(@Nullable Double grams, double factor) {
        return grams == null ? null : Double.valueOf(grams * factor);
    }

    /** This step with burner and pan. */
    public StepSpec heating(HeatingSpec how) {
        return new StepSpec(kind, beforeGrams, afterGrams, liquidGrams, pieceMm, drained, added, cooling, how);
    }

    /** This step with temperatures. */
    public StepSpec cooling(CoolingSpec temperatures) {
        return new StepSpec(kind, beforeGrams, afterGrams, liquidGrams, pieceMm, drained, added, temperatures, heating);
    }
}
