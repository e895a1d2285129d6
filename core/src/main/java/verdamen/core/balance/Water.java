package verdamen.core.balance;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;

/**
 * The plain water a dough needs, whatever plain water it has now.
 *
 * @param needed W, g, for the softness aimed for; below 0 when there is too much already
 * @param sd its standard deviation, g
 * @param low lower end of its 80 % range by what is not known of weights and flours, g; not clipped
 * @param high upper end of that range, g; not clipped
 * @param firstPour what to pour at once, g
 * @param holdBack what to keep ready beyond that, g
 * @param additions the additions in which to give what is held back, g each
 * @param topUncertainLine index of the line that would narrow the range most; absent when nothing is uncertain
 * @param present plain water in the formula now, g
 * @param inStages what of {@code present} goes into stages before the dough itself, g; the rest of the whole water goes into the dough
 * @param missing {@code needed} less {@code present}, g; below 0 when there is too much in it
 * @param toSet {@code needed} as a scale shows it, g; 0 when there is too much already
 * @param standing where the dough as it is stands against the style's window, which decides
 * @param told the range in which it is told, and how to pour by that
 * @param steps how {@code needed} comes about
 * @param weighNext the line that would narrow the range most if weighed; absent when all are weighed
 * @param variances what the uncertainty comes from, the largest share first
 */
public record Water(
        double needed,
        double sd,
        double low,
        double high,
        double firstPour,
        double holdBack,
        Additions additions,
        @Nullable Integer topUncertainLine,
        double present,
        double inStages,
        double missing,
        double toSet,
        Standing standing,
        ToldWater told,
        List<ExplanationStep> steps,
        @Nullable WeighNext weighNext,
        List<Variance> variances) {

    /** Whether the plain water is off by more than one addition at the bench. */
    public boolean isOff() {
        return Math.abs(missing) >= Coefficient.ADDITION_STEP.value();
    }
}
