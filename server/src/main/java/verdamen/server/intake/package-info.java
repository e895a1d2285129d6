/** Intake over the API: recipes in words become lines in grams. */
@NullMarked
package verdamen.server.intake;

import org.jspecify.annotations.NullMarked;
