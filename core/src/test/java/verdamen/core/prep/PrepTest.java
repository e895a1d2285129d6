package verdamen.core.prep;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import org.testng.annotations.Test;

public class PrepTest {

    @Test
    public void pressingLeavesTheWaterAndSolidsThatDidNotRun() {
        Pressing.Left left = Pressing.press(200, 0.948, 80);
        assertEquals(left.grams(), 120.0);
        assertEquals(left.waterShare(), (189.6 - 76) / 120, 1e-12);
    }

    @Test
    public void refusesToPressOutMoreThanSixtyPercentOfTheWater() {
        assertEquals(Pressing.mostLiquidGrams(100, 0.95), 60.0, 1e-12);
        expectThrows(IllegalArgumentException.class, () -> Pressing.press(100, 0.95, 60.01));
        expectThrows(IllegalArgumentException.class, () -> Pressing.press(100, 0.95, Double.NaN));
    }

    @Test
    public void cookingDownDrivesOffWaterOnly() {
        Pressing.Left left = CookingDown.cookDown(200, 0.9, 100);
        assertEquals(left.waterShare(), 0.8, 1e-12);
        assertEquals(CookingDown.cookDown(200, 0.9, 180).waterShare(), 0, 1e-12);
        expectThrows(IllegalArgumentException.class, () -> CookingDown.cookDown(200, 0.9, 181));
    }
}
