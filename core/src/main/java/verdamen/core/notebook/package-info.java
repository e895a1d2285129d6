/** What batches say of the model and of each other: outcomes, the scorecard, comparisons. */
@NullMarked
package verdamen.core.notebook;

import org.jspecify.annotations.NullMarked;
