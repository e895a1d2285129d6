package verdamen.server.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;
import verdamen.core.formula.MeasuredFigure;
import verdamen.server.ServerTest;

public class BalanceApiTest extends ServerTest {

    private static final Path CASES = Path.of("../core/src/test/resources/verdamen/core/balance/balance-cases.json");
    private static final double ROUNDING = 0.0001;
    private static final String FLOUR = "{\"ingredient\":\"wheat-atta\",\"grams\":250}";

    @DataProvider
    Object[][] cases() throws IOException {
        List<Object[]> rows = new ArrayList<>();
        for (JsonNode worked : new ObjectMapper().readTree(Files.readString(CASES))) {
            rows.add(new Object[] {worked.get("name").asString(), worked});
        }
        return rows.toArray(Object[][]::new);
    }

    /** The cases write what was measured of a line beside its grams. */
    private String measuredApart(JsonNode request) {
        for (JsonNode line : request.path("lines")) {
            ObjectNode measured = json.createObjectNode();
            for (MeasuredFigure figure : MeasuredFigure.values()) {
                JsonNode value = ((ObjectNode) line).remove(figure.code());
                if (value != null) {
                    measured.set(figure.code(), value);
                }
            }
            ((ObjectNode) line).set("measured", measured);
        }
        return request.toString();
    }

    private static final Pattern RISES = Pattern.compile("\"style\":\"(pita|skillet-naan)\".*yeast-instant");

    @Test(dataProvider = "cases")
    public void answersEachWorkedCaseUnderTheSameNames(String name, JsonNode worked) {
        Answer answer =
                postJson("/api/balance", measuredApart(worked.get("request"))).expect(200);
        JsonNode expected = worked.get("expected");
        if (RISES.matcher(worked.get("request").toString()).find()) {
            // the cases of the dough alone know no rise, which opens the window later
            ((ObjectNode) expected).remove("window");
        }
        assertHolds(answer.body(), expected, name);
    }

    @Test
    public void givesReasonsCurveAndPercentagesBeside() {
        JsonNode body = postJson("/api/balance", roti(FLOUR)).expect(200).body();
        JsonNode uptake = body.at("/ledger/0/drinksSteps/2");
        assertEquals(uptake.at("/rule").asString(), "UPTAKE");
        assertEquals(uptake.at("/formula").asString(), "1 - UPTAKE_SHORTFALL_AT_WETTING * exp(-MINUTE / UPTAKE_TAU)");
        assertEquals(uptake.at("/coefficients/0/code").asString(), "UPTAKE_SHORTFALL_AT_WETTING");
        assertEquals(uptake.at("/coefficients/0/value").asDouble(), 0.4);
        assertEquals(body.at("/ledger/0/material").asString(), "flour");
        assertEquals(body.at("/curve/softness").size(), 181);
        assertEquals(body.at("/bakersPct/0").asDouble(), 100.0);
        assertEquals(body.at("/settings/restMinutes").asDouble(), 20.0);
        assertEquals(body.at("/handlingReasons/0/figure").asString(), "gluten");
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {roti(FLOUR + ",{\"ingredient\":\"sawdust\",\"grams\":5}"), 422, 1, "ingredient"},
            {
                roti(FLOUR + ",{\"ingredient\":\"milk-whole\",\"grams\":5,\"measured\":{\"waterPct\":101}}"),
                422,
                1,
                "waterPct"
            },
            {roti("{\"ingredient\":\"wheat-atta\",\"grams\":-1}"), 422, 0, "grams"},
            {roti("{\"ingredient\":\"wheat-atta\",\"grams\":1000001}"), 422, 0, "grams"},
            {roti("{\"ingredient\":\"wheat-atta\"}"), 422, 0, "grams"},
            {roti("{\"ingredient\":\"water\",\"grams\":10}"), 422, null, "lines"},
            {"{\"style\":\"brick\",\"lines\":[" + FLOUR + "]}", 422, null, "style"},
            {"{}", 422, null, "style"},
            {roti(FLOUR + ",{\"ingredient\":\"water\",\"grams\":\"a lot\"}"), 400, 1, "grams"},
            {roti(FLOUR + ",{\"ingredient\":\"water\",\"grams\":\"12\"}"), 400, 1, "grams"},
            {roti(FLOUR + ",{\"ingredient\":\"water\",\"gram\":12}"), 400, 1, "gram"},
            {"{\"style\":\"roti\",\"sheetMm\":[],\"lines\":[]}", 400, null, "sheetMm"},
            {staged("{\"waterTemperatureC\":95},{}", "0"), 422, null, "stages[0].minutes"},
            {staged("{\"minutes\":60},{\"minutes\":5},{}", "0"), 422, null, "stages[1].lines"},
            {roti(FLOUR + ",{\"ingredient\":\"water\",\"grams\":12,\"stage\":\"second\"}"), 400, 1, "stage"},
        };
    }

    @Test(dataProvider = "refused")
    public void namesLineAndFieldOfWhatItRefuses(String body, int status, Integer line, String field) {
        Answer answer = postJson("/api/balance", body).expect(status);
        assertEquals(answer.contentType(), "application/problem+json");
        assertEquals(answer.at("/status").asInt(), status);
        assertTrue(answer.at("/type").asString().startsWith("urn:verdamen:problem:"));
        assertEquals(answer.at("/field").asString(), field);
        assertEquals(answer.at("/line").isNull() ? null : answer.at("/line").asInt(), line);
        assertEquals(answer.at("/faults/0/field").asString(), field);
        assertFalse(answer.at("/faults/0/code").asString().isBlank());
    }

    private static String staged(String stages, String ofWater) {
        return "{\"style\":\"roti\",\"stages\":[" + stages
                + "],\"lines\":[{\"ingredient\":\"rye-whole\",\"grams\":100,\"stage\":0},"
                + "{\"ingredient\":\"water\",\"grams\":150,\"stage\":" + ofWater + "}," + FLOUR + "]}";
    }

    /** What is saved in a browser, or written by a program, may still call the stage before the dough itself the first. */
    @Test
    public void theFirstStageIsReadAsThatBeforeTheDough() {
        String lines = "[{\"ingredient\":\"rye-whole\",\"grams\":100,\"stage\":%1$s},"
                + "{\"ingredient\":\"water\",\"grams\":150,\"stage\":%1$s}," + FLOUR + "]";
        String method = "{\"style\":\"roti\",\"method\":{\"firstStage\":\"soaker\",\"standingMinutes\":90},\"lines\":";
        String stages = "{\"style\":\"roti\",\"stages\":[{\"minutes\":90},{}],\"lines\":";
        double named = needed(method + lines.formatted("\"first\"") + "}");
        assertEquals(named, needed(stages + lines.formatted("0") + "}"), 1e-9);
    }

    private double needed(String formula) {
        return postJson("/api/balance", formula).expect(200).at("/water/needed").asDouble();
    }

    @DataProvider
    Object[][] garbage() {
        return new Object[][] {{""}, {"{"}, {"[]"}, {"null"}, {"{\"lines\":[{\"grams\":NaN}]}"}, {"\"dough\""}};
    }

    @Test(dataProvider = "garbage")
    public void refusesWhatIsNotTheExpectedJsonWithoutATrace(String body) {
        Answer answer = postJson("/api/balance", body).expect(400);
        assertEquals(answer.contentType(), "application/problem+json");
        assertFalse(answer.body().toString().contains("Exception"));
    }

    @Test
    public void setsALineToABakersPercentage() {
        String formula = roti(FLOUR + ",{\"ingredient\":\"emmer-whole\",\"grams\":0}");
        Answer answer = postJson("/api/balance/percentage", "{\"formula\":" + formula + ",\"line\":1,\"pct\":30}")
                .expect(200);
        assertEquals(answer.at("/grams/0").asDouble(), 175.0, 1e-9);
        assertEquals(answer.at("/grams/1").asDouble(), 75.0, 1e-9);
        Answer refused = postJson("/api/balance/percentage", "{\"formula\":" + formula + ",\"line\":1,\"pct\":130}")
                .expect(422);
        assertEquals(refused.at("/field").asString(), "pct");
        assertEquals(refused.at("/line").asInt(), 1);
    }

    private static String roti(String lines) {
        return "{\"style\":\"roti\",\"lines\":[" + lines + "]}";
    }

    /** Everything expected is in the answer under the same name; the answer may hold more. */
    private static void assertHolds(JsonNode actual, JsonNode expected, String path) {
        assertTrue(actual != null, path + " is missing");
        if (expected.isObject()) {
            for (Map.Entry<String, JsonNode> field : expected.properties()) {
                assertHolds(actual.get(field.getKey()), field.getValue(), path + "/" + field.getKey());
            }
        } else if (expected.isArray()) {
            assertEquals(actual.size(), expected.size(), path);
            for (int i = 0; i < expected.size(); i++) {
                assertHolds(actual.get(i), expected.get(i), path + "/" + i);
            }
        } else if (expected.isNumber()) {
            assertEquals(actual.asDouble(), expected.asDouble(), ROUNDING, path);
        } else {
            assertEquals(actual, expected, path);
        }
    }
}
