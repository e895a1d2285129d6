/**
 * What the whole model shares: coefficients with unit and source, and the vocabulary in which a figure is explained as data.
 */
@NullMarked
package verdamen.core.model;

import org.jspecify.annotations.NullMarked;
