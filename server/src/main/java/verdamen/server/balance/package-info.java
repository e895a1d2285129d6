/** The balance of a formula over the API. */
@NullMarked
package verdamen.server.balance;

import org.jspecify.annotations.NullMarked;
