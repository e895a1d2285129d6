package verdamen.server.files;

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
            throw new RefusedFileException(Reason.OTHER_KIND, null);
        }
        try {
            return json.readTree(text);
        } catch (JacksonException e) {
            throw refused(e);
        }
    }

    /** A tree as a type. */
    <T> T as(JsonNode tree, Class<T> type) {
        try {
            return json.treeToValue(tree, type);
        } catch (JacksonException e) {
            throw refused(e);
        }
    }

    /** What a file that is no proper JSON, or not of the kind expected, is refused for, and where. */
    static RefusedFileException refused(JacksonException broken) {
        String message = String.valueOf(broken.getOriginalMessage());
        Reason reason = message.contains("UTF-8") ? Reason.WRONG_ENCODING : Reason.BROKEN;
        return new RefusedFileException(reason, broken.getPath().isEmpty() ? place(broken) : path(broken));
    }

    private static @Nullable String place(JacksonException e) {
        return e.getLocation() == null
                ? null
                : e.getLocation().getLineNr() + ":" + e.getLocation().getColumnNr();
    }

    private static String path(JacksonException e) {
        return e.getPathReference().replaceAll("[\\w.$]+\\[", "[");
    }
}
