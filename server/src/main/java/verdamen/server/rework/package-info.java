/** Reworking a formula over the API. Nothing is saved. */
@NullMarked
package verdamen.server.rework;

import org.jspecify.annotations.NullMarked;
