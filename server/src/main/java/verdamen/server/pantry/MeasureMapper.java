package verdamen.server.pantry;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
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

    @Select("select code, name, plural, millilitres, relative_sd, notes from vessel order by name")
    List<VesselRow> vessels();

    @Select("""
            select id, measure_code, ingredient_code, grams, count, weighed_at from weigh_in order by weighed_at desc, id desc
            """)
    List<WeighInRow> weighIns();

    @Insert("""
            <script>
            insert into vessel (code, name, plural, millilitres, relative_sd, notes) values
            <foreach collection="list" item="row" separator=",">
              (#{row.code}, #{row.name}, #{row.plural}, #{row.millilitres}, #{row.relativeSd}, #{row.notes})
            </foreach>
            on conflict (code) do update set name = excluded.name, plural = excluded.plural,
                millilitres = excluded.millilitres, relative_sd = excluded.relative_sd, notes = excluded.notes
            </script>
            """)
    void saveVessels(List<VesselRow> rows);

    @Delete("delete from vessel where code = #{code}")
    int deleteVessel(String code);

    @Insert("""
            <script>
            insert into weigh_in (measure_code, ingredient_code, grams, count, weighed_at) values
            <foreach collection="list" item="row" separator=",">
              (#{row.measureCode}, #{row.ingredientCode}, #{row.grams}, #{row.count}, #{row.weighedAt})
            </foreach>
            </script>
            """)
    void insertWeighIns(List<WeighInRow> rows);

    @Delete("delete from weigh_in where id = #{id}")
    int deleteWeighIn(long id);

    @Delete("delete from weigh_in where measure_code = #{code}")
    void deleteWeighInsOf(@Param("code") String code);
}
