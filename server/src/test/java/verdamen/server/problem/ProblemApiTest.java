package verdamen.server.problem;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Every refusal is a problem document that names line and field in plain words. */
public class ProblemApiTest extends ServerTest {

    @Test
    public void textThatIsNoNumberIsSaidToBeNone() {
        JsonNode fault = postJson("/api/measures/vessels", "{\"name\":\"mug\",\"millilitres\":\"1,5 l\"}")
                .expect(400)
                .body()
                .get("faults")
                .get(0);
        assertEquals(fault.get("code").asString(), "not-a-number");
        assertEquals(fault.get("field").asString(), "millilitres");
    }

    @DataProvider
    Object[][] requests() {
        return new Object[][] {
            {"/api/balance", "not json", 400, null, null},
            {"/api/balance", "{\"style\":", 400, null, null},
            {"/api/balance", "{\"colour\":\"red\"}", 400, null, "colour"},
            {
                "/api/balance",
                "{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"water\",\"grams\":\"a lot\"}]}",
                400,
                0,
                "grams"
            },
            {"/api/balance", "{\"style\":\"roti\",\"lines\":[{},{\"colour\":1}]}", 400, 1, "colour"},
            {
                "/api/balance",
                "{\"style\":\"brick\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":1}]}",
                422,
                null,
                "style"
            },
            {"/api/handling/now", "{\"minute\": 20, \"feel\": \"soft\"}", 422, null, "formula"},
            {"/api/handling/now", "{\"formula\": {}, \"feel\": \"soft\"}", 422, null, "minute"},
            {"/api/handling/put-in", "{\"formula\": {}, \"additions\": [null]}", 422, null, "additions[0]"},
            {
                "/api/handling/put-in",
                "{\"formula\": {}, \"additions\": [{\"ingredient\": \"water\"}]}",
                422,
                null,
                "additions[0].grams"
            },
            {"/api/balance", "{\"preps\": [{\"key\": \"c\", \"steps\": [null]}]}", 422, null, "preps[0].steps[0]"},
            {"/api/balance", "{\"style\":\"roti\",\"lines\":[]}", 422, null, "lines"},
            {
                "/api/balance",
                "{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":-1}]}",
                422,
                0,
                "grams"
            },
            {
                "/api/balance",
                "{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":1e9}]}",
                422,
                0,
                "grams"
            },
            {
                "/api/balance",
                "{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":1},{\"ingredient\":\"milk-whole\",\"grams\":1,\"measured\":{\"waterPct\":101}}]}",
                422,
                1,
                "waterPct"
            },
            {
                "/api/balance",
                "{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":5,\"open\":\"unknown-amount\"}]}",
                422,
                0,
                "grams"
            },
            {
                "/api/balance/percentage",
                "{\"formula\":{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":1}]},\"line\":7,\"pct\":1}",
                422,
                null,
                "line"
            },
            {"/api/balance/lots", "{\"formula\":{\"style\":\"roti\",\"lines\":[]},\"line\":0}", 422, null, "line"},
            {"/api/intake/start/style", "{\"style\":\"brick\",\"flourGrams\":100}", 422, null, "style"},
            {"/api/intake/start/style", "{\"style\":\"roti\",\"flourGrams\":0}", 422, null, "flourGrams"},
            {
                "/api/intake/start/percentages",
                "{\"style\":\"roti\",\"doughGrams\":500,\"lines\":[{\"ingredient\":\"wheat-atta\",\"pct\":100},{\"ingredient\":\"gravel\",\"pct\":5}]}",
                422,
                1,
                "ingredient"
            },
        };
    }

    @Test(dataProvider = "requests")
    public void namesLineAndField(String path, String body, int status, Integer line, String field) {
        Answer answer = postJson(path, body).expect(status);
        assertEquals(answer.contentType(), "application/problem+json");
        JsonNode problem = answer.body();
        assertTrue(problem.get("type").asString().startsWith("urn:verdamen:problem:"), problem.toString());
        assertEquals(problem.get("status").asInt(), status);
        assertFalse(problem.get("detail").asString().isBlank());
        assertFalse(problem.toString().contains("Exception"), "no trace of the inside: " + problem);
        if (field != null) {
            assertEquals(problem.get("field").asString(), field);
            assertEquals(problem.at("/faults/0/field").asString(), field);
        }
        if (line != null) {
            assertEquals(problem.get("line").asInt(), line.intValue());
        }
    }

    @DataProvider
    Object[][] addresses() {
        return new Object[][] {
            {"/api/nowhere", 404}, {"/api/formulas/4711", 404}, {"/api/formulas/x", 400}, {"/api/measures/amount", 400},
        };
    }

    @Test(dataProvider = "addresses")
    public void addressesThatLeadNowhereAreProblemsToo(String path, int status) {
        assertEquals(getJson(path).expect(status).contentType(), "application/problem+json");
    }
}
