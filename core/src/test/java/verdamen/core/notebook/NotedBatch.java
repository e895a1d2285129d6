package verdamen.core.notebook;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import verdamen.core.Doughs;
import verdamen.core.bench.BatchRecord;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.EntryKind;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.FormulaSpec;

/** A batch for tests, noted entry by entry. */
final class NotedBatch {

    private static final OffsetDateTime START = OffsetDateTime.parse("2026-03-04T09:00:00Z");

    private final FormulaSpec spec;
    private final List<BenchEntry> entries = new ArrayList<>();

    private NotedBatch(FormulaSpec spec) {
        this.spec = spec;
        add(EntryKind.WETTED, 0);
    }

    static NotedBatch of(FormulaSpec spec) {
        return new NotedBatch(spec);
    }

    private BenchEntry entry(EntryKind kind, double minute) {
        return BenchEntry.of("k" + entries.size(), kind, START.plusSeconds(Math.round(minute * 60)));
    }

    private NotedBatch add(BenchEntry entry) {
        entries.add(entry);
        return this;
    }

    private NotedBatch add(EntryKind kind, double minute) {
        return add(entry(kind, minute));
    }

    NotedBatch poured(String ingredient, double grams) {
        return add(entry(EntryKind.POUR, 1).withFigure(ingredient, grams).withOutcome("weighed"));
    }

    NotedBatch felt(String feel, double minute) {
        return add(entry(EntryKind.FELT, minute).withOutcome(feel));
    }

    NotedBatch weighed(int piece, double grams) {
        return add(entry(EntryKind.PIECE, 30).withPiece(piece).withFigure(null, grams));
    }

    NotedBatch rolled(int piece, String how, double minute) {
        return add(entry(EntryKind.ROLLED, minute).withPiece(piece).withOutcome(how));
    }

    NotedBatch rolledTo(int piece, double diameterMm, double minute) {
        return add(entry(EntryKind.ROLLED, minute)
                .withPiece(piece)
                .withFigure(null, diameterMm)
                .withOutcome("fine"));
    }

    NotedBatch off(int piece, String puff, double minute) {
        add(entry(EntryKind.ON_PAN, minute - 1).withPiece(piece));
        return add(entry(EntryKind.OFF_PAN, minute).withPiece(piece).withOutcome(puff));
    }

    NotedBatch cooked(double grams, double minute) {
        return add(entry(EntryKind.READING, minute).withFigure("cooked-grams", grams));
    }

    NotedBatch folded(String outcome, double minute) {
        return add(entry(EntryKind.TASTE, minute)
                .withStep("hour")
                .withFigure("fold", null)
                .withOutcome(outcome));
    }

    BatchRecord record() {
        return BatchRecord.of(
                MadeFormula.of(spec, Doughs.BOOK), Doughs.BOOK, List.copyOf(entries), START.plusHours(48));
    }
}
