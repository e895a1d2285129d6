package verdamen.server.formula;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;
import verdamen.server.json.ListPlace;

/** Reads and writes formulas, their versions and the summaries of the list. */
@Mapper
interface FormulaMapper {

    /** A formula's own row. */
    record FormulaRow(
            long id,
            String uid,
            String state,
            int latestNumber,
            @Nullable OffsetDateTime deletedAt) {}

    /** A deleted formula. */
    record BinRow(long id, String name, OffsetDateTime deletedAt) {}

    /** A version's own row, without what it holds. */
    record VersionRow(
            long id,
            long formulaId,
            int number,
            @Nullable Integer parentNumber,
            String name,
            String note,
            OffsetDateTime createdAt,
            String standing) {}

    /** A version with what it holds, as JSON. */
    record FullVersionRow(
            long formulaId,
            int number,
            @Nullable Integer parentNumber,
            String name,
            String note,
            OffsetDateTime createdAt,
            String standing,
            int documentVersion,
            String document,
            @Nullable String said) {}

    /** What a version holds, and what was said of it, as JSON. */
    record DocumentRow(
            long formulaId,
            int number,
            int documentVersion,
            String document,
            @Nullable String said) {}

    /** A version of which it was not kept yet what was said when it was saved. */
    record NeverSaidRow(long id, int documentVersion, String document) {}

    /** What the newest version of a formula holds, as JSON. */
    record NewestRow(long id, int latestNumber, String name, int documentVersion, String document) {}

    /** A version that was asked for among others, with what it holds, as JSON; by its place among them, from 1. */
    record AskedRow(int position, long formulaId, int number, String name, int documentVersion, String document) {}

    /** A version that was saved before. */
    record SavedRow(long formulaId, int number) {}

    /** A formula in the list, with the value it is sorted by. */
    record ListRow(
            long id,
            String state,
            int latestNumber,
            String name,
            OffsetDateTime savedAt,
            String styleCode,
            @Nullable String summary,
            String summaryBasis,
            String sortValue) {}

    /**
     * What is asked of the list.
     *
     * @param words patterns that must all be found
     * @param state code of a state; null for all
     * @param column column to sort by
     * @param type its SQL type
     * @param down whether the largest comes first
     * @param after the place after which the page begins; null for the first page
     * @param limit rows at most
     */
    record Asked(
            List<String> words,
            @Nullable String state,
            String column,
            String type,
            boolean down,
            @Nullable ListPlace after,
            int limit) {}

    List<ListRow> page(@Param("asked") Asked asked);

    long count(@Param("asked") Asked asked);

    /** Ids of formulas whose summary was never computed, as after a migration. */
    List<Long> neverSummed(@Param("limit") int limit);

    List<NewestRow> newestDocuments(@Param("ids") String ids);

    void saveSummaries(@Param("rows") String rows);

    @Nullable
    FormulaRow formula(@Param("id") long id);

    @Nullable
    FormulaRow formulaByUid(@Param("uid") String uid);

    /** All versions of a formula, the newest first. */
    List<VersionRow> versions(@Param("formulaId") long formulaId);

    @Nullable
    DocumentRow document(@Param("formulaId") long formulaId, @Param("number") int number);

    /** What all versions of a formula hold, the newest first. */
    List<DocumentRow> documents(@Param("formulaId") long formulaId);

    /** Versions of which it was not kept yet what was said, as after a migration. */
    List<NeverSaidRow> neverSaid(@Param("limit") int limit);

    /** Keeps what was said of versions, where nobody else has kept it meanwhile. */
    void keepSaid(@Param("rows") String rows);

    /** Versions by JSON of their formulas and numbers, the newest where no number is given; without those that are not here. */
    List<AskedRow> asked(@Param("versions") String versions);

    /** The version that was saved with this idempotency key. */
    @Nullable
    SavedRow savedBefore(@Param("key") String key);

    boolean isEmpty();

    /** Formulas by id after one, all or some of them. */
    List<FormulaRow> formulasAfter(
            @Param("after") long after, @Param("ids") @Nullable String ids, @Param("limit") int limit);

    /** All versions of some formulas, each formula's oldest first. */
    List<FullVersionRow> versionsOf(@Param("ids") String ids);

    /** Inserts a formula under an identity of its own, or a given one. */
    long insertFormula(@Param("createdAt") OffsetDateTime createdAt, @Param("uid") @Nullable String uid);

    /**
     * Takes the next version number, provided that the newest version is still {@code latestKnown}; nothing otherwise.
     */
    @Nullable
    Integer nextNumber(@Param("formulaId") long formulaId, @Param("latestKnown") int latestKnown);

    /** The id of the inserted version; the row's own id is not used. */
    long insertVersion(
            @Param("row") VersionRow row,
            @Param("documentVersion") int documentVersion,
            @Param("document") String document,
            @Param("key") @Nullable String key);

    /** Gives a formula the name and time of its newest version. */
    void nameNewest(@Param("id") long id, @Param("name") String name, @Param("savedAt") OffsetDateTime savedAt);

    void insertUses(@Param("versionId") long versionId, @Param("uses") String uses);

    /** Puts a formula into the bin, or takes it out again; how many there were. */
    int setDeleted(@Param("id") long id, @Param("at") @Nullable OffsetDateTime at);

    /** What is in the bin, the latest first. */
    List<BinRow> bin(@Param("limit") int limit);

    /** Ids of what went into the bin before a time and has no batch. */
    List<Long> inBinSince(@Param("before") OffsetDateTime before);

    /** Deletes formulas for good, with their versions. */
    void purge(@Param("ids") String ids);

    int setState(@Param("id") long id, @Param("state") String state);

    /** Names of formulas any version of which names something. */
    List<String> namesThatUse(@Param("kind") String kind, @Param("code") String code, @Param("limit") int limit);

    /** Ids of formulas whose newest version names something. */
    List<Long> newestThatUse(@Param("kind") String kind, @Param("code") String code);
}
