package verdamen.core.handling;

import java.util.List;
import verdamen.core.handling.Help.Helps;

/**
 * Everything the Handling station shows of a formula.
 *
 * @param picture the rolling window
 * @param handling the figures when it is rolled
 * @param reasons why they are what they are
 * @param helps what would help each of them
 * @param disc the piece to scale
 */
public record FormulaHandling(
        RollingPicture picture, Handling handling, List<Reason> reasons, List<Helps> helps, Disc disc) {

    /** How the dough of a formula handles. */
    public static FormulaHandling of(RolledDough dough) {
        return new FormulaHandling(
                RollingPicture.of(dough), dough.handling(), dough.reasons(), Levers.of(dough), Disc.of(dough));
    }
}
