package verdamen.server.rework;

import java.time.OffsetDateTime;

/**
 * A series of trials in a list.
 *
 * @param id its id
 * @param name its name
 * @param madeAt when it was made
 * @param runs how many runs it has
 * @param filled how many of them have a result
 */
record SeriesSummary(long id, String name, OffsetDateTime madeAt, int runs, int filled) {}
