package verdamen.core.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertNull;

import java.util.List;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.formula.MethodSpec.PhaseSpec;

/** Copies of lines and formulas change what they say, and nothing else. */
public class LineSpecTest {

    private static final Measured MEASURED = new Measured(90.0, null, 1.0, null, null, 2.0, 8.0);
    private static final LineSpec FULL = LineSpec.of("courgette-raw", 100)
            .withSd(2.0)
            .in(Part.FILLING)
            .withForm("pressed")
            .withStage(0)
            .withMeasured(MEASURED)
            .withOrigin(new LineOrigin("a courgette", "piece", 1.0, null, null));

    /** A change there and back again. */
    private record Change(UnaryOperator<LineSpec> there, UnaryOperator<LineSpec> back) {}

    @DataProvider
    Object[][] changes() {
        return new Object[][] {
            {change(line -> line.withGrams(7.0), line -> line.withGrams(100.0))},
            {change(line -> line.withSd(null), line -> line.withSd(2.0))},
            {change(line -> line.in(null), line -> line.in(Part.FILLING))},
            {change(line -> line.withForm("puree"), line -> line.withForm("pressed"))},
            {change(line -> line.withStage(null), line -> line.withStage(0))},
            {change(line -> line.withFatState("solid"), line -> line.withFatState(null))},
            {change(line -> line.withOpen(Openness.UNREAD), line -> line.withOpen(null))},
            {change(line -> line.withPrep("c"), line -> line.withPrep(null))},
            {change(line -> line.withIngredient(null), line -> line.withIngredient("courgette-raw"))},
            {change(line -> line.withMeasured(Measured.NONE), line -> line.withMeasured(MEASURED))},
            {measured(figures -> figures.withLot(12.0, 11.0), figures -> figures.withLot(null, 1.0))},
            {measured(figures -> figures.withWaterPct(88.0), figures -> figures.withWaterPct(90.0))},
            {measured(figures -> figures.withPieceMm(null), figures -> figures.withPieceMm(2.0))},
            {measured(figures -> figures.withTemperatureC(null), figures -> figures.withTemperatureC(8.0))},
        };
    }

    private static Change change(UnaryOperator<LineSpec> there, UnaryOperator<LineSpec> back) {
        return new Change(there, back);
    }

    private static Change measured(UnaryOperator<Measured> there, UnaryOperator<Measured> back) {
        return new Change(
                line -> line.withMeasured(there.apply(line.measuredOrNone())),
                line -> line.withMeasured(back.apply(line.measuredOrNone())));
    }

    @Test
    public void aLineThatIsWeighedCountsAndForgetsItsMeasure() {
        LineSpec weighed = FULL.withOpen(Openness.UNKNOWN_AMOUNT).weighed(80);
        assertEquals(weighed.grams(), 80.0);
        assertNull(weighed.sd());
        assertNull(weighed.open());
        assertEquals(weighed.origin(), new LineOrigin("a courgette", null, null, null, null));
    }

    @Test(dataProvider = "changes")
    public void aChangeThereAndBackLeavesALineAsItWas(Change change) {
        LineSpec there = change.there().apply(FULL);
        assertNotEquals(there, FULL);
        assertEquals(change.back().apply(there), FULL);
    }

    @Test
    public void aFormulaChangedThereAndBackIsAsItWas() {
        FormulaSpec formula = Doughs.roti(250).withSettings("machine", "last", 40.0, 15.0);
        FormulaSpec changed = formula.withSheet(2.5)
                .withMethod(MethodSpec.NONE.withPhases(List.of(new PhaseSpec("rest", 5.0, null))))
                .withPreps(List.of())
                .withSettings(null, null, null, null)
                .withLines(List.of(LineSpec.of("wheat-atta", 1)));
        assertNotEquals(changed, formula);
        assertEquals(
                changed.withSheet(null)
                        .withMethod(null)
                        .withPreps(null)
                        .withSettings("machine", "last", 40.0, 15.0)
                        .withLines(List.copyOf(formula.lines())),
                formula);
        assertEquals(Doughs.roti(250).methodOrNone(), MethodSpec.NONE);
        assertEquals(Doughs.roti(250).prepsOrNone(), List.of());
    }
}
