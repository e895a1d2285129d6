package verdamen.core.portion;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TrayTest {

    @Test
    public void aBallIsAsWideAsASphereOfItsDough() {
        // 4/3 pi 20^3 mm^3 are 33.51 ml.
        assertEquals(Tray.ballMm(33.51, 1.0), 40, 0.01);
        assertEquals(Tray.ballMm(33.51 * 1.2, 1.2), 40, 0.01);
    }

    @DataProvider
    Object[][] counted() {
        return new Object[][] {
            // 80 mm each with the room between: rows of 5, 4, 5 and 4 set between one another; under one another only
            // 15.
            {400, 300, 60, 18},
            {300, 400, 60, 18},
            // 100 mm each: three rows of four under one another; rows of 4, 3 and 4 are fewer.
            {400, 300, 80, 12},
            {400, 300, 280, 1},
            {400, 300, 500, 1},
        };
    }

    @Test(dataProvider = "counted")
    public void itHoldsWhatIsCountedByHand(double longMm, double shortMm, double ballMm, int holds) {
        assertEquals(new Tray(longMm, shortMm).holds(ballMm), holds);
    }
}
