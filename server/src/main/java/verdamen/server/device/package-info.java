/** Devices at the bench: scale, probe, thermometers, meters; simulated ones ship with it. */
@NullMarked
package verdamen.server.device;

import org.jspecify.annotations.NullMarked;
