package verdamen.core.rework;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;

/**
 * What is asked of a ladder or a field.
 *
 * @param formula the formula
 * @param raised what is raised
 * @param beside what else is changed, at every rung
 * @param limits the limits to look at; null for the usual ones
 * @param without what does not go along
 */
public record LadderQuestion(
        FormulaSpec formula,
        RaisedSpec raised,
        List<ChangeSpec> beside,
        @Nullable List<LimitSpec> limits,
        Set<Carried> without) {}
