package verdamen.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.PhaseKind;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Pantry;

/** A dough that is made the evening before and chilled overnight: the same formula with one more phase before it is divided. */
final class Overnight {

    private static final int MINUTES_PER_HOUR = 60;
    private static final int MINUTES_PER_DAY = (int) Duration.ofDays(1).toMinutes();

    private Overnight() {}

    /**
     * The formula with a chill from the evening until its bread is shaped; its own phases stay before that.
     *
     * @param due when it is served, minutes from the beginning of the day
     * @throws verdamen.core.model.RefusedException when the formula cannot be read
     */
    static FormulaSpec chilled(FormulaSpec spec, int due, Pantry pantry) {
        MethodSpec method = spec.method() == null ? MethodSpec.NONE : spec.method();
        List<PhaseSpec> phases = new ArrayList<>(method.phasesOrNone());
        if (phases.isEmpty()) {
            double rest = FormulaReader.read(spec, pantry).restMinutes();
            if (rest > 0) {
                phases.add(new PhaseSpec(PhaseKind.REST.code(), rest, null));
            }
        }
        phases.add(new PhaseSpec(PhaseKind.CHILL.code(), (double) minutes(due), null));
        return spec.withMethod(method.withPhases(phases));
    }

    /** From the evening before until there is still time to shape and cook, in whole hours. */
    private static int minutes(int due) {
        int evening = PlanSpec.hour(Coefficient.PLAN_EVENING_HOUR) - MINUTES_PER_DAY;
        int until = due - (int) Coefficient.PLAN_SHAPED_BEFORE_MIN.value();
        return Math.max(1, Math.round((float) (until - evening) / MINUTES_PER_HOUR)) * MINUTES_PER_HOUR;
    }
}
