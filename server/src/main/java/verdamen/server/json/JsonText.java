package verdamen.server.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Collection;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Records as JSON text, without what is absent. Many rows go to the database as one such text, so that a statement has the
 * same few parameters however many rows there are.
 */
@Component
public class JsonText {

    private final JsonMapper json;

    JsonText(JsonMapper json) {
        this.json = json.rebuild()
                .changeDefaultPropertyInclusion(inclusion -> inclusion.withValueInclusion(JsonInclude.Include.NON_NULL))
                .build();
    }

    /** A value as text. */
    public String of(Object value) {
        return json.writeValueAsString(value);
    }

    /** A value as a tree. */
    public JsonNode tree(Object value) {
        return json.valueToTree(value);
    }

    /** A text as a tree. */
    public JsonNode tree(String text) {
        return json.readTree(text);
    }

    /** A value from text. */
    public <T> T read(String text, Class<T> type) {
        return json.readValue(text, type);
    }

    /** A value from a tree. */
    public <T> T read(JsonNode tree, Class<T> type) {
        return json.treeToValue(tree, type);
    }

    /** Ids as text. */
    public String ids(Collection<Long> ids) {
        return of(ids);
    }
}
