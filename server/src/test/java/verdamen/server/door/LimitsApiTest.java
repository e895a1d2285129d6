package verdamen.server.door;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import verdamen.core.model.Limit;
import verdamen.server.ServerTest;

/** The limits that the API's description shows are those that requests meet. */
public class LimitsApiTest extends ServerTest {

    private static final String SCHEMAS = "/components/schemas/";
    private static final String REFERENCE = "#" + SCHEMAS;

    /** What a formula needs around a field so that the field is looked at. */
    private static final String AROUND = """
            {"style": "roti", "lines": [{"ingredient": "wheat-atta", "grams": 400}, {"ingredient": "water", "grams": 260}]}
            """;

    private JsonNode document;

    /** A field of a formula: the way there, and its schema. */
    private record Field(List<String> way, JsonNode schema) {

        @Override
        public String toString() {
            return String.join(".", way);
        }
    }

    @DataProvider
    Object[][] fields() {
        document = getJson("/api/openapi.json").expect(200).body();
        List<Field> found = new ArrayList<>();
        collect(document.at(SCHEMAS + "FormulaSpec"), List.of(), found, new LinkedHashSet<>());
        assertTrue(found.size() > 40, found.size() + " limited fields");
        return found.stream().map(field -> new Object[] {field}).toArray(Object[][]::new);
    }

    private void collect(JsonNode schema, List<String> way, List<Field> found, Set<String> above) {
        for (String name : schema.path("properties").propertyNames()) {
            JsonNode property = schema.path("properties").get(name);
            List<String> here = new ArrayList<>(way);
            here.add(name);
            if (property.has("maximum") || property.has("maxLength") || property.has("maxItems")) {
                found.add(new Field(List.copyOf(here), property));
            }
            JsonNode inner = property.has("items") ? property.get("items") : property;
            String reference = reference(inner);
            if (reference != null && above.add(reference)) {
                collect(document.at(SCHEMAS + reference), here, found, above);
                above.remove(reference);
            }
        }
    }

    private static String reference(JsonNode schema) {
        if (schema.has("$ref")) {
            return schema.get("$ref").asString().substring(REFERENCE.length());
        }
        for (JsonNode one : schema.path("oneOf")) {
            if (one.has("$ref")) {
                return one.get("$ref").asString().substring(REFERENCE.length());
            }
        }
        return null;
    }

    @Test(dataProvider = "fields")
    public void whatIsBeyondALimitIsRefusedWithThatLimit(Field field) {
        ObjectNode formula = json.readTree(AROUND).asObject();
        double most = put(formula, field);
        JsonNode answer = postJson("/api/balance", formula.toString()).body();
        boolean named = false;
        for (JsonNode fault : answer.path("faults")) {
            named |= fault.path("limit").asDouble(-1) == most;
        }
        assertTrue(
                named,
                field + ": "
                        + answer.toString()
                                .substring(0, Math.min(400, answer.toString().length())));
    }

    /** Puts a value just beyond the field's limit where it belongs; answers the limit. */
    private double put(ObjectNode formula, Field field) {
        ObjectNode at = formula;
        for (String name : field.way().subList(0, field.way().size() - 1)) {
            at = inside(at, name);
        }
        String name = field.way().get(field.way().size() - 1);
        JsonNode schema = field.schema();
        if (schema.has("maximum")) {
            if (schema.path("type").toString().contains("integer")) {
                at.put(name, schema.get("maximum").asInt() + 1);
            } else {
                at.put(name, schema.get("maximum").asDouble() + 0.5);
            }
            return schema.get("maximum").asDouble();
        }
        if (schema.has("maxLength")) {
            at.put(name, "x".repeat(schema.get("maxLength").asInt() + 1));
            return schema.get("maxLength").asDouble();
        }
        int most = schema.get("maxItems").asInt();
        ArrayNode entries = at.putArray(name);
        for (int i = 0; i <= most; i++) {
            ObjectNode entry = entries.addObject();
            if (name.equals("setAside")) {
                entry.put("slip", "dry").put("reason", "so");
            }
        }
        return most;
    }

    /** The object, or first entry of the list, under a name; made when it is not there. */
    private static ObjectNode inside(ObjectNode at, String name) {
        if (at.path(name).isArray()) {
            return at.get(name).get(0).asObject();
        }
        if (at.path(name).isObject()) {
            return at.get(name).asObject();
        }
        return switch (name) {
            case "preps" -> {
                ObjectNode chain = at.putArray(name).addObject();
                yield chain.put("key", "c").put("ingredient", "carrot-raw").put("grams", 100);
            }
            case "steps" ->
                at.has("key")
                        ? at.putArray(name).addObject().put("kind", "chop")
                        : at.putArray(name).addObject().put("words", "Wash hands.");
            case "added" -> at.putArray(name).addObject().put("ingredient", "salt-fine");
            case "phases" -> at.putArray(name).addObject().put("kind", "chill").put("minutes", 5);
            case "setAside" -> at.putArray(name).addObject().put("slip", "dry").put("reason", "so");
            case "stages" -> at.putArray(name).addObject();
            case "sizes" -> at.putArray(name).addObject().put("count", 2).put("grams", 50);
            case "splits" -> at.putArray(name).addObject().put("storage", "bag").put("pieces", 2);
            case "acknowledged" -> at.putArray(name).addObject().put("who", "Bench");
            default -> at.putObject(name);
        };
    }

    @Test
    public void theWholeTableIsInTheDescription() {
        JsonNode table = getJson("/api/openapi.json").at("/info/x-limits");
        assertEquals(table.size(), Limit.values().length);
        for (int i = 0; i < table.size(); i++) {
            Limit limit = Limit.values()[i];
            assertEquals(table.get(i).get("code").asString(), limit.code());
            assertEquals(table.get(i).get("most").asDouble(), limit.most());
        }
    }
}
