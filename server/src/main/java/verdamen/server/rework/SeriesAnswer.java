package verdamen.server.rework;

import java.time.OffsetDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import verdamen.core.cooking.FoldTest;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Unit;
import verdamen.core.rework.TrialEffects;
import verdamen.core.rework.TrialFactor;
import verdamen.core.rework.TrialMeasure;
import verdamen.core.rework.TrialResult;

/**
 * A series of trials, with what came of it so far.
 *
 * @param id its id
 * @param formula id of the formula that is varied
 * @param name its name
 * @param seed the name from which the order of the runs was drawn
 * @param madeAt when it was made
 * @param factors what is varied
 * @param measures what is measured
 * @param runs the runs, in the order in which they are made
 * @param sameInEveryRun what every run has as much of, g by ingredient
 * @param different codes of the ingredients of which runs have more or less
 * @param effects what the results say, measure by measure
 * @param effectStepPct so much more of a factor is what effects are told for, %
 * @param chancePct an effect stands out that chance alone would make as large less often than this, %
 */
record SeriesAnswer(
        long id,
        long formula,
        String name,
        String seed,
        OffsetDateTime madeAt,
        List<TrialFactor> factors,
        List<SeriesMeasure> measures,
        List<SeriesRun> runs,
        Map<String, Double> sameInEveryRun,
        List<String> different,
        List<TrialEffects> effects,
        double effectStepPct,
        double chancePct) {

    /**
     * Something that is measured.
     *
     * @param code its code
     * @param unit its unit
     * @param better which way it is better
     * @param counted what each of its words counts for, when it is told by a word of its own
     */
    record SeriesMeasure(TrialMeasure code, Unit unit, TrialMeasure.Better better, Map<String, Integer> counted) {

        static SeriesMeasure of(TrialMeasure measure) {
            Map<String, Integer> counted = new LinkedHashMap<>();
            if (measure == TrialMeasure.FOLD) {
                for (FoldTest test : FoldTest.values()) {
                    counted.put(test.code(), test.counted());
                }
            }
            return new SeriesMeasure(measure, measure.unit(), measure.better(), counted);
        }
    }

    /**
     * A run.
     *
     * @param shares the share of each factor, 0 to 1
     * @param formula what is made
     * @param weighed what it has of the ingredients that differ, g by ingredient
     * @param result what came of it, as far as it was measured
     */
    record SeriesRun(List<Double> shares, FormulaSpec formula, Map<String, Double> weighed, TrialResult result) {}
}
