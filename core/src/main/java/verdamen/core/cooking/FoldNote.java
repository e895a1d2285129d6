package verdamen.core.cooking;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * A piece that was folded, as noted: codes and numbers, not yet checked.
 *
 * @param formula the formula it is of
 * @param storage code of the way it was kept; absent for what the formula says, else the usual one
 * @param hours when it was folded, hours after cooking
 * @param fold {@code folds}, {@code cracks} or {@code breaks}
 */
public record FoldNote(
        FormulaSpec formula,
        @Within(Limit.CODE) @Nullable String storage,
        @Within(Limit.KEPT_HOURS) @Nullable Double hours,
        @Nullable String fold) {}
