/** A version on paper: bench sheet, spec, label and comparison, as a document for the page and as PDF. */
@NullMarked
package verdamen.server.card;

import org.jspecify.annotations.NullMarked;
