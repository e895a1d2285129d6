/** Making a formula at the bench: the run sheet, and what is noted of a batch while it is made and eaten. */
@NullMarked
package verdamen.core.bench;

import org.jspecify.annotations.NullMarked;
