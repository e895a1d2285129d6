package verdamen.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.EntryKind;
import verdamen.server.batch.Batch.Kept;
import verdamen.server.batch.ToldBatch;

/**
 * A batch of the demo, begun some hours before it is loaded.
 *
 * @param hoursAgo when it was begun
 * @param version the version it is of
 * @param minute when it was felt last, minutes since water met flour
 * @param feel code of the word for it
 * @param cameOut how it came out; absent for one that is still made
 * @param water water poured, g; absent for as planned
 * @param pieces what its pieces weighed, g; absent for none noted
 * @param rolled how each of them rolled
 * @param said what was said about how it came out
 * @param change what the next one shall change
 * @param tags its tags
 */
record DemoBatch(
        double hoursAgo,
        int version,
        double minute,
        String feel,
        @Nullable String cameOut,
        @Nullable Double water,
        @Nullable List<Double> pieces,
        @Nullable List<String> rolled,
        @Nullable String said,
        @Nullable String change,
        @Nullable List<String> tags) {

    private static final double SECONDS_PER_HOUR = 3600;
    private static final double ROLLED_FROM = 45;
    private static final double COOKED_FROM = 50;
    private static final double FINISHED_AT = 90;

    /**
     * The batch as a file would tell it, for a formula of this id.
     *
     * @param steps keys of the steps of its version, in order
     */
    ToldBatch told(Instant now, long formula, List<String> steps) {
        OffsetDateTime began =
                now.minusSeconds(Math.round(hoursAgo * SECONDS_PER_HOUR)).atOffset(ZoneOffset.UTC);
        List<BenchEntry> entries =
                new Noting(began, "demo-" + formula + "-" + version + "-" + hoursAgo + "-", steps).entries();
        OffsetDateTime finished = cameOut == null ? null : began.plusMinutes((long) FINISHED_AT);
        return new ToldBatch(
                version,
                began,
                finished,
                null,
                null,
                null,
                null,
                null,
                null,
                entries.stream().map(entry -> new Kept(entry, entry.at(), null)).toList());
    }

    /** Notes one entry after another. */
    private final class Noting {

        private final OffsetDateTime began;
        private final String prefix;
        private final List<String> steps;
        private final int poured;
        private final int kneaded;
        private final List<BenchEntry> entries = new ArrayList<>();

        private Noting(OffsetDateTime began, String prefix, List<String> steps) {
            this.began = began;
            this.prefix = prefix;
            this.steps = steps;
            poured = steps.indexOf("pour");
            kneaded = (int) steps.stream()
                    .takeWhile(step -> !step.startsWith("knead") && !step.startsWith("just"))
                    .count();
        }

        private BenchEntry at(EntryKind kind, double afterMinutes) {
            OffsetDateTime moment = began.plus(Duration.ofSeconds(Math.round(afterMinutes * 60)));
            return BenchEntry.of(prefix + entries.size(), kind, moment);
        }

        private void done(List<String> steps, double afterMinutes) {
            steps.forEach(step ->
                    entries.add(at(EntryKind.STEP, afterMinutes).withStep(step).withOutcome("done")));
        }

        List<BenchEntry> entries() {
            done(steps.subList(0, poured), 0);
            entries.add(at(EntryKind.WETTED, 0));
            if (water != null) {
                entries.add(at(EntryKind.POUR, 0.5).withFigure("water", water).withOutcome("weighed"));
            }
            done(steps.subList(poured, kneaded + 1), 10);
            entries.add(at(EntryKind.FELT, minute).withOutcome(feel));
            if (cameOut == null) {
                entries.add(at(EntryKind.STEP, minute)
                        .withStep(steps.get(kneaded + 1))
                        .withOutcome("begun"));
                return entries;
            }
            List<Double> weighed = pieces == null ? List.of() : pieces;
            for (int piece = 1; piece <= weighed.size(); piece++) {
                entries.add(at(EntryKind.PIECE, minute + 0.5 * piece)
                        .withPiece(piece)
                        .withFigure(null, weighed.get(piece - 1)));
            }
            for (int piece = 1; rolled != null && piece <= rolled.size(); piece++) {
                entries.add(at(EntryKind.ROLLED, ROLLED_FROM + piece)
                        .withPiece(piece)
                        .withOutcome(rolled.get(piece - 1)));
                entries.add(at(EntryKind.ON_PAN, COOKED_FROM + 2 * piece).withPiece(piece));
                entries.add(at(EntryKind.OFF_PAN, COOKED_FROM + 1.5 + 2 * piece)
                        .withPiece(piece)
                        .withOutcome(rolled.get(piece - 1).equals("tore") ? "none" : "full"));
            }
            entries.add(at(EntryKind.VERDICT, FINISHED_AT).withOutcome(cameOut).withText(said));
            if (change != null) {
                entries.add(at(EntryKind.CHANGE, FINISHED_AT).withText(change));
            }
            if (tags != null) {
                tags.forEach(tag -> entries.add(at(EntryKind.TAG, FINISHED_AT).withText(tag)));
            }
            done(steps.subList(kneaded + 1, steps.size()), FINISHED_AT);
            entries.add(at(EntryKind.FINISHED, FINISHED_AT));
            return entries;
        }
    }
}
