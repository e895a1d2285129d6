package verdamen.server.exchange;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;

/** Reads JSON files with clear refusals. */
@Component
class JsonFiles {

    private final JsonMapper json;

    JsonFiles(JsonMapper json) {
        this.json = json;
    }

    /** The tree of a JSON text. */
    JsonNode tree(String text) {
        String start = text.stripLeading();
        if (!start.startsWith("{") && !start.startsWith("[")) {
            throw new RefusedFileException(Reason.OTHER_KIND, "it is no JSON");
        }
        try {
            return json.readTree(text);
        } catch (JacksonException e) {
            throw new RefusedFileException(Reason.BROKEN, where(e));
        }
    }

    /** A tree as a type. */
    <T> T as(JsonNode tree, Class<T> type) {
        try {
            return json.treeToValue(tree, type);
        } catch (JacksonException e) {
            throw new RefusedFileException(Reason.BROKEN, path(e));
        }
    }

    private static @Nullable String where(JacksonException e) {
        return e.getLocation() == null
                ? null
                : "line " + e.getLocation().getLineNr() + ", column "
                        + e.getLocation().getColumnNr();
    }

    private static @Nullable String path(JacksonException e) {
        return e.getPath().isEmpty() ? null : e.getPathReference().replaceAll("[\\w.$]+\\[", "[");
    }
}
