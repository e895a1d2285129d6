package verdamen.server.pantry;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;
import verdamen.core.pantry.LearnedTogether;

/** Reads and writes what a kitchen has beside the book: own ingredients and figures, prices, taught names. */
@Mapper
interface PantryMapper {

    /** An own ingredient's row: as it was asked for, as JSON. */
    record OwnRow(String code, String sheet) {}

    /** A figure's own row. */
    record OwnValueRow(String ingredientCode, String field, double value, String source) {}

    /** A price's own row. */
    record PriceRow(String ingredientCode, double amount, String per) {}

    /** A record of own bread: what it says, as JSON. */
    record BreadRow(long id, String uid, OffsetDateTime notedAt, String record) {}

    /** Every record of own bread, the oldest first. */
    List<BreadRow> bread();

    /** The newest records of own bread of a style. */
    List<BreadRow> breadOf(@Param("style") String style, @Param("limit") int limit);

    /** Keeps a record of own bread, unless one with its identity is here. */
    void noteBread(
            @Param("uid") @Nullable String uid,
            @Param("style") String style,
            @Param("notedAt") OffsetDateTime notedAt,
            @Param("record") String record);

    /** Deletes a record of own bread; its style, null when it was not there. */
    @Nullable
    String deleteBread(@Param("id") long id);

    boolean hasBreadOf(@Param("batch") long batch);

    void deleteBreadOf(@Param("batch") long batch);

    void noteBreadOf(
            @Param("batch") long batch,
            @Param("uid") String uid,
            @Param("style") String style,
            @Param("notedAt") OffsetDateTime notedAt,
            @Param("record") String record);

    /** Counts the changes of the kitchen's pantry. */
    long revision();

    /** Counts one more change, and holds off others until this transaction ends. */
    void nextRevision();

    List<OwnRow> ownIngredients();

    /** Saves own ingredients: JSON rows of code, name and specification. */
    void saveOwnIngredients(@Param("rows") String rows);

    void deleteOwnIngredient(@Param("code") String code);

    List<OwnValueRow> values();

    void saveValues(@Param("rows") String rows);

    void deleteValue(@Param("code") String code, @Param("field") String field);

    void deleteValues(@Param("code") String code);

    /** Flours that were learned from the same batches, of which the kitchen uses its own figures still. */
    List<LearnedTogether> learnedTogether();

    /** Saves pairs of flours that were learned together, as JSON rows, each with its flours by code in order. */
    void saveLearnedTogether(@Param("rows") String rows);

    void deleteLearnedTogether(@Param("code") String code);

    List<PriceRow> prices();

    void savePrices(@Param("rows") String rows);

    void deletePrice(@Param("code") String code);

    List<TaughtName> names();

    void saveNames(@Param("rows") String rows);

    int deleteName(@Param("name") String name);

    List<String> namesThatUse(@Param("code") String code, @Param("limit") int limit);

    List<String> lotsThatUse(@Param("code") String code, @Param("limit") int limit);

    List<String> measuresThatUse(@Param("code") String code, @Param("limit") int limit);

    List<String> batchesThatUse(@Param("code") String code, @Param("limit") int limit);
}
