package verdamen.core.handling;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.model.Coefficient;

/**
 * Softness and spring-back minute by minute, from wetting to 180 minutes.
 *
 * @param softness S at each whole minute from 0; null when nothing drinks
 * @param springBackPct spring-back at each whole minute from 0, % of the diameter; null before kneading ends
 */
public record SoftnessCurve(List<@Nullable Double> softness, List<@Nullable Double> springBackPct) {

    /** The curve of a dough. */
    public static SoftnessCurve of(Dough dough) {
        double gluten = Gluten.of(dough).points();
        double kneaded = dough.formula().kneading().endMinute();
        List<@Nullable Double> softness = new ArrayList<>();
        List<@Nullable Double> springBack = new ArrayList<>();
        for (int minute = 0; minute <= (int) Coefficient.WINDOW_END.value(); minute++) {
            softness.add(dough.softness(minute));
            springBack.add(minute < kneaded ? null : Double.valueOf(Risks.springBackPct(gluten, minute - kneaded)));
        }
        return new SoftnessCurve(softness, springBack);
    }
}
