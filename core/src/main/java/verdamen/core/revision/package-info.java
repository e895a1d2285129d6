/** What revisions of the dough model say of the same formula: what was said when it was saved, and what is said now. */
@NullMarked
package verdamen.core.revision;

import org.jspecify.annotations.NullMarked;
