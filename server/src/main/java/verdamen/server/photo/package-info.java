/** Photographs of batches: checked, re-encoded and kept. */
@NullMarked
package verdamen.server.photo;

import org.jspecify.annotations.NullMarked;
