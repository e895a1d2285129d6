/**
 * How the dough rolls: gluten strength, thinnest sheet, sticking, cracking, tearing, spring-back, puff, rolling window.
 */
@NullMarked
package verdamen.core.handling;

import org.jspecify.annotations.NullMarked;
