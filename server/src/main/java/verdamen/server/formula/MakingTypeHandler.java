package verdamen.server.formula;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/** Maps {@code jsonb} to {@link Making}. The records hold codes and numbers only, so a plain mapper does. */
@MappedTypes(Making.class)
public class MakingTypeHandler extends BaseTypeHandler<Making> {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, Making making, @Nullable JdbcType type)
            throws SQLException {
        statement.setObject(index, JSON.writeValueAsString(making), Types.OTHER);
    }

    @Override
    public @Nullable Making getNullableResult(ResultSet rows, String column) throws SQLException {
        return read(rows.getString(column));
    }

    @Override
    public @Nullable Making getNullableResult(ResultSet rows, int column) throws SQLException {
        return read(rows.getString(column));
    }

    @Override
    public @Nullable Making getNullableResult(CallableStatement call, int column) throws SQLException {
        return read(call.getString(column));
    }

    private static @Nullable Making read(@Nullable String json) {
        return json == null ? null : JSON.readValue(json, Making.class);
    }
}
