/** Browser tests of the packaged server, and tests of the start command. */
@NullMarked
package verdamen.e2e;

import org.jspecify.annotations.NullMarked;
