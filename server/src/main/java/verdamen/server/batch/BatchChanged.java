package verdamen.server.batch;

/**
 * Something was noted of a batch, undone, or the batch was begun or deleted.
 *
 * @param id its id
 */
public record BatchChanged(long id) {}
