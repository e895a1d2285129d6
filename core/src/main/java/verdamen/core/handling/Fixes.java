package verdamen.core.handling;

import java.util.Comparator;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Filling;
import verdamen.core.balance.Filling.FillingWayOut;
import verdamen.core.balance.PlainWater;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.handling.Diagnosis.Fix;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Role;
import verdamen.core.prep.Pressing;

/** Works out how much of a correction a formula needs: grams, minutes, millimetres or degrees. */
final class Fixes {

    private static final double FLOUR_SHARE = Coefficient.FIX_FLOUR_SHARE.value();
    private static final double INCLUSION_SHARE = Coefficient.FIX_INCLUSION_SHARE.value();
    private static final double FAT_SHARE = Coefficient.FIX_FAT_SHARE.value();
    private static final double LEAST_WATER_SHARE = Coefficient.FIX_WATER_LEAST.value();
    private static final double SUGAR_SHARE = Coefficient.FIX_SUGAR_SHARE.value();
    private static final double SALT_SHARE = Coefficient.FIX_SALT_SHARE.value();
    private static final double PRESS_SHARE = Coefficient.FIX_PRESS_SHARE.value();
    private static final double SHELL_SHARE = Coefficient.FIX_SHELL_SHARE.value();
    private static final double HEAT_STEP = Coefficient.FIX_HEAT_K.value();
    private static final double COOK_SHARE = Coefficient.FIX_COOK_SHARE.value();
    private static final double LEAST_REST = Coefficient.FIX_REST_LEAST.value();
    private static final double SHEET_STEP = Coefficient.FIX_SHEET_MM.value();
    private static final double WARM_MINUTES = Coefficient.FIX_WARM_MINUTES.value();
    private static final double COOL_WATER_C = Coefficient.FIX_COLD_WATER_C.value();

    private final Evidence evidence;

    Fixes(Evidence evidence) {
        this.evidence = evidence;
    }

    /** How much of a correction; without an amount where none applies. */
    Fix of(Correction correction) {
        return switch (correction) {
            case ADD_FLOUR -> grams(correction, flour());
            case ADD_WATER -> grams(correction, Math.max(water(), LEAST_WATER_SHARE * flourGrams()));
            case WAIT -> minutes(correction, waiting());
            case ROLL_BY -> minutes(correction, rollBy());
            case REST -> minutes(correction, resting());
            case COOL_MASH -> celsius(correction, Coefficient.HOT_FROM_C.value() - Coefficient.FIX_BELOW_HOT_K.value());
            case WARM_UP -> minutes(correction, WARM_MINUTES);
            case LESS_SUGAR -> ofRole(correction, Role.SWEETENER, -SUGAR_SHARE * flourGrams());
            case LITTLE_SUGAR -> grams(correction, SUGAR_SHARE * flourGrams());
            case LESS_SALT -> ofRole(correction, Role.SALT, -SALT_SHARE * flourGrams());
            case BENCH_FLOUR -> grams(correction, Coefficient.BENCH_FLOUR_PICKUP.value() * flourGrams());
            case LESS_BENCH_FLOUR ->
                grams(
                        correction,
                        -Coefficient.FIX_BENCH_FLOUR_SHARE.value()
                                * evidence.formula().method().pickupGrams());
            case STRONGER_FLOUR -> strongerFlour(correction);
            case SMALLER_PIECES -> smallerPieces(correction);
            case LESS_INCLUSION -> ofLine(correction, evidence.heaviest(), line -> -INCLUSION_SHARE * line.grams());
            case PRESS -> ofLine(correction, evidence.heaviest(), Fixes::pressable);
            case THICKER -> millimetres(correction, thicker());
            case THINNER -> millimetres(correction, evidence.style().sheetMm());
            case STYLE_SHEET -> millimetres(correction, evidence.style().sheetMm());
            case KNEAD, LESS_KNEADING -> minutes(correction, Coefficient.FIX_KNEAD_MINUTES.value());
            case HOTTER -> celsius(correction, HEAT_STEP);
            case COOLER -> celsius(correction, -HEAT_STEP);
            case SHORTER -> minutes(correction, -COOK_SHARE * cookMinutes());
            case LONGER -> minutes(correction, COOK_SHARE * cookMinutes());
            case MORE_FAT -> grams(correction, FAT_SHARE * flourGrams());
            case LESS_FAT -> ofRole(correction, Role.FAT, -FAT_SHARE * flourGrams());
            case COLD_WATER -> celsius(correction, COOL_WATER_C);
            case PRESS_FILLING -> pressFilling(correction);
            case LESS_FILLING -> lessFilling(correction);
            case COVER, UNCOVER, ROLL_EVEN -> new Fix(correction, null, null, null, null);
        };
    }

    private double flourGrams() {
        return evidence.dough().flourGrams();
    }

    /** Flour that takes the dough back to its target, g. */
    private double flour() {
        double target = evidence.formula().softnessTarget();
        double perGram = evidence.dough().flourDrinksPerGram(evidence.rollAt());
        double excess = (evidence.softness() - target) * evidence.dough().drinksGrams(evidence.rollAt());
        return perGram > 0 ? Math.max(0, excess / (target * perGram)) : 0;
    }

    /** Water that the formula lacks, g. */
    private double water() {
        return evidence.dough().waterNeeded() - PlainWater.grams(evidence.formula());
    }

    private double waiting() {
        RollingWindow window = evidence.window();
        return window == null ? LEAST_REST : Math.max(LEAST_REST, window.first() - evidence.rollAt());
    }

    private double rollBy() {
        RollingWindow window = evidence.window();
        return window == null
                ? evidence.formula().kneading().endMinute()
                : Math.min(window.last(), Math.max(window.first(), evidence.rollAt() - LEAST_REST));
    }

    /** Minutes more until spring-back is within the style's limit. */
    private double resting() {
        double gluten = evidence.handling().gluten();
        double kneaded = evidence.formula().timeline().kneadedBefore(evidence.rollAt());
        for (double more = 0; more <= Coefficient.WINDOW_END.value(); more++) {
            double spring = Risks.springBackPct(gluten, evidence.rollAt() - kneaded + more);
            if (spring <= evidence.style().springLimitPct()) {
                return Math.max(LEAST_REST, more);
            }
        }
        return Coefficient.WINDOW_END.value();
    }

    private Fix strongerFlour(Correction correction) {
        Optional<Line> weakest = evidence.flours().stream()
                .filter(line -> line.grams() > 0)
                .min(Comparator.comparingDouble(line -> line.ingredient().behaviour() == null
                        ? 0
                        : line.ingredient().behaviour().glutenQuality()));
        return ofLine(correction, weakest, line -> Math.min(line.grams(), FLOUR_SHARE * flourGrams()));
    }

    /** The piece size at which the pieces need no thicker sheet than is rolled. */
    private Fix smallerPieces(Correction correction) {
        return evidence.coarsest()
                .map(line -> {
                    double cover = evidence.cover();
                    double piece = line.pieceMm();
                    double fits = piece * Math.min(1, evidence.formula().sheetMm() / cover);
                    return new Fix(
                            correction,
                            fits,
                            Unit.MILLIMETRES,
                            line.index(),
                            line.ingredient().code());
                })
                .orElseGet(() -> new Fix(correction, null, null, null, null));
    }

    private double thicker() {
        return Math.max(
                evidence.formula().sheetMm() + SHEET_STEP, evidence.handling().thinnestMm());
    }

    private double cookMinutes() {
        return (evidence.style().sideOneS() + evidence.style().sideTwoS()) / 60;
    }

    private static double pressable(Line line) {
        return PRESS_SHARE
                / Coefficient.PRESSABLE_WATER.value()
                * Pressing.mostLiquidGrams(line.grams(), line.waterShare());
    }

    private Fix pressFilling(Correction correction) {
        Filling filling = evidence.filling();
        Optional<FillingWayOut> way = filling == null
                ? Optional.empty()
                : filling.waysOut().stream()
                        .filter(each -> each.obstacle() == null)
                        .findFirst();
        return way.map(each -> new Fix(correction, each.grams(), Unit.GRAMS, each.line(), each.ingredient()))
                .orElseGet(() -> ofLine(
                        correction,
                        evidence.formula().askedLines().stream()
                                .filter(line -> line.part() == Part.FILLING && line.form() != null)
                                .max(Comparator.comparingDouble(Line::grams)),
                        Fixes::pressable));
    }

    private Fix lessFilling(Correction correction) {
        Filling filling = evidence.filling();
        Double each = filling == null ? null : filling.perPieceGrams();
        Double shell = filling == null ? null : filling.doughPerPieceGrams();
        return each == null || shell == null
                ? new Fix(correction, null, null, null, null)
                : grams(correction, Math.min(0, SHELL_SHARE * shell - each));
    }

    private Fix ofRole(Correction correction, Role role, double grams) {
        Optional<Line> line = evidence.formula().askedLines().stream()
                .filter(each -> each.ingredient().role() == role && each.part() == Part.DOUGH)
                .max(Comparator.comparingDouble(Line::grams));
        return ofLine(correction, line, each -> Math.max(-each.grams(), grams));
    }

    private static Fix ofLine(
            Correction correction, Optional<Line> line, java.util.function.ToDoubleFunction<Line> grams) {
        return line.map(each -> new Fix(
                        correction,
                        grams.applyAsDouble(each),
                        Unit.GRAMS,
                        each.index(),
                        each.ingredient().code()))
                .orElseGet(() -> new Fix(correction, null, null, null, null));
    }

    private static Fix grams(Correction correction, double grams) {
        return fix(correction, grams, Unit.GRAMS);
    }

    private static Fix minutes(Correction correction, double minutes) {
        return fix(correction, minutes, Unit.MINUTES);
    }

    private static Fix celsius(Correction correction, double celsius) {
        return fix(correction, celsius, Unit.CELSIUS);
    }

    private static Fix millimetres(Correction correction, double millimetres) {
        return fix(correction, millimetres, Unit.MILLIMETRES);
    }

    private static Fix fix(Correction correction, @Nullable Double amount, Unit unit) {
        return new Fix(correction, amount, unit, null, null);
    }
}
