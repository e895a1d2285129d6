package verdamen.core.prep;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Share;

/**
 * What a step did. Nothing is lost: before + water put in + put in = after + left behind + liquid + driven off.
 *
 * @param kind the step
 * @param before what it began with, g, all told
 * @param after what it left
 * @param addedWaterGrams plain water put in, or taken up in cooking, g
 * @param addedGrams what else was put in, g
 * @param leftGrams trimmings, what stuck, and what was not taken along, g
 * @param leftWaterGrams water in that, g
 * @param liquid liquid that ran
 * @param drivenOffGrams water driven off or dripped away, g
 * @param typical whether a typical value stood in for a weight
 * @param skipped whether the step was left out, as no liquid is to be pressed out
 * @param form code of the form after it; null for what has none
 * @param pieceMm largest piece, mm; null for the form's
 * @param hot whether it is hot afterwards
 * @param cooling for a cooling, how long it takes
 * @param heating for a wilting or cooking down, how long it takes
 * @param steps how the water after it comes about
 */
public record StepResult(
        StepKind kind,
        Content before,
        Content after,
        double addedWaterGrams,
        double addedGrams,
        double leftGrams,
        double leftWaterGrams,
        Liquid liquid,
        double drivenOffGrams,
        boolean typical,
        boolean skipped,
        @Nullable String form,
        @Nullable Double pieceMm,
        boolean hot,
        @Nullable Cooling cooling,
        @Nullable Heating heating,
        List<ExplanationStep> steps) {

    /** What went in, g: what it began with and what was put in, without plain water. */
    public double inGrams() {
        return before.grams() + addedGrams;
    }

    /** Salt that is in it, % of what went in; 0 without salt. */
    public double saltInPct() {
        return inGrams() > 0 ? Share.of(after.saltGrams(), inGrams()).pct() : 0;
    }

    /** The same salt, % of what is left: where water leaves, it rises. */
    public double saltLeftPct() {
        return after.grams() > 0 ? Share.of(after.saltGrams(), after.grams()).pct() : 0;
    }

    /** Weight after it over what went in; 0 when nothing did. What takes up water gives more than one. */
    public double yield() {
        return inGrams() > 0 ? after.grams() / inGrams() : 0;
    }

    /** Mass that went in less mass that came out, g: 0 but for rounding. */
    public double massError() {
        return before.grams()
                + addedWaterGrams
                + addedGrams
                - after.grams()
                - leftGrams
                - liquid.grams()
                - drivenOffGrams;
    }

    /** Water that went in less water that came out, g: 0 but for rounding. What was put in keeps its own. */
    public double waterError() {
        return before.waterGrams()
                + addedWaterGrams
                - after.waterGrams()
                - leftWaterGrams
                - liquid.waterGrams()
                - drivenOffGrams;
    }
}
