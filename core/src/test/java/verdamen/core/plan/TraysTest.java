package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static verdamen.core.plan.RealDays.NOON;
import static verdamen.core.plan.RealDays.ROTI;
import static verdamen.core.plan.RealDays.one;
import static verdamen.core.plan.RealDays.plan;
import static verdamen.core.plan.RealDays.question;
import static verdamen.core.plan.RealDays.solved;
import static verdamen.core.plan.RealDays.wanted;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.StepEdit;
import verdamen.core.plan.OnTrays.TrayTime;
import verdamen.core.plan.PlanTask.Kind;
import verdamen.core.plan.Solved.Missed;
import verdamen.core.portion.Tray;

/** Trays for the balls of real doughs. */
public class TraysTest {

    private static PlanQuestion withTrays(PlanQuestion asked, int trays) {
        Map<Place, Integer> places = new HashMap<>(asked.places());
        places.put(Place.TRAY, trays);
        return new PlanQuestion(asked.wanted(), asked.workers(), places, asked.careful(), asked.pins(), asked.tray());
    }

    /** When the balls of a serving lie on trays. */
    private static TrayTime onTrays(PlanQuestion asked, Plan plan, String serving) {
        return PlanDay.of(asked).takenUp(plan).trayTimes().stream()
                .filter(each -> each.serving().equals(serving))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void ballsLieOnTraysFromWhenTheDoughIsDividedUntilTheLastIsRolled() {
        PlanQuestion asked = question(2, 2, wanted("a", ROTI, NOON), wanted("b", ROTI, NOON));
        Plan plan = plan(solved(asked));
        TrayTime a = onTrays(asked, plan, "a");
        assertEquals(a.from(), one(plan, "a", Kind.DIVIDE).start());
        assertEquals(a.to(), one(plan, "a", Kind.ROLL).end());
        // 20 balls of some 50 g: 44 mm wide with 20 mm between them, 27 to a tray of 400 by 300 mm.
        assertEquals(a.ballMm(), Tray.ballMm(1003.0 / 20, 1.2), 3);
        assertEquals(a.trays(), (int) Math.ceil(asked.wanted().get(0).pieces() / (double) a.perTray()));
        assertEquals(a.perTray(), Tray.USUAL.holds(a.ballMm()));
    }

    @Test
    public void withTooFewTraysOneDoughWaitsUntilTheOtherIsRolled() {
        PlanQuestion asked = question(2, 2, wanted("a", ROTI, NOON), wanted("b", ROTI, NOON));
        Plan together = plan(solved(asked));
        int each = onTrays(asked, together, "a").trays();
        assertEquals(PlanDay.of(asked).takenUp(together).most(Place.TRAY), 2 * each, "nobody counted them");
        PlanQuestion few = withTrays(asked, 2 * each - 1);
        Plan plan = plan(solved(few));
        assertEquals(PlanDay.of(few).takenUp(plan).most(Place.TRAY), each);
        TrayTime a = onTrays(few, plan, "a");
        TrayTime b = onTrays(few, plan, "b");
        assertTrue(a.to() <= b.from() || b.to() <= a.from(), a + " and " + b);
        assertTrue(plan.standing() >= together.standing(), "one of them is cooked sooner");
    }

    @Test
    public void withoutATrayThatIsTheClashAndOneMoreOfThemHelps() {
        PlanQuestion asked = question(1, 1, wanted("a", ROTI, NOON));
        int trays = onTrays(asked, plan(solved(asked)), "a").trays();
        Solved none = solved(withTrays(asked, 0));
        Demand demand = new Demand(Demand.Kind.PLACE, "tray");
        assertEquals(none.clash(), List.of(demand));
        assertEquals(none.remedies(), List.of(new Remedy(demand, trays, 0, 0)));
        assertEquals(none.missed(), List.of(new Missed(demand, trays)));
    }

    @Test
    public void whatIsPressedLiesOnTraysUntilItIsCookedAndWhatIsNotDividedOnNone() {
        StepEdit withoutRolling = new StepEdit("roll", null, true, null, null);
        FormulaSpec pressed = ROTI.withMethod(MethodSpec.NONE.withSteps(List.of(withoutRolling)));
        PlanQuestion asked = question(1, 1, wanted("a", pressed, NOON));
        Plan plan = plan(solved(asked));
        assertEquals(onTrays(asked, plan, "a").to(), one(plan, "a", Kind.COOK).end());
        FormulaSpec whole = ROTI.withMethod(
                MethodSpec.NONE.withSteps(List.of(withoutRolling, new StepEdit("divide", null, true, null, null))));
        assertEquals(PlanDay.of(question(1, 1, wanted("a", whole, NOON))).onTrays(), List.of());
    }
}
