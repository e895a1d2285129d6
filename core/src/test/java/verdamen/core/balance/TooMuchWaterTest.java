package verdamen.core.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import java.util.List;
import org.testng.annotations.Test;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

public class TooMuchWaterTest {

    private static final Pantry BOOK = ReferenceTables.load();

    /** The dough brings 382.769 g and drinks 237.9968 g: 144.7722 g too much (worked case 5). */
    private static final List<WayOut> PUMPKIN = waysOut("puree", 420);

    @Test
    public void moreFlourIsTheExcessOverWhatAGramOfFlourDrinks() {
        WayOut flour = PUMPKIN.get(0);
        assertEquals(flour.remedy(), Remedy.MORE_FLOUR);
        assertEquals(flour.grams(), 144.7722 / (174.9968 / 250), 0.01);
        assertEquals(flour.changes().get(0).grams(), 250 + flour.grams(), 1e-9);
        assertEquals(flour.afterSoftness(), 1.0, 0.001);
    }

    @Test
    public void pressingAccountsForTheSolidsInTheLiquid() {
        WayOut press = PUMPKIN.get(1);
        assertEquals(press.remedy(), Remedy.PRESS);
        assertEquals(press.grams(), 144.7722 / 0.95, 0.001);
        assertEquals(press.mostGrams(), 0.6 * 420 * 0.899 / 0.95, 0.001);
        LineChange change = press.changes().get(0);
        assertEquals(change.grams(), 420 - press.grams(), 1e-9);
        assertEquals(change.waterPct(), 100 * (420 * 0.899 - 144.7722) / change.grams(), 0.001);
        assertEquals(change.form(), "puree");
    }

    @Test
    public void cookingDownKeepsTheSolids() {
        LineChange change = PUMPKIN.get(2).changes().get(0);
        assertEquals(change.grams(), 420 - 144.7722, 0.001);
        assertEquals(change.grams() * (1 - change.waterPct() / 100), 420 * 0.101, 0.001);
    }

    @Test
    public void leavingOutCountsWhatTheInclusionHoldsItself() {
        double perGram = 0.899 + 0.45 * 0.001 - (1 - 0.899 - 0.001) * 1.5;
        assertEquals(PUMPKIN.get(3).grams(), 144.7722 / perGram, 0.01);
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

    private static List<WayOut> waysOut(String form, double grams) {
        FormulaSpec spec = spec(List.of(
                LineSpec.of("wheat-atta", 250),
                LineSpec.of("pumpkin-raw", grams).withForm(form),
                LineSpec.of("salt-fine", 5)));
        return Balance.of(FormulaReader.read(spec, BOOK)).tooMuch().waysOut();
    }

    private static FormulaSpec spec(List<LineSpec> lines) {
        return new FormulaSpec("roti", null, null, null, null, null, null, lines);
    }
}
