package verdamen.core.rework;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.FormulaSpec;

/**
 * A formula that was tried.
 *
 * @param places where each free amount stands between its ends, 0 to 1
 * @param formula the formula, with all that goes along
 * @param figures its figures
 */
record Candidate(double[] places, FormulaSpec formula, FormulaFigures figures) {

    /** How far it is from keeping limits, as a sum of shares of their ends; 0 when it keeps them all. */
    double shortOf(List<FigureLimit> limits) {
        return limits.stream().mapToDouble(limit -> limit.shortBy(figures)).sum();
    }

    /** Its worth by a goal: the more the better; far below anything when it lacks the figure. */
    double worth(Goal goal) {
        return goal.worth(formula, figures);
    }

    @Nullable
    Double value(Goal goal) {
        return goal.value(formula, figures);
    }
}
