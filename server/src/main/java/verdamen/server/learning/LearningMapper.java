package verdamen.server.learning;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Reads the finished batches that were felt, and writes which of them count. */
@Mapper
interface LearningMapper {

    /** A batch with the version it was made from, what was felt last, and as JSON what had been put in by then. */
    record FeltRow(
            long id,
            long formulaId,
            int versionNumber,
            String name,
            OffsetDateTime startedAt,
            @Nullable Boolean counts,
            double minute,
            String feel,
            int documentVersion,
            String document,
            String additions) {}

    List<FeltRow> felt(@Param("limit") int limit);

    int setCounts(@Param("id") long id, @Param("counts") @Nullable Boolean counts);
}
