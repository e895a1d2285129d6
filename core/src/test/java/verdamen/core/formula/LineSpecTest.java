package verdamen.core.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import java.util.List;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.formula.MethodSpec.PhaseSpec;

/** Copies of lines and formulas change what they say, and nothing else. */
public class LineSpecTest {

    private static final LineSpec FULL = new LineSpec(
            "courgette-raw",
            100.0,
            2.0,
            "filling",
            "pressed",
            90.0,
            null,
            1.0,
            null,
            null,
            2.0,
            null,
            null,
            new LineOrigin("a courgette", "piece", 1.0, null),
            null,
            "first",
            8.0);

    /** A change there and back again. */
    private record Change(UnaryOperator<LineSpec> there, UnaryOperator<LineSpec> back) {}

    @DataProvider
    Object[][] changes() {
        return new Object[][] {
            {change(line -> line.withGrams(7), line -> line.withGrams(100))},
            {change(line -> line.withLot(12.0, 11.0), line -> line.withLot(null, 1.0))},
            {change(line -> line.withFormAndWater("puree", 88.0), line -> line.withFormAndWater("pressed", 90.0))},
            {
                change(
                        line -> line.copy()
                                .part(null)
                                .stage(null)
                                .temperatureC(null)
                                .line(),
                        line -> line.copy()
                                .part("filling")
                                .stage("first")
                                .temperatureC(8.0)
                                .line())
            },
            {
                change(
                        line -> line.copy()
                                .sd(null)
                                .pieceMm(null)
                                .open("unread")
                                .line(),
                        line -> line.copy().sd(2.0).pieceMm(2.0).open(null).line())
            },
            {
                change(
                        line -> line.copy()
                                .ingredient(null)
                                .grams(null)
                                .prep("c")
                                .line(),
                        line -> line.copy()
                                .ingredient("courgette-raw")
                                .grams(100.0)
                                .prep(null)
                                .line())
            },
        };
    }

    private static Change change(UnaryOperator<LineSpec> there, UnaryOperator<LineSpec> back) {
        return new Change(there, back);
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
