package verdamen.server.batch;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads and writes batches and what was noted of them. */
@Mapper
interface BatchMapper {

    /** A batch's own row. */
    record BatchRow(
            long id,
            String uid,
            long formulaId,
            int versionNumber,
            double factor,
            OffsetDateTime startedAt,
            @Nullable OffsetDateTime wettedAt,
            @Nullable OffsetDateTime finishedAt,
            @Nullable String verdict,
            boolean practice,
            @Nullable Boolean counts,
            @Nullable String madeAs) {}

    /** An entry's row, the entry as JSON. */
    record EntryRow(
            long id,
            long batchId,
            String key,
            OffsetDateTime notedAt,
            @Nullable OffsetDateTime undoneAt,
            String entry) {}

    List<BatchRow> newest(@Param("formulaId") long formulaId, @Param("limit") int limit);

    List<BatchRow> running(@Param("limit") int limit);

    @Nullable
    BatchRow batch(@Param("id") long id);

    @Nullable
    BatchRow byUid(@Param("uid") String uid);

    /** The same as {@link #batch}, held until the transaction ends, so that what is derived of its entries fits them. */
    @Nullable
    BatchRow locked(@Param("id") long id);

    /** What was noted of some batches, by JSON of their ids, in order. */
    List<EntryRow> entries(@Param("batches") String batches);

    boolean isVersion(@Param("formulaId") long formulaId, @Param("number") int number);

    /** Opens a batch; nothing when one is known by the same uid. */
    @Nullable
    Long open(
            @Param("uid") @Nullable String uid,
            @Param("formulaId") long formulaId,
            @Param("versionNumber") int versionNumber,
            @Param("factor") double factor,
            @Param("startedAt") OffsetDateTime startedAt,
            @Param("counts") @Nullable Boolean counts,
            @Param("practice") boolean practice,
            @Param("madeAs") @Nullable String madeAs,
            @Param("uses") String uses,
            @Param("ingredients") String ingredients);

    void keepDerived(
            @Param("id") long id,
            @Param("wettedAt") @Nullable OffsetDateTime wettedAt,
            @Param("finishedAt") @Nullable OffsetDateTime finishedAt,
            @Param("verdict") @Nullable String verdict,
            @Param("said") String said,
            @Param("tags") String tags,
            @Param("texts") String texts);

    int delete(@Param("id") long id);

    /** Notes entries as JSON, but those whose key is known already. */
    void insertEntries(@Param("batchId") long batchId, @Param("rows") String rows);

    int undo(@Param("batchId") long batchId, @Param("key") String key, @Param("at") OffsetDateTime at);

    /** Formulas that are not in the bin, all or those of which there are batches. */
    List<ToldBatches.FormulaMade> formulas(@Param("made") boolean made);

    /** Identities of all batches. */
    List<String> uids();
}
