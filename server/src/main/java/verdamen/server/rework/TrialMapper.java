package verdamen.server.rework;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads and writes series of trials. */
@Mapper
interface TrialMapper {

    /**
     * A series with what came of its runs.
     *
     * @param results JSON of the results, by the number of the run
     */
    record SeriesRow(
            long id,
            long formulaId,
            String uid,
            String name,
            OffsetDateTime madeAt,
            int documentVersion,
            String document,
            String results) {}

    /** The series of a formula, the oldest first. */
    List<SeriesRow> ofFormula(@Param("formulaId") long formulaId);

    /** The series of a formula in short, the newest first. */
    List<SeriesSummary> summaries(@Param("formulaId") long formulaId, @Param("limit") int limit);

    @Nullable
    SeriesRow series(@Param("id") long id);

    /** Keeps a series; nothing when there is no such formula, or the series is here already. */
    @Nullable
    Long insert(
            @Param("formulaId") long formulaId,
            @Param("uid") String uid,
            @Param("name") String name,
            @Param("madeAt") OffsetDateTime madeAt,
            @Param("documentVersion") int documentVersion,
            @Param("document") String document);

    /** Keeps what came of runs, by JSON of the results by the number of the run. */
    void keep(@Param("series") long series, @Param("results") String results);

    int delete(@Param("id") long id);
}
