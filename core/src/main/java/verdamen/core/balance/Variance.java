package verdamen.core.balance;

import java.util.List;
import verdamen.core.model.ExplanationStep;

/**
 * How much one line adds to the uncertainty of the water needed.
 *
 * @param line index of the line
 * @param ingredient code of the line's ingredient
 * @param share its share of the whole variance, 0 to 1
 * @param fromAbsorption whether most of it comes from the absorption rather than from the weighing
 * @param steps its parts, in g²
 */
public record Variance(
        int line, String ingredient, double share, boolean fromAbsorption, List<ExplanationStep> steps) {}
