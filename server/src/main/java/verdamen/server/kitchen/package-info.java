/** The kitchen's own settings. */
@NullMarked
package verdamen.server.kitchen;

import org.jspecify.annotations.NullMarked;
