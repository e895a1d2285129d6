package verdamen.core.rework;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Style;
import verdamen.core.rework.TrialSeries.TrialRun;

/**
 * What a series of trials says of one measure: ordinary least squares, by the library, of a level for all runs, an effect of
 * each factor, and of each two factors together. Source: model page, section 15.
 *
 * @param measure the measure
 * @param runs how many runs have it
 * @param told what can be told from so many
 * @param needed how many runs it takes to tell more; null when everything is told
 * @param main the effect of each factor; empty when nothing can be told
 * @param together how factors change each other's effects; empty when that cannot be told
 */
public record TrialEffects(
        TrialMeasure measure,
        int runs,
        Told told,
        @Nullable Integer needed,
        List<MainEffect> main,
        List<Interaction> together) {

    /** Effects are told for so much more of a factor, as a share. */
    public static final double STEP = Coefficient.TRIAL_EFFECT_STEP.value();
    /** An effect stands out that chance would make as large less often than this, as a share. */
    public static final double CHANCE = 1 - Coefficient.TRIAL_STANDS_OUT.value();

    /** Columns that differ by less than this are the same: a factor that was never varied. */
    private static final double SINGULAR = 1e-9;

    /** How much can be told. */
    public enum Told implements Coded {
        /** The effect of each factor, and how they change each other's. */
        EVERYTHING("everything"),
        /** The effect of each factor; too few different runs for more. */
        MAIN_EFFECTS("main-effects"),
        /** Nothing: fewer different runs than effects. */
        NOTHING("nothing");

        private final String code;

        Told(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * The effect of a factor, half way between the levels of the others.
     *
     * @param factor its index
     * @param perStep what a step more of it changes, in the unit of the measure
     * @param standardError standard error of that; null when no run is to spare to tell it
     * @param standsOut whether chance alone would rarely make as much of it
     */
    public record MainEffect(
            int factor, double perStep, @Nullable Double standardError, boolean standsOut) {}

    /**
     * How the effect of a factor depends on another.
     *
     * @param factor index of the factor
     * @param with index of the other
     * @param atLow what a step more of the factor changes when the other is at its lower level
     * @param atHigh the same at the other's higher level
     * @param standardError standard error of the difference; null when no run is to spare to tell it
     * @param standsOut whether chance alone would rarely make as much of the difference
     */
    public record Interaction(
            int factor,
            int with,
            double atLow,
            double atHigh,
            @Nullable Double standardError,
            boolean standsOut) {}

    /** What a series says, measure by measure. */
    public static List<TrialEffects> of(TrialSeries series, List<TrialResult> results, Pantry pantry) {
        return series.measures().stream()
                .map(measure -> of(measure, series, results, pantry))
                .toList();
    }

    private static TrialEffects of(TrialMeasure measure, TrialSeries series, List<TrialResult> results, Pantry pantry) {
        List<double[]> places = new ArrayList<>();
        List<Double> values = new ArrayList<>();
        for (int at = 0; at < series.runs().size(); at++) {
            TrialRun run = series.runs().get(at);
            Double value = results.get(at).value(measure, style(run, pantry), pantry);
            if (value != null) {
                places.add(places(run, series.factors()));
                values.add(value);
            }
        }
        int factors = series.factors().size();
        List<int[]> pairs = pairs(factors);
        Fit fit = Fit.of(places, values, pairs);
        boolean everything = fit != null;
        if (fit == null && !pairs.isEmpty()) {
            fit = Fit.of(places, values, List.of());
        }
        int forMain = 1 + factors;
        if (fit == null) {
            return new TrialEffects(measure, values.size(), Told.NOTHING, forMain, List.of(), List.of());
        }
        return new TrialEffects(
                measure,
                values.size(),
                everything ? Told.EVERYTHING : Told.MAIN_EFFECTS,
                everything ? null : Integer.valueOf(forMain + pairs.size()),
                main(fit, series.factors()),
                everything ? together(fit, series.factors(), pairs) : List.of());
    }

    private static @Nullable Style style(TrialRun run, Pantry pantry) {
        String code = run.formula().style();
        return code == null ? null : pantry.style(code).orElse(null);
    }

    /** Where a run stands between the levels of each factor: -1 at the lower, 1 at the higher. */
    private static double[] places(TrialRun run, List<TrialFactor> factors) {
        double[] places = new double[factors.size()];
        for (int at = 0; at < places.length; at++) {
            TrialFactor factor = factors.get(at);
            places[at] = (run.shares().get(at) - factor.middle()) / factor.half();
        }
        return places;
    }

    private static List<int[]> pairs(int factors) {
        List<int[]> pairs = new ArrayList<>();
        for (int one = 0; one < factors; one++) {
            for (int other = one + 1; other < factors; other++) {
                pairs.add(new int[] {one, other});
            }
        }
        return pairs;
    }

    private static List<MainEffect> main(Fit fit, List<TrialFactor> factors) {
        List<MainEffect> main = new ArrayList<>();
        for (int at = 0; at < factors.size(); at++) {
            double scale = STEP / factors.get(at).half();
            main.add(new MainEffect(
                    at, fit.slope(at + 1) * scale, fit.standardError(at + 1, scale), fit.standsOut(at + 1)));
        }
        return main;
    }

    private static List<Interaction> together(Fit fit, List<TrialFactor> factors, List<int[]> pairs) {
        List<Interaction> together = new ArrayList<>();
        for (int at = 0; at < pairs.size(); at++) {
            int factor = pairs.get(at)[0];
            int term = 1 + factors.size() + at;
            double scale = STEP / factors.get(factor).half();
            double alone = fit.slope(factor + 1) * scale;
            double more = fit.slope(term) * scale;
            together.add(new Interaction(
                    factor,
                    pairs.get(at)[1],
                    alone - more,
                    alone + more,
                    fit.standardError(term, 2 * scale),
                    fit.standsOut(term)));
        }
        return together;
    }

    /** A fitted model: term 0 is the level, then the factors, then what is between them. */
    private record Fit(double[] slopes, double @Nullable [] errors, int toSpare) {

        /** The fit; null when the runs cannot tell its terms apart. */
        static @Nullable Fit of(List<double[]> places, List<Double> values, List<int[]> pairs) {
            if (places.isEmpty() || places.size() < 1 + places.get(0).length + pairs.size()) {
                return null;
            }
            double[][] rows = places.stream().map(each -> row(each, pairs)).toArray(double[][]::new);
            double[] y = values.stream().mapToDouble(Double::doubleValue).toArray();
            OLSMultipleLinearRegression model = new OLSMultipleLinearRegression(SINGULAR);
            model.newSampleData(y, rows);
            int toSpare = rows.length - rows[0].length - 1;
            try {
                double[] slopes = model.estimateRegressionParameters();
                // As many runs as terms: the model goes through all of them, and says nothing of how sure it is.
                double[] errors = toSpare == 0 ? null : model.estimateRegressionParametersStandardErrors();
                return new Fit(slopes, errors, toSpare);
            } catch (MathIllegalArgumentException alike) {
                // A factor that was not varied, or only together with another.
                return null;
            }
        }

        private static double[] row(double[] places, List<int[]> pairs) {
            double[] row = new double[places.length + pairs.size()];
            System.arraycopy(places, 0, row, 0, places.length);
            for (int at = 0; at < pairs.size(); at++) {
                row[places.length + at] = places[pairs.get(at)[0]] * places[pairs.get(at)[1]];
            }
            return row;
        }

        double slope(int term) {
            return slopes[term];
        }

        @Nullable
        Double standardError(int term, double scale) {
            return errors == null ? null : Double.valueOf(errors[term] * scale);
        }

        boolean standsOut(int term) {
            if (errors == null || Math.abs(slopes[term]) < SINGULAR) {
                return false;
            }
            double often = 1 - CHANCE / 2;
            double apart = new TDistribution(toSpare).inverseCumulativeProbability(often);
            return Math.abs(slopes[term]) > apart * errors[term];
        }
    }
}
