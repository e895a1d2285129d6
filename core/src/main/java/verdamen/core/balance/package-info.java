/**
 * Who brings water, who drinks it, how much to add and hold back, and what to do when there is too much.
 */
@NullMarked
package verdamen.core.balance;

import org.jspecify.annotations.NullMarked;
