/**
 * Ingredients, flour behaviours, bread styles, inclusion forms, feel words and measures: the typical values of the book.
 */
@NullMarked
package verdamen.core.pantry;

import org.jspecify.annotations.NullMarked;
