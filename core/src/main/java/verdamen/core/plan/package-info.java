/** The plan: when to begin what, with which hands and pans, so that everything is hot when it is served. */
@NullMarked
package verdamen.core.plan;

import org.jspecify.annotations.NullMarked;
