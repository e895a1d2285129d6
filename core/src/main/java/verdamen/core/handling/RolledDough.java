package verdamen.core.handling;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.leavening.Rise;

/**
 * A dough judged at the minute when it is rolled: worked out once, and shared by every answer that rests on it.
 *
 * @param dough the dough
 * @param minute when it is rolled, minutes since wetting
 * @param handling how it handles then
 * @param rise how it rises
 * @param window when it can be rolled, and has risen where that decides; null when never
 */
public record RolledDough(
        Dough dough,
        double minute,
        Handling handling,
        Rise rise,
        @Nullable RollingWindow window) {

    /** The dough of a formula, judged. */
    public static RolledDough of(Formula formula) {
        return of(Dough.of(formula));
    }

    /** A dough, judged. */
    public static RolledDough of(Dough dough) {
        double minute = dough.formula().rollAtMinute();
        Rise rise = Rise.of(dough);
        return new RolledDough(
                dough,
                minute,
                Handling.at(dough, minute),
                rise,
                RollingWindow.of(dough, rise).orElse(null));
    }

    /** The formula it comes from. */
    public Formula formula() {
        return dough.formula();
    }

    /** Why its figures are what they are. */
    public List<Reason> reasons() {
        return new HandlingReasons(this).reasons();
    }
}
