package verdamen.server.formula;

import java.time.OffsetDateTime;
import verdamen.core.formula.VersionStanding;

/**
 * A step of a version up or down.
 *
 * @param uid its identity, the same wherever its file is taken
 * @param version number of the version
 * @param standing what it became
 * @param reason why
 * @param at when
 */
public record PutStanding(String uid, int version, VersionStanding standing, String reason, OffsetDateTime at) {}
