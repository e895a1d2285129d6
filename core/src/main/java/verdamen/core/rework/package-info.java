/** Reworking a formula: one thing in the place of another, with everything that follows from it. */
@NullMarked
package verdamen.core.rework;

import org.jspecify.annotations.NullMarked;
