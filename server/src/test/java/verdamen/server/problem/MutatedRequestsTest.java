package verdamen.server.problem;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import verdamen.server.ServerTest;

/**
 * Requests in which one thing is missing, null, of another kind, or far out of range: each is answered or refused with a
 * problem that has words for it, and never fails inside. Only requests that save nothing are tried.
 */
public class MutatedRequestsTest extends ServerTest {

    /** Formulas are read in one way everywhere: all their parts are changed where they are the whole request. */
    private static final int EVERY = 7;

    private static final String FORMULA = """
            {"style": "stuffed-paratha", "kneading": "hand", "fatTiming": "with-water", "waterTemperatureC": 30,
             "restMinutes": 20, "sheetMm": 2.5, "softnessTarget": 1.0,
             "lines": [
               {"ingredient": "wheat-atta", "grams": 400, "stage": "first","measured":{"moisturePct":12,"proteinPct":12,"absorptionPct":65,"absorptionSdPct":3,"temperatureC":20}},
               {"ingredient": "water", "grams": 220, "sd": 5},
               {"ingredient": "yeast-instant", "grams": 4},
               {"ingredient": "butter", "grams": 20, "fatState": "soft","measured":{"waterPct":16}},
               {"prep": "c", "part": "filling", "grams": 100},
               {"ingredient": "carrot-raw", "grams": 50, "form": "raw-grated", "part": "dough","measured":{"pieceMm":2}},
               {"ingredient": "cumin-seed", "open": "unknown-amount", "origin": {"text": "some cumin"}}],
             "method": {"pressedLiquid": "kept", "sticking": "bench-flour", "pickupBeforeGrams": 80,
               "pickupAfterGrams": 60, "waterAddition": "in-additions", "seal": "sealed", "heat": "covered",
               "firstStage": "sponge", "standingMinutes": 90,
               "phases": [{"kind": "rest", "minutes": 20}, {"kind": "chill", "minutes": 60, "temperatureC": 5}],
               "temperatures": {"doughC": 26, "flourC": 20, "coldC": 12, "hotC": 60, "kneadMinutes": 8}},
             "preps": [{"key": "c", "name": "greens", "ingredient": "spinach-raw", "grams": 200, "liquid": "dough-water",
               "steps": [{"kind": "wash", "beforeGrams": 200, "afterGrams": 210},
                 {"kind": "wilt", "added": [{"ingredient": "garlic-raw", "grams": 5}]},
                 {"kind": "chop", "pieceMm": 3}, {"kind": "press", "liquidGrams": 20, "drained": true},
                 {"kind": "cool", "cooling": {"fromC": 70, "roomC": 20, "targetC": 25, "spread": true, "readMinute": 10,
                   "readC": 50}}]}],
             "notes": {"pieces": 8, "pieceGrams": 60, "acknowledged": [
               {"caution": "machine", "cause": "machine", "who": "Bench", "at": "2026-11-25T08:00:00Z"}]}}
            """;

    /** Each row: path, a request that is sound. */
    @DataProvider
    Object[][] requests() {
        return new Object[][] {
            {"/api/balance", FORMULA},
            {"/api/handling", FORMULA},
            {"/api/method", FORMULA},
            {"/api/prep", with("\"needs\": [{\"key\": \"c\", \"grams\": 120}]")},
            {"/api/balance/lots", with("\"line\": 0")},
            {"/api/balance/percentage", with("\"line\": 5, \"pct\": 10")},
            {"/api/method/choose", with("\"question\": \"inclusion\", \"school\": \"worked-in\"")},
            {
                "/api/rework/substitute",
                with("\"changes\": [{\"line\": 0, \"by\": \"emmer-whole\", \"share\": 0.3, \"basis\": \"role\"},"
                        + " {\"line\": 3, \"by\": \"ghee\", \"share\": 1}], \"without\": [\"salt\"]")
            },
            {
                "/api/rework/ladder",
                ofFlourAndWater(
                        "\"change\": {\"line\": 0, \"by\": \"emmer-whole\"}, \"from\": 0.1, \"to\": 0.9, \"rungs\": 5,"
                                + " \"beside\": [{\"add\": \"pumpkin-cooked\", \"form\": \"puree\", \"share\": 0.1}],"
                                + " \"limits\": [{\"figure\": \"puff\", \"atLeast\": 20}]")
            },
            {
                "/api/rework/most",
                ofFlourAndWater("\"goal\": \"fibreGrams\", \"free\": [{\"line\": 0, \"low\": 100, \"high\": 300}],"
                        + " \"limits\": [{\"figure\": \"minSheetMm\", \"atMost\": 2}]")
            },
            {
                "/api/rework/trials",
                ofFlourAndWater("\"name\": \"Emmer\", \"centre\": true, \"rounds\": 2, \"seed\": \"a\","
                        + " \"factors\": [{\"change\": {\"line\": 0, \"by\": \"emmer-whole\"}, \"lowShare\": 0, \"highShare\": 0.3},"
                        + " {\"change\": {\"add\": \"pumpkin-cooked\"}, \"lowShare\": 0.1, \"highShare\": 0.2}],"
                        + " \"measures\": [\"rolling\"], \"without\": [\"rest\"]")
            },
            {
                "/api/rework/blend",
                ofFlourAndWater("\"flours\": [{\"ingredient\": \"wheat-atta\", \"moisturePct\": 12, \"lowShare\": 0.1},"
                        + " {\"ingredient\": \"rye-whole\", \"highShare\": 0.5}], \"goal\": \"wholeGrainPct\","
                        + " \"wanted\": [{\"figure\": \"proteinPct\", \"atLeast\": 9, \"about\": 11}],"
                        + " \"atMostFlours\": 2")
            },
            {"/api/rework/blend/flours", FORMULA},
            {
                "/api/rework/match",
                ofFlourAndWater("\"lots\": [{\"line\": 0, \"moisturePct\": 10, \"proteinPct\": 11}],"
                        + " \"near\": [\"sheetStrength\"], \"weighable\": true")
            },
            {"/api/portion", ofFlourAndWater("\"stepGrams\": 5")},
            {
                "/api/portion/shapes",
                ofFlourAndWater("\"layered\": {\"fold\": \"half\", \"times\": 3, \"fatGrams\": 4},"
                        + " \"cut\": {\"shape\": \"rounds\", \"sizeMm\": 70, \"longMm\": 400, \"shortMm\": 300}")
            },
            {"/api/portion/scale", ofFlourAndWater("\"factor\": 1.7, \"stepGrams\": 5")},
            {
                "/api/cook",
                ofFlourAndWater("\"pieceGrams\": 48, \"panC\": 220, \"burnerW\": 900, \"pans\": 2, \"load\": 2")
            },
            {"/api/keeping", ofFlourAndWater("\"storage\": \"bag\", \"hours\": 4")},
            {"/api/fermentation", ofFlourAndWater("\"doughC\": 25, \"places\": [{\"minutes\": 60, \"celsius\": 24}]")},
            {
                "/api/plan",
                "{\"servings\": [{\"formula\": 3, \"version\": 1, \"pieces\": 8, \"due\": 720}], \"workers\": [{\"name\": \"Bench\","
                        + " \"comes\": 400, \"goes\": 780, \"roles\": [\"prep\", \"dough\", \"shape\", \"cook\"]}], \"pans\": 1,"
                        + " \"ovens\": 1, \"mixers\": 1, \"fridgeLitres\": 9, \"careful\": true, \"pins\": [{\"task\": \"s1/pour\","
                        + " \"start\": 500}]}"
            },
            {
                "/api/plan/alternatives",
                "{\"servings\": [{\"formula\": 3, \"version\": 1, \"pieces\": 8, \"due\": 720}], \"workers\": [{\"name\": \"Bench\","
                        + " \"comes\": 400, \"goes\": 780, \"roles\": [\"prep\", \"dough\", \"shape\", \"cook\"]}], \"pans\": 1,"
                        + " \"ovens\": 1, \"mixers\": 1, \"fridgeLitres\": 9, \"careful\": true, \"pins\": [{\"task\": \"s1/pour\","
                        + " \"start\": 500}]}"
            },
            {"/api/portion/order", "{\"items\": [{\"formula\": 1, \"pieces\": 24}], \"stepGrams\": 5}"},
            // Not the records of own bread: they are kept, and teach the kitchen that all tests share.
            {"/api/leavening", ofFlourAndWater("").replace("}, }", "}}")},
            {"/api/method/equivalents", with("\"line\": 2")},
            {"/api/handling/now", with("\"minute\": 20, \"feel\": \"stiff\", \"given\": 10")},
            {"/api/handling/put-in", with("\"additions\": [{\"ingredient\": \"water\", \"grams\": 20}]")},
            {"/api/handling/spill", with("\"line\": 1, \"share\": 0.5, \"judged\": true")},
            {"/api/handling/diagnosis", with("\"symptom\": \"sticks\"")},
            {"/api/intake/parse", "{\"text\": \"2 cups atta\\n1 tsp salt\", \"style\": \"roti\"}"},
            {"/api/intake/line", "{\"text\": \"a handful of kale\", \"part\": \"filling\"}"},
            {"/api/intake/start/style", "{\"style\": \"roti\", \"flourGrams\": 400}"},
            {
                "/api/intake/start/percentages",
                "{\"style\": \"roti\", \"doughGrams\": 800, \"lines\": [{\"ingredient\": \"wheat-atta\", \"pct\": 100},"
                        + " {\"ingredient\": \"water\", \"pct\": 60}]}"
            },
        };
    }

    /** For what takes its time: the whole formula is mutated elsewhere. */
    private static String ofFlourAndWater(String more) {
        return """
               {"formula": {"style": "roti", "lines": [{"ingredient": "wheat-atta", "grams": 400},
                 {"ingredient": "water", "grams": 220}], "portion": {"panMm": 240, "pans": 2, "storage": "box",
                 "sizes": [{"count": 6, "grams": 80}], "splits": [{"storage": "bag", "pieces": 2}]}}, %s}
               """.formatted(more);
    }

    private static String with(String more) {
        return "{\"formula\": %s, %s}".formatted(FORMULA, more);
    }

    @Test(dataProvider = "requests")
    public void theSoundRequestIsAnswered(String path, String request) {
        postJson(path, request).expect(200);
    }

    @Test(dataProvider = "requests")
    public void everyMutationIsAnsweredOrRefusedInWords(String path, String request) {
        List<String> mutations = mutations(request);
        long refused = mutations.parallelStream()
                .filter(mutation -> isRefusedInWords(path, mutation))
                .count();
        assertTrue(refused > mutations.size() / 4, path + " refuses " + refused + " of " + mutations.size());
    }

    /** Whether it is refused rather than answered; fails when it is refused in any other way than with words. */
    private boolean isRefusedInWords(String path, String mutation) {
        Answer answer = postJson(path, mutation);
        if (answer.status() == 200) {
            return false;
        }
        String what = path + " " + mutation + " -> " + answer.body();
        assertTrue(answer.status() == 400 || answer.status() == 422 || answer.status() == 404, what);
        assertEquals(answer.contentType(), "application/problem+json", what);
        assertFalse(answer.at("/detail").asString().isBlank(), what);
        for (JsonNode fault : answer.at("/faults")) {
            assertFalse(fault.get("code").asString().isBlank(), what);
        }
        return true;
    }

    /** The request with each of its parts changed in turn; a formula inside it only here and there. */
    private List<String> mutations(String request) {
        JsonNode whole = json.readTree(request);
        List<String> all = new ArrayList<>();
        JsonNode formula = whole.get("formula");
        if (formula == null) {
            collect(whole, changed -> all.add(changed.toString()), whole);
            return all;
        }
        List<String> inside = new ArrayList<>();
        collect(formula, changed -> inside.add(whole.toString()), formula);
        for (int at = 0; at < inside.size(); at += EVERY) {
            all.add(inside.get(at));
        }
        ObjectNode around = ((ObjectNode) whole).deepCopy();
        around.set("formula", json.createObjectNode());
        collect(around, changed -> all.add(withFormula(changed, formula)), around);
        return all;
    }

    /** The request with its formula again, unless that is what was changed. */
    private static String withFormula(JsonNode changed, JsonNode formula) {
        boolean emptied = changed.get("formula") instanceof ObjectNode object && object.isEmpty();
        return emptied
                ? ((ObjectNode) changed).deepCopy().set("formula", formula).toString()
                : changed.toString();
    }

    private void collect(JsonNode node, Consumer<JsonNode> add, JsonNode whole) {
        if (node instanceof ObjectNode object) {
            for (String field : List.copyOf(object.propertyNames())) {
                JsonNode before = object.get(field);
                for (JsonNode other : others(before)) {
                    object.set(field, other);
                    add.accept(whole);
                }
                object.remove(field);
                add.accept(whole);
                object.set(field, before);
                collect(before, add, whole);
            }
        } else if (node instanceof ArrayNode array) {
            for (int at = 0; at < array.size(); at++) {
                JsonNode before = array.get(at);
                array.set(at, json.nullNode());
                add.accept(whole);
                array.set(at, before);
                collect(before, add, whole);
            }
        }
    }

    private List<JsonNode> others(JsonNode before) {
        List<JsonNode> others =
                new ArrayList<>(List.of(json.nullNode(), json.createArrayNode(), json.createObjectNode()));
        for (String text : List.of("\"\"", "\"gravel\"", "-1", "0", "1e12", "true")) {
            JsonNode other = json.readTree(text);
            if (!other.equals(before)) {
                others.add(other);
            }
        }
        return others;
    }
}
