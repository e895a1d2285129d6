package verdamen.server.photo;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads and writes photographs. */
@Mapper
interface PhotoMapper {

    /** The bytes of a picture. */
    record BytesRow(byte[] bytes) {}

    /** A photograph with its batch's identity, for a file. */
    record ToldRow(String uid, String batchUid, String caption, OffsetDateTime keptAt, byte[] jpeg) {}

    /** Photographs of batches, ids as JSON, in the order in which they were kept. */
    List<Photo> photos(@Param("batches") String batches);

    /** Ids of all photographs. */
    List<Long> ids();

    @Nullable
    ToldRow told(@Param("id") long id);

    /** Whether one with this identity is here. */
    boolean isHere(@Param("uid") String uid);

    /** Id of a batch by its identity; null when it is not here. */
    @Nullable
    Long batchByUid(@Param("uid") String uid);

    /** How many a batch has; holds off others of it until this transaction ends; null when there is no such batch. */
    @Nullable
    Integer countHolding(@Param("batch") long batch);

    void keep(
            @Param("uid") String uid,
            @Param("batch") long batch,
            @Param("caption") String caption,
            @Param("keptAt") OffsetDateTime keptAt,
            @Param("picture") Picture picture);

    @Nullable
    BytesRow jpeg(@Param("id") long id);

    @Nullable
    BytesRow small(@Param("id") long id);

    /** Deletes one; id of its batch, null when it was not there. */
    @Nullable
    Long delete(@Param("id") long id);
}
