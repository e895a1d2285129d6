package verdamen.server.pantry;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Reads and writes what a kitchen knows better than the book: own figures and prices. */
@Mapper
interface OwnPantryMapper {

    /** A figure's own row. */
    record OwnValueRow(String ingredientCode, String field, double value, String source) {}

    /** A price's own row. */
    record PriceRow(String ingredientCode, double amount, String per) {}

    @Select("select ingredient_code, field, value, source from own_value")
    List<OwnValueRow> values();

    @Insert("""
            <script>
            insert into own_value (ingredient_code, field, value, source) values
            <foreach collection="list" item="row" separator=",">
              (#{row.ingredientCode}, #{row.field}, #{row.value}, #{row.source})
            </foreach>
            on conflict (ingredient_code, field) do update set value = excluded.value, source = excluded.source
            </script>
            """)
    void saveValues(List<OwnValueRow> rows);

    @Delete("delete from own_value where ingredient_code = #{code} and field = #{field}")
    void deleteValue(@Param("code") String code, @Param("field") String field);

    @Select("select ingredient_code, amount, per from price")
    List<PriceRow> prices();

    @Insert("""
            <script>
            insert into price (ingredient_code, amount, per) values
            <foreach collection="list" item="row" separator=",">
              (#{row.ingredientCode}, #{row.amount}, #{row.per})
            </foreach>
            on conflict (ingredient_code) do update set amount = excluded.amount, per = excluded.per
            </script>
            """)
    void savePrices(List<PriceRow> rows);

    @Delete("delete from price where ingredient_code = #{code}")
    void deletePrice(String code);

    @Select("select code from ingredient where own")
    List<String> ownCodes();

    @Select("""
            select exists (select 1 from formula_line where ingredient_code = #{code})
                or exists (select 1 from weigh_in where ingredient_code = #{code})
                or exists (select 1 from batch_addition where ingredient_code = #{code})
                or exists (select 1 from formula_version where jsonb_path_exists(
                    making, '$.preps.** ? (@.ingredient == $code)', jsonb_build_object('code', #{code}::text)))
            """)
    boolean isUsed(String code);

    @Delete("delete from ingredient where code = #{code} and own")
    int deleteOwn(String code);
}
