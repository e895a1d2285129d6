package verdamen.core.rework;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;

/**
 * What has to change in a formula, and by what the formula that comes of it is to be as it was. At least one thing changes.
 *
 * @param formula the formula
 * @param out indexes of lines whose ingredient is out
 * @param allergen an allergen that must go
 * @param lots flour lines that are another lot from now on
 * @param near codes of the figures that are to stay; absent for sheet strength, cost and protein of a piece
 * @param without what does not go along
 */
public record MatchQuestion(
        FormulaSpec formula,
        @Nullable List<Integer> out,
        @Nullable String allergen,
        @Nullable List<OtherLotSpec> lots,
        @Nullable List<String> near,
        Set<Carried> without) {}
