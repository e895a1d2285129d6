package verdamen.server.device;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import verdamen.core.device.DeviceKind;
import verdamen.core.model.Coefficient;

/** All devices at the bench. A device that says nothing shows nothing: a reading is never carried on or made up. */
@Component
class Devices {

    private static final Duration LOST_AFTER = Duration.ofSeconds((long) Coefficient.DEVICE_LOST_S.value());

    private final List<BenchDevice> devices;
    private final Clock world;
    private final Map<DeviceKind, Instant> heard = new EnumMap<>(DeviceKind.class);

    /** Real devices go before simulated ones of their kind. */
    Devices(List<BenchDevice> devices, SimulatedDevices simulated, Clock world) {
        Map<DeviceKind, BenchDevice> byKind = new EnumMap<>(DeviceKind.class);
        simulated.each().forEach(device -> byKind.put(device.kind(), device));
        devices.forEach(device -> byKind.put(device.kind(), device));
        this.devices = byKind.values().stream()
                .sorted(Comparator.comparing(BenchDevice::kind))
                .toList();
        this.world = world;
    }

    /** What each of them shows. */
    synchronized List<DeviceState> read() {
        Instant now = world.instant();
        return devices.stream().map(device -> state(device, now)).toList();
    }

    private DeviceState state(BenchDevice device, Instant now) {
        Double reading = device.reading();
        if (reading != null) {
            heard.put(device.kind(), now);
        }
        Instant last = Objects.requireNonNullElse(heard.get(device.kind()), Instant.EPOCH);
        boolean lost = reading == null && Duration.between(last, now).compareTo(LOST_AFTER) >= 0;
        return new DeviceState(device.kind(), reading, lost);
    }
}
