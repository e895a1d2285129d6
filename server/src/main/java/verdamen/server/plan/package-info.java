/** The plan: days planned off the request, with progress, over the API. */
@NullMarked
package verdamen.server.plan;

import org.jspecify.annotations.NullMarked;
