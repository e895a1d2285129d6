/** Browser tests of the packaged server. */
@NullMarked
package verdamen.e2e;

import org.jspecify.annotations.NullMarked;
