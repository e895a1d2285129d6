package verdamen.server.formula;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads and writes how far versions have come. */
@Mapper
interface StandingMapper {

    /** A step as it is kept. */
    record StandingRow(String uid, int version, String standing, String reason, OffsetDateTime at) {}

    /** Every step of a formula's versions, the oldest first. */
    List<StandingRow> steps(@Param("formula") long formula);

    /** Holds off other changes of a formula until this transaction ends; null when there is no such version of it. */
    @Nullable
    Long lockFormula(@Param("formula") long formula, @Param("version") int version);

    /** What a version became last; null for one that never was anything but a draft. */
    @Nullable
    String standing(@Param("formula") long formula, @Param("version") int version);

    /** Number of a released version; null without one. */
    @Nullable
    Integer released(@Param("formula") long formula);

    /** Notes steps, rows as JSON; those that are here already are left. */
    void noteMissing(@Param("formula") long formula, @Param("rows") String rows);
}
