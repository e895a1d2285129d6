/**
 * What happens to vegetables, potato, greens and pulses before they meet the flour: chains of steps in which water and
 * dry matter are kept account of.
 */
@NullMarked
package verdamen.core.prep;

import org.jspecify.annotations.NullMarked;
