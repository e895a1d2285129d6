/** How a dough handles, what to do now and what went wrong, over the API. */
@NullMarked
package verdamen.server.handling;

import org.jspecify.annotations.NullMarked;
