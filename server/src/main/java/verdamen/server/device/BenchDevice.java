package verdamen.server.device;

import org.jspecify.annotations.Nullable;
import verdamen.core.device.DeviceKind;

/**
 * A device at the bench. Whatever shows a figure is connected by implementing this as a bean; see {@link LineScale} for one over
 * a serial line, and docs/devices.md.
 */
public interface BenchDevice {

    /** What it is. */
    DeviceKind kind();

    /** What it shows just now, in the unit of its kind; null when it says nothing. It is asked several times a second. */
    @Nullable
    Double reading();
}
