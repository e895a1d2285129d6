package verdamen.core.cooking;

import static verdamen.core.model.Symbol.*;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.DoughRow;
import verdamen.core.balance.Gluten;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Share;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Storage;

/**
 * Cooked bread that is kept: its moisture and the moisture under which it cracks when folded, by the hour. Source: model
 * page, section 13.
 *
 * @param moisturePct M₀, water just after cooking, %
 * @param sheetMm its thickness, mm
 * @param wholeGrainShare share of its flour that is whole grain
 * @param legumeShare share of its flour that is pulse flour
 * @param fatPerFlour x, pure fat of the fat lines over flour
 * @param holdPerFlour non-fat solids of inclusions that hold water, over flour
 * @param gluten G, points
 * @param ownOffset offset of what folds from the kitchen's own fold tests, percentage points
 */
record Bread(
        double moisturePct,
        double sheetMm,
        double wholeGrainShare,
        double legumeShare,
        double fatPerFlour,
        double holdPerFlour,
        double gluten,
        double ownOffset) {

    private static final double AIR_DRY = Coefficient.KEPT_AIR_DRY_PCT.value();
    private static final double MOST_HOURS = Coefficient.KEPT_MOST_HOURS.value();
    private static final int HALVINGS = (int) Coefficient.KEPT_HALVINGS.value();

    /** What becomes of a piece. */
    static Bread of(CookedPiece piece) {
        return of(piece.dough(), piece.moisturePct());
    }

    /** What becomes of a dough that has so much water just after cooking, %. */
    static Bread of(Dough dough, double moisturePct) {
        double flour = dough.flourGrams();
        double wholeGrain = 0;
        double legume = 0;
        double hold = 0;
        for (DoughRow row : dough.rows()) {
            if (row.countsAsFlour()) {
                wholeGrain += row.ingredient().wholeGrain() ? row.grams() : 0;
                legume += row.ingredient().legume() ? row.grams() : 0;
            }
            hold += holdsWater(row.line().form()) ? row.grams() * row.solidsShare() : 0;
        }
        return new Bread(
                moisturePct,
                dough.formula().sheetMm(),
                over(wholeGrain, flour),
                over(legume, flour),
                dough.fatPerFlour(),
                over(hold, flour),
                Gluten.of(dough.totals()).points(),
                dough.formula().pantry().ownBread().foldOffsetPct());
    }

    private static boolean holdsWater(@Nullable Form form) {
        return form != null && (form.holdGPerGSolids() > 0 || form.starchHoldGPerG() > 0);
    }

    private static double over(double part, double flour) {
        return flour > 0 ? part / flour : 0;
    }

    /** Moisture after so many hours, %: it goes toward that of the air, the slower the thicker the sheet. */
    double moistureAt(double hours, Storage storage) {
        return AIR_DRY + (moisturePct - AIR_DRY) * Math.exp(-perHour(storage) * hours);
    }

    private double perHour(Storage storage) {
        return storage.dryingPerHour() * Coefficient.KEPT_SHEET_MM.value() / sheetMm;
    }

    /** Moisture that it needs just after cooking to fold without cracking, %. */
    double thresholdPct() {
        return ownOffset
                + Coefficient.FOLD_LEAST.value()
                + Coefficient.FOLD_WHOLE_GRAIN.value() * wholeGrainShare
                + Coefficient.FOLD_LEGUME.value() * legumeShare
                - Coefficient.FOLD_FAT.value() * Math.min(Coefficient.FOLD_FAT_MOST.value(), fatPerFlour)
                + Math.max(0, (Coefficient.FOLD_GLUTEN.value() - gluten) / Coefficient.FOLD_GLUTEN_PER.value());
    }

    /** What the setting of its starch adds to that in the end, percentage points. */
    double stalingMost() {
        double slowed =
                Coefficient.FOLD_FAT_SLOWS.value() * fatPerFlour + Coefficient.FOLD_HOLD_SLOWS.value() * holdPerFlour;
        return Coefficient.FOLD_STALING.value() * (1 - Math.min(Coefficient.FOLD_SLOWED_MOST.value(), slowed));
    }

    /** Moisture that it needs after so many hours, %. */
    double thresholdAt(double hours, Storage storage) {
        return thresholdPct() + stalingMost() * (1 - Math.exp(-storage.stalingPerHour() * hours));
    }

    /** Chance that it folds without cracking after so many hours, %. */
    double foldPct(double hours, Storage storage) {
        double margin = moistureAt(hours, storage) - thresholdAt(hours, storage);
        return Share.ofFraction(1 / (1 + Math.exp(-margin / Coefficient.FOLD_SPREAD.value())))
                .pct();
    }

    private boolean folds(double hours, Storage storage) {
        return moistureAt(hours, storage) >= thresholdAt(hours, storage);
    }

    /** For how many hours it folds; 0 when it never does, the most that is told when it does for longer. */
    double softHours(Storage storage) {
        if (!folds(0, storage)) {
            return 0;
        }
        if (folds(MOST_HOURS, storage)) {
            return MOST_HOURS;
        }
        double soft = 0;
        double hard = MOST_HOURS;
        for (int halving = 0; halving < HALVINGS; halving++) {
            double middle = (soft + hard) / 2;
            if (folds(middle, storage)) {
                soft = middle;
            } else {
                hard = middle;
            }
        }
        return soft;
    }

    /** For how many hours it is crisp, taking up moisture from the air; 0 when it never is. */
    double crispHours(Storage storage) {
        double limit = Coefficient.CRISP_BELOW_PCT.value();
        return moisturePct >= limit
                ? 0
                : Math.min(MOST_HOURS, Math.log((AIR_DRY - moisturePct) / (AIR_DRY - limit)) / perHour(storage));
    }

    /**
     * For how many hours more it folds once it is warmed through after so many hours: the staling term goes back to a share of
     * what it was, and some moisture is lost.
     */
    double softHoursAfterWarming(double hours, Storage storage) {
        double term = stalingMost() * (1 - Math.exp(-storage.stalingPerHour() * hours));
        double left = Coefficient.WARMED_STALING_LEFT.value() * term;
        double asOld = -Math.log(1 - left / stalingMost()) / storage.stalingPerHour();
        double moisture = moistureAt(hours, storage) - Coefficient.WARMED_MOISTURE_LOST.value();
        // Bread that is as old as that, and had so much water when new that it has this now.
        double whenNew = AIR_DRY + (moisture - AIR_DRY) * Math.exp(perHour(storage) * asOld);
        Bread warmed =
                new Bread(whenNew, sheetMm, wholeGrainShare, legumeShare, fatPerFlour, holdPerFlour, gluten, ownOffset);
        return warmed.folds(asOld, storage) ? warmed.softHours(storage) - asOld : 0;
    }

    /** How it is worked out at a moment. */
    List<ExplanationStep> steps(double hours, Storage storage) {
        Term moisture = Term.percent(MOISTURE, moistureAt(hours, storage));
        Term needed = Term.percent(THRESHOLD, thresholdAt(hours, storage));
        Term time = Term.of(HOURS, hours, Unit.HOURS);
        List<ExplanationStep> steps = new ArrayList<>();
        steps.add(ExplanationStep.of(
                Rule.FOLD_THRESHOLD,
                thresholdPct(),
                Unit.PERCENT,
                Term.percent(OWN_OFFSET, ownOffset),
                Term.factor(WHOLE_GRAIN_SHARE, wholeGrainShare),
                Term.factor(LEGUME_SHARE, legumeShare),
                Term.factor(FAT_PER_FLOUR, fatPerFlour),
                Term.gluten(GLUTEN, gluten)));
        steps.add(ExplanationStep.of(
                Rule.MOISTURE_LATER,
                moistureAt(hours, storage),
                Unit.PERCENT,
                Term.percent(BAKED_MOISTURE, moisturePct),
                Term.of(DRYING_RATE, storage.dryingPerHour(), Unit.PER_HOUR),
                Term.millimetres(SHEET, sheetMm),
                time));
        steps.add(ExplanationStep.of(
                Rule.THRESHOLD_LATER,
                thresholdAt(hours, storage),
                Unit.PERCENT,
                Term.percent(FOLD_THRESHOLD, thresholdPct()),
                Term.factor(FAT_PER_FLOUR, fatPerFlour),
                Term.factor(HOLD_PER_FLOUR, holdPerFlour),
                Term.of(STALING_RATE, storage.stalingPerHour(), Unit.PER_HOUR),
                time));
        steps.add(ExplanationStep.of(Rule.FOLD_CHANCE, foldPct(hours, storage), Unit.PERCENT, moisture, needed));
        return steps;
    }
}
