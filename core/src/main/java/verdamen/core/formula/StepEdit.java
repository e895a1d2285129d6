package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * A step of the run sheet that this formula makes otherwise, leaves out, or adds.
 *
 * @param step key of the step that is changed; absent for one that is added. A key that the run sheet does not have, since the
 *     method was changed, says nothing
 * @param after key of the step after which an added one comes; absent, or no longer there, for the first
 * @param leftOut whether it is left out; a step that puts something in stays
 * @param words what is done, in the kitchen's words: beside the usual ones, which carry amounts and minutes; an added step must
 *     have some
 * @param minutes how long it likely takes, minutes; absent for what is typical. Of a step that takes as long as the method says,
 *     such as a rest, it says nothing
 */
public record StepEdit(
        @Within(Limit.CODE) @Nullable String step,
        @Within(Limit.CODE) @Nullable String after,
        @Nullable Boolean leftOut,
        @Within(Limit.NOTE) @Nullable String words,
        @Within(Limit.STEP_MINUTES) @Nullable Double minutes) {

    /** Whether it adds a step. */
    public boolean adds() {
        return step == null;
    }

    /** Whether it leaves one out. */
    public boolean leavesOut() {
        return Boolean.TRUE.equals(leftOut);
    }
}
