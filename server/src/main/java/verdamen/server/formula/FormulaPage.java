package verdamen.server.formula;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A page of the list of formulas.
 *
 * @param rows its formulas
 * @param next where the next page begins; null when there is none
 * @param total how many formulas match, on all pages
 */
public record FormulaPage(
        List<FormulaSummary> rows, @Nullable String next, long total) {}
