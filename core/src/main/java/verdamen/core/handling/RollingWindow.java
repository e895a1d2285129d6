package verdamen.core.handling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Timeline;
import verdamen.core.leavening.Rise;
import verdamen.core.model.Coefficient;

/**
 * When a dough can be rolled: an unbroken run of whole minutes after kneading in which it neither sticks nor cracks and
 * springs back no more than the style allows.
 *
 * @param first first minute since wetting, inclusive
 * @param last last minute since wetting, inclusive
 */
public record RollingWindow(int first, int last) {

    /**
     * The rolling window of a dough, or nothing when there is none: the first one within 180 minutes. With phases on its
     * timeline, the one in which the dough is rolled, else the next, else the last. Only softness, strength and
     * spring-back are looked at, not the rise.
     */
    public static Optional<RollingWindow> of(Dough dough) {
        return of(dough, minute -> true);
    }

    /** The same, cut to the minutes in which the dough has risen and is not past its best, where the rise decides. */
    static Optional<RollingWindow> of(Dough dough, Rise rise) {
        int kneaded = (int) Math.ceil(dough.formula().kneading().endMinute());
        return rise.decides(dough.formula().style()) ? of(dough, minute -> rise.isReady(minute - kneaded)) : of(dough);
    }

    private static Optional<RollingWindow> of(Dough dough, IntPredicate risen) {
        List<RollingWindow> all = all(dough, risen);
        Timeline timeline = dough.formula().timeline();
        if (all.isEmpty() || timeline.phases().isEmpty()) {
            return all.stream().findFirst();
        }
        return Optional.of(all.stream()
                .filter(window -> window.last() >= timeline.end())
                .findFirst()
                .orElse(all.get(all.size() - 1)));
    }

    private static List<RollingWindow> all(Dough dough, IntPredicate risen) {
        Gluten gluten = Gluten.of(dough.totals());
        Timeline timeline = dough.formula().timeline();
        boolean firstOnly = timeline.phases().isEmpty();
        int end = timeline.horizon();
        List<RollingWindow> found = new ArrayList<>();
        int first = -1;
        for (int minute = (int) Math.ceil(dough.formula().kneading().endMinute()); minute <= end; minute++) {
            boolean rolls = risen.test(minute) && rolls(dough, gluten, minute);
            if (rolls && first < 0) {
                first = minute;
            } else if (!rolls && first >= 0) {
                found.add(new RollingWindow(first, minute - 1));
                first = -1;
                if (firstOnly) {
                    return found;
                }
            }
        }
        if (first >= 0) {
            found.add(new RollingWindow(first, end));
        }
        return found;
    }

    private static boolean rolls(Dough dough, Gluten gluten, int minute) {
        Formula formula = dough.formula();
        if (formula.timeline().kneads(minute)) {
            return false;
        }
        Double softness = dough.softness(minute);
        double limit = Coefficient.RISK_LIMIT.value();
        double sinceKneading = minute - formula.timeline().kneadedBefore(minute);
        return softness != null
                && Risks.stick(softness, formula.style()) < limit
                && Risks.crack(softness, gluten.sheetStrength(), formula.style()) < limit
                && Risks.springBackPct(gluten.points(), sinceKneading)
                        <= formula.style().springLimitPct();
    }
}
