/** What every request passes first: who may ask, what may be changed from where, how large a body may be. */
@NullMarked
package verdamen.server.door;

import org.jspecify.annotations.NullMarked;
