package verdamen.server.formula;

import java.util.Arrays;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.pantry.Aliases;
import verdamen.core.pantry.ReferenceTables;
import verdamen.server.json.JsonText;

/**
 * A formula as the database and files keep it: the core's record as JSON, under a version of the document's own. Older
 * documents are brought up to date while they are read, one version after another; they are never rewritten.
 */
@Component
public class StoredFormula {

    /** The version that is written, and the newest that is read. */
    public static final int VERSION = 3;

    /** What lines of version 1 carried beside their grams, and what stands under {@code measured} since. */
    private static final String[] MEASURED_SINCE_2 = {
        "waterPct", "moisturePct", "proteinPct", "absorptionPct", "absorptionSdPct", "pieceMm", "temperatureC"
    };

    private final JsonText json;
    private final Aliases aliases = ReferenceTables.load().aliases();

    StoredFormula(JsonText json) {
        this.json = json;
    }

    /** Whether a document was written while revision 2 of the model, or one before, was computed. */
    public static boolean isOfRevisionTwo(int version) {
        return version < 3;
    }

    /** A formula as it is kept. */
    public String write(FormulaSpec formula) {
        return json.of(formula);
    }

    /** A formula from the database. */
    public FormulaSpec read(int version, String document) {
        return read(version, json.tree(document));
    }

    /**
     * A formula from a document of this or an older version, with the codes that the book has now.
     *
     * @throws IllegalArgumentException when the document is of a newer version
     * @throws tools.jackson.core.JacksonException when it is no formula
     */
    public FormulaSpec read(int version, JsonNode document) {
        if (version > VERSION) {
            throw new IllegalArgumentException("a formula document of version " + version);
        }
        if (version < 2) {
            measuredApart(document);
        }
        if (version < 3) {
            stagesNumbered(document);
        }
        return json.read(document, FormulaSpec.class).withCurrentCodes(aliases);
    }

    /** Before stages had numbers there was one before the dough itself, called the first. */
    private static void stagesNumbered(JsonNode document) {
        for (JsonNode line : document.path("lines")) {
            if (line instanceof ObjectNode known && known.path("stage").isString()) {
                known.put("stage", 0);
            }
        }
    }

    private static void measuredApart(JsonNode document) {
        for (JsonNode line : document.path("lines")) {
            if (line instanceof ObjectNode flat) {
                ObjectNode measured = flat.objectNode();
                Arrays.stream(MEASURED_SINCE_2)
                        .filter(flat::has)
                        .forEach(name -> measured.set(name, flat.remove(name)));
                if (!measured.isEmpty()) {
                    flat.set("measured", measured);
                }
            }
        }
    }
}
