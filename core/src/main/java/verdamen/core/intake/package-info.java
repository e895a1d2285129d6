/**
 * Intake: a recipe in words, cups and handfuls becomes lines in grams, with their range and with what is unknown left
 * visible.
 */
@NullMarked
package verdamen.core.intake;

import org.jspecify.annotations.NullMarked;
