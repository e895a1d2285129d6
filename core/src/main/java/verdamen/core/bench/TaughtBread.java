package verdamen.core.bench;

import java.time.OffsetDateTime;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.PieceTally.BenchPiece;
import verdamen.core.cooking.BreadRecord;
import verdamen.core.cooking.CookedNote;
import verdamen.core.cooking.FoldNote;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;

/**
 * What the pieces of a batch say against the typical values of their style: those that were timed on both sides, those weighed
 * after cooking, and those folded when tasted. Model page, sections 12 and 13.
 */
public final class TaughtBread {

    private static final double MINUTES_PER_HOUR = 60;

    private final FormulaSpec spec;
    private final Pantry pantry;
    private final Map<String, BreadRecord> taught = new LinkedHashMap<>();

    private TaughtBread(FormulaSpec spec, Pantry pantry) {
        this.spec = spec;
        this.pantry = pantry;
    }

    /**
     * What pieces say, by the key of the entry that says it. What cannot be, such as a cooked piece heavier than a raw one,
     * says nothing.
     *
     * @param spec the formula as it was to be made
     * @param entries what counts of what was noted, in order
     */
    public static Map<String, BreadRecord> of(FormulaSpec spec, Pantry pantry, List<BenchEntry> entries) {
        TaughtBread bread = new TaughtBread(spec, pantry);
        OffsetDateTime cookedAt = Tasting.cookedAt(entries);
        if (cookedAt != null) {
            bread.read(entries, cookedAt);
        }
        return Map.copyOf(bread.taught);
    }

    private void read(List<BenchEntry> entries, OffsetDateTime cookedAt) {
        PieceTally tally;
        try {
            tally = PieceTally.of(MadeFormula.of(spec, pantry), entries, cookedAt);
        } catch (RefusedException refused) {
            return;
        }
        Map<Integer, BenchPiece> pieces = new HashMap<>();
        tally.each().forEach(piece -> pieces.put(piece.number(), piece));
        double raw = tally.meanGrams() == null ? tally.targetGrams() : tally.meanGrams();
        Map<Integer, String> off = new LinkedHashMap<>();
        for (BenchEntry entry : entries) {
            switch (entry.kind()) {
                case OFF_PAN -> off.put(Objects.requireNonNull(entry.piece()), entry.key());
                case READING -> {
                    if (ReadingOf.COOKED_GRAMS.code().equals(entry.subject())) {
                        say(entry.key(), () -> cooked(null, null, raw, entry.figure()));
                    }
                }
                case TASTE -> {
                    if ("fold".equals(entry.subject())) {
                        double hours = Math.max(0, BenchRun.minutes(cookedAt, entry.at())) / MINUTES_PER_HOUR;
                        say(
                                entry.key(),
                                () -> BreadRecord.folded(new FoldNote(spec, null, hours, entry.outcome()), pantry));
                    }
                }
                default -> {
                    // It says nothing of a cooked piece.
                }
            }
        }
        off.forEach((number, key) -> {
            BenchPiece piece = pieces.get(number);
            if (piece != null && piece.sideOneS() != null && piece.sideTwoS() != null) {
                say(key, () -> cooked(piece.sideOneS(), piece.sideTwoS(), null, null));
            }
        });
    }

    private BreadRecord cooked(
            @Nullable Double sideOneS, @Nullable Double sideTwoS, @Nullable Double raw, @Nullable Double cooked) {
        return BreadRecord.cooked(new CookedNote(spec, sideOneS, sideTwoS, raw, cooked), pantry);
    }

    private void say(String key, Supplier<BreadRecord> record) {
        try {
            taught.put(key, record.get());
        } catch (RefusedException cannotBe) {
            // Somebody pressed twice, or weighed another piece: it teaches nothing.
        }
    }
}
