package verdamen.server.intake;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Reads and writes the names that this kitchen has taught. */
@Mapper
interface TaughtNameMapper {

    @Select("select name, ingredient_code as ingredient from taught_name order by name")
    List<TaughtName> all();

    @Insert("""
            insert into taught_name (name, ingredient_code) values (#{name}, #{ingredient})
            on conflict (name) do update set ingredient_code = excluded.ingredient_code
            """)
    void save(TaughtName name);

    @Delete("delete from taught_name where name = #{name}")
    int delete(@Param("name") String name);
}
