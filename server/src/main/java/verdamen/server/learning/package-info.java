/** What finished batches teach about flours, over the API. */
@org.jspecify.annotations.NullMarked
package verdamen.server.learning;
