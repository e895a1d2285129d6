package verdamen.core.leavening;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * How a dough rises in places of its own, as asked: numbers, not yet checked.
 *
 * @param formula the formula
 * @param doughC dough temperature when kneading ends, °C; absent for the formula's
 * @param places where it stands, one place after another from the end of kneading, the last of which goes on; absent for the
 *     formula's
 */
public record FermentationQuestion(
        FormulaSpec formula,
        @Within(Limit.DOUGH_C) @Nullable Double doughC,
        @Within(Limit.PHASES) @Nullable List<PlaceSpec> places) {

    /**
     * A place where the dough stands.
     *
     * @param minutes how long, minutes
     * @param celsius how warm it is there, °C
     */
    public record PlaceSpec(
            @Within(Limit.REST_MINUTES) @Nullable Double minutes,
            @Within(Limit.PLACE_C) @Nullable Double celsius) {}
}
