package verdamen.server.rework;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Substitutions over the API. */
public class ReworkApiTest extends ServerTest {

    private static final String PITA =
            "{\"style\":\"pita\",\"lines\":[{\"ingredient\":\"wheat-strong-white\",\"grams\":500},"
                    + "{\"ingredient\":\"water\",\"grams\":310},{\"ingredient\":\"salt-fine\",\"grams\":9}]}";

    private JsonNode substitute(String changes, String more) {
        return postJson("/api/rework/substitute", "{\"formula\":%s,\"changes\":%s%s}".formatted(PITA, changes, more))
                .expect(200)
                .body();
    }

    @Test
    public void theAnswerHoldsTheFormulaAndItsBalance() {
        JsonNode answer = substitute("[{\"line\":0,\"by\":\"chickpea-flour\",\"share\":0.3,\"basis\":\"grams\"}]", "");
        assertEquals(
                postJson("/api/balance", answer.get("formula").toString())
                        .expect(200)
                        .body(),
                answer.get("balance"));
        assertEquals(postJson("/api/balance", PITA).expect(200).body(), answer.get("base"));
        assertEquals(answer.at("/compared/after/legumePct").asDouble(), 30, 1e-9);
        assertEquals(answer.at("/compared/before/legumePct").asDouble(), 0.0);
        assertEquals(
                answer.at("/balance/softnessAtRoll").asDouble(),
                answer.at("/balance/settings/softnessTarget").asDouble(),
                1e-6);
    }

    @Test
    public void whatIsLeftOutIsOfferedAndNotTaken() {
        JsonNode answer = substitute(
                "[{\"line\":0,\"by\":\"chickpea-flour\",\"share\":0.3}]",
                ",\"without\":[\"water\"],\"weighable\":true");
        assertEquals(answer.at("/formula/lines/2/grams").asDouble(), 310.0);
        JsonNode water = null;
        for (JsonNode proposal : answer.get("proposals")) {
            water = proposal.get("kind").asString().equals("water") ? proposal : water;
        }
        assertTrue(water != null && !water.get("taken").asBoolean());
    }

    @Test
    public void allergensThatComeInAndGoOutAreNamed() {
        JsonNode answer = substitute("[{\"line\":0,\"by\":\"soy-flour-full-fat\",\"share\":1}]", "");
        assertEquals(answer.at("/compared/allergensLost/0").asString(), "gluten");
        assertEquals(answer.at("/compared/allergensGained/0").asString(), "soy");
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"[]", "", "changes"},
            {"[{\"line\":0,\"by\":\"emmer-whole\",\"share\":2}]", "", "changes[0].share"},
            {"[{\"line\":0,\"by\":\"gravel\",\"share\":0.5}]", "", "changes[0].by"},
            {"[{\"line\":0,\"by\":\"emmer-whole\",\"share\":0.5}]", ",\"without\":[\"luck\"]", "without"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByName(String changes, String more, String field) {
        JsonNode problem = postJson(
                        "/api/rework/substitute", "{\"formula\":%s,\"changes\":%s%s}".formatted(PITA, changes, more))
                .expect(422)
                .body();
        assertEquals(problem.get("field").asString(), field);
    }
}
