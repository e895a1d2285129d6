package verdamen.server.bench;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Reads and writes batches and what was corrected in them. */
@Mapper
interface BatchMapper {

    /** A batch's own row. */
    record BatchRow(
            long id,
            long formulaId,
            int versionNumber,
            OffsetDateTime startedAt,
            @Nullable OffsetDateTime finishedAt) {}

    /** A correction's own row. */
    record CorrectionRow(
            long id,
            long batchId,
            double minute,
            @Nullable String feel,
            String action,
            String note,
            OffsetDateTime madeAt) {}

    /** Something put in by a correction. */
    record AdditionRow(long correctionId, int position, String ingredientCode, double grams) {}

    @Select("select * from batch where formula_id = #{formulaId} order by started_at desc, id desc limit 20")
    List<BatchRow> newest(long formulaId);

    @Nullable
    @Select("select * from batch where id = #{id}")
    BatchRow batch(long id);

    @Select("""
            select c.* from batch_correction c join batch b on b.id = c.batch_id
            where b.formula_id = #{formulaId} order by c.batch_id, c.id
            """)
    List<CorrectionRow> corrections(long formulaId);

    @Select("""
            select a.* from batch_addition a
            join batch_correction c on c.id = a.correction_id join batch b on b.id = c.batch_id
            where b.formula_id = #{formulaId} order by a.correction_id, a.position
            """)
    List<AdditionRow> additions(long formulaId);

    @Select("""
            select a.* from batch_addition a join batch_correction c on c.id = a.correction_id
            where c.batch_id = #{batchId} order by a.correction_id, a.position
            """)
    List<AdditionRow> additionsOf(long batchId);

    @Select("select exists (select 1 from formula_version where formula_id = #{formulaId} and number = #{number})")
    boolean isVersion(@Param("formulaId") long formulaId, @Param("number") int number);

    /** Starts a batch; nothing when one of the formula is running already. */
    @Nullable
    @Select(value = """
            insert into batch (formula_id, version_number, started_at)
            values (#{formulaId}, #{versionNumber}, #{startedAt})
            on conflict do nothing returning id
            """, affectData = true)
    Long start(
            @Param("formulaId") long formulaId,
            @Param("versionNumber") int versionNumber,
            @Param("startedAt") OffsetDateTime startedAt);

    @Update("update batch set finished_at = #{at} where id = #{id} and finished_at is null")
    int finish(@Param("id") long id, @Param("at") OffsetDateTime at);

    @Delete("delete from batch where id = #{id}")
    int delete(long id);

    @Select(value = """
            insert into batch_correction (batch_id, minute, feel, action, note, made_at)
            values (#{batchId}, #{minute}, #{feel}, #{action}, #{note}, #{madeAt}) returning id
            """, affectData = true)
    long insertCorrection(CorrectionRow row);

    @Insert("""
            <script>
            insert into batch_addition (correction_id, position, ingredient_code, grams) values
            <foreach collection="list" item="row" separator=",">
              (#{row.correctionId}, #{row.position}, #{row.ingredientCode}, #{row.grams})
            </foreach>
            </script>
            """)
    void insertAdditions(List<AdditionRow> rows);

    @Delete("delete from batch_correction where id = #{id}")
    int deleteCorrection(long id);
}
