package verdamen.core.handling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.Timeline;

/** Rests, chilling and second kneading on the time axis. */
public class TimelineTest {

    private static final FormulaSpec BUTTER_DOUGH = Doughs.spec(
            "tortilla",
            line("wheat-plain-white", 300),
            line("water", 140),
            line("butter", 60),
            line("courgette-raw", 80).withForm("raw-grated"));

    private static Timeline timeline(PhaseSpec... phases) {
        return Doughs.read(Doughs.phased(BUTTER_DOUGH, phases)).timeline();
    }

    @Test
    public void withoutPhasesTimeIsTime() {
        Timeline plain = Doughs.read(BUTTER_DOUGH).timeline();
        assertEquals(plain.workingMinute(47.5), 47.5);
        assertEquals(plain.horizon(), 180);
        assertFalse(plain.hardensFat(30));
    }

    @Test
    public void phasesAddUpToTheRest() {
        Formula formula = Doughs.read(
                Doughs.phased(BUTTER_DOUGH, new PhaseSpec("rest", 15.0, null), new PhaseSpec("chill", 60.0, 4.0)));
        assertEquals(formula.restMinutes(), 75.0);
        assertEquals(formula.rollAtMinute(), 85.0);
    }

    @Test
    public void halfAsFastForEveryTenKelvins() {
        // after hours in a fridge at 0 °C, 20 K below the kitchen, an hour works like a quarter of one
        Timeline cold = timeline(new PhaseSpec("chill", 600.0, 0.0));
        double hour = cold.workingMinute(560) - cold.workingMinute(500);
        assertEquals(hour, 15, 0.2);
        assertEquals(cold.celsius(560), 0, 0.1);
    }

    @Test
    public void theColdHardensButterButNotOil() {
        Formula chilled = Doughs.read(Doughs.phased(BUTTER_DOUGH, new PhaseSpec("chill", 180.0, 4.0)));
        assertTrue(chilled.timeline().hardensFat(150));
        Dough dough = Dough.of(chilled);
        Dough warm = Dough.of(Doughs.read(BUTTER_DOUGH));
        double butterLost = 60 * 0.82 * (0.45 - 0.25);
        double workedBrings = warm.bringsGrams(chilled.timeline().workingMinute(150));
        assertEquals(dough.bringsGrams(150), workedBrings - butterLost, 1e-6);
    }

    @Test
    public void aSecondKneadingStartsTheSpringAgain() {
        FormulaSpec twice = Doughs.phased(
                Doughs.roti(255),
                new PhaseSpec("rest", 30.0, null),
                new PhaseSpec("knead", 5.0, null),
                new PhaseSpec("rest", 10.0, null));
        Formula formula = Doughs.read(twice);
        assertTrue(formula.timeline().kneads(42));
        assertEquals(formula.timeline().kneadedBefore(55), 45.0);
        SoftnessCurve curve = SoftnessCurve.of(Dough.of(formula));
        assertEquals(curve.springBackPct().get(42), null);
        assertTrue(curve.springBackPct().get(46) > curve.springBackPct().get(39) + 5);
    }

    @Test
    public void theWindowIsTheOneInWhichItIsRolled() {
        Formula formula = Doughs.read(Doughs.phased(Doughs.roti(255), new PhaseSpec("chill", 480.0, 4.0)));
        RollingWindow window = RollingWindow.of(Dough.of(formula)).orElseThrow();
        assertTrue(window.last() >= formula.rollAtMinute(), window.toString());
        SoftnessCurve curve = SoftnessCurve.of(Dough.of(formula));
        assertTrue(curve.minutes().size() <= 182, "a long curve has no more points than a short one");
        assertEquals(curve.minutes().size(), curve.softness().size());
    }
}
