/**
 * The model explained to a recipe developer: every rule in words and symbols, every coefficient with its unit, reason and
 * confidence. The page and docs/model.md are both made from here.
 */
@NullMarked
package verdamen.core.explain;

import org.jspecify.annotations.NullMarked;
