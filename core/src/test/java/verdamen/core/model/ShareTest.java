package verdamen.core.model;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A share is made from one scale and read in the other. */
public class ShareTest {

    @DataProvider
    Object[][] shares() {
        return new Object[][] {{0.0, 0.0}, {0.625, 62.5}, {1.0, 100.0}, {9.0, 900.0}, {-0.05, -5.0}};
    }

    @Test(dataProvider = "shares")
    public void percentAndFractionAreTheSameShare(double fraction, double pct) {
        assertEquals(Share.ofFraction(fraction).pct(), pct, 1e-12);
        assertEquals(Share.ofPct(pct).fraction(), fraction, 1e-12);
        assertEquals(Share.ofPct(pct).rest().fraction(), 1 - fraction, 1e-12);
    }

    @Test
    public void aPartOfAWhole() {
        assertEquals(Share.of(30, 120).pct(), 25.0);
        assertEquals(Share.of(0, 7).fraction(), 0.0);
    }
}
