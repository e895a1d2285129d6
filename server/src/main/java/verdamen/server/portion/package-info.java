/** Pieces, how they are cooked and how they keep, over the API. */
@org.jspecify.annotations.NullMarked
package verdamen.server.portion;
