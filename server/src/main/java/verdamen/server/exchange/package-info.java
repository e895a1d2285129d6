/** Open formats in and out: schema.org recipes, the formula file, the pantry and the measures as CSV. */
@NullMarked
package verdamen.server.exchange;

import org.jspecify.annotations.NullMarked;
