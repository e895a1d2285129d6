package verdamen.core.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.line;
import static verdamen.core.Doughs.spec;

import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Measured;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.pantry.LearnedTogether;
import verdamen.core.pantry.Pantry;

/** Flours learned from the same batches, against the sum of variances and covariances worked out apart. */
public class JointSpreadTest {

    private static final String ONE = "wheat-atta";
    private static final String OTHER = "rye-whole";
    private static final FormulaSpec FORMULA =
            spec("roti", line(ONE, 240), line(OTHER, 160), line("water", 250), line("salt-fine", 7));

    private static Dough dough(FormulaSpec formula, double correlation) {
        Pantry taught = BOOK.withLearnedTogether(List.of(new LearnedTogether(ONE, OTHER, correlation)));
        return Dough.of(FormulaReader.read(formula, taught));
    }

    /** The standard deviations of what each flour drinks at the minute of rolling, by code, from the variances of one alone. */
    private static Map<String, Double> deviations(FormulaSpec formula) {
        Water alone = Balance.water(Dough.of(FormulaReader.read(formula, BOOK)));
        return Map.of(ONE, fromAbsorption(alone, 0), OTHER, fromAbsorption(alone, 1));
    }

    private static double fromAbsorption(Water water, int line) {
        return Math.sqrt(water.variances().stream()
                .filter(each -> each.line() == line)
                .flatMap(each -> each.steps().stream())
                .filter(step -> step.rule() == Rule.VARIANCE_FROM_ABSORPTION)
                .mapToDouble(ExplanationStep::value)
                .sum());
    }

    @DataProvider
    Object[][] correlations() {
        return new Object[][] {{-1}, {-0.9}, {-0.3}, {0}, {0.5}, {1}};
    }

    @Test(dataProvider = "correlations")
    public void theWatersVarianceHasTwiceTheCovariance(double correlation) {
        Map<String, Double> sd = deviations(FORMULA);
        double apart = Math.pow(Balance.water(dough(FORMULA, 0)).sd(), 2);
        Water water = Balance.water(dough(FORMULA, correlation));
        assertEquals(
                water.sd() * water.sd(), apart + 2 * correlation * sd.get(ONE) * sd.get(OTHER), 1e-6, "the variance");
        assertEquals(
                water.variances().stream().mapToDouble(Variance::share).sum(), 1, 1e-9, "its shares are the whole");
        assertTrue(water.variances().stream().allMatch(each -> each.share() > 0), "and none takes more than it brings");
    }

    @Test(dataProvider = "correlations")
    public void theSoftnessHasItToo(double correlation) {
        Dough apart = dough(FORMULA, 0);
        Dough joint = dough(FORMULA, correlation);
        double minute = 45;
        double softness = apart.softness(minute);
        double one = softness * deviation(ONE, minute);
        double other = softness * deviation(OTHER, minute);
        double drinks = apart.drinksGrams(minute);
        double expected = Math.pow(apart.softnessSd(minute), 2) + 2 * correlation * one * other / (drinks * drinks);
        assertEquals(Math.pow(joint.softnessSd(minute), 2), expected, 1e-12);
    }

    private static double deviation(String flour, double minute) {
        Dough alone = dough(FORMULA, 0);
        return alone.accounts().stream()
                .filter(each -> each.row().ingredient().code().equals(flour))
                .mapToDouble(each -> each.drinks(alone.moment(minute))
                        * each.row().absorptionRelativeSd(each.row().behaviour()))
                .sum();
    }

    @Test
    public void aFlourAloneOrMeasuredForItsLineIsNotJoined() {
        FormulaSpec alone = spec("roti", line(ONE, 400), line("water", 250));
        assertEquals(
                Balance.water(dough(alone, -1)).sd(),
                Balance.water(dough(alone, 0)).sd(),
                1e-12);
        FormulaSpec measured = spec(
                "roti",
                line(ONE, 240).withMeasured(new Measured(null, null, null, 64.0, 2.0, null, null)),
                line(OTHER, 160),
                line("water", 250));
        assertEquals(
                Balance.water(dough(measured, -1)).sd(),
                Balance.water(dough(measured, 0)).sd(),
                1e-12);
    }
}
