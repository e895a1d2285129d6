package verdamen.core.rework;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;

/**
 * What is looked for: as much of something as a dough can take, or as little.
 *
 * @param formula the formula
 * @param goal code of the figure of which the most is wanted, or the least where less is better
 * @param of code or group of the inclusions that are meant, when the goal is inclusions; null for all of them
 * @param free the amounts that may move, one to six
 * @param limits the limits to keep; null for the usual ones
 * @param without what does not go along
 */
public record MostQuestion(
        FormulaSpec formula,
        @Nullable String goal,
        @Nullable String of,
        @Nullable List<FreeSpec> free,
        @Nullable List<LimitSpec> limits,
        Set<Carried> without) {}
