package verdamen.server.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * A version to save.
 *
 * @param name the formula's name, 1 to 120 characters
 * @param note what was changed and why, at most 2,000 characters
 * @param formula what it holds
 * @param parentNumber the version it was made from; left out for a new formula
 * @param latestKnown the newest version known when saving, {@code parentNumber} when left out; when there is a newer one
 *     it is a conflict, and to keep both one saves again knowing it
 */
public record SaveRequest(
        @Within(Limit.FORMULA_NAME) @Nullable String name,
        @Within(Limit.VERSION_NOTE) @Nullable String note,
        @Nullable FormulaSpec formula,
        @Nullable Integer parentNumber,
        @Nullable Integer latestKnown) {}
