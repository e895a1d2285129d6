package verdamen.server.pantry;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads and writes the kitchen's own vessels, volumes and weigh-ins. */
@Mapper
interface MeasureMapper {

    /** A vessel's own row. */
    record VesselRow(String code, String name, String plural, double millilitres, double relativeSd, String notes) {}

    /** A weigh-in's own row. */
    record WeighInRow(
            long id,
            String measureCode,
            @Nullable String ingredientCode,
            double grams,
            double count,
            OffsetDateTime weighedAt) {}

    List<VesselRow> vessels();

    List<WeighInRow> weighIns();

    void saveVessels(@Param("rows") String rows);

    int deleteVessel(@Param("code") String code);

    void insertWeighIns(@Param("rows") String rows);

    int deleteWeighIn(@Param("id") long id);

    void deleteWeighInsOf(@Param("code") String code);
}
