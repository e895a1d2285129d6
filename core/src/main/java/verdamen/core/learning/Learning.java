package verdamen.core.learning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import verdamen.core.learning.FeltBatch.Taught;
import verdamen.core.learning.FlourLearned.LotLearned;
import verdamen.core.learning.FlourLearned.Moved;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.LearnedTogether;
import verdamen.core.pantry.Pantry;

/**
 * What a kitchen's flours take up, learned from its finished batches: the table's values are where it starts, each as sure as
 * its confidence, and every batch moves them by Bayes' rule for normal distributions (conjugate normal regression, one batch
 * after another, which gives the same as all at once).
 *
 * @param flours what is said of each flour that a counted batch has, by code
 * @param together what is left unknown of two of these flours, by pairs, as far as it goes together
 * @param batches what became of each batch, in the order given
 */
public record Learning(List<FlourLearned> flours, List<LearnedTogether> together, List<BatchVerdict> batches) {

    private static final double ERROR_SHARE = Coefficient.LEARNING_ERROR.value();
    private static final double LOT_SHARE = Coefficient.LEARNING_LOT.value();
    private static final double FAR_OFF = Coefficient.LEARNING_FAR_OFF.value();

    /**
     * What batches teach.
     *
     * @param batches the batches, the oldest first
     * @param book the pantry as the book has it, from which learning starts
     */
    public static Learning of(List<Batch> batches, Pantry book) {
        Map<Long, Optional<FeltBatch>> felt = new LinkedHashMap<>();
        batches.forEach(batch -> felt.put(batch.id(), FeltBatch.of(batch, book, ERROR_SHARE)));
        List<Taught> codes = felt.values().stream()
                .flatMap(each -> each.stream().flatMap(said -> said.x().keySet().stream()))
                .distinct()
                .sorted(Comparator.comparing(Taught::flour)
                        .thenComparing(Taught::lot, Comparator.nullsFirst(Comparator.naturalOrder())))
                .toList();
        Belief belief = new Belief(codes, book);
        List<BatchVerdict> verdicts = new ArrayList<>();
        for (Batch batch : batches) {
            FeltBatch said = felt.get(batch.id()).orElse(null);
            if (said == null) {
                verdicts.add(new BatchVerdict(batch.id(), null, false, false));
                continue;
            }
            double[] x = codes.stream()
                    .mapToDouble(code -> said.x().getOrDefault(code, 0.0))
                    .toArray();
            double off = belief.off(x, said);
            boolean farOff = Math.abs(off) > FAR_OFF;
            boolean counts = batch.counts() == Batch.Counts.YES || (batch.counts() == Batch.Counts.NOT_SAID && !farOff);
            if (counts) {
                belief.learn(batch.id(), x, said);
            }
            verdicts.add(new BatchVerdict(batch.id(), off, farOff, counts));
        }
        return new Learning(belief.learned(), belief.together(), List.copyOf(verdicts));
    }

    /** Means and covariances of what flours take up, as shares of their mass. */
    private static final class Belief {

        private final List<Taught> taught;
        private final List<Ingredient> flours;
        private final double[] mean;
        private final double[][] covariance;
        private final List<List<Moved>> courses = new ArrayList<>();

        Belief(List<Taught> taught, Pantry book) {
            this.taught = taught;
            this.flours = taught.stream()
                    .map(each -> book.ingredient(each.flour()).orElseThrow())
                    .toList();
            this.mean = new double[taught.size()];
            this.covariance = new double[mean.length][mean.length];
            for (int flour = 0; flour < mean.length; flour++) {
                double absorption = FlourLearned.bookAbsorption(flours.get(flour));
                mean[flour] = isLot(flour) ? 0 : absorption;
                double sd = isLot(flour) ? LOT_SHARE * absorption : bookSd(flours.get(flour));
                covariance[flour][flour] = square(sd);
                courses.add(new ArrayList<>());
            }
        }

        private static double bookSd(Ingredient flour) {
            return FlourLearned.bookAbsorption(flour) * flour.behaviour().absorptionRelativeSd();
        }

        /** How far a batch is from what is expected of it, in standard deviations. */
        double off(double[] x, FeltBatch said) {
            return (said.y() - dot(x, mean)) / Math.sqrt(dot(x, times(x)) + square(said.sd()));
        }

        void learn(long batch, double[] x, FeltBatch said) {
            double[] cx = times(x);
            double variance = dot(x, cx) + square(said.sd());
            double error = said.y() - dot(x, mean);
            for (int row = 0; row < mean.length; row++) {
                mean[row] += cx[row] / variance * error;
                for (int column = 0; column < mean.length; column++) {
                    covariance[row][column] -= cx[row] * cx[column] / variance;
                }
            }
            for (int flour = 0; flour < mean.length; flour++) {
                if (x[flour] > 0) {
                    courses.get(flour).add(new Moved(batch, meanPct(flour), sdPct(flour)));
                }
            }
        }

        private double meanPct(int flour) {
            return Share.ofFraction(mean[flour]).pct();
        }

        private double sdPct(int flour) {
            return Share.ofFraction(sd(flour)).pct();
        }

        private double sd(int flour) {
            return Math.sqrt(covariance[flour][flour]);
        }

        private boolean isLot(int at) {
            return taught.get(at).lot() != null;
        }

        private boolean isLearned(int flour) {
            return !courses.get(flour).isEmpty();
        }

        List<LearnedTogether> together() {
            List<LearnedTogether> together = new ArrayList<>();
            for (int flour = 0; flour < mean.length; flour++) {
                for (int other = isLot(flour) ? mean.length : flour + 1; other < mean.length; other++) {
                    if (isLearned(flour) && isLearned(other) && !isLot(other) && covariance[flour][other] != 0) {
                        double correlation = covariance[flour][other] / (sd(flour) * sd(other));
                        together.add(new LearnedTogether(
                                flours.get(flour).code(),
                                flours.get(other).code(),
                                Math.max(-1, Math.min(1, correlation))));
                    }
                }
            }
            return List.copyOf(together);
        }

        List<FlourLearned> learned() {
            List<FlourLearned> learned = new ArrayList<>();
            for (int flour = 0; flour < mean.length; flour++) {
                if (isLearned(flour) && !isLot(flour)) {
                    Ingredient book = flours.get(flour);
                    learned.add(new FlourLearned(
                            book.code(),
                            Share.ofFraction(FlourLearned.bookAbsorption(book)).pct(),
                            Share.ofFraction(bookSd(book)).pct(),
                            meanPct(flour),
                            sdPct(flour),
                            courses.get(flour).size(),
                            List.copyOf(courses.get(flour)),
                            lots(book.code())));
                }
            }
            return List.copyOf(learned);
        }

        private List<LotLearned> lots(String flour) {
            List<LotLearned> lots = new ArrayList<>();
            for (int at = 0; at < mean.length; at++) {
                Long lot = taught.get(at).lot();
                if (lot != null && taught.get(at).flour().equals(flour) && isLearned(at)) {
                    lots.add(new LotLearned(
                            lot, meanPct(at), sdPct(at), courses.get(at).size()));
                }
            }
            return List.copyOf(lots);
        }

        private double[] times(double[] x) {
            double[] product = new double[x.length];
            for (int row = 0; row < x.length; row++) {
                product[row] = dot(covariance[row], x);
            }
            return product;
        }

        private static double dot(double[] one, double[] other) {
            double sum = 0;
            for (int at = 0; at < one.length; at++) {
                sum += one[at] * other[at];
            }
            return sum;
        }

        private static double square(double value) {
            return value * value;
        }
    }
}
