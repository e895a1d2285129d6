package verdamen.server.pantry;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Reads and writes lots of flour. */
@Mapper
interface LotMapper {

    /** A lot's own row. */
    record LotRow(
            long id,
            String ingredientCode,
            String name,
            @Nullable LocalDate milledOn,
            @Nullable Double moisturePct,
            @Nullable String moistureHow,
            @Nullable Double proteinPct,
            String note,
            boolean usedUp,
            OffsetDateTime createdAt) {}

    String COLUMNS =
            "id, ingredient_code, name, milled_on, moisture_pct, moisture_how, protein_pct, note, used_up, created_at";

    @Select("select " + COLUMNS + " from flour_lot order by used_up, ingredient_code, created_at desc, id desc")
    List<LotRow> lots();

    @Select("select " + COLUMNS
            + " from flour_lot where ingredient_code = #{code} and not used_up order by created_at desc")
    List<LotRow> lotsOf(String code);

    @Select(value = """
            insert into flour_lot (ingredient_code, name, milled_on, moisture_pct, moisture_how, protein_pct, note, used_up,
                                   created_at)
            values (#{ingredientCode}, #{name}, #{milledOn}, #{moisturePct}, #{moistureHow}, #{proteinPct}, #{note},
                    #{usedUp}, #{createdAt})
            returning id
            """, affectData = true)
    long insert(LotRow row);

    @Update("""
            update flour_lot set name = #{name}, milled_on = #{milledOn}, moisture_pct = #{moisturePct},
                moisture_how = #{moistureHow}, protein_pct = #{proteinPct}, note = #{note}, used_up = #{usedUp}
            where id = #{id}
            """)
    int update(LotRow row);

    @Select("select exists (select 1 from formula_line where lot_id = #{id})")
    boolean isUsed(long id);

    @Delete("delete from flour_lot where id = #{id}")
    int delete(long id);
}
