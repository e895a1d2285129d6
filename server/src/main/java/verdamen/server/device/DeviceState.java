package verdamen.server.device;

import org.jspecify.annotations.Nullable;
import verdamen.core.device.DeviceKind;

/**
 * What a device shows.
 *
 * @param kind what it is
 * @param reading what it shows, in the unit of its kind: g, °C or %; null while it says nothing
 * @param lost whether it has said nothing for so long that its line counts as lost
 */
record DeviceState(DeviceKind kind, @Nullable Double reading, boolean lost) {}
