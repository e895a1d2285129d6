/**
 * The usual cautions: by ingredient, step and equipment, at the step where they matter. Each defers to local rules and
 * qualified advice.
 */
@NullMarked
package verdamen.core.caution;

import org.jspecify.annotations.NullMarked;
