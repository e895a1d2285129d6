/** What yeast, soda and powder do, asked by themselves. */
@NullMarked
package verdamen.server.leavening;

import org.jspecify.annotations.NullMarked;
