/** Changes of a formula that follow a rule of the job, over the API. */
@NullMarked
package verdamen.server.edit;

import org.jspecify.annotations.NullMarked;
