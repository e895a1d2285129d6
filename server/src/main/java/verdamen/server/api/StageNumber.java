package verdamen.server.api;

import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;

/**
 * The number of a line's stage. Before stages had numbers there was one before the dough itself, called {@code first}: files and
 * programs that still say so mean number 0.
 */
final class StageNumber extends ValueDeserializer<Integer> {

    private static final String FIRST = "first";

    @Override
    public Integer deserialize(JsonParser json, DeserializationContext context) {
        if (json.currentToken() == JsonToken.VALUE_STRING && FIRST.equals(json.getString())) {
            return 0;
        }
        return context.readValue(json, Integer.class);
    }
}
