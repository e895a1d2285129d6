package verdamen.core.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Measured;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

public class TooMuchWaterTest {

    private static final Pantry BOOK = ReferenceTables.load();

    private static final List<LineSpec> LINES = List.of(
            LineSpec.of("wheat-atta", 250),
            LineSpec.of("pumpkin-raw", 420).withForm("puree"),
            LineSpec.of("salt-fine", 5));

    private static final List<WayOut> PUMPKIN = waysOut("puree", 420);

    @DataProvider
    Object[][] ways() {
        List<Object[]> rows = new ArrayList<>();
        for (String form : List.of("puree", "raw-leaf", "raw-grated", "wilted", "cooked-pieces")) {
            for (WayOut way : waysOut(form, 700)) {
                rows.add(new Object[] {form, way});
            }
        }
        return rows.toArray(Object[][]::new);
    }

    @Test(dataProvider = "ways")
    public void takenAndRunAgainTheTargetIsMet(String form, WayOut way) {
        if (way.obstacle() != null) {
            assertEquals(way.changes(), List.of());
            return;
        }
        List<LineSpec> lines = new ArrayList<>(lines(form, 700));
        for (LineChange change : way.changes()) {
            LineSpec before = lines.get(change.line());
            LineSpec after =
                    before.withGrams(change.grams()).withForm(change.form() == null ? before.form() : change.form());
            lines.set(
                    change.line(),
                    change.waterPct() == null
                            ? after
                            : after.withMeasured(Measured.NONE.withWaterPct(change.waterPct())));
        }
        assertTrue(way.afterNeededGrams() > -0.01, "never too much afterwards");
        lines.add(LineSpec.of("water", Math.max(0, way.afterNeededGrams())));
        Balance again = Balance.of(FormulaReader.read(spec(lines), BOOK));
        assertEquals(again.softness(), 1.0, 0.01, form + " " + way.remedy());
        boolean formAlone = form.equals("raw-grated") && way.remedy() == Remedy.PRESS;
        assertTrue(formAlone || Math.abs(way.afterSoftness() - 1) < 0.01, form + " " + way);
    }

    @Test
    public void moreFlourIsMoreThanItsOwnDrinkingBecauseSaltDrawsLess() {
        WayOut flour = PUMPKIN.get(0);
        assertEquals(flour.remedy(), Remedy.MORE_FLOUR);
        assertEquals(flour.changes().get(0).grams(), 250 + flour.grams(), 1e-9);
    }

    @Test
    public void pressingAccountsForTheSolidsInTheLiquid() {
        WayOut press = PUMPKIN.get(1);
        assertEquals(press.remedy(), Remedy.PRESS);
        assertEquals(press.mostGrams(), 0.6 * 420 * 0.899 / 0.95, 0.001);
        LineChange change = press.changes().get(0);
        assertEquals(change.grams(), 420 - press.grams(), 1e-9);
        assertEquals(change.waterPct(), 100 * (420 * 0.899 - 0.95 * press.grams()) / change.grams(), 0.001);
        assertEquals(change.form(), "puree");
    }

    @Test
    public void cookingDownKeepsTheSolids() {
        LineChange change = PUMPKIN.get(2).changes().get(0);
        assertEquals(change.grams() * (1 - change.waterPct() / 100), 420 * 0.101, 0.001);
    }

    @Test
    public void leavingOutIsTheExcessOverWhatAGramBringsLessWhatItHolds() {
        Balance balance = Balance.of(FormulaReader.read(spec(LINES), BOOK));
        LedgerRow pumpkin = balance.ledger().get(1);
        double perGram = (pumpkin.bringsGrams() - pumpkin.drinksGrams()) / 420;
        assertEquals(PUMPKIN.get(3).grams(), balance.tooMuch().excessGrams() / perGram, 0.001);
    }

    @Test
    public void cutVegetablesAreCookedDownToWhatTheyBecome() {
        WayOut cooked = waysOut("raw-grated", 900).stream()
                .filter(way -> way.remedy() == Remedy.COOK_DOWN && way.obstacle() == null)
                .findFirst()
                .orElseThrow();
        assertEquals(cooked.changes().get(0).form(), "cooked-down");
    }

    @Test
    public void saysWhatCannotBeDoneAndByHowMuch() {
        WayOut press = waysOut("puree", 1500).get(1);
        assertEquals(press.obstacle(), Obstacle.EXCEEDS_WHAT_IS_THERE);
        assertEquals(press.mostGrams(), 0.6 * 1500 * 0.899 / 0.95, 0.001);
        assertNull(press.afterNeededGrams());
        assertEquals(press.changes(), List.of());
    }

    @Test
    public void gratedVegetablesBecomePressedOnes() {
        WayOut press = waysOut("raw-grated", 700).stream()
                .filter(way -> way.remedy() == Remedy.PRESS)
                .findFirst()
                .orElseThrow();
        assertEquals(press.changes().get(0).form(), "pressed");
    }

    @Test
    public void aDoughThatCanStillDrinkHasNoWaysOut() {
        FormulaSpec dry = spec(List.of(LineSpec.of("wheat-atta", 250)));
        assertNull(Balance.of(FormulaReader.read(dry, BOOK)).tooMuch());
    }

    private static List<LineSpec> lines(String form, double grams) {
        return List.of(
                LineSpec.of("wheat-atta", 250),
                LineSpec.of("pumpkin-raw", grams).withForm(form),
                LineSpec.of("salt-fine", 5));
    }

    private static List<WayOut> waysOut(String form, double grams) {
        TooMuchWater tooMuch =
                Balance.of(FormulaReader.read(spec(lines(form, grams)), BOOK)).tooMuch();
        return tooMuch == null ? List.of() : tooMuch.waysOut();
    }

    private static FormulaSpec spec(List<LineSpec> lines) {
        return new FormulaSpec("roti", null, null, null, null, null, null, lines);
    }
}
