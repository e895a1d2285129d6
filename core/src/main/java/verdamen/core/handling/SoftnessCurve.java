package verdamen.core.handling;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.formula.Timeline;
import verdamen.core.model.Coefficient;

/**
 * Softness and spring-back over time, from wetting to 180 minutes, or beyond when the dough is rolled later.
 *
 * @param minutes the minutes since wetting that the lists stand for, from 0
 * @param softness S at each of them; null when nothing drinks
 * @param springBackPct spring-back at each of them, % of the diameter; null while the dough is kneaded
 */
public record SoftnessCurve(
        List<Integer> minutes, List<@Nullable Double> softness, List<@Nullable Double> springBackPct) {

    /** The curve of a dough. */
    public static SoftnessCurve of(Dough dough) {
        double gluten = Gluten.of(dough.totals()).points();
        Timeline timeline = dough.formula().timeline();
        List<Integer> minutes = minutes(timeline);
        List<@Nullable Double> softness = new ArrayList<>();
        List<@Nullable Double> springBack = new ArrayList<>();
        for (int minute : minutes) {
            softness.add(dough.softness(minute));
            springBack.add(
                    timeline.kneads(minute)
                            ? null
                            : Double.valueOf(Risks.springBackPct(gluten, minute - timeline.kneadedBefore(minute))));
        }
        return new SoftnessCurve(minutes, softness, springBack);
    }

    /** The minutes a curve stands for: every one up to 180, fewer of them when it goes further. */
    static List<Integer> minutes(Timeline timeline) {
        int end = timeline.horizon();
        int step = (int) Math.ceil(end / Coefficient.WINDOW_END.value());
        List<Integer> minutes = new ArrayList<>();
        for (int minute = 0; minute <= end; minute += step) {
            minutes.add(minute);
        }
        return minutes;
    }
}
