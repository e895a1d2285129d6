package verdamen.core.handling;

import java.util.List;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
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

    /** The sheet of a formula. */
    public static FormulaHandling of(Formula formula) {
        Dough dough = Dough.of(formula);
        double minute = formula.rollAtMinute();
        return new FormulaHandling(
                RollingPicture.of(dough),
                Handling.at(dough, minute),
                Handling.reasons(dough, minute),
                Levers.of(dough),
                Disc.of(dough));
    }
}
