/** How it is computed, over the API. */
@NullMarked
package verdamen.server.explain;

import org.jspecify.annotations.NullMarked;
