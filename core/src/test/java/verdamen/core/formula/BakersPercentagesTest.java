package verdamen.core.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.ReferenceTables;

public class BakersPercentagesTest {

    private static final Formula FORMULA = read(List.of(
            LineSpec.of("wheat-atta", 300),
            LineSpec.of("emmer-whole", 100),
            LineSpec.of("water", 250),
            LineSpec.of("salt-fine", 8)));

    @Test
    public void aFlourTakesItsShareFromTheOthersInTheirRatio() {
        assertGrams(BakersPercentages.set(FORMULA, 1, 40), 240, 160, 250, 8);
    }

    @Test
    public void anythingElseChangesAlone() {
        assertGrams(BakersPercentages.set(FORMULA, 2, 60), 300, 100, 240, 8);
    }

    @Test
    public void aStarterCountsHalfAsFlour() {
        Formula sour = read(List.of(LineSpec.of("wheat-atta", 300), LineSpec.of("sourdough-starter", 200)));
        assertEquals(BakersPercentages.of(sour), List.of(75.0, 50.0));
        assertEquals(BakersPercentages.flourGrams(sour.lines()), 400.0);
    }

    @DataProvider
    Object[][] refused() {
        Formula alone = read(List.of(LineSpec.of("wheat-atta", 300), LineSpec.of("water", 100)));
        Formula sour = read(List.of(LineSpec.of("wheat-atta", 300), LineSpec.of("sourdough-starter", 200)));
        Formula flakes = read(List.of(LineSpec.of("potato-flakes", 300)));
        return new Object[][] {
            {FORMULA, 1, 100.5, FaultCode.TOO_LARGE},
            {FORMULA, 1, -1.0, FaultCode.TOO_SMALL},
            {FORMULA, 1, Double.NaN, FaultCode.NOT_A_NUMBER},
            {FORMULA, 9, 5.0, FaultCode.UNKNOWN_CODE},
            {alone, 0, 80.0, FaultCode.TOO_SMALL},
            {alone, 0, 120.0, FaultCode.TOO_LARGE},
            {sour, 1, 20.0, FaultCode.NOT_FOR_THIS_INGREDIENT},
            {flakes, 0, 20.0, FaultCode.NO_FLOUR},
        };
    }

    @Test(dataProvider = "refused")
    public void refusesAPercentageThatCannotBeMade(Formula formula, int line, double pct, FaultCode code) {
        RefusedException refused =
                expectThrows(RefusedException.class, () -> BakersPercentages.set(formula, line, pct));
        assertEquals(refused.faults().get(0).code(), code);
    }

    @Test
    public void theOnlyFlourIsAHundredPercent() {
        Formula alone = read(List.of(LineSpec.of("wheat-atta", 300), LineSpec.of("water", 100)));
        assertGrams(BakersPercentages.set(alone, 0, 100), 300, 100);
    }

    private static void assertGrams(List<Double> actual, double... expected) {
        assertEquals(actual.size(), expected.length);
        for (int i = 0; i < expected.length; i++) {
            assertEquals(actual.get(i), expected[i], 1e-9);
        }
    }

    private static Formula read(List<LineSpec> lines) {
        return FormulaReader.read(
                new FormulaSpec("roti", null, null, null, null, null, null, lines), ReferenceTables.load());
    }
}
