/**
 * A formula as asked (codes and numbers) and as checked (typed), with every fault named by line and field.
 */
@NullMarked
package verdamen.core.formula;

import org.jspecify.annotations.NullMarked;
