/** CSV files, in and out. */
@NullMarked
package verdamen.server.csv;

import org.jspecify.annotations.NullMarked;
