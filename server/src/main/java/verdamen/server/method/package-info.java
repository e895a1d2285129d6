/** The ways of making a dough, and the water's temperature, over the API. */
@NullMarked
package verdamen.server.method;

import org.jspecify.annotations.NullMarked;
