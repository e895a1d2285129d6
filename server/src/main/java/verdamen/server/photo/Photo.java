package verdamen.server.photo;

import java.time.OffsetDateTime;

/**
 * A photograph of a batch.
 *
 * @param id its id
 * @param uid its identity, the same wherever its file is taken
 * @param batch id of the batch
 * @param caption what is to be seen; empty for nothing said
 * @param width its width, pixels
 * @param height its height, pixels
 * @param keptAt when it was kept
 */
public record Photo(long id, String uid, long batch, String caption, int width, int height, OffsetDateTime keptAt) {}
