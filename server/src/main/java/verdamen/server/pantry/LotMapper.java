package verdamen.server.pantry;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads and writes lots of flour. */
@Mapper
interface LotMapper {

    /** A lot's own row. */
    record LotRow(
            long id,
            @Nullable String uid,
            String ingredientCode,
            String name,
            @Nullable LocalDate milledOn,
            @Nullable Double moisturePct,
            @Nullable String moistureHow,
            @Nullable Double proteinPct,
            String note,
            boolean usedUp,
            OffsetDateTime createdAt) {}

    List<LotRow> lots();

    /** The lots of a flour that are not used up. */
    List<LotRow> lotsOf(@Param("code") String code);

    long insert(LotRow row);

    int update(LotRow row);

    int delete(@Param("id") long id);
}
