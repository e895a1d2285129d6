/** The made-up formulas of Orrin Weir's test kitchen, loaded through the same code as anybody's. */
@NullMarked
package verdamen.server.demo;

import org.jspecify.annotations.NullMarked;
