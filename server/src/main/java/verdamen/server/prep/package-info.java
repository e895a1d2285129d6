/** Preparation chains over the API. */
@NullMarked
package verdamen.server.prep;

import org.jspecify.annotations.NullMarked;
