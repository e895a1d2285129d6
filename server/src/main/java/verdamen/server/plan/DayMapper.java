package verdamen.server.plan;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;
import verdamen.server.json.ListPlace;

/** Reads and writes the days that are kept. */
@Mapper
interface DayMapper {

    /** A day as it is kept. */
    record DayRow(
            long id,
            String uid,
            String name,
            LocalDate day,
            int documentVersion,
            String document,
            @Nullable String plan,
            @Nullable String run,
            int revision,
            OffsetDateTime savedAt) {}

    /** What a page is to show, checked. */
    record Asked(
            List<String> words,
            boolean running,
            DaySort sort,
            boolean down,
            @Nullable ListPlace after,
            int limit) {}

    /** A name of something, by its id. */
    record NameRow(long id, String name) {}

    /** A formula by the identity that it has in every kitchen. */
    record UidRow(long id, String uid) {}

    List<DayPage.DayRow> page(Asked asked);

    long count(Asked asked);

    @Nullable
    DayRow day(@Param("id") long id);

    /** The same, held until the end of the transaction. */
    @Nullable
    DayRow locked(@Param("id") long id);

    @Nullable
    DayRow byUid(@Param("uid") String uid);

    List<Long> ids();

    /** Null when one is known by the same identity. */
    @Nullable
    Long insert(
            @Param("uid") String uid,
            @Param("name") String name,
            @Param("day") LocalDate day,
            @Param("documentVersion") int documentVersion,
            @Param("document") String document,
            @Param("plan") @Nullable String plan,
            @Param("savedAt") OffsetDateTime savedAt);

    void update(
            @Param("id") long id,
            @Param("name") String name,
            @Param("day") LocalDate day,
            @Param("documentVersion") int documentVersion,
            @Param("document") String document,
            @Param("plan") @Nullable String plan,
            @Param("savedAt") OffsetDateTime savedAt);

    /** Days from this one on, the first ones first. */
    List<DayRow> from(@Param("day") LocalDate day, @Param("limit") int limit);

    /** The key of the feed; null when there is none. */
    @Nullable
    String feed();

    void keepFeed(@Param("key") @Nullable String key);

    void keepRun(@Param("id") long id, @Param("run") @Nullable String run);

    int delete(@Param("id") long id);

    /** Names of formulas by their ids, a list as JSON. */
    List<NameRow> names(@Param("ids") String ids);

    /** Formulas by their ids, a list as JSON. */
    List<UidRow> uids(@Param("ids") String ids);

    /** Formulas by the identities that they have in every kitchen, a list as JSON. */
    List<UidRow> byUids(@Param("uids") String uids);
}
