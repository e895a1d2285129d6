package verdamen.core.device;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.Objects;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.device.SimulatedBench.ProbeIn;
import verdamen.core.model.Coefficient;

/** Simulated devices against the physics by hand. */
public class SimulatedBenchTest {

    private static final long SEED = 20_260;

    private static double read(SimulatedBench bench, DeviceKind kind) {
        return Objects.requireNonNull(bench.reading(kind));
    }

    @Test
    public void aScaleSettlesOnItsLoadAndIsTared() {
        SimulatedBench bench = new SimulatedBench(SEED);
        bench.put(400);
        bench.advance(0.4);
        double early = read(bench, DeviceKind.SCALE);
        assertEquals(early, 400 * (1 - Math.exp(-1)), 3, "63 % after one time constant");
        bench.advance(5);
        assertEquals(read(bench, DeviceKind.SCALE), 400, 2);
        bench.tare();
        bench.put(57.4);
        bench.advance(5);
        assertEquals(read(bench, DeviceKind.SCALE), 57.4, 2);
        bench.put(-1000);
        bench.advance(5);
        assertEquals(read(bench, DeviceKind.SCALE), -400, 2, "what was tared shows when it is taken off");
    }

    @Test
    public void anIdleScaleDrifts() {
        SimulatedBench bench = new SimulatedBench(SEED);
        bench.advance(100 * 60);
        assertEquals(read(bench, DeviceKind.SCALE), 2, 0.4);
    }

    @Test
    public void tooMuchForTheScaleIsNoReading() {
        SimulatedBench bench = new SimulatedBench(SEED);
        bench.put(5001);
        bench.advance(5);
        assertNull(bench.reading(DeviceKind.SCALE));
    }

    @Test
    public void aPanHeatsUpToWhatTheBurnerHoldsAndAPieceCoolsIt() {
        SimulatedBench bench = new SimulatedBench(SEED);
        bench.burner(0.8);
        bench.advance(60);
        double power = 1500 * 0.8 * 0.35;
        double rate = 2.2 / 1800;
        double expected = 21 + power / 2.2 * (1 - Math.exp(-rate * 60));
        assertEquals(read(bench, DeviceKind.PAN), expected, 2.5);
        bench.advance(6 * 3600);
        double hot = read(bench, DeviceKind.PAN);
        assertEquals(hot, 21 + power / 2.2, 4);
        bench.piece(30_000, 60);
        bench.advance(60);
        assertEquals(read(bench, DeviceKind.PAN), hot - 30_000 / 1800.0, 2, "the burner makes up for a little of it");
    }

    @Test
    public void aProbeTakesItsTimeAndTheDoughTakesOnTheRoom() {
        SimulatedBench bench = new SimulatedBench(SEED);
        bench.dough(500, 30, 40);
        bench.probe(ProbeIn.DOUGH);
        bench.advance(4);
        assertEquals(read(bench, DeviceKind.PROBE), 21 + 9 * (1 - Math.exp(-1)), 0.3);
        bench.advance(80 * 60);
        assertEquals(read(bench, DeviceKind.PROBE), 21 + 9 * Math.exp(-1), 1.3, "80 min for 500 g");
        bench.probe(ProbeIn.WATER);
        bench.advance(60);
        assertTrue(read(bench, DeviceKind.PROBE) > 26);
    }

    @DataProvider
    Object[][] kinds() {
        DeviceKind[] kinds = DeviceKind.values();
        Object[][] all = new Object[kinds.length][];
        for (int at = 0; at < kinds.length; at++) {
            all[at] = new Object[] {kinds[at]};
        }
        return all;
    }

    @Test(dataProvider = "kinds")
    public void aPulledPlugShowsNothingUntilItIsBack(DeviceKind kind) {
        SimulatedBench bench = new SimulatedBench(SEED);
        bench.advance(1);
        bench.plug(kind, false);
        assertNull(bench.reading(kind));
        bench.plug(kind, true);
        assertNotNull(bench.reading(kind));
    }

    @Test(dataProvider = "kinds")
    public void theSameSeedShowsTheSame(DeviceKind kind) {
        SimulatedBench one = new SimulatedBench(SEED);
        SimulatedBench other = new SimulatedBench(SEED);
        for (SimulatedBench bench : new SimulatedBench[] {one, other}) {
            bench.put(250);
            bench.burner(1);
            bench.advance(90);
        }
        assertEquals(one.reading(kind), other.reading(kind));
    }

    @Test
    public void aMoistureMeterIsOffByThreeTenths() {
        SimulatedBench bench = new SimulatedBench(SEED);
        double squares = 0;
        int times = 2000;
        for (int at = 0; at < times; at++) {
            double off = read(bench, DeviceKind.MOISTURE) - Coefficient.SIMULATED_MOISTURE_PCT.value();
            squares += off * off;
        }
        assertEquals(Math.sqrt(squares / times), 0.3, 0.03);
        assertNotEquals(bench.reading(DeviceKind.MOISTURE), null);
    }
}
