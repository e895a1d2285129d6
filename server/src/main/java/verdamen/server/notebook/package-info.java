/** The notebook: batches searched, opened, tasted and compared. */
@NullMarked
package verdamen.server.notebook;

import org.jspecify.annotations.NullMarked;
