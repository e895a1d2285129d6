/**
 * Changes of a formula that follow a rule of the job: each takes a formula as asked and gives it back changed, so that no
 * screen needs to know the rule.
 */
@NullMarked
package verdamen.core.edit;

import org.jspecify.annotations.NullMarked;
