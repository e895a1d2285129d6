package verdamen.core.model;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;

public class RangeTest {

    @Test
    public void itsEndsBelongToIt() {
        Range range = new Range(2, 5);
        assertTrue(range.contains(2) && range.contains(5) && range.contains(3));
        assertFalse(range.contains(1.999) || range.contains(5.001) || range.contains(Double.NaN));
        assertThrows(IllegalArgumentException.class, () -> new Range(5, 2));
    }

    @Test
    public void theLikelyOneLiesEvenlyAroundTheMean() {
        Range range = Range.likely(100, 10);
        assertEquals(range.high() - 100, 100 - range.low(), 1e-12);
        assertEquals(range.high(), 112.8, 0.1, "80 % of a normal error");
        assertEquals(Range.likely(7, 0), new Range(7, 7));
    }

    @Test
    public void aMassIsNeverBelowNothing() {
        assertEquals(Range.likelyMass(1, 10).low(), 0.0);
        assertEquals(Range.likelyMass(-50, 1), new Range(0, 0));
    }
}
