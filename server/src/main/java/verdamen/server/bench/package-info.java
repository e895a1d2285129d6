/** Batches at the bench: when water met flour, and what was corrected. */
@NullMarked
package verdamen.server.bench;

import org.jspecify.annotations.NullMarked;
