package verdamen.core.prep;

import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;

/**
 * How long something hot takes to cool, by Newton's law, T = T_room + (T₀ − T_room) e^(−kt).
 *
 * @param fromC T₀, °C
 * @param roomC T_room, °C
 * @param targetC temperature to reach, °C
 * @param ratePerMinute k, per minute: from a reading, else by how it lies
 * @param read whether k comes from a reading
 * @param minutes minutes from the start until the target is reached; null when the room is too warm for it
 * @param minutesLeft minutes from the reading, or from the start without one
 * @param safeMinutes minutes until it is down to the typical food-safety limit; null when the room is too warm
 * @param curve the temperature every five minutes from the start, °C, until it is reached or four hours have passed
 * @param steps how the minutes come about
 * @param kitchenC a usual kitchen, °C, as a place to cool in
 * @param fridgeC a usual fridge, °C
 */
public record Cooling(
        double fromC,
        double roomC,
        double targetC,
        double ratePerMinute,
        boolean read,
        @Nullable Double minutes,
        @Nullable Double minutesLeft,
        @Nullable Double safeMinutes,
        List<Double> curve,
        List<ExplanationStep> steps,
        double kitchenC,
        double fridgeC) {

    private static final int CURVE_STEP = (int) Coefficient.COOLING_CURVE_STEP.value();
    private static final int CURVE_END = (int) Coefficient.COOLING_CURVE_END.value();

    /** A cooling whose rate follows from how it lies. */
    static Cooling typical(double fromC, double roomC, double targetC, double rate) {
        return of(fromC, roomC, targetC, rate, null, List.of());
    }

    /**
     * A cooling whose rate comes from a later reading, k = ln((T₀ − T_room)/(T − T_room))/t.
     *
     * @param minute when it was read, above 0
     * @param readC what was read, between room and start
     */
    static Cooling read(double fromC, double roomC, double targetC, double minute, double readC) {
        double rate = Math.log((fromC - roomC) / (readC - roomC)) / minute;
        ExplanationStep step = ExplanationStep.of(
                Rule.COOLING_RATE,
                rate,
                Unit.PER_MINUTE,
                Term.celsius(Symbol.START_TEMPERATURE, fromC),
                Term.celsius(Symbol.ROOM_TEMPERATURE, roomC),
                Term.celsius(Symbol.READ_TEMPERATURE, readC),
                Term.minutes(Symbol.READ_MINUTE, minute));
        return of(fromC, roomC, targetC, rate, minute, List.of(step));
    }

    private static Cooling of(
            double fromC,
            double roomC,
            double targetC,
            double rate,
            @Nullable Double readMinute,
            List<ExplanationStep> before) {
        Double minutes = minutesTo(fromC, roomC, targetC, rate);
        List<ExplanationStep> steps = before;
        if (minutes != null && minutes > 0) {
            ExplanationStep step = ExplanationStep.of(
                    Rule.COOLING,
                    minutes,
                    Unit.MINUTES,
                    Term.celsius(Symbol.START_TEMPERATURE, fromC),
                    Term.celsius(Symbol.ROOM_TEMPERATURE, roomC),
                    Term.celsius(Symbol.TARGET_TEMPERATURE, targetC),
                    new Term(Symbol.COOLING_RATE, rate, Unit.PER_MINUTE));
            steps = before.isEmpty() ? List.of(step) : List.of(before.get(0), step);
        }
        Double left =
                minutes == null ? null : Double.valueOf(Math.max(0, minutes - (readMinute == null ? 0 : readMinute)));
        int end = minutes == null ? CURVE_END : (int) Math.min(CURVE_END, Math.ceil(minutes / CURVE_STEP) * CURVE_STEP);
        List<Double> curve = IntStream.rangeClosed(0, end / CURVE_STEP)
                .mapToObj(i -> at(fromC, roomC, rate, i * CURVE_STEP))
                .toList();
        return new Cooling(
                fromC,
                roomC,
                targetC,
                rate,
                readMinute != null,
                minutes,
                left,
                minutesTo(fromC, roomC, Coefficient.SAFE_COOLING_C.value(), rate),
                curve,
                steps,
                Coefficient.KITCHEN_C.value(),
                Coefficient.FRIDGE_C.value());
    }

    /**
     * What something that stands in a bowl comes to, °C: k = 0.016 · (500/g)^(1/3) per minute, at most 0.03, and 1.3 times that in a
     * fridge.
     *
     * @param fromC how warm it is, °C
     * @param roomC how warm it is where it stands, °C
     * @param fridge whether that is a fridge
     * @param grams its mass, g
     * @param minutes how long it stands
     */
    public static double inABowl(double fromC, double roomC, boolean fridge, double grams, double minutes) {
        return at(fromC, roomC, rate(grams, false, false, fridge), minutes);
    }

    /**
     * k, how fast something cools, per minute.
     *
     * @param grams its mass, g
     * @param spread whether it lies 1 to 2 cm thin
     * @param stirred whether it is stirred now and then, where it does not lie thin
     * @param fridge whether it stands in a fridge, whose air moves
     */
    static double rate(double grams, boolean spread, boolean stirred, boolean fridge) {
        double heap = grams > 0
                ? Math.min(
                        Coefficient.COOLING_HEAP_MOST.value(),
                        Coefficient.COOLING_HEAP.value() * Math.cbrt(Coefficient.COOLING_HEAP_GRAMS.value() / grams))
                : Coefficient.COOLING_HEAP_MOST.value();
        double still = spread
                ? Coefficient.COOLING_SPREAD.value()
                : heap * (stirred ? Coefficient.COOLING_STIRRED.value() : 1);
        return still * (fridge ? Coefficient.COOLING_FRIDGE.value() : 1);
    }

    /** The temperature after some minutes, °C. */
    static double at(double fromC, double roomC, double rate, double minutes) {
        return roomC + (fromC - roomC) * Math.exp(-rate * minutes);
    }

    private static @Nullable Double minutesTo(double fromC, double roomC, double targetC, double rate) {
        if (fromC <= targetC) {
            return 0.0;
        }
        return roomC >= targetC ? null : Double.valueOf(Math.log((fromC - roomC) / (targetC - roomC)) / rate);
    }
}
