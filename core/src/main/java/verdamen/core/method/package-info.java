/**
 * The ways of making a dough about which practitioners disagree, side by side with what each does, and the temperature
 * of the water.
 */
@NullMarked
package verdamen.core.method;

import org.jspecify.annotations.NullMarked;
