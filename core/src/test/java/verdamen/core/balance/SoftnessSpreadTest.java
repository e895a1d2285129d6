package verdamen.core.balance;

import static org.testng.Assert.assertEquals;

import java.util.HashMap;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.RandomFormulas;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.pantry.Behaviour;

/** Softness by minute and its uncertainty, from sums, against the same worked out row by row. */
public class SoftnessSpreadTest {

    @DataProvider
    Object[][] formulas() {
        return RandomFormulas.rows(150);
    }

    /** σ_S² = Σ ((S·drinks − brings)/m · sd)² + Σ (S · drinks · relative sd)², over D², row by row, a line weighing wrong as a whole. */
    private static double rowByRow(Dough dough, double minute) {
        Moment at = dough.moment(minute);
        double drinks = dough.drinksGrams(at);
        double softness = dough.bringsGrams(at) / drinks;
        Map<Integer, Double> weighed = new HashMap<>();
        double variance = 0;
        for (WaterAccount account : dough.accounts()) {
            DoughRow row = account.row();
            if (row.grams() > 0) {
                double drunk = account.drinks(at);
                double off = (softness * drunk - account.brings(at)) / row.grams() * row.sdGrams();
                weighed.merge(row.line().index(), off, Double::sum);
                Behaviour behaviour = row.behaviour();
                double absorbed = behaviour == null ? 0 : softness * drunk * row.absorptionRelativeSd(behaviour);
                variance += absorbed * absorbed;
            }
        }
        for (double off : weighed.values()) {
            variance += off * off;
        }
        return Math.sqrt(variance) / drinks;
    }

    @Test(dataProvider = "formulas")
    public void theSpreadIsThatOfTheRows(FormulaSpec spec) {
        compare(Dough.of(FormulaReader.read(spec, Doughs.BOOK)));
    }

    @Test(dataProvider = "formulas")
    public void alsoInTheColdWhereFatHardens(FormulaSpec spec) {
        MethodSpec chilled = MethodSpec.NONE.withPhases(java.util.List.of(new PhaseSpec("chill", 240.0, 2.0)));
        compare(Dough.of(FormulaReader.read(spec.withMethod(chilled), Doughs.BOOK)));
    }

    private static void compare(Dough dough) {
        for (double minute : new double[] {0, 7, 30.5, 90, 180}) {
            assertEquals(dough.softnessSd(minute), rowByRow(dough, minute), 1e-9, "minute " + minute);
        }
    }

    @Test(dataProvider = "formulas")
    public void whatIsKeptByMinuteIsWhatIsWorkedOut(FormulaSpec spec) {
        Formula formula = FormulaReader.read(spec, Doughs.BOOK);
        Dough dough = Dough.of(formula);
        for (int minute = 0; minute <= formula.timeline().horizon(); minute += 13) {
            Double first = dough.softness(minute);
            assertEquals(first, DoughTotals.of(formula).softness(minute));
            assertEquals(dough.softness(minute), first);
        }
        assertEquals(dough.softness(12.25), DoughTotals.of(formula).softness(12.25));
        assertEquals(
                dough.softness(formula.timeline().horizon() + 40),
                dough.totals().softness(formula.timeline().horizon() + 40));
    }
}
