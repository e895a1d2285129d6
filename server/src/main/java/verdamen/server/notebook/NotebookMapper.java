package verdamen.server.notebook;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;
import verdamen.server.json.ListPlace;

/** Reads the notebook. */
@Mapper
interface NotebookMapper {

    /** What a page is to show, checked. */
    record Asked(
            @Nullable String words,
            @Nullable Long formula,
            @Nullable String ingredient,
            @Nullable String verdict,
            @Nullable String tag,
            @Nullable OffsetDateTime from,
            @Nullable OffsetDateTime to,
            NotebookSort sort,
            boolean down,
            @Nullable ListPlace after,
            int limit) {}

    /** A batch with the version it was made from, and as JSON what counts of what was noted, in order. */
    record MadeRow(
            long id,
            long formula,
            int version,
            String name,
            double factor,
            @Nullable String madeAs,
            OffsetDateTime startedAt,
            @Nullable String verdict,
            int documentVersion,
            String document,
            String entries) {}

    /** Batches by their ids, a list as JSON. */
    List<MadeRow> made(@Param("ids") String ids);

    /** The newest finished batches that nobody has left out, the oldest first. */
    List<MadeRow> newestMade(@Param("formula") @Nullable Long formula, @Param("limit") int limit);

    List<SavedFilter> filters();

    void keepFilter(@Param("name") String name, @Param("address") String address);

    void forgetFilter(@Param("name") String name);

    /** A row of a page with how many there are in all; that number alone, without a batch, on a page that has none. */
    record PageRow(
            long total,
            @Nullable Long id,
            @Nullable Long formula,
            @Nullable Integer version,
            String name,
            @Nullable Double factor,
            OffsetDateTime startedAt,
            @Nullable OffsetDateTime finishedAt,
            @Nullable String verdict,
            String said,
            String[] tags,
            @Nullable Boolean practice) {}

    /** A page, with one row more than it shows when others follow, or the one row without a batch when it has none. */
    List<PageRow> page(@Param("asked") Asked asked);

    /** The newest other batches of a formula. */
    List<NotebookBatch.OtherBatch> others(
            @Param("formula") long formula, @Param("id") long id, @Param("limit") int limit);

    /** A batch of a version, with how many of it there are. */
    record VersionBatchRow(
            long id,
            int version,
            OffsetDateTime startedAt,
            @Nullable String verdict,
            long made) {}

    /** The newest batches of each version of a formula, so many at most. */
    List<VersionBatchRow> newestOfEachVersion(@Param("formula") long formula, @Param("limit") int limit);

    /** The tags that batches have, the most used first. */
    List<String> tags(@Param("limit") int limit);
}
