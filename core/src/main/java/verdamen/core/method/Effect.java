package verdamen.core.method;

import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Filling;
import verdamen.core.balance.PlainWater;
import verdamen.core.balance.Water;
import verdamen.core.formula.Formula;
import verdamen.core.formula.WaterAddition;
import verdamen.core.handling.Handling;
import verdamen.core.handling.RolledDough;
import verdamen.core.handling.RollingWindow;
import verdamen.core.leavening.Rise;
import verdamen.core.pantry.Feel;

/**
 * What a way of making does to water, feel and handling. Each way is judged with its own right amount of plain water.
 *
 * @param waterGrams plain water needed, g
 * @param rangeGrams how far the water may be off once it is in, to either side, g
 * @param softness softness when rolled with that water; null when nothing drinks
 * @param feel the word for it
 * @param rollAtMinute minute at which it is rolled
 * @param windowFirst first minute at which it can be rolled; null when never
 * @param windowLast last minute at which it can be rolled
 * @param handling how it handles when rolled
 * @param puff chance of puffing with its heat, %; null for styles that do not
 * @param cookLossPct loss in cooking with its heat, % of the piece
 * @param griddleC temperature of griddle or oven, °C, middle of its range
 * @param risenMinute minute at which it has risen to its target; null without yeast, or when not within a day
 * @param pastBestMinute minute at which it is past its best; null without yeast, or when not within a day
 * @param fillingFreePct free water of the filling, %; null without a filling
 * @param fillingLimitPct its limit, %; null without a filling
 */
public record Effect(
        double waterGrams,
        double rangeGrams,
        @Nullable Double softness,
        @Nullable Feel feel,
        double rollAtMinute,
        @Nullable Integer windowFirst,
        @Nullable Integer windowLast,
        Handling handling,
        @Nullable Double puff,
        double cookLossPct,
        double griddleC,
        @Nullable Integer risenMinute,
        @Nullable Integer pastBestMinute,
        @Nullable Double fillingFreePct,
        @Nullable Double fillingLimitPct) {

    /** The effect of a way of making. */
    static Effect of(Formula formula) {
        Water water = Balance.water(Dough.of(formula));
        Formula right = PlainWater.set(formula, Math.max(0, water.needed()));
        RolledDough rolled = RolledDough.of(right);
        double minute = rolled.minute();
        Handling handling = rolled.handling();
        RollingWindow window = rolled.window();
        Rise rise = rolled.rise();
        Filling filling = Filling.of(rolled.dough()).orElse(null);
        return new Effect(
                water.needed(),
                rangeGrams(formula, water),
                handling.softness(),
                handling.feel(formula),
                minute,
                window == null ? null : Integer.valueOf(window.first()),
                window == null ? null : Integer.valueOf(window.last()),
                handling,
                handling.puff() == null
                        ? null
                        : Double.valueOf(Math.min(
                                100, handling.puff() * formula.method().heat().puffFactor())),
                formula.style().cookLossPct() * formula.method().heat().lossFactor(),
                (formula.style().griddleLowC() + formula.style().griddleHighC()) / 2
                        + formula.method().heat().griddleChangeK(),
                rise.hasYeast() ? minute(formula, rise.minutesToTarget()) : null,
                rise.hasYeast() ? minute(formula, rise.minutesPastBest()) : null,
                filling == null ? null : Double.valueOf(filling.freeWaterPct()),
                filling == null ? null : Double.valueOf(filling.limitPct()));
    }

    private static @Nullable Integer minute(Formula formula, @Nullable Integer afterKneading) {
        return afterKneading == null
                ? null
                : Integer.valueOf((int) Math.ceil(formula.kneading().endMinute()) + afterKneading);
    }

    /** Poured at once the water may be off by its range; felt on the way, by half an addition. */
    private static double rangeGrams(Formula formula, Water water) {
        double off = (water.told().high() - water.told().low()) / 2;
        boolean felt = formula.method().waterAddition() == WaterAddition.IN_ADDITIONS;
        return felt ? Math.min(off, water.told().additions().eachGrams() / 2) : off;
    }
}
