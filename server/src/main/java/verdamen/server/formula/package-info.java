/** Formulas with their immutable versions. */
@NullMarked
package verdamen.server.formula;

import org.jspecify.annotations.NullMarked;
