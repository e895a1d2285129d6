package verdamen.server.pantry;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads and writes what there is of ingredients. */
@Mapper
interface StockMapper {

    /** What there is of an ingredient. */
    record StockRow(
            String ingredientCode,
            @Nullable Double inHandGrams,
            @Nullable String shelf,
            @Nullable String store,
            OffsetDateTime notedAt) {}

    List<StockRow> stock();

    void save(StockRow row);

    void delete(@Param("code") String code);
}
