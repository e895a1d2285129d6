package verdamen.server.kitchen;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Reads and writes the one kitchen. */
@Mapper
interface KitchenMapper {

    @Select("select name, mass_unit, temperature_unit, decimal_mark, date_order, cup_ml, currency from kitchen")
    Kitchen kitchen();

    @Update("""
            update kitchen set name = #{name}, mass_unit = #{massUnit}, temperature_unit = #{temperatureUnit},
                decimal_mark = #{decimalMark}, date_order = #{dateOrder},
                cup_ml = #{cupMl}, currency = #{currency}
            """)
    void save(Kitchen kitchen);
}
