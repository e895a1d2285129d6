package verdamen.core.pantry;

import java.util.List;
import verdamen.core.model.Coefficient;

/**
 * What a cup of flour weighs against the book's density in this kitchen: how it says it fills a cup, moved by every cup of
 * flour that it has weighed, whichever flour. The factor is log-normal; a weigh-in is conjugate to it.
 *
 * @param factor factor on the book's density
 * @param relativeSd relative standard deviation of one cup
 * @param weighIns how many weigh-ins it rests on
 */
public record FlourByTheCup(double factor, double relativeSd, int weighIns) {

    /**
     * What a kitchen's cups weigh.
     *
     * @param filling how it says it fills a cup
     * @param ratios for each weighed cup of a flour, its grams over those of the book's density
     */
    static FlourByTheCup of(CupFilling filling, List<Double> ratios) {
        double prior = 1 / square(Coefficient.CUP_FACTOR_SD.value());
        double each = 1 / square(Coefficient.CUP_WEIGH_IN_SD.value());
        double precision = prior + ratios.size() * each;
        double logs = ratios.stream().mapToDouble(Math::log).sum();
        double mean = (prior * Math.log(filling.factor()) + each * logs) / precision;
        double learned = Math.hypot(1 / Math.sqrt(precision), Coefficient.CUP_WEIGH_IN_SD.value());
        return new FlourByTheCup(
                Math.exp(mean),
                ratios.isEmpty() ? filling.relativeSd() : Math.min(filling.relativeSd(), learned),
                ratios.size());
    }

    private static double square(double value) {
        return value * value;
    }
}
