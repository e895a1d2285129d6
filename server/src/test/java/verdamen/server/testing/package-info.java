/** What tests of the server and of the browser share: a PostgreSQL of their own. */
@NullMarked
package verdamen.server.testing;

import org.jspecify.annotations.NullMarked;
