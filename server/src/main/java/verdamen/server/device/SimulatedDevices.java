package verdamen.server.device;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import verdamen.core.device.DeviceKind;
import verdamen.core.device.SimulatedBench;
import verdamen.server.kitchen.KitchenClock;

/** The simulated devices, which go on with the kitchen's clock. */
@Component
class SimulatedDevices {

    private static final long SEED = 1789;
    private static final double MS_PER_SECOND = 1000;
    /** A clock that jumped, as when it is set right, does not have them catch up for hours. */
    private static final double MOST_CATCH_UP_S = 6 * 3600;

    private final SimulatedBench bench = new SimulatedBench(SEED);
    private final KitchenClock clock;
    private @Nullable OffsetDateTime at;

    SimulatedDevices(KitchenClock clock) {
        this.clock = clock;
    }

    /** One device for each kind. */
    List<BenchDevice> each() {
        return Arrays.stream(DeviceKind.values())
                .<BenchDevice>map(Simulated::new)
                .toList();
    }

    private final class Simulated implements BenchDevice {

        private final DeviceKind kind;

        private Simulated(DeviceKind kind) {
            this.kind = kind;
        }

        @Override
        public DeviceKind kind() {
            return kind;
        }

        @Override
        public @Nullable Double reading() {
            synchronized (bench) {
                return bench.reading(kind);
            }
        }
    }

    /** Does something to them. */
    void act(Consumer<SimulatedBench> action) {
        synchronized (bench) {
            catchUp();
            action.accept(bench);
        }
    }

    /** What is done to them just now. */
    SimulatedBench.Setting setting() {
        synchronized (bench) {
            return bench.setting();
        }
    }

    /** Has them go on to the kitchen's time. */
    void catchUp() {
        synchronized (bench) {
            OffsetDateTime now = clock.now();
            if (at != null) {
                double seconds = Duration.between(at, now).toMillis() / MS_PER_SECOND;
                bench.advance(Math.min(MOST_CATCH_UP_S, seconds));
            }
            at = now;
        }
    }
}
