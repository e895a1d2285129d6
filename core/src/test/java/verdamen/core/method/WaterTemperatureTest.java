package verdamen.core.method;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Measured;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.TemperaturesSpec;
import verdamen.core.method.WaterTemperature.Verdict;

/** The water's temperature from the heat balance. */
public class WaterTemperatureTest {

    private static FormulaSpec dough(TemperaturesSpec temperatures, double inclusionC, boolean yeast) {
        return Doughs.spec(
                        "pita",
                        line("wheat-strong-white", 400),
                        line("water", 220),
                        line("potato-boiled", 100)
                                .withForm("mash")
                                .withMeasured(Measured.NONE.withTemperatureC(inclusionC)),
                        line(yeast ? "yeast-instant" : "salt-fine", 5))
                .withMethod(new MethodSpec(
                        null, null, null, null, null, null, null, null, null, null, null, null, temperatures));
    }

    private static WaterTemperature of(TemperaturesSpec temperatures, double inclusionC, boolean yeast) {
        return WaterTemperature.of(Doughs.read(dough(temperatures, inclusionC, yeast)));
    }

    @Test
    public void theHeatBalanceIsWhatOneWorksOutByHand() {
        // flour and salt 405 · 1.8 J/K at 20 °C, mash 100 · (4.18 · 0.773 + 1.5 · 0.227) at 8 °C, water 220 · 4.18;
        // 10 min by hand warm all of it by 1 K
        double flour = 405 * 1.8;
        double mash = 100 * (4.18 * 0.773 + 1.5 * 0.227);
        double water = 220 * 4.18;
        double wanted = 26 + (flour * 6 + mash * 18 - 1.0 * (flour + mash + water)) / water;
        WaterTemperature found = of(new TemperaturesSpec(26.0, 20.0, null, 12.0, 60.0, 10.0), 8, false);
        assertEquals(found.waterC(), wanted, 1e-9);
        assertEquals(found.verdict(), Verdict.MIX);
        assertEquals(found.hotGrams(), 220 * (wanted - 12) / 48, 1e-9);
        assertEquals(found.hotGrams() + found.coldGrams(), 220, 1e-9);
    }

    /** Each row: dough wanted, inclusion at, yeast, verdict. */
    @DataProvider
    Object[][] verdicts() {
        return new Object[][] {
            {26.0, 20.0, false, Verdict.MIX},
            {40.0, 20.0, false, Verdict.HEAT_IT},
            {38.0, 4.0, true, Verdict.HARMS_YEAST},
            {55.0, 4.0, false, Verdict.TOO_HOT},
            {18.0, 30.0, true, Verdict.ICE},
            {12.0, 60.0, true, Verdict.TOO_COLD},
        };
    }

    @Test(dataProvider = "verdicts")
    public void saysWhetherThatCanBe(double doughC, double inclusionC, boolean yeast, Verdict verdict) {
        WaterTemperature found = of(new TemperaturesSpec(doughC, null, null, null, null, null), inclusionC, yeast);
        assertEquals(found.verdict(), verdict, "water at " + found.waterC());
    }

    @Test
    public void whatElseIsCooledMakesItPossible() {
        WaterTemperature found = of(new TemperaturesSpec(12.0, 20.0, null, null, null, null), 60, false);
        assertEquals(found.limitC(), 1.0);
        assertNotNull(found.reachedC());
        assertTrue(found.reachedC() > 12);
        WaterTemperature.Other mash = found.others().stream()
                .filter(other -> "potato-boiled".equals(other.ingredient()))
                .findFirst()
                .orElseThrow();
        WaterTemperature again = of(new TemperaturesSpec(12.0, 20.0, null, null, null, null), mash.needsC(), false);
        assertEquals(again.waterC(), 1.0, 1e-9);
    }

    @Test
    public void withoutWaterThereIsNothingToWarm() {
        FormulaSpec wet = Doughs.spec("roti", line("wheat-atta", 100), line("yogurt-whole", 300));
        WaterTemperature found = WaterTemperature.of(Doughs.read(wet));
        assertEquals(found.verdict(), Verdict.NO_WATER);
        assertNull(found.waterC());
    }
}
