/** The book of typical values in the database, and the pantry that the core reads from it. */
@NullMarked
package verdamen.server.pantry;

import org.jspecify.annotations.NullMarked;
