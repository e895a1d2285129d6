package verdamen.server.formula;

import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.VersionStanding;

/**
 * A version in the list of versions.
 *
 * @param number its number, from 1
 * @param parentNumber the version it was made from; null for the first
 * @param name the formula's name in it
 * @param note what was changed and why
 * @param savedAt when it was saved
 * @param standing how far it has come
 */
public record VersionSummary(
        int number,
        @Nullable Integer parentNumber,
        String name,
        String note,
        OffsetDateTime savedAt,
        VersionStanding standing) {}
