/** Errors as RFC 9457 problem documents that name line and field. */
@NullMarked
package verdamen.server.problem;

import org.jspecify.annotations.NullMarked;
