/** A formula evaluated as a whole: its dough judged once, with warnings and likely slips. */
@NullMarked
package verdamen.core.evaluation;

import org.jspecify.annotations.NullMarked;
