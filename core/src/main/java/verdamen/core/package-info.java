/**
 * The computation core of Verdamen: every rule of the job as pure Java. It knows no web, no database and no JSON; the
 * clock and chance are passed in. Sub-packages follow the stations of the craft.
 */
@NullMarked
package verdamen.core;

import org.jspecify.annotations.NullMarked;
