/** The server of Verdamen: a REST API over the core, PostgreSQL behind it, and the front end as static files. */
@NullMarked
package verdamen.server;

import org.jspecify.annotations.NullMarked;
