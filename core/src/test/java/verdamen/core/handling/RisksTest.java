package verdamen.core.handling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.pantry.Style;

/** The formulas of the handling risks at points worked out by hand, and the way they must bend. */
public class RisksTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final Style ROTI = BOOK.style("roti").orElseThrow();

    @DataProvider
    Object[][] styles() {
        return BOOK.styles().stream().map(style -> new Object[] {style}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "styles")
    public void halfOfThemStickAtTheUpperEndOfTheWindow(Style style) {
        assertEquals(Risks.stick(style.softnessHigh(), style), 50, 1e-9);
        assertTrue(Risks.stick(style.softnessHigh() + 0.035, style) > 73);
        assertTrue(Risks.stick(style.softnessHigh() - 0.035, style) < 27);
    }

    @Test(dataProvider = "styles")
    public void softerSticksMoreAndCracksLess(Style style) {
        double lastStick = -1;
        double lastCrack = 101;
        for (double softness = 0.5; softness < 3; softness += 0.05) {
            double stick = Risks.stick(softness, style);
            double crack = Risks.crack(softness, 60, style);
            assertTrue(stick >= lastStick && crack <= lastCrack, style.code() + " at " + softness);
            lastStick = stick;
            lastCrack = crack;
        }
    }

    @Test
    public void crackingFollowsItsFormula() {
        double z = (0.94 - 0.90) / 0.05 + (40 - 65) / 25.0 - 1;
        assertEquals(Risks.crack(0.90, 65, ROTI), 100 / (1 + Math.exp(-z)), 1e-9);
        assertTrue(Risks.crack(1.0, 10, ROTI) > Risks.crack(1.0, 90, ROTI), "weak doughs crack more");
    }

    @DataProvider
    Object[][] sheets() {
        return new Object[][] {
            {100.0, 0.0, 0.4 + 60.0 / 122},
            {0.0, 0.0, 0.4 + 60.0 / 22},
            {100.0, 2.25, 2.25},
            {30.0, 0.9, 0.4 + 60.0 / 52},
        };
    }

    @Test(dataProvider = "sheets")
    public void theThinnestSheetIsThatOfTheDoughOrOfItsPieces(double strength, double cover, double mm) {
        assertEquals(Risks.thinnestSheetMm(strength, cover), mm, 1e-9);
    }

    @Test
    public void halfOfThemTearWhenTheSheetIsAFifthTooThin() {
        assertEquals(Risks.tear(2.5, 2.0), 50, 1e-9);
        assertTrue(Risks.tear(2.0, 2.0) < 12);
        assertTrue(Risks.tear(3.0, 2.0) > 88);
    }

    @Test
    public void springBackRelaxesButNeverGoesAway() {
        double last = Double.MAX_VALUE;
        for (int minutes = 0; minutes <= 180; minutes += 5) {
            double spring = Risks.springBackPct(90, minutes);
            assertTrue(spring < last);
            last = spring;
        }
        assertEquals(Risks.springBackPct(90, 0), 24, 1e-9);
        assertEquals(Risks.springBackPct(90, 10_000), 2.4, 1e-9);
        assertEquals(Risks.springBackPct(0, 0), 0, 1e-9);
        assertEquals(Risks.springBackPct(500, 0), 24 * Math.pow(1.3, 1.3), 1e-9);
    }

    @Test
    public void rollabilityIsWhatTheRisksLeave() {
        assertEquals(Risks.rollability(0, 0, 0, 0, ROTI), 100, 1e-9);
        assertEquals(Risks.rollability(50, 20, 10, 0, ROTI), 100 * 0.5 * 0.8 * 0.9, 1e-9);
        assertEquals(Risks.rollability(0, 0, 0, ROTI.springLimitPct() + 10, ROTI), 50, 1e-9);
        assertEquals(Risks.rollability(0, 0, 0, ROTI.springLimitPct() + 25, ROTI), 0, 1e-9);
    }

    @Test
    public void puffingWantsAStrongWholeSheetOfTheRightThickness() {
        double sheet = ROTI.sheetMm();
        double best = Risks.puff(100, sheet, 0, 0, 0, 0, ROTI);
        assertTrue(best > 99);
        assertTrue(Risks.puff(35, sheet, 0, 0, 0, 0, ROTI) < 51);
        assertTrue(Risks.puff(100, 3 * sheet, 0, 0, 0, 0, ROTI) < best / 5);
        assertEquals(
                Risks.puff(100, 2 * sheet, 0, 0, 0, 0, ROTI),
                Risks.puff(100, sheet / 2, 0, 0, 0, 0, ROTI),
                1e-9,
                "by the ratio of thicknesses");
        assertEquals(Risks.puff(100, sheet, 0.7, 0, 0, 0, ROTI), 0, 1e-9);
        assertEquals(Risks.puff(100, sheet, 0, 0, 100, 0, ROTI), 0, 1e-9);
        assertEquals(Risks.puff(100, sheet, 0, 0, 0, 100, ROTI), 0, 1e-9, "what sticks does not puff");
    }
}
