package verdamen.core.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.Test;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.pantry.ReferenceTables;

/** What to weigh next, and the dry and the wet end of a dough given in ranges. */
public class RangesTest {

    @Test
    public void weighNextNamesTheLineThatNarrowsMostAndTellsTheRangeItWouldLeave() {
        Formula vague = formula(line("wheat-atta", 400, 30.0), line("kale-raw", 20, 6.0), line("salt-fine", 7, null));
        WeighNext next = Balance.of(vague).water().weighNext();
        assertNotNull(next);
        assertEquals(next.line(), 0);
        Water weighed = Balance.of(
                        formula(line("wheat-atta", 400, null), line("kale-raw", 20, 6.0), line("salt-fine", 7, null)))
                .water();
        assertEquals(next.sd(), weighed.sd(), 1e-9);
        assertEquals(next.low(), weighed.low(), 1e-9);
        assertEquals(next.high(), weighed.high(), 1e-9);
        assertNull(weighed.weighNext(), "weighing a little kale narrows the range by less than a tenth");
    }

    @Test
    public void nothingIsLeftToWeighWhenAllIsWeighed() {
        assertNull(Balance.of(formula(line("wheat-atta", 400, null), line("salt-fine", 7, 0.0)))
                .water()
                .weighNext());
    }

    @Test
    public void endsTakeAllLowerEndsTogetherAndAllUpperEndsTogether() {
        DryAndWetEnds ends = DryAndWetEnds.of(formula(line("wheat-atta", 400, 20.0), line("water", 260, 5.0)))
                .orElseThrow();
        double low = 100 * (260 - 1.28 * 5) / (400 - 1.28 * 20);
        double high = 100 * (260 + 1.28 * 5) / (400 + 1.28 * 20);
        assertEquals(ends.dry().hydrationPct(), Math.min(low, high), 1e-9);
        assertEquals(ends.wet().hydrationPct(), Math.max(low, high), 1e-9);
        assertEquals(ends.likely().hydrationPct(), 65, 1e-9);
        assertEquals(ends.dry().doughGrams(), 660 + 1.28 * 25, 1e-9);
        assertTrue(ends.wet().doughGrams() < ends.dry().doughGrams());
        assertFalse(DryAndWetEnds.of(formula(line("wheat-atta", 400, null), line("water", 260, 0.1)))
                .isPresent());
    }

    private static LineSpec line(String ingredient, double grams, Double sd) {
        return LineSpec.of(ingredient, grams).withSd(sd);
    }

    private static Formula formula(LineSpec... lines) {
        return FormulaReader.read(
                new FormulaSpec("roti", null, null, null, null, null, null, List.of(lines)), ReferenceTables.load());
    }
}
