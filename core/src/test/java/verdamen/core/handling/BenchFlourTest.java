package verdamen.core.handling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Variance;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSource;
import verdamen.core.formula.MethodSpec;

/** What bench and hands give the dough, in the figures and their reasons. */
public class BenchFlourTest {

    private static FormulaSpec rolledWith(String sticking) {
        return Doughs.roti(262).withMethod(MethodSpec.NONE.withSticking(sticking));
    }

    /** Each row: what stops sticking, what it does to the softness: −1 firmer, 0 the same, 1 softer. */
    @DataProvider
    Object[][] ways() {
        return new Object[][] {{"bench-flour", -1}, {"wet-hands", 1}, {"oiled", 1}, {"sheets", 0}};
    }

    @Test(dataProvider = "ways")
    public void eachWayMovesTheSoftnessItsOwnWay(String sticking, int way) {
        double plain = Dough.of(Doughs.read(Doughs.roti(262))).softness(30);
        double rolled = Dough.of(Doughs.read(rolledWith(sticking))).softness(30);
        assertEquals((int) Math.signum(Math.round(1e6 * (rolled - plain))), way, rolled + " of " + plain);
    }

    @Test
    public void itsPartIsNamedAmongTheReasons() {
        Evaluation sheet = Evaluation.of(Doughs.read(rolledWith("bench-flour")));
        List<Influence> onSticking = sheet.handlingReasons().stream()
                .filter(reason -> reason.figure() == HandlingFigure.STICK)
                .findFirst()
                .orElseThrow()
                .influences();
        assertTrue(onSticking.stream()
                .anyMatch(influence -> influence.line() == Line.BENCH_INDEX && influence.change() < 0));
        assertTrue(sheet.balance().ledger().stream().anyMatch(row -> row.source() == LineSource.BENCH));
        assertEquals(sheet.bakersPct().size(), 3);
    }

    @Test
    public void noLineOfTheBenchIsToBeWeighedNext() {
        Balance balance = Balance.of(Doughs.read(rolledWith("bench-flour")));
        for (Variance variance : balance.water().variances()) {
            assertTrue(variance.line() >= 0, variance.toString());
        }
        assertTrue(balance.water().topUncertainLine() >= 0);
    }

    @Test
    public void adviceAndSpillLeaveTheBenchAlone() {
        BenchAdvice advice = BenchAdvice.of(rolledWith("bench-flour"), Doughs.BOOK, 20, "slack", null);
        double flour = advice.additions().stream()
                .filter(added -> !added.carried())
                .mapToDouble(BenchAdvice.Added::grams)
                .sum();
        assertEquals(flour, advice.grams(), 1e-9, "all of it comes from the flours asked for");
        assertEquals(Spill.of(Doughs.read(rolledWith("wet-hands")), 1, 1, false).grams(), 262, 1e-9);
    }
}
