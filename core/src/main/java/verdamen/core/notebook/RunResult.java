package verdamen.core.notebook;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BatchRecord;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.BenchRun.FeltAt;
import verdamen.core.bench.EntryKind;
import verdamen.core.formula.LineSpec;
import verdamen.core.pantry.Pantry;
import verdamen.core.rework.TrialResult;

/** What a batch says as the result of a run of a trial series. How it rolled and which sheet was reached is not noted of batches. */
public final class RunResult {

    private RunResult() {}

    /** The result, as far as it was noted. */
    public static TrialResult of(BatchRecord batch, Pantry pantry) {
        List<Outcome> outcomes = Outcome.of(batch, pantry);
        boolean rolled = batch.run().pieces().each().stream().anyMatch(piece -> piece.rolled() != null);
        long tore = batch.run().pieces().each().stream()
                .filter(piece -> "tore".equals(piece.rolled()))
                .count();
        List<BatchRecord.Folded> folds = batch.folds();
        return new TrialResult(
                waterGrams(batch, pantry),
                feel(batch),
                null,
                rolled ? Double.valueOf(tore) : null,
                null,
                observed(outcomes, OutcomeFigure.PUFF),
                folds.isEmpty() ? null : folds.get(folds.size() - 1).outcome(),
                flavour(batch),
                null,
                last(batch, EntryKind.VERDICT));
    }

    private static double waterGrams(BatchRecord batch, Pantry pantry) {
        return batch.run().bowl().spec().linesOrNone().stream()
                .filter(line -> line != null && line.isDoughWater(pantry) && line.grams() != null)
                .mapToDouble(LineSpec::grams)
                .sum();
    }

    private static @Nullable String feel(BatchRecord batch) {
        String feel = null;
        for (FeltAt felt : batch.run().felt()) {
            feel = felt.minute() >= batch.made().formula().kneading().endMinute() ? felt.feel() : feel;
        }
        return feel;
    }

    private static @Nullable Double observed(List<Outcome> outcomes, OutcomeFigure figure) {
        return outcomes.stream()
                .filter(each -> each.figure() == figure)
                .map(Outcome::observed)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    /** The first mark that was given to its flavour. */
    private static @Nullable Double flavour(BatchRecord batch) {
        return batch.entries().stream()
                .filter(entry -> entry.kind() == EntryKind.TASTE && "flavour".equals(entry.subject()))
                .map(BenchEntry::figure)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    private static @Nullable String last(BatchRecord batch, EntryKind kind) {
        String text = null;
        for (BenchEntry entry : batch.entries()) {
            text = entry.kind() == kind && entry.text() != null ? entry.text() : text;
        }
        return text;
    }
}
