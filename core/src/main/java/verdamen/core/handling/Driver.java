package verdamen.core.handling;

import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Filling;
import verdamen.core.formula.Heat;
import verdamen.core.formula.Sticking;
import verdamen.core.model.Coefficient;
import verdamen.core.prep.LiquidUse;

/**
 * How far a formula's own figures speak for a cause, 0 to 1. What no figure shows, such as uneven rolling, stands at a
 * constant: it is worth a look, but never goes before what the figures say.
 */
enum Driver {
    TOO_SOFT(evidence -> share(evidence.handling().stick())),
    TOO_DRY(evidence -> logistic((evidence.style().softnessLow() - evidence.softness()) / 0.04)),
    ROLLED_EARLY(evidence ->
            evidence.window() != null && evidence.rollAt() < evidence.window().first() ? 1 : 0.05),
    WEEPS(evidence -> clamp(evidence.rise() / 0.08)),
    HOT_MASH(evidence -> evidence.hasForm("mash-hot") ? 1 : 0),
    SUGARY(evidence -> clamp(evidence.sweetPct() / 6)),
    NO_BENCH_CARE(evidence -> evidence.formula().method().sticking() == null ? 0.5 : 0.1),
    WEAK_NETWORK(evidence -> logistic((45 - evidence.handling().gluten()) / 8)),
    STILL_THIRSTY(evidence -> clamp((1 - evidence.dough().uptakeDone(evidence.rollAt())) / 0.05)),
    UNCOVERED(evidence -> 0.3),
    BENCH_FLOUR_TAKEN(Driver::benchFlour),
    SPRINGY(evidence ->
            clamp(evidence.handling().springBackPct() / evidence.style().springLimitPct() - 0.5)),
    STRONG_NETWORK(evidence -> logistic((evidence.handling().gluten() - 85) / 8)),
    CHILLED(evidence -> evidence.formula().timeline().celsius(evidence.rollAt()) < 15 ? 1 : 0),
    PIECES_TOO_LARGE(evidence -> evidence.coarsest()
            .map(line -> logistic((Evidence.cover(line) / evidence.formula().sheetMm() - 1.05) / 0.12))
            .orElse(0.0)),
    MANY_PIECES(evidence -> clamp(evidence.handling().pieceShare() / 0.35)),
    SHEET_TOO_THIN(evidence -> share(evidence.handling().tear())),
    UNMIXED(evidence -> 0.2),
    SHEET_OFF(evidence ->
            clamp(Math.abs(evidence.formula().sheetMm() - evidence.style().sheetMm()) / 1.2)),
    SHEET_THICK(
            evidence -> clamp((evidence.formula().sheetMm() / evidence.style().sheetMm() - 1) / 0.5)),
    LOW_HEAT(evidence -> heat(evidence, Heat.MEDIUM_FAT) || heat(evidence, Heat.COVERED) ? 0.8 : 0.35),
    COVERED_HEAT(evidence -> heat(evidence, Heat.COVERED) ? 1 : 0),
    FIERCE_HEAT(evidence -> heat(evidence, Heat.OVEN_STONE) ? 0.7 : heat(evidence, Heat.HOT_DRY) ? 0.45 : 0.1),
    FAT_ON_GRIDDLE(evidence -> heat(evidence, Heat.MEDIUM_FAT) ? 0.8 : 0.1),
    UNEVEN(evidence -> 0.4),
    LOSES_MUCH(evidence -> clamp(
            evidence.style().cookLossPct() * evidence.formula().method().heat().lossFactor() / 14 - 0.2)),
    LEAN(evidence -> clamp(1 - evidence.dough().fatPerFlour() / 0.06)),
    RICH(evidence -> logistic((evidence.dough().fatPerFlour() - 0.18) / 0.03)),
    CHILL_FAT(evidence -> evidence.formula().waterTemperatureC() != null
                    && evidence.formula().waterTemperatureC() >= Coefficient.TEPID_WATER_BELOW.value()
                    && evidence.dough().fatPerFlour() > 0.05
            ? 0.8
            : 0.1),
    FILLING_WET(evidence -> filling(evidence, filling -> clamp(filling.freeWaterPct() / filling.limitPct() - 0.5))),
    FILLING_MUCH(evidence ->
            filling(evidence, filling -> filling.perDough() == null ? 0 : clamp((filling.perDough() - 0.5) / 0.7))),
    RAW_PULSE(evidence -> clamp(evidence.pulseFlourPct() / 30)),
    SALTY(evidence -> clamp((evidence.dough().saltPct() - 1) / 2)),
    UNPRESSED(evidence -> evidence.formula().method().pressedLiquid() == LiquidUse.NEVER_PRESSED
            ? 0.9
            : clamp(evidence.rawPct() / 40)),
    NO_SUGAR(evidence -> evidence.sweetPct() > 0 ? 0.1 : 0.5);

    private static final double PERCENT = 100;

    private final ToDoubleFunction<Evidence> strength;

    Driver(ToDoubleFunction<Evidence> strength) {
        this.strength = strength;
    }

    /** How far the figures speak for it, 0 to 1. */
    double strength(Evidence evidence) {
        return strength.applyAsDouble(evidence);
    }

    private static double benchFlour(Evidence evidence) {
        if (evidence.formula().method().sticking() != Sticking.BENCH_FLOUR) {
            return 0.1;
        }
        double flour = evidence.dough().flourGrams();
        double share = flour > 0 ? evidence.formula().method().pickupGrams() / flour : 0;
        return clamp(share / (2 * Coefficient.BENCH_FLOUR_PICKUP.value()));
    }

    private static boolean heat(Evidence evidence, Heat heat) {
        return evidence.formula().method().heat() == heat;
    }

    private static double filling(Evidence evidence, ToDoubleFunction<Filling> strength) {
        Filling filling = evidence.filling();
        return filling == null ? 0 : strength.applyAsDouble(filling);
    }

    private static double share(@Nullable Double percent) {
        return percent == null ? 0 : percent / PERCENT;
    }

    private static double clamp(double value) {
        return Math.max(0, Math.min(1, value));
    }

    private static double logistic(double z) {
        return 1 / (1 + Math.exp(-z));
    }
}
