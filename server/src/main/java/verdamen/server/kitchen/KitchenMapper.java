package verdamen.server.kitchen;

import org.apache.ibatis.annotations.Mapper;

/** Reads and writes the settings of the request's kitchen. */
@Mapper
interface KitchenMapper {

    Kitchen kitchen();

    void save(Kitchen kitchen);
}
