package verdamen.core.formula;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.pantry.Storage;

/**
 * How the dough of a formula is divided, cooked and kept, beyond how heavy, how wide and how many its pieces are. All of it may
 * be left to what is usual.
 *
 * @param panName what pan, press or cutter it is, in the kitchen's words, 1 to 80 characters
 * @param panMm how wide that is, mm
 * @param burnerW power of the burner below it, W
 * @param pans how many are on at a time
 * @param load how many pieces an oven takes at a time
 * @param sizes pieces of several sizes; absent for equal ones
 * @param storage code of the way of keeping what is not said otherwise
 * @param splits what part of the bread is kept otherwise
 * @param filled how a piece with a filling is portioned; absent where nothing is said of it
 */
public record Portioning(
        @Within(Limit.NAME) @Nullable String panName,
        @Within(Limit.PAN_MM) @Nullable Double panMm,
        @Within(Limit.BURNER_W) @Nullable Double burnerW,
        @Within(Limit.PANS) @Nullable Integer pans,
        @Within(Limit.OVEN_LOAD) @Nullable Integer load,
        @Within(Limit.SIZES) @Nullable List<SizeSpec> sizes,
        @Within(Limit.CODE) @Nullable String storage,
        @Within(Limit.SPLITS) @Nullable List<SplitSpec> splits,
        @Nullable FilledSpec filled) {

    /** Nothing said. */
    public static final Portioning NONE = new Portioning(null, null, null, null, null, null, null, null, null);

    /**
     * Pieces of one size.
     *
     * @param count how many
     * @param grams dough of each, g
     */
    public record SizeSpec(
            @Within(Limit.PIECES) @Nullable Integer count,
            @Within(Limit.PIECE_GRAMS) @Nullable Double grams) {}

    /**
     * Pieces that are kept otherwise than the rest.
     *
     * @param storage code of the way of keeping them
     * @param pieces how many
     */
    public record SplitSpec(
            @Within(Limit.CODE) @Nullable String storage,
            @Within(Limit.PIECES) @Nullable Integer pieces) {}

    /** Said all but how a piece with a filling is portioned. */
    public Portioning(
            @Nullable String panName,
            @Nullable Double panMm,
            @Nullable Double burnerW,
            @Nullable Integer pans,
            @Nullable Integer load,
            @Nullable List<SizeSpec> sizes,
            @Nullable String storage,
            @Nullable List<SplitSpec> splits) {
        this(panName, panMm, burnerW, pans, load, sizes, storage, splits, null);
    }

    /** With pieces with a filling portioned so; null where nothing is said of it. */
    public Portioning withFilled(@Nullable FilledSpec other) {
        return new Portioning(panName, panMm, burnerW, pans, load, sizes, storage, splits, other);
    }

    /** The way of keeping it: the usual one when none is said. */
    public Storage storageOrUsual() {
        return storage == null ? Storage.usual() : Storage.find(storage).orElseGet(Storage::usual);
    }

    /** Its sizes, none when its pieces are equal. */
    public List<SizeSpec> sizesOrNone() {
        return sizes == null ? List.of() : sizes;
    }

    /** What is kept otherwise, none when nothing is. */
    public List<SplitSpec> splitsOrNone() {
        return splits == null ? List.of() : splits;
    }

    /** With other parts kept otherwise than the rest. */
    public Portioning withSplits(@Nullable List<SplitSpec> others) {
        return new Portioning(panName, panMm, burnerW, pans, load, sizes, storage, others, filled);
    }

    /** Of a batch so many times as large: so many times as many pieces of each size and way of keeping, rounded, at least one. */
    public Portioning times(double factor) {
        return new Portioning(
                panName,
                panMm,
                burnerW,
                pans,
                load,
                sizes == null
                        ? null
                        : sizes.stream()
                                .map(size -> new SizeSpec(times(size.count(), factor), size.grams()))
                                .toList(),
                storage,
                splits == null
                        ? null
                        : splits.stream()
                                .map(split -> new SplitSpec(split.storage(), times(split.pieces(), factor)))
                                .toList(),
                filled);
    }

    private static @Nullable Integer times(@Nullable Integer count, double factor) {
        return count == null ? null : Integer.valueOf((int) Math.max(1, Math.rint(count * factor)));
    }

    /** Adds every fault of what is said. */
    public void check(Faults faults) {
        faults.optionalText("panName", panName, Limit.NAME);
        faults.number("panMm", panMm, Limit.PAN_MM);
        faults.number("burnerW", burnerW, Limit.BURNER_W);
        faults.number("pans", asDouble(pans), Limit.PANS);
        faults.number("load", asDouble(load), Limit.OVEN_LOAD);
        checkStorage("storage", storage, faults);
        if (filled != null) {
            faults.number("filled.shellGrams", filled.shellGrams(), Limit.PIECE_GRAMS);
            faults.number("filled.fillingGrams", filled.fillingGrams(), Limit.PIECE_GRAMS);
        }
        List<SizeSpec> checkedSizes = faults.atMost("sizes", sizes, Limit.SIZES);
        for (int at = 0; at < checkedSizes.size(); at++) {
            SizeSpec size = checkedSizes.get(at);
            faults.needed("sizes[" + at + "].count", size == null ? null : asDouble(size.count()), Limit.PIECES);
            faults.needed("sizes[" + at + "].grams", size == null ? null : size.grams(), Limit.PIECE_GRAMS);
        }
        List<SplitSpec> checkedSplits = faults.atMost("splits", splits, Limit.SPLITS);
        for (int at = 0; at < checkedSplits.size(); at++) {
            SplitSpec split = checkedSplits.get(at);
            String way = split == null ? null : split.storage();
            faults.require(way != null, "splits[" + at + "].storage", FaultCode.MISSING, null);
            checkStorage("splits[" + at + "].storage", way, faults);
            faults.needed("splits[" + at + "].pieces", split == null ? null : asDouble(split.pieces()), Limit.PIECES);
        }
    }

    private static void checkStorage(String field, @Nullable String code, Faults faults) {
        int before = faults.count();
        faults.optionalText(field, code, Limit.CODE);
        if (code != null && faults.count() == before && Storage.find(code).isEmpty()) {
            faults.add(null, field, FaultCode.UNKNOWN_CODE, code);
        }
    }

    private static @Nullable Double asDouble(@Nullable Integer count) {
        return count == null ? null : Double.valueOf(count);
    }
}
