/** Open formats in and out: schema.org recipes, the formula file, the pantry and the measures as CSV. */
@NullMarked
package verdamen.server.files;

import org.jspecify.annotations.NullMarked;
