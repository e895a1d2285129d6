package verdamen.server.pantry;

import org.apache.ibatis.type.ArrayTypeHandler;
import org.apache.ibatis.type.MappedTypes;

/** Maps {@code text[]} to {@code String[]}. */
@MappedTypes(String[].class)
public class StringArrayTypeHandler extends ArrayTypeHandler {}
