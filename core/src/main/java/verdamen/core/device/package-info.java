/** Simulated stand-ins for the devices of a bench: what they would show, from simple physics, a seed and a clock. */
@NullMarked
package verdamen.core.device;

import org.jspecify.annotations.NullMarked;
