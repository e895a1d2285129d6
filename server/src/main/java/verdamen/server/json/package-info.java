/** JSON as the database and files keep it. */
@NullMarked
package verdamen.server.json;

import org.jspecify.annotations.NullMarked;
