/** Devices of the kitchen. Each ships with a simulated stand-in. */
@NullMarked
package verdamen.server.device;

import org.jspecify.annotations.NullMarked;
