package verdamen.server.prep;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** The Prep station over the API. */
public class PrepApiTest extends ServerTest {

    private static String request(String steps, String liquid, String needs) {
        return """
                {"formula": {"style": "roti",
                  "lines": [{"ingredient": "wheat-atta", "grams": 300}, {"ingredient": "water", "grams": 80},
                            {"ingredient": "salt-fine", "grams": 5}, {"prep": "c"}],
                  "preps": [{"key": "c", "ingredient": "courgette-raw", "grams": 300, "liquid": %s, "steps": [%s]}]},
                 "needs": [%s]}
                """.formatted(liquid, steps, needs);
    }

    private static final String PRESS = "{\"kind\": \"press\", \"liquidGrams\": 100}";

    @Test
    public void aChainIsWorkedOutWithTheBalanceThatFollows() {
        Answer answer = postJson("/api/prep", request(PRESS, "null", "{\"key\": \"c\", \"grams\": 100}"))
                .expect(200);
        JsonNode chain = answer.at("/chains/0");
        assertEquals(chain.at("/result/grams").asDouble(), 200, 1e-9);
        assertEquals(chain.at("/result/waterPct").asDouble(), 94.7, 1e-9);
        assertEquals(chain.at("/form").asString(), "grated and pressed");
        assertEquals(chain.at("/buyGrams").asDouble(), 150, 1e-9);
        assertEquals(answer.at("/balance/prepared/3/grams").asDouble(), 200, 1e-9);
        assertTrue(answer.at("/balance/prepared/0").isNull());
    }

    @Test
    public void liquidUsedAsDoughWaterIsARowOfTheLedger() {
        double thrown = needed(request(PRESS, "\"discarded\"", ""));
        double used = needed(request(PRESS, "\"dough-water\"", ""));
        assertEquals(thrown - used, 94, 3);
    }

    private double needed(String request) {
        return postJson("/api/prep", request)
                .expect(200)
                .at("/balance/water/needed")
                .asDouble();
    }

    @Test
    public void anImpossibleWeightIsNamedWithItsPlaceAndReason() {
        Answer answer = postJson("/api/prep", request("{\"kind\": \"press\", \"afterGrams\": 350}", "null", ""))
                .expect(200);
        assertTrue(answer.at("/chains/0").isNull());
        assertTrue(answer.at("/balance").isNull());
        assertEquals(answer.at("/faults/0/field").asString(), "preps[0].steps[0].afterGrams");
        assertEquals(answer.at("/faults/0/code").asString(), "creates-matter");
        assertEquals(answer.at("/faults/0/limit").asDouble(), 300.0);
    }

    @Test
    public void theSameFaultIsAProblemOfTheBalance() {
        String formula = request("{\"kind\": \"roast\", \"afterGrams\": 5}", "null", "")
                .replaceFirst("\\{\"formula\": ", "")
                .replaceFirst("(?s),\\s*\"needs\".*", "");
        Answer refused = postJson("/api/balance", formula).expect(422);
        assertEquals(refused.at("/faults/0/field").asString(), "preps[0].steps[0].afterGrams");
        assertEquals(refused.at("/faults/0/code").asString(), "no-water-left");
    }

    @Test
    public void aFormulaKeepsItsChainsMethodAndCautions() {
        String formula = """
                {"style": "roti", "kneading": "machine",
                 "lines": [{"ingredient": "wheat-atta", "grams": 300, "stage": "first"}, {"ingredient": "water", "grams": 90},
                           {"prep": "c", "measured": {"temperatureC": 8}}],
                 "method": {"sticking": "wet-hands", "pickupGrams": 6, "firstStage": "soaker", "standingMinutes": 60,
                            "phases": [{"kind": "rest", "minutes": 10}, {"kind": "chill", "minutes": 30, "temperatureC": 4}],
                            "temperatures": {"doughC": 25}},
                 "preps": [{"key": "c", "name": "Pressed", "ingredient": "courgette-raw", "grams": 200, "steps": [
                    {"kind": "salt-stand", "added": [{"ingredient": "salt-fine", "grams": 3}], "drained": false},
                    {"kind": "cool", "cooling": {"fromC": 60, "spread": true}}]}],
                 "notes": {"acknowledged": [{"caution": "machine", "cause": "machine", "who": "Bench",
                    "at": "2026-11-25T08:00:00Z"}]}}
                """;
        Answer saved = postJson(
                        "/api/formulas",
                        "{\"name\": \"Kept as it was\", \"note\": \"\", \"formula\": %s}".formatted(formula))
                .expect(201);
        JsonNode kept =
                getJson("/api/formulas/" + saved.at("/id").asLong()).expect(200).at("/formula");
        JsonNode asked = json.readTree(formula);
        assertEquals(kept.at("/method/phases/1/temperatureC").asDouble(), 4.0);
        assertEquals(kept.at("/method/firstStage"), asked.at("/method/firstStage"));
        assertEquals(kept.at("/preps/0/steps/0/added/0/grams").asDouble(), 3.0);
        assertEquals(kept.at("/preps/0/steps/1/cooling/spread").asBoolean(), true);
        assertEquals(kept.at("/lines/2/prep").asString(), "c");
        assertTrue(kept.at("/lines/2/ingredient").isNull()
                && kept.at("/lines/2/grams").isNull());
        assertEquals(kept.at("/lines/0/stage").asInt(), 0);
        assertEquals(kept.at("/lines/2/measured/temperatureC").asDouble(), 8.0);
        assertEquals(kept.at("/notes/acknowledged/0/who").asString(), "Bench");
    }

    @Test
    public void whatThisKitchenWeighedIsOfferedNextTime() {
        String roast = "{\"kind\": \"roast\"%s}";
        assertTrue(ownYield(roast.formatted("")).isNull());
        long first = saved("Roasted courgette roti", roast.formatted(", \"afterGrams\": 210"));
        JsonNode own = ownYield(roast.formatted(""));
        assertEquals(own.get("yieldPct").asDouble(), 70, 1e-9);
        assertEquals(own.get("afterGrams").asDouble(), 210, 1e-9);
        assertEquals(own.get("times").asInt(), 1);
        long second = saved("Roasted courgette roti, smaller", roast.formatted(", \"afterGrams\": 180"));
        assertEquals(ownYield(roast.formatted("")).get("yieldPct").asDouble(), 65, 1e-9, "the mean of both");
        delete("/api/formulas/" + first).expect(200);
        assertEquals(ownYield(roast.formatted("")).get("yieldPct").asDouble(), 60, 1e-9);
        delete("/api/formulas/" + second).expect(200);
        assertTrue(ownYield(roast.formatted("")).isNull());
    }

    private JsonNode ownYield(String step) {
        return postJson("/api/prep", request(step, "null", "")).expect(200).at("/chains/0/steps/0/own");
    }

    private long saved(String name, String step) {
        String request = request(step, "null", "");
        String formula = request.substring(request.indexOf(':') + 1, request.lastIndexOf("\"needs\""))
                .strip();
        String body = "{\"name\": \"%s\", \"formula\": %s}".formatted(name, formula.replaceAll(",$", ""));
        return postJson("/api/formulas", body).expect(201).at("/id").asLong();
    }
}
