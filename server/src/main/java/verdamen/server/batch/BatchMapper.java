package verdamen.server.batch;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads and writes batches and what was corrected in them. */
@Mapper
interface BatchMapper {

    /** A batch's own row. */
    record BatchRow(
            long id,
            long formulaId,
            int versionNumber,
            OffsetDateTime startedAt,
            @Nullable OffsetDateTime finishedAt,
            @Nullable Boolean counts) {}

    /** A correction's own row. */
    record CorrectionRow(
            long id,
            long batchId,
            double minute,
            @Nullable String feel,
            String action,
            String note,
            OffsetDateTime madeAt) {}

    /** Something put in by a correction. */
    record AdditionRow(long correctionId, int position, String ingredientCode, double grams) {}

    List<BatchRow> newest(@Param("formulaId") long formulaId, @Param("limit") int limit);

    @Nullable
    BatchRow batch(@Param("id") long id);

    /** Corrections of some batches, by JSON of their ids. */
    List<CorrectionRow> corrections(@Param("batches") String batches);

    /** What corrections of some batches put in, by JSON of their ids. */
    List<AdditionRow> additions(@Param("batches") String batches);

    boolean isVersion(@Param("formulaId") long formulaId, @Param("number") int number);

    /** Starts a batch, or records a finished one; nothing when one of the formula is running already. */
    @Nullable
    Long start(
            @Param("formulaId") long formulaId,
            @Param("versionNumber") int versionNumber,
            @Param("startedAt") OffsetDateTime startedAt,
            @Param("finishedAt") @Nullable OffsetDateTime finishedAt,
            @Param("counts") @Nullable Boolean counts);

    int finish(@Param("id") long id, @Param("at") OffsetDateTime at);

    int delete(@Param("id") long id);

    long insertCorrection(CorrectionRow row);

    void insertAdditions(@Param("rows") String rows);

    int deleteCorrection(@Param("batchId") long batchId, @Param("id") long id);
}
