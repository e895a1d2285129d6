package verdamen.core.learning;

import java.util.List;
import org.hipparchus.special.Erf;
import verdamen.core.model.Coefficient;

/**
 * What several words felt of one bowl say together. Each says that what is drunk lies between two bounds: the softness is brings
 * over drinks, and a word covers a stretch of softness whose borders are felt to some softness. The dough drinks 1 + δ times what
 * is expected, the same δ whenever it is felt, so every word narrows it: "firm, 12 g more, soft" says that the border between the
 * two words was crossed by those 12 g. Source: model page, section 8.
 *
 * @param mean mean of 1 + δ
 * @param sd its standard deviation
 */
record FeltWords(double mean, double sd) {

    private static final double BORDER = Coefficient.LEARNING_BORDER.value();
    private static final double REACH = Coefficient.LEARNING_REACH.value();
    private static final int STEPS = (int) Coefficient.LEARNING_STEPS.value();

    /**
     * What a word says.
     *
     * @param brings water-like plasticiser in play, g
     * @param drinks what was expected to be drunk, g
     * @param from softness from which the word applies
     * @param to softness up to which it applies
     */
    record Word(double brings, double drinks, double from, double to) {

        /** How likely it is to be said of a dough that drinks {@code factor} times what is expected. */
        private double likelihood(double factor) {
            double softness = brings / (drinks * factor);
            return normal((softness - from) / BORDER) - normal((softness - to) / BORDER);
        }

        private static double normal(double z) {
            return Erf.erfc(-z / Math.sqrt(2)) / 2;
        }
    }

    /** What the words say together; what can hardly be said of one bowl is as wide as nothing said. */
    static FeltWords of(List<Word> words) {
        double sum = 0;
        double first = 0;
        double second = 0;
        for (int step = 0; step <= STEPS; step++) {
            double factor = 1 - REACH + 2 * REACH * step / STEPS;
            double weight = 1;
            for (Word word : words) {
                weight *= Math.max(0, word.likelihood(factor));
            }
            sum += weight;
            first += weight * factor;
            second += weight * factor * factor;
        }
        if (sum <= 0) {
            return new FeltWords(1, REACH);
        }
        double mean = first / sum;
        return new FeltWords(mean, Math.sqrt(Math.max(0, second / sum - mean * mean)));
    }
}
