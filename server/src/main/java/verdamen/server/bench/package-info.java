/** The Bench over the API: a batch while it is made, step by step. */
@NullMarked
package verdamen.server.bench;

import org.jspecify.annotations.NullMarked;
