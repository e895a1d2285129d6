package verdamen.core.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.RandomFormulas;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Measured;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.prep.Pressing;

public class BalancePropertiesTest {

    private static final double EPSILON = 1e-6;
    private static final Pantry BOOK = ReferenceTables.load();

    @DataProvider
    Object[][] formulas() {
        return RandomFormulas.rows(300);
    }

    @Test(dataProvider = "formulas")
    public void scalingAllGramsScalesTheWaterAndLeavesTheSoftness(FormulaSpec spec) {
        Balance one = balance(spec);
        Balance three = balance(spec.withLines(lines(spec).stream()
                .map(line -> line.withGrams(3 * line.grams()))
                .toList()));
        assertEquals(three.water().needed(), 3 * one.water().needed(), EPSILON * one.doughGrams());
        assertEquals(three.softness(), one.softness(), EPSILON);
    }

    @Test(dataProvider = "formulas")
    public void moreFlourNeverLowersTheWater(FormulaSpec spec) {
        List<LineSpec> more = new ArrayList<>(lines(spec));
        more.set(0, more.get(0).withGrams(1.3 * more.get(0).grams()));
        double before = balance(spec).water().needed();
        assertTrue(balance(spec.withLines(more)).water().needed() >= before - EPSILON);
    }

    @Test(dataProvider = "formulas")
    public void theWaterNeededMakesTheSoftnessTheTarget(FormulaSpec spec) {
        double needed = balance(spec).water().needed();
        if (needed < 0) {
            return;
        }
        List<LineSpec> watered = new ArrayList<>(lines(spec).stream()
                .filter(line -> !line.ingredient().equals("water"))
                .toList());
        watered.add(LineSpec.of("water", needed));
        Formula formula = FormulaReader.read(spec.withLines(watered), BOOK);
        assertEquals(Balance.of(formula).softness(), formula.softnessTarget(), EPSILON);
    }

    @Test(dataProvider = "formulas")
    public void pressingLiquidOutNeverRaisesWhatAnInclusionBrings(FormulaSpec spec) {
        for (LedgerRow row : balance(spec).ledger()) {
            LineSpec line = lines(spec).get(row.line());
            boolean inclusion = line.form() != null;
            if (inclusion) {
                double water = line.measuredOrNone().waterPct() == null
                        ? BOOK.ingredient(line.ingredient())
                                .orElseThrow()
                                .composition()
                                .waterPct()
                        : line.measuredOrNone().waterPct();
                double liquid = 0.5 * Pressing.mostLiquidGrams(line.grams(), water / 100);
                Pressing.Left left = Pressing.press(line.grams(), water / 100, liquid);
                List<LineSpec> pressed = new ArrayList<>(lines(spec));
                pressed.set(
                        row.line(),
                        line.withGrams(left.grams())
                                .withForm(line.form())
                                .withMeasured(Measured.NONE.withWaterPct(100 * left.waterShare())));
                double after = brings(balance(spec.withLines(pressed)), row.line());
                assertTrue(after <= row.bringsGrams() + EPSILON, line.ingredient());
            }
        }
    }

    @Test(dataProvider = "formulas")
    public void everyOpenWayOutTakesTheExcessAway(FormulaSpec spec) {
        Balance balance = balance(spec);
        if (balance.tooMuch() == null) {
            assertTrue(balance.water().needed() >= 0);
            return;
        }
        assertEquals(balance.tooMuch().excessGrams(), -balance.water().needed(), EPSILON);
        for (WayOut way : balance.tooMuch().waysOut()) {
            assertEquals(way.obstacle() == null, !way.changes().isEmpty());
            if (way.obstacle() == null) {
                assertEquals(way.afterNeededGrams(), applied(spec, way).water().needed(), EPSILON);
                assertTrue(way.afterNeededGrams() > balance.water().needed(), way.remedy() + " does not help");
            }
        }
    }

    private static Balance applied(FormulaSpec spec, WayOut way) {
        List<LineSpec> lines = new ArrayList<>(lines(spec));
        for (LineChange change : way.changes()) {
            LineSpec line = lines.get(change.line()).withGrams(change.grams());
            if (change.waterPct() != null) {
                line = line.withForm(change.form()).withMeasured(Measured.NONE.withWaterPct(change.waterPct()));
            }
            lines.set(change.line(), line);
        }
        return balance(spec.withLines(lines));
    }

    private static double brings(Balance balance, int line) {
        return balance.ledger().stream()
                .filter(row -> row.line() == line)
                .mapToDouble(LedgerRow::bringsGrams)
                .sum();
    }

    private static List<LineSpec> lines(FormulaSpec spec) {
        return List.copyOf(spec.lines());
    }

    private static Balance balance(FormulaSpec spec) {
        return Balance.of(FormulaReader.read(spec, BOOK));
    }
}
