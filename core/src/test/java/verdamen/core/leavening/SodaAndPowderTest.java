package verdamen.core.leavening;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.balance.Dough;
import verdamen.core.formula.LineSpec;
import verdamen.core.leavening.SodaAndPowder.Mend;
import verdamen.core.leavening.SodaAndPowder.Taste;

/** Soda left over: what it tastes of, and what mends it. */
public class SodaAndPowderTest {

    private static SodaAndPowder of(double soda, LineSpec... beside) {
        List<LineSpec> lines = new ArrayList<>(List.of(line("wheat-plain-white", 400), line("water", 220)));
        lines.add(line("baking-soda", soda));
        lines.addAll(List.of(beside));
        return SodaAndPowder.of(Dough.of(Doughs.read(Doughs.spec("skillet-naan", lines.toArray(LineSpec[]::new)))));
    }

    @DataProvider
    Object[][] tastes() {
        // 400 g of white flour have 6 mmol of acid: enough for half a gram of soda
        return new Object[][] {{0.5, Taste.FINE}, {0.9, Taste.FINE}, {1.2, Taste.MAY_BE_SOAPY}, {2.5, Taste.SOAPY}};
    }

    @Test(dataProvider = "tastes")
    public void aLittleLeftOverIsNothing(double soda, Taste taste) {
        SodaAndPowder found = of(soda);
        assertEquals(found.taste(), taste, found.sodaLeftPct() + " %");
        assertEquals(found.mends().isEmpty(), taste == Taste.FINE);
    }

    @Test
    public void eachMendMendsIt() {
        SodaAndPowder soapy = of(3);
        assertTrue(soapy.mends().size() >= 4);
        assertTrue(soapy.mends().stream().noneMatch(mend -> mend.grams() > 240), "not a pound of honey");
        for (Mend mend : soapy.mends()) {
            SodaAndPowder after = mend.instead()
                    ? of(3 - soapy.sodaLeftGrams(), line(mend.ingredient(), mend.grams()))
                    : of(3, line(mend.ingredient(), mend.grams()));
            assertEquals(after.sodaLeftGrams(), 0, 1e-9, mend.ingredient());
            assertTrue(mend.tablespoons() > 0, mend.ingredient());
        }
    }

    @Test
    public void powderInsteadOfWhatIsLeftOverGivesAsMuchGas() {
        SodaAndPowder soapy = of(3);
        Mend powder = soapy.mends().stream().filter(Mend::instead).findFirst().orElseThrow();
        SodaAndPowder after = of(3 - soapy.sodaLeftGrams(), line("baking-powder", powder.grams()));
        double before = soapy.gasMlPer100g() * 623;
        assertEquals(after.gasMlPer100g() * (623 - soapy.sodaLeftGrams() + powder.grams()), before, 1e-6);
    }

    @Test
    public void powderAloneLeavesNoSoda() {
        SodaAndPowder powder = of(0, line("baking-powder", 8));
        assertEquals(powder.sodaLeftGrams(), 0.0);
        assertTrue(powder.isThere());
        assertTrue(powder.gasMlPer100g() > 0);
        assertFalse(powder.weakens(), "only soda is said to weaken");
    }

    @Test
    public void aLongRestWeakensSoda() {
        assertTrue(of(2).weakens(), "an hour is usual for this style");
        assertFalse(of(0).isThere());
    }

    @Test
    public void everyRowOfTheTableIsAnIngredient() {
        for (Leavener leavener : Leavener.all()) {
            assertTrue(Doughs.BOOK.ingredient(leavener.code()).isPresent(), leavener.code());
        }
    }
}
