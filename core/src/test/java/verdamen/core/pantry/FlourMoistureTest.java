package verdamen.core.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.testng.annotations.Test;

public class FlourMoistureTest {

    @Test
    public void dryingTellsWhatWasLost() {
        assertEquals(FlourMoisture.byDryingPct(20, 17.3), 13.5, 1e-9);
        expectThrows(IllegalArgumentException.class, () -> FlourMoisture.byDryingPct(20, 21));
        expectThrows(IllegalArgumentException.class, () -> FlourMoisture.byDryingPct(0, 0));
        expectThrows(IllegalArgumentException.class, () -> FlourMoisture.byDryingPct(Double.NaN, 1));
    }

    @Test
    public void flourComesToRestWithItsAir() {
        assertEquals(FlourMoisture.fromStorageAirPct(20, 60), 13.42, 0.01);
        double last = 0;
        for (int humidity = 5; humidity <= 95; humidity += 5) {
            double moisture = FlourMoisture.fromStorageAirPct(18, humidity);
            assertTrue(moisture > last, "moister air, moister flour");
            last = moisture;
        }
        assertTrue(FlourMoisture.fromStorageAirPct(30, 60) < FlourMoisture.fromStorageAirPct(10, 60));
        expectThrows(IllegalArgumentException.class, () -> FlourMoisture.fromStorageAirPct(20, 100));
        expectThrows(IllegalArgumentException.class, () -> FlourMoisture.fromStorageAirPct(70, 50));
    }
}
