package verdamen.core.notebook;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * How far the model is to be trusted: what it predicts of batches against what was seen of them, figure by figure.
 *
 * @param figures every figure, those of which nothing was seen with no points
 */
public record Scorecard(List<ScoredFigure> figures) {

    /**
     * A batch with its outcomes.
     *
     * @param id what it is known by
     * @param outcomes what was predicted and seen
     */
    public record Seen(long id, List<Outcome> outcomes) {}

    /**
     * A figure over batches.
     *
     * @param figure which one
     * @param relative whether it is off by % of the prediction, rather than in its unit
     * @param bias mean of what it is off by; above 0 when more is seen than predicted; null without points
     * @param error mean of what it is off by, whichever way; null without points
     * @param points the batches that say something, the oldest first
     */
    public record ScoredFigure(
            OutcomeFigure figure,
            boolean relative,
            @Nullable Double bias,
            @Nullable Double error,
            List<ScoredPoint> points) {}

    /**
     * A batch in a figure.
     *
     * @param batch its id
     * @param predicted what was predicted
     * @param observed what was seen
     * @param off by how much that is more, in the figure's unit or in %
     */
    public record ScoredPoint(long batch, double predicted, double observed, double off) {}

    /** The scorecard of batches, the oldest first. */
    public static Scorecard of(List<Seen> batches) {
        return new Scorecard(Arrays.stream(OutcomeFigure.values())
                .map(figure -> scored(figure, batches))
                .toList());
    }

    private static ScoredFigure scored(OutcomeFigure figure, List<Seen> batches) {
        List<ScoredPoint> points = new ArrayList<>();
        for (Seen batch : batches) {
            for (Outcome outcome : batch.outcomes()) {
                Double off = outcome.figure() == figure ? outcome.off() : null;
                if (off != null) {
                    points.add(new ScoredPoint(
                            batch.id(),
                            Objects.requireNonNull(outcome.predicted()),
                            Objects.requireNonNull(outcome.observed()),
                            off));
                }
            }
        }
        double bias = points.stream().mapToDouble(ScoredPoint::off).average().orElse(0);
        double error = points.stream()
                .mapToDouble(each -> Math.abs(each.off()))
                .average()
                .orElse(0);
        boolean none = points.isEmpty();
        return new ScoredFigure(
                figure,
                figure.isRelative(),
                none ? null : Double.valueOf(bias),
                none ? null : Double.valueOf(error),
                List.copyOf(points));
    }
}
