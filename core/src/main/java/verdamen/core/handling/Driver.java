package verdamen.core.handling;

import static verdamen.core.model.Coefficient.*;

import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Filling;
import verdamen.core.formula.Heat;
import verdamen.core.formula.Sticking;
import verdamen.core.model.Share;
import verdamen.core.prep.LiquidUse;

/**
 * How far a formula's own figures speak for a cause, 0 to 1. What no figure shows, such as uneven rolling, stands at a
 * constant: it is worth a look, but never goes before what the figures say.
 */
enum Driver {
    TOO_SOFT(evidence -> share(evidence.handling().stick())),
    TOO_DRY(evidence -> logistic((evidence.style().softnessLow() - evidence.softness()) / CAUSE_DRY_SPREAD.value())),
    ROLLED_EARLY(evidence ->
            evidence.window() != null && evidence.rollAt() < evidence.window().first()
                    ? 1
                    : CAUSE_EARLY_OTHERWISE.value()),
    WEEPS(evidence -> clamp(evidence.rise() / CAUSE_WEEPING_RISE.value())),
    HOT_MASH(evidence -> evidence.hasForm("mash-hot") ? 1 : 0),
    SUGARY(evidence -> clamp(evidence.sweetPct() / CAUSE_SUGAR_PCT.value())),
    NO_BENCH_CARE(evidence ->
            evidence.formula().method().sticking() == null ? CAUSE_STICKING_UNCARED.value() : CAUSE_UNLIKELY.value()),
    WEAK_NETWORK(evidence ->
            logistic((CAUSE_WEAK_GLUTEN.value() - evidence.handling().sheetStrength()) / CAUSE_GLUTEN_SPREAD.value())),
    STILL_DRINKING(evidence -> clamp((1 - evidence.dough().uptakeDone(evidence.rollAt())) / CAUSE_UPTAKE_OPEN.value())),
    UNCOVERED(evidence -> CAUSE_UNCOVERED.value()),
    BENCH_FLOUR_TAKEN(Driver::benchFlour),
    SPRINGY(evidence -> clamp(
            evidence.handling().springBackPct() / evidence.style().springLimitPct() - CAUSE_SPRING_OFFSET.value())),
    STRONG_NETWORK(evidence ->
            logistic((evidence.handling().gluten() - CAUSE_STRONG_GLUTEN.value()) / CAUSE_GLUTEN_SPREAD.value())),
    CHILLED(evidence ->
            evidence.formula().timeline().celsius(evidence.rollAt()) < CAUSE_CHILLED_BELOW_C.value() ? 1 : 0),
    PIECES_TOO_LARGE(evidence -> evidence.coarsest()
            .map(line -> logistic((evidence.cover() / evidence.formula().sheetMm() - CAUSE_PIECE_COVER.value())
                    / CAUSE_PIECE_SPREAD.value()))
            .orElse(0.0)),
    MANY_PIECES(evidence -> clamp(evidence.handling().pieceShare() / CAUSE_PIECE_SHARE.value())),
    SHEET_TOO_THIN(evidence -> share(evidence.handling().tear())),
    UNMIXED(evidence -> CAUSE_UNMIXED.value()),
    SHEET_OFF(evidence ->
            clamp(Math.abs(evidence.formula().sheetMm() - evidence.style().sheetMm()) / CAUSE_SHEET_OFF_MM.value())),
    SHEET_THICK(evidence ->
            clamp((evidence.formula().sheetMm() / evidence.style().sheetMm() - 1) / CAUSE_SHEET_THICK.value())),
    LOW_HEAT(evidence -> heat(evidence, Heat.MEDIUM_FAT) || heat(evidence, Heat.COVERED)
            ? CAUSE_LOW_HEAT.value()
            : CAUSE_LOW_HEAT_OTHERWISE.value()),
    COVERED_HEAT(evidence -> heat(evidence, Heat.COVERED) ? 1 : 0),
    FIERCE_HEAT(Driver::fierceHeat),
    FAT_ON_GRIDDLE(evidence -> heat(evidence, Heat.MEDIUM_FAT) ? CAUSE_FAT_ON_GRIDDLE.value() : CAUSE_UNLIKELY.value()),
    UNEVEN(evidence -> CAUSE_UNEVEN.value()),
    LOSES_MUCH(evidence -> clamp(evidence.style().cookLossPct()
                    * evidence.formula().method().heat().lossFactor()
                    / CAUSE_COOK_LOSS_PCT.value()
            - CAUSE_COOK_LOSS_OFFSET.value())),
    LEAN(evidence -> clamp(1 - evidence.dough().fatPerFlour() / CAUSE_LEAN_FAT.value())),
    RICH(evidence -> logistic((evidence.dough().fatPerFlour() - CAUSE_RICH_FAT.value()) / CAUSE_RICH_SPREAD.value())),
    CHILL_FAT(evidence -> evidence.formula().waterTemperatureC() != null
                    && evidence.formula().waterTemperatureC() >= TEPID_WATER_BELOW.value()
                    && evidence.dough().fatPerFlour() > CAUSE_MELTED_FAT_LEAST.value()
            ? CAUSE_MELTED_FAT.value()
            : CAUSE_UNLIKELY.value()),
    FILLING_WET(evidence -> filling(
            evidence, filling -> clamp(filling.freeWaterPct() / filling.limitPct() - CAUSE_FILLING_OFFSET.value()))),
    FILLING_MUCH(evidence -> filling(
            evidence,
            filling -> filling.perDough() == null
                    ? 0
                    : clamp((filling.perDough() - CAUSE_FILLING_FROM.value()) / CAUSE_FILLING_SPAN.value()))),
    RAW_PULSE(evidence -> clamp(evidence.pulseFlourPct() / CAUSE_PULSE_PCT.value())),
    SALTY(evidence -> clamp((evidence.dough().saltPct() - CAUSE_SALT_FROM_PCT.value()) / CAUSE_SALT_SPAN_PCT.value())),
    UNPRESSED(evidence -> evidence.formula().method().pressedLiquid() == LiquidUse.NEVER_PRESSED
            ? CAUSE_UNPRESSED.value()
            : clamp(evidence.rawPct() / CAUSE_RAW_PCT.value())),
    NO_SUGAR(evidence -> evidence.sweetPct() > 0 ? CAUSE_UNLIKELY.value() : CAUSE_NO_SUGAR.value());

    private final ToDoubleFunction<Evidence> strength;

    Driver(ToDoubleFunction<Evidence> strength) {
        this.strength = strength;
    }

    /** How far the figures speak for it, 0 to 1. */
    double strength(Evidence evidence) {
        return strength.applyAsDouble(evidence);
    }

    private static double fierceHeat(Evidence evidence) {
        return switch (evidence.formula().method().heat()) {
            case OVEN_STONE -> CAUSE_STONE_HEAT.value();
            case HOT_DRY -> CAUSE_DRY_HEAT.value();
            case MEDIUM_FAT, COVERED -> CAUSE_UNLIKELY.value();
        };
    }

    private static double benchFlour(Evidence evidence) {
        if (evidence.formula().method().sticking() != Sticking.BENCH_FLOUR) {
            return CAUSE_UNLIKELY.value();
        }
        double flour = evidence.dough().flourGrams();
        double share = flour > 0 ? evidence.formula().method().pickupGrams() / flour : 0;
        return clamp(share / (CAUSE_BENCH_FLOUR_TIMES.value() * BENCH_FLOUR_PICKUP.value()));
    }

    private static boolean heat(Evidence evidence, Heat heat) {
        return evidence.formula().method().heat() == heat;
    }

    private static double filling(Evidence evidence, ToDoubleFunction<Filling> strength) {
        Filling filling = evidence.filling();
        return filling == null ? 0 : strength.applyAsDouble(filling);
    }

    private static double share(@Nullable Double percent) {
        return percent == null ? 0 : Share.ofPct(percent).fraction();
    }

    private static double clamp(double value) {
        return Math.max(0, Math.min(1, value));
    }

    private static double logistic(double z) {
        return Risks.logistic(z).fraction();
    }
}
