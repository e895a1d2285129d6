/** Batches at the bench: when water met flour, and what was corrected. */
@NullMarked
package verdamen.server.batch;

import org.jspecify.annotations.NullMarked;
