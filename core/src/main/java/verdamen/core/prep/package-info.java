/**
 * What a preparation step does to an inclusion's mass and water; dry matter is kept.
 */
@NullMarked
package verdamen.core.prep;

import org.jspecify.annotations.NullMarked;
