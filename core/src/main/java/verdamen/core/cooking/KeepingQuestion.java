package verdamen.core.cooking;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * How bread of a formula is kept, as asked.
 *
 * @param formula the formula
 * @param storage code of the way of keeping it; absent for what the formula says, else the usual one
 * @param hours the hour looked at, after cooking; absent for when it stops being soft, or crisp
 */
public record KeepingQuestion(
        FormulaSpec formula,
        @Within(Limit.CODE) @Nullable String storage,
        @Within(Limit.KEPT_HOURS) @Nullable Double hours) {}
