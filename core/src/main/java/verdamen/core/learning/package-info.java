/** What finished batches teach about a kitchen's flours. */
@NullMarked
package verdamen.core.learning;

import org.jspecify.annotations.NullMarked;
