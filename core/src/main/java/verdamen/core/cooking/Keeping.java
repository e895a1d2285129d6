package verdamen.core.cooking;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.Pieces;
import verdamen.core.formula.Portioning;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Confidence;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Table;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Storage;
import verdamen.core.pantry.Style;

/**
 * How long cooked bread of a formula stays soft, or crisp, and what would lengthen it. A style that is not meant to fold has
 * no soft hours and no chances to fold: it is eaten hot within the hour, or kept crisp. Source: model page, section 13. Of low
 * confidence, until the kitchen has folded bread of its own at known hours.
 *
 * @param storage the way of keeping it
 * @param folds whether it is meant to fold; what is neither meant to fold nor to be crisp is eaten hot within the hour
 * @param crisp whether it is meant to be crisp: it is judged the other way round
 * @param bakedMoisturePct water just after cooking, %
 * @param foldThresholdPct water under which it cracks when folded just after cooking, %; null for what is not meant to fold
 * @param softHours for how many hours it folds; 0 when it never does; null for what is not meant to fold
 * @param crispHours for how many hours it is crisp; 0 when it never is; null for what is not meant to be crisp
 * @param crispBelowPct crisp below so much water, %
 * @param mostHours the most that is told: an hour figure that has reached it says "and more"
 * @param foldAt chance that it folds without cracking, %, by hours after cooking; null for what is not meant to fold
 * @param ways every way of keeping it, with its hours
 * @param splits what part of the bread is kept in which way, the rest in the formula's way first; none when all is kept alike
 * @param hours the hour looked at
 * @param at how it is at that hour
 * @param curve how it is by the hour, over a span in which it changes
 * @param warming what warming it through in a covered pan does at that hour; null for what is not meant to fold
 * @param levers what would keep it soft for longer, the best first
 * @param confidence how sure this is
 * @param foldTests fold tests of this kitchen that it counts with
 * @param ownOffsetPct by so much they move the moisture that folds, percentage points
 * @param steps how it is worked out at that hour
 */
public record Keeping(
        Storage storage,
        boolean folds,
        boolean crisp,
        double bakedMoisturePct,
        @Nullable Double foldThresholdPct,
        @Nullable Double softHours,
        @Nullable Double crispHours,
        double crispBelowPct,
        double mostHours,
        @Nullable Map<String, Double> foldAt,
        List<KeptWay> ways,
        List<KeptSplit> splits,
        double hours,
        KeptMoment at,
        List<KeptMoment> curve,
        @Nullable WarmedThrough warming,
        List<KeepingLever> levers,
        Confidence confidence,
        int foldTests,
        double ownOffsetPct,
        List<ExplanationStep> steps) {

    private static final String CRACKER = "cracker";
    private static final int POINTS = (int) Coefficient.KEPT_CURVE_POINTS.value();
    private static final List<Double> TOLD =
            Table.read(Keeping.class, "fold_hours", row -> Double.valueOf(row.number("hours")));

    /**
     * A way of keeping it.
     *
     * @param storage the way
     * @param hours for how many hours it folds, or is crisp; null for what is eaten hot
     */
    public record KeptWay(Storage storage, @Nullable Double hours) {}

    /**
     * Part of the bread.
     *
     * @param storage the way of keeping it
     * @param pieces how many; below 0 when more are put aside than there are
     * @param hours for how many hours it folds, or is crisp; null for what is eaten hot
     * @param useWithinHours within how many hours it is typically used
     */
    public record KeptSplit(
            Storage storage, int pieces, @Nullable Double hours, double useWithinHours) {}

    /**
     * The bread at an hour.
     *
     * @param hours hours after cooking
     * @param moisturePct its water, %
     * @param thresholdPct water under which it cracks when folded then, %; null for what is not meant to fold
     * @param foldPct chance that it folds without cracking, %; null for what is not meant to fold
     */
    public record KeptMoment(
            double hours,
            double moisturePct,
            @Nullable Double thresholdPct,
            @Nullable Double foldPct) {}

    /**
     * Warming it through in a covered pan, once.
     *
     * @param afterHours when, hours after cooking
     * @param softHours for how many hours more it folds then; 0 when it does not help
     */
    public record WarmedThrough(double afterHours, double softHours) {}

    /** Hours for which bread of a dough folds, kept in the formula's way; null when it is not meant to fold or cannot be cooked. */
    public static @Nullable Double usualSoftHours(Dough dough) {
        Formula formula = dough.formula();
        boolean thin = formula.sheetMm() < Limit.COOKED_SHEET_MM.least();
        return !formula.style().folds() || thin || dough.grams() <= 0
                ? null
                : Double.valueOf(Bread.of(CookedPiece.of(dough))
                        .softHours(formula.portion().storageOrUsual()));
    }

    /**
     * How bread of a formula keeps.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static Keeping of(KeepingQuestion asked, Pantry pantry) {
        Formula formula = FormulaReader.read(asked.formula(), pantry);
        Faults faults = new Faults();
        Storage storage = storage(asked.storage(), formula, faults);
        faults.number("hours", asked.hours(), Limit.KEPT_HOURS);
        Dough dough = Cooking.cookable(formula, faults);
        faults.refuse();
        CookedPiece piece = CookedPiece.of(dough);
        Bread bread = Bread.of(piece);
        Style style = formula.style();
        Double holds = holds(bread, style, storage);
        double good = holds == null ? 0 : holds;
        double hours = asked.hours() == null ? good : asked.hours();
        List<ExplanationStep> steps = new ArrayList<>(List.of(piece.lossStep(), piece.moistureStep()));
        if (style.folds()) {
            steps.addAll(bread.steps(hours, storage));
        }
        return new Keeping(
                storage,
                style.folds(),
                isCrisp(style),
                bread.moisturePct(),
                style.folds() ? Double.valueOf(bread.thresholdPct()) : null,
                style.folds() ? holds : null,
                isCrisp(style) ? holds : null,
                Coefficient.CRISP_BELOW_PCT.value(),
                Coefficient.KEPT_MOST_HOURS.value(),
                style.folds() ? foldAt(bread, storage) : null,
                Storage.all().stream()
                        .map(way -> new KeptWay(way, holds(bread, style, way)))
                        .toList(),
                splits(formula, bread),
                hours,
                moment(bread, style, hours, storage),
                curve(bread, style, Math.max(good, hours), storage),
                style.folds() ? new WarmedThrough(hours, bread.softHoursAfterWarming(hours, storage)) : null,
                style.folds() ? KeepingLevers.of(asked.formula(), pantry, dough, storage) : List.of(),
                pantry.ownBread().foldTests() > 0 ? Confidence.MEDIUM : Confidence.LOW,
                pantry.ownBread().foldTests(),
                pantry.ownBread().foldOffsetPct(),
                steps);
    }

    /** For how many hours it folds, or is crisp, in the way looked at; null for what is eaten hot. */
    public @Nullable Double goodHours() {
        return crispHours == null ? softHours : crispHours;
    }

    private static boolean isCrisp(Style style) {
        return style.code().equals(CRACKER);
    }

    private static @Nullable Double holds(Bread bread, Style style, Storage storage) {
        if (isCrisp(style)) {
            return bread.crispHours(storage);
        }
        return style.folds() ? Double.valueOf(bread.softHours(storage)) : null;
    }

    private static Storage storage(@Nullable String asked, Formula formula, Faults faults) {
        if (asked == null) {
            return formula.portion().storageOrUsual();
        }
        return Storage.find(asked).orElseGet(() -> {
            faults.add(null, "storage", FaultCode.UNKNOWN_CODE, asked);
            return Storage.usual();
        });
    }

    /** What is kept otherwise, and the rest of the pieces, in the formula's way; nothing when all is kept alike. */
    private static List<KeptSplit> splits(Formula formula, Bread bread) {
        List<Portioning.SplitSpec> asked = formula.portion().splitsOrNone();
        Double count = Pieces.of(formula).count();
        if (asked.isEmpty() || count == null) {
            return List.of();
        }
        List<KeptSplit> splits = new ArrayList<>();
        int rest = (int) Math.floor(count + 1e-9);
        for (Portioning.SplitSpec split : asked) {
            int pieces = Objects.requireNonNull(split.pieces());
            Storage storage = Storage.find(String.valueOf(split.storage())).orElseThrow();
            splits.add(split(bread, formula.style(), storage, pieces));
            rest -= pieces;
        }
        splits.add(0, split(bread, formula.style(), formula.portion().storageOrUsual(), rest));
        return List.copyOf(splits);
    }

    private static KeptSplit split(Bread bread, Style style, Storage storage, int pieces) {
        return new KeptSplit(storage, pieces, holds(bread, style, storage), storage.useWithinHours());
    }

    private static Map<String, Double> foldAt(Bread bread, Storage storage) {
        Map<String, Double> chances = new LinkedHashMap<>();
        for (double hours : TOLD) {
            chances.put(String.valueOf((int) hours), bread.foldPct(hours, storage));
        }
        return chances;
    }

    private static KeptMoment moment(Bread bread, Style style, double hours, Storage storage) {
        return new KeptMoment(
                hours,
                bread.moistureAt(hours, storage),
                style.folds() ? Double.valueOf(bread.thresholdAt(hours, storage)) : null,
                style.folds() ? Double.valueOf(bread.foldPct(hours, storage)) : null);
    }

    /** Beyond the hour at which it stops being good by a half, and never less than some hours. */
    private static List<KeptMoment> curve(Bread bread, Style style, double hours, Storage storage) {
        double end = Math.min(
                Coefficient.KEPT_MOST_HOURS.value(),
                Math.max(Coefficient.KEPT_CURVE_LEAST.value(), Coefficient.KEPT_CURVE_BEYOND.value() * hours));
        List<KeptMoment> curve = new ArrayList<>();
        for (int at = 0; at <= POINTS; at++) {
            curve.add(moment(bread, style, end * at / POINTS, storage));
        }
        return curve;
    }
}
