package verdamen.server.rework;

import java.time.OffsetDateTime;
import java.util.List;
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
 * @param effects what the results say, measure by measure
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
        List<TrialEffects> effects) {

    /**
     * Something that is measured.
     *
     * @param code its code
     * @param unit its unit
     * @param better which way it is better
     */
    record SeriesMeasure(TrialMeasure code, Unit unit, TrialMeasure.Better better) {

        static SeriesMeasure of(TrialMeasure measure) {
            return new SeriesMeasure(measure, measure.unit(), measure.better());
        }
    }

    /**
     * A run.
     *
     * @param shares the share of each factor, 0 to 1
     * @param formula what is made
     * @param result what came of it, as far as it was measured
     */
    record SeriesRun(List<Double> shares, FormulaSpec formula, TrialResult result) {}
}
