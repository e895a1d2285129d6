package verdamen.core.bench;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Range;
import verdamen.core.model.Share;

/**
 * The pieces of a batch: weighed one after another, rested, rolled, cooked.
 *
 * @param planned how many there are to be; 0 when the dough is not enough for one
 * @param targetGrams what each is to weigh, g
 * @param tolerance what still counts as right, g
 * @param meanGrams mean of those weighed, g; null before the first
 * @param sdGrams their standard deviation, g; null before the second
 * @param outside how many of them are outside the tolerance
 * @param leftGrams dough not weighed yet, g; below 0 when more was weighed than there is
 * @param next number of the next piece to weigh
 * @param nextToRoll number of the ball that has rested longest; null when none waits
 * @param nextToCook number of the sheet that has waited longest; null when none waits
 * @param onPan numbers of those on the pan
 * @param sideOneS mean seconds of the first side; null before one was turned
 * @param sideTwoS mean seconds of the second side; null before one came off
 * @param pan surface of the pan as it was read, °C, in order
 * @param each every piece, by number
 */
public record PieceTally(
        int planned,
        double targetGrams,
        Range tolerance,
        @Nullable Double meanGrams,
        @Nullable Double sdGrams,
        int outside,
        double leftGrams,
        int next,
        @Nullable Integer nextToRoll,
        @Nullable Integer nextToCook,
        List<Integer> onPan,
        @Nullable Double sideOneS,
        @Nullable Double sideTwoS,
        List<Double> pan,
        List<BenchPiece> each) {

    private static final double SECONDS_PER_MINUTE = 60;

    /**
     * A piece.
     *
     * @param number its number, from 1
     * @param grams what it weighed, g; null when it was not weighed
     * @param ballAt since when it rests as a ball; null when it was not weighed
     * @param restedMinutes how long it rested until it was rolled, or has rested, minutes; null when it was not weighed
     * @param rolled how rolling went; null before
     * @param rolledAt when it was rolled; null before
     * @param diameterMm how far across it came, mm; null when not measured
     * @param panC the pan when it went on, °C; null when not measured
     * @param onAt when it went on; null before
     * @param turnedAt when it was turned; null before
     * @param turnedFor what for; null when nobody said
     * @param offAt when it came off; null before
     * @param puff how far it had puffed; null when nobody said
     * @param sideOneS seconds of its first side; null before it was turned
     * @param sideTwoS seconds of its second side; null before it came off
     */
    public record BenchPiece(
            int number,
            @Nullable Double grams,
            @Nullable OffsetDateTime ballAt,
            @Nullable Double restedMinutes,
            @Nullable String rolled,
            @Nullable OffsetDateTime rolledAt,
            @Nullable Double diameterMm,
            @Nullable Double panC,
            @Nullable OffsetDateTime onAt,
            @Nullable OffsetDateTime turnedAt,
            @Nullable String turnedFor,
            @Nullable OffsetDateTime offAt,
            @Nullable String puff,
            @Nullable Double sideOneS,
            @Nullable Double sideTwoS) {}

    /** The pieces of a batch by what was noted of them. */
    static PieceTally of(MadeFormula made, List<BenchEntry> entries, OffsetDateTime now) {
        Map<Integer, Noted> noted = new TreeMap<>();
        List<Double> pan = new ArrayList<>();
        for (BenchEntry entry : entries) {
            if (entry.piece() != null) {
                noted.computeIfAbsent(entry.piece(), number -> new Noted()).note(entry);
            }
            boolean read =
                    entry.kind() == EntryKind.READING && ReadingOf.PAN.code().equals(entry.subject());
            if (entry.figure() != null && (read || entry.kind() == EntryKind.ON_PAN)) {
                pan.add(entry.figure());
            }
        }
        List<BenchPiece> each = noted.entrySet().stream()
                .map(piece -> piece.getValue().piece(piece.getKey(), now))
                .toList();
        double target = made.portion().size().grams();
        double off = Share.ofPct(Coefficient.PIECE_TOLERANCE_PCT.value()).fraction() * target;
        Range tolerance = new Range(target - off, target + off);
        List<Double> grams = known(each, BenchPiece::grams);
        return new PieceTally(
                made.portion().count(),
                target,
                tolerance,
                mean(grams),
                sd(grams),
                (int) grams.stream().filter(one -> !tolerance.contains(one)).count(),
                made.portion().usableGrams()
                        - grams.stream().mapToDouble(Double::doubleValue).sum(),
                grams.size() + 1,
                first(
                        each.stream()
                                .filter(piece ->
                                        piece.rolled() == null && piece.ballAt() != null && piece.onAt() == null)
                                .toList(),
                        BenchPiece::ballAt),
                first(
                        each.stream()
                                .filter(piece -> piece.rolledAt() != null && piece.onAt() == null)
                                .toList(),
                        BenchPiece::rolledAt),
                each.stream()
                        .filter(piece -> piece.onAt() != null && piece.offAt() == null)
                        .map(BenchPiece::number)
                        .toList(),
                mean(known(each, BenchPiece::sideOneS)),
                mean(known(each, BenchPiece::sideTwoS)),
                List.copyOf(pan),
                each);
    }

    private static List<Double> known(List<BenchPiece> pieces, Function<BenchPiece, @Nullable Double> figure) {
        return pieces.stream()
                .map(figure)
                .filter(Objects::nonNull)
                .map(Double.class::cast)
                .toList();
    }

    private static @Nullable Integer first(
            List<BenchPiece> waiting, Function<BenchPiece, @Nullable OffsetDateTime> since) {
        return waiting.stream()
                .min((one, other) ->
                        Objects.requireNonNull(since.apply(one)).compareTo(Objects.requireNonNull(since.apply(other))))
                .map(BenchPiece::number)
                .orElse(null);
    }

    private static @Nullable Double mean(List<Double> values) {
        return values.isEmpty()
                ? null
                : Double.valueOf(
                        values.stream().mapToDouble(Double::doubleValue).sum() / values.size());
    }

    private static @Nullable Double sd(List<Double> values) {
        Double mean = mean(values);
        if (mean == null || values.size() < 2) {
            return null;
        }
        double squares = values.stream()
                .mapToDouble(value -> (value - mean) * (value - mean))
                .sum();
        return Math.sqrt(squares / (values.size() - 1));
    }

    /** What was noted of one piece; said twice, the later counts. */
    private static final class Noted {

        private @Nullable Double grams;
        private @Nullable OffsetDateTime ballAt;
        private @Nullable String rolled;
        private @Nullable OffsetDateTime rolledAt;
        private @Nullable Double diameterMm;
        private @Nullable Double panC;
        private @Nullable OffsetDateTime onAt;
        private @Nullable OffsetDateTime turnedAt;
        private @Nullable String turnedFor;
        private @Nullable OffsetDateTime offAt;
        private @Nullable String puff;

        void note(BenchEntry entry) {
            switch (entry.kind()) {
                case PIECE -> {
                    grams = entry.figure();
                    ballAt = entry.at();
                }
                case ROLLED -> {
                    rolled = entry.outcome();
                    rolledAt = entry.at();
                    diameterMm = entry.figure();
                }
                case ON_PAN -> {
                    onAt = entry.at();
                    panC = entry.figure();
                }
                case TURNED -> {
                    turnedAt = entry.at();
                    turnedFor = entry.outcome();
                }
                case OFF_PAN -> {
                    offAt = entry.at();
                    puff = entry.outcome();
                }
                default -> {
                    // It says nothing of a piece.
                }
            }
        }

        BenchPiece piece(int number, OffsetDateTime now) {
            OffsetDateTime restEnds = rolledAt == null ? now : rolledAt;
            return new BenchPiece(
                    number,
                    grams,
                    ballAt,
                    ballAt == null ? null : Double.valueOf(Math.max(0, BenchRun.minutes(ballAt, restEnds))),
                    rolled,
                    rolledAt,
                    diameterMm,
                    panC,
                    onAt,
                    turnedAt,
                    turnedFor,
                    offAt,
                    puff,
                    seconds(onAt, turnedAt),
                    seconds(turnedAt, offAt));
        }

        private static @Nullable Double seconds(@Nullable OffsetDateTime from, @Nullable OffsetDateTime to) {
            return from == null || to == null ? null : Double.valueOf(BenchRun.minutes(from, to) * SECONDS_PER_MINUTE);
        }
    }
}
