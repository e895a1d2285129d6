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
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.pantry.OwnBread;
import verdamen.core.pantry.OwnBread.OwnStyle;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Storage;
import verdamen.core.pantry.Style;

/**
 * What one piece of the kitchen's own bread says against the typical values. Source: model page, sections 12 and 13.
 *
 * @param style code of its style
 * @param timeFactor how many times the typical seconds it took; null when it was not timed
 * @param lossFactor how many times the typical loss it lost; null when it was not weighed
 * @param fold what it did when it was folded; null when it was not
 * @param marginPct by so much its computed moisture was above the one that typically folds then, percentage points; null when
 *     it was not folded
 */
public record BreadRecord(
        String style,
        @Nullable Double timeFactor,
        @Nullable Double lossFactor,
        @Nullable FoldTest fold,
        @Nullable Double marginPct) {

    /**
     * What a piece says that was timed or weighed.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static BreadRecord cooked(CookedNote note, Pantry pantry) {
        CookedPiece piece = typical(note.formula(), pantry);
        Style style = piece.dough().formula().style();
        Faults faults = new Faults();
        boolean timed = note.sideOneS() != null || note.sideTwoS() != null;
        boolean weighed = note.rawGrams() != null || note.cookedGrams() != null;
        faults.require(timed || weighed, "sideOneS", FaultCode.MISSING, null);
        double measured = 0;
        if (timed) {
            measured += faults.needed("sideOneS", note.sideOneS(), Limit.SIDE_SECONDS);
            if (style.sideTwoS() > 0) {
                measured += faults.needed("sideTwoS", note.sideTwoS(), Limit.SIDE_SECONDS);
            }
        }
        double raw = 0;
        double cooked = 0;
        if (weighed) {
            raw = faults.needed("rawGrams", note.rawGrams(), Limit.PIECE_GRAMS);
            cooked = faults.needed("cookedGrams", note.cookedGrams(), Limit.PIECE_GRAMS);
            if (raw > 0 && cooked > raw) {
                faults.add(null, "cookedGrams", FaultCode.TOO_LARGE, cooked, raw);
            }
            double dry = raw * (1 - piece.waterShare());
            if (cooked < dry && cooked > 0) {
                faults.add(null, "cookedGrams", FaultCode.TOO_SMALL, cooked, dry);
            }
        }
        faults.refuse();
        double typically = piece.seconds(style.sideOneS()) + piece.seconds(style.sideTwoS());
        return new BreadRecord(
                style.code(),
                timed ? Double.valueOf(measured / typically) : null,
                weighed ? Double.valueOf(100 * (1 - cooked / raw) / piece.typicalLossPct()) : null,
                null,
                null);
    }

    /**
     * What a piece says that was folded.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public static BreadRecord folded(FoldNote note, Pantry pantry) {
        CookedPiece piece = typical(note.formula(), pantry);
        Formula formula = piece.dough().formula();
        Faults faults = new Faults();
        double hours = faults.needed("hours", note.hours(), Limit.KEPT_HOURS);
        faults.require(note.fold() != null, "fold", FaultCode.MISSING, null);
        FoldTest fold = note.fold() == null ? null : faults.choice("fold", note.fold(), FoldTest.class);
        Storage storage = note.storage() == null
                ? formula.portion().storageOrUsual()
                : Storage.find(note.storage()).orElse(null);
        faults.require(storage != null, "storage", FaultCode.UNKNOWN_CODE, note.storage());
        faults.refuse();
        Storage kept = Objects.requireNonNull(storage);
        Bread bread = Bread.of(piece);
        return new BreadRecord(
                formula.style().code(),
                null,
                null,
                fold,
                bread.moistureAt(hours, kept) - bread.thresholdAt(hours, kept));
    }

    /**
     * Refuses what no piece of a style of the book can have said, as a record from a file may hold.
     *
     * @throws verdamen.core.model.RefusedException naming each value that is refused
     */
    public void check(Pantry pantry) {
        Faults faults = new Faults();
        faults.require(style != null && pantry.style(style).isPresent(), "style", FaultCode.UNKNOWN_CODE, style);
        faults.number("timeFactor", timeFactor, Limit.OWN_FACTOR);
        faults.number("lossFactor", lossFactor, Limit.OWN_FACTOR);
        faults.number("marginPct", marginPct, Limit.FOLD_MARGIN);
        faults.refuse();
    }

    /** A piece of a formula by the typical values, whatever the kitchen has learned. */
    private static CookedPiece typical(FormulaSpec spec, Pantry pantry) {
        Faults faults = new Faults();
        Dough dough = Cooking.cookable(FormulaReader.read(spec, pantry.withOwnBread(OwnBread.NONE)), faults);
        faults.refuse();
        return CookedPiece.of(dough);
    }

    /**
     * What a kitchen's records teach. Seconds and losses of a style are averaged. Each fold test moves the offset by Bayes' rule
     * for normal distributions: a piece that cracks is at the limit; one that folds, or breaks, says that the limit is below, or
     * above, and moves the offset only when it was thought to be on the other side.
     *
     * @param records the records, the oldest first
     */
    public static OwnBread learned(List<BreadRecord> records) {
        Map<String, List<BreadRecord>> byStyle = new LinkedHashMap<>();
        Offset offset = new Offset(0, Math.pow(Coefficient.FOLD_OFFSET_SD.value(), 2));
        int tests = 0;
        for (BreadRecord each : records) {
            byStyle.computeIfAbsent(each.style(), style -> new ArrayList<>()).add(each);
            if (each.fold() != null && each.marginPct() != null) {
                offset = offset.after(each.fold(), each.marginPct());
                tests++;
            }
        }
        Map<String, OwnStyle> styles = new LinkedHashMap<>();
        byStyle.forEach((style, own) -> styles.put(style, style(own)));
        return new OwnBread(Map.copyOf(styles), offset.mean(), Math.sqrt(offset.variance()), tests);
    }

    private static OwnStyle style(List<BreadRecord> records) {
        double[] times = records.stream()
                .map(BreadRecord::timeFactor)
                .filter(Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .toArray();
        double[] losses = records.stream()
                .map(BreadRecord::lossFactor)
                .filter(Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .toArray();
        return OwnStyle.of(times.length, mean(times), spread(times), losses.length, mean(losses));
    }

    private static double mean(double[] values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return values.length == 0 ? 1 : sum / values.length;
    }

    private static double spread(double[] values) {
        double mean = mean(values);
        double squares = 0;
        for (double value : values) {
            squares += (value - mean) * (value - mean);
        }
        return values.length < 2 ? 0 : Math.sqrt(squares / (values.length - 1));
    }

    /** The offset as far as it is known: normal. */
    private record Offset(double mean, double variance) {

        Offset after(FoldTest fold, double marginPct) {
            boolean says = switch (fold) {
                case CRACKS -> true;
                case FOLDS -> marginPct < mean;
                case BREAKS -> marginPct > mean;
            };
            if (!says) {
                return this;
            }
            double test = Math.pow(Coefficient.FOLD_TEST_SD.value(), 2);
            double weight = variance / (variance + test);
            return new Offset(mean + weight * (marginPct - mean), variance * (1 - weight));
        }
    }
}
