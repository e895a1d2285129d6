package verdamen.server.rework;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Series of trials over the API. */
public class TrialApiTest extends ServerTest {

    private static final String TRIALS = "/api/formulas/3/trials";

    private static final String QUESTION = """
            {"name": "Rye and beet", "formula": {"style": "roti", "lines": [{"ingredient": "wheat-atta", "grams": 400},
               {"ingredient": "water", "grams": 240}, {"ingredient": "salt-fine", "grams": 6}]},
             "factors": [{"change": {"line": 0, "by": "rye-whole"}, "lowShare": 0.1, "highShare": 0.5},
               {"change": {"add": "beetroot-cooked", "form": "puree"}, "lowShare": 0, "highShare": 0.2}],
             "centre": true, "measures": ["rolling", "fold"], "without": ["rest"]%s}
            """;

    private Answer make(String more) {
        return postJson(TRIALS, QUESTION.formatted(more));
    }

    private Answer fill(long series, int run, String result) {
        return putJson("/api/trials/%d/runs/%d".formatted(series, run), result);
    }

    @Test
    public void whatIsPlannedIsWhatIsMade() {
        Answer planned = postJson("/api/rework/trials", QUESTION.formatted("")).expect(200);
        Answer made = make("").expect(200);
        assertEquals(planned.at("/runs").size(), 5);
        assertEquals(made.at("/seed").asString(), "Rye and beet");
        for (int at = 0; at < 5; at++) {
            JsonNode run = made.at("/runs/" + at);
            assertEquals(run.get("shares"), planned.at("/runs/" + at + "/shares"));
            assertEquals(run.get("formula"), planned.at("/runs/" + at + "/formula"));
            postJson("/api/balance", run.get("formula").toString()).expect(200);
        }
        assertEquals(make(",\"seed\":\"another\"").expect(200).at("/seed").asString(), "another");
    }

    @Test
    public void resultsAreKeptAndReadBack() {
        Answer made = make("").expect(200);
        long id = made.at("/id").asLong();
        assertEquals(made.at("/effects/0/told").asString(), "nothing");
        for (int run = 0; run < 5; run++) {
            double rye = made.at("/runs/" + run + "/shares/0").asDouble();
            double beet = made.at("/runs/" + run + "/shares/1").asDouble();
            String mark = String.valueOf(9 - 10 * rye - 5 * beet);
            fill(id, run, "{\"rolling\": %s, \"fold\": \"folds\", \"note\": \"run %d\"}".formatted(mark, run))
                    .expect(200);
        }
        Answer filled = getJson("/api/trials/" + id).expect(200);
        assertEquals(filled.at("/runs/3/result/note").asString(), "run 3");
        assertEquals(filled.at("/effects/0/measure").asString(), "rolling");
        assertEquals(filled.at("/effects/0/told").asString(), "everything");
        assertEquals(filled.at("/effects/0/main/0/perStep").asDouble(), -1, 1e-9);
        assertEquals(filled.at("/effects/0/main/1/perStep").asDouble(), -0.5, 1e-9);
        assertEquals(filled.at("/effects/0/together/0/atLow").asDouble(), -1, 1e-9);
        assertEquals(filled.at("/effects/1/main/0/perStep").asDouble(), 0, 1e-9);
        assertFalse(filled.at("/effects/1/main/0/standsOut").asBoolean(), "nothing varied");
        fill(id, 0, "{\"failed\": true, \"note\": \"tore\"}").expect(200);
        Answer failed = getJson("/api/trials/" + id).expect(200);
        assertTrue(failed.at("/runs/0/result/rolling").isNull(), "a run is kept as a whole");
        assertEquals(failed.at("/effects/0/runs").asInt(), 4);
    }

    @Test
    public void seriesStandInAListAndCanBeDeleted() {
        long id = make("").expect(200).at("/id").asLong();
        fill(id, 2, "{\"rolling\": 5}").expect(200);
        JsonNode newest = getJson(TRIALS).expect(200).at("/0");
        assertEquals(newest.get("id").asLong(), id);
        assertEquals(newest.get("runs").asInt(), 5);
        assertEquals(newest.get("filled").asInt(), 1);
        for (JsonNode left : delete("/api/trials/" + id).expect(200).body()) {
            assertTrue(left.get("id").asLong() != id);
        }
        getJson("/api/trials/" + id).expect(404);
        fill(id, 0, "{}").expect(404);
        delete("/api/trials/" + id).expect(404);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"{\"rolling\": 10}", "rolling"},
            {"{\"feel\": \"fluffy\"}", "feel"},
            {"{\"fold\": \"bends\"}", "fold"},
            {"{\"waterGrams\": -1}", "waterGrams"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeAResultIsRefusedByName(String result, String field) {
        long id = make("").expect(200).at("/id").asLong();
        assertEquals(fill(id, 0, result).expect(422).at("/faults/0/field").asString(), field);
        assertEquals(fill(id, 5, "{}").expect(422).at("/faults/0/field").asString(), "run");
    }

    @Test
    public void whatCannotBeMadeIsRefused() {
        postJson("/api/formulas/99999999/trials", QUESTION.formatted("")).expect(404);
        String long81 =
                QUESTION.formatted("").replaceFirst("\"name\": *\"[^\"]*\"", "\"name\": \"" + "e".repeat(81) + "\"");
        assertEquals(postJson(TRIALS, long81).expect(422).at("/faults/0/field").asString(), "name");
        Answer many = make(",\"rounds\": 4").expect(422);
        assertEquals(many.at("/faults/0/field").asString(), "rounds");
    }
}
