package verdamen.server.learning;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads the finished batches that were felt, and writes which of them count. */
@Mapper
interface LearningMapper {

    /** A batch with the version it was made from, and as JSON what counts of what was noted of its dough, in order. */
    record FeltRow(
            long id,
            long formulaId,
            int versionNumber,
            double factor,
            @Nullable String madeAs,
            String name,
            OffsetDateTime startedAt,
            @Nullable Boolean counts,
            int documentVersion,
            String document,
            String entries) {}

    List<FeltRow> felt(@Param("limit") int limit);

    int setCounts(@Param("id") long id, @Param("counts") @Nullable Boolean counts);
}
