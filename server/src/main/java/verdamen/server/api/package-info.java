/** How Java types appear in JSON and in the OpenAPI document, and how the front end is served. */
@NullMarked
package verdamen.server.api;

import org.jspecify.annotations.NullMarked;
