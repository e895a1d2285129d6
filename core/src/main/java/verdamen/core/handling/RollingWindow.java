package verdamen.core.handling;

import java.util.Optional;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.model.Coefficient;

/**
 * When a dough can be rolled: the first unbroken run of whole minutes after kneading in which it neither sticks nor
 * cracks and springs back no more than the style allows.
 *
 * @param first first minute since wetting, inclusive
 * @param last last minute since wetting, inclusive
 */
public record RollingWindow(int first, int last) {

    /** The rolling window of a dough within 180 minutes, or nothing when there is none. */
    public static Optional<RollingWindow> of(Dough dough) {
        double gluten = Gluten.of(dough).points();
        int end = (int) Coefficient.WINDOW_END.value();
        int first = -1;
        for (int minute = (int) Math.ceil(dough.formula().kneading().endMinute()); minute <= end; minute++) {
            boolean rolls = rolls(dough, gluten, minute);
            if (rolls && first < 0) {
                first = minute;
            } else if (!rolls && first >= 0) {
                return Optional.of(new RollingWindow(first, minute - 1));
            }
        }
        return first < 0 ? Optional.empty() : Optional.of(new RollingWindow(first, end));
    }

    private static boolean rolls(Dough dough, double gluten, int minute) {
        Formula formula = dough.formula();
        Double softness = dough.softness(minute);
        double limit = Coefficient.RISK_LIMIT.value();
        double sinceKneading = minute - formula.kneading().endMinute();
        return softness != null
                && Risks.stick(softness, formula.style()) < limit
                && Risks.crack(softness, gluten, formula.style()) < limit
                && Risks.springBackPct(gluten, sinceKneading) <= formula.style().springLimitPct();
    }
}
