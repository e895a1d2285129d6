/** What of a formula goes on paper: what is weighed into which bowl, what is done in which order, what is declared. */
@NullMarked
package verdamen.core.card;

import org.jspecify.annotations.NullMarked;
