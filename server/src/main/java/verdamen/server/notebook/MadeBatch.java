package verdamen.server.notebook;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BatchRecord;

/**
 * A batch with everything noted of it.
 *
 * @param id its id
 * @param formula id of its formula
 * @param version the version it was made from
 * @param name the formula's name then
 * @param factor how many times of it
 * @param startedAt when it was begun
 * @param verdict how it came out; null when nobody has said
 * @param record what was to be made and what was noted
 */
record MadeBatch(
        long id,
        long formula,
        int version,
        String name,
        double factor,
        OffsetDateTime startedAt,
        @Nullable String verdict,
        BatchRecord record) {}
