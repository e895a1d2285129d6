package verdamen.server.handling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import verdamen.server.ServerTest;

/** How a dough handles, what to do now, and what went wrong, over the API. */
public class HandlingApiTest extends ServerTest {

    private static final String FORMULA = """
            {"style": "roti", "lines": [{"ingredient": "wheat-atta", "grams": 400}, {"ingredient": "water", "grams": 262},
             {"ingredient": "salt-fine", "grams": 8}]}
            """;

    @Test
    public void answersWindowFiguresHelpsAndTheDisc() {
        Answer answer = postJson("/api/handling", FORMULA).expect(200);
        assertEquals(answer.at("/dough/picture/curve/minutes").size(), 181);
        assertEquals(
                answer.at("/dough/picture/low").size(),
                answer.at("/dough/picture/high").size());
        assertTrue(answer.at("/dough/picture/window/first").asInt() > 10);
        assertEquals(
                answer.at("/dough/helps").size(), answer.at("/dough/reasons").size());
        assertTrue(answer.at("/dough/disc/thicknesses").size() > 20);
        assertEquals(answer.at("/cautions/0/code").asString(), "raw-flour");
    }

    @Test
    public void adviceComesFromMinuteAndFeel() {
        Answer advice = postJson(
                        "/api/handling/now",
                        "{\"formula\": %s, \"minute\": 12, \"feel\": \"stiff\"}".formatted(FORMULA))
                .expect(200);
        assertEquals(advice.at("/action").asString(), "add-water");
        assertEquals(advice.at("/additions/0/ingredient").asString(), "water");
        assertTrue(
                advice.at("/low").asDouble() < advice.at("/whole").asDouble(),
                advice.body().toString());
        Answer refused = postJson(
                        "/api/handling/now",
                        "{\"formula\": %s, \"minute\": 500, \"feel\": \"stiff\"}".formatted(FORMULA))
                .expect(422);
        assertEquals(refused.at("/faults/0/value").asString(), "500.0");
        assertEquals(refused.at("/faults/0/limit").asDouble(), 180.0);
    }

    @Test
    public void whatWasPutInGoesOntoItsLine() {
        Answer then = postJson(
                        "/api/handling/put-in",
                        "{\"formula\": %s, \"additions\": [{\"ingredient\": \"water\", \"grams\": 18},{\"ingredient\": \"butter\", \"grams\": 4}]}"
                                .formatted(FORMULA))
                .expect(200);
        assertEquals(then.at("/lines/1/grams").asDouble(), 280.0);
        assertEquals(then.at("/lines/3/ingredient").asString(), "butter");
        assertEquals(then.at("/style").asString(), "roti");
    }

    @Test
    public void spillsAndSymptomsAreAnswered() {
        Answer spill = postJson(
                        "/api/handling/spill",
                        "{\"formula\": %s, \"line\": 1, \"share\": 0.5, \"judged\": true}".formatted(FORMULA))
                .expect(200);
        assertEquals(spill.at("/grams").asDouble(), 131.0, 1e-9);
        Answer diagnosis = postJson(
                        "/api/handling/diagnosis", "{\"formula\": %s, \"symptom\": \"sticks\"}".formatted(FORMULA))
                .expect(200);
        assertTrue(diagnosis.at("/causes").size() >= 3);
        postJson("/api/handling/diagnosis", "{\"formula\": %s, \"symptom\": \"hums\"}".formatted(FORMULA))
                .expect(422);
    }

    private static final String PITA = """
            {"style": "pita", "lines": [{"ingredient": "wheat-strong-white", "grams": 500},
             {"ingredient": "water", "grams": 310}, {"ingredient": "yeast-instant", "grams": 4}]}
            """;

    @Test
    public void aYeastedDoughIsToldWithItsRise() {
        Answer answer = postJson("/api/handling", PITA).expect(200);
        int target = answer.at("/dough/picture/rise/targetMinute").asInt();
        assertEquals(answer.at("/dough/picture/window/first").asInt(), target);
        assertEquals(
                answer.at("/dough/picture/rise/ratios").size(),
                answer.at("/dough/picture/curve/minutes").size());
        assertTrue(postJson("/api/handling", FORMULA)
                .expect(200)
                .at("/dough/picture/rise")
                .isNull());
    }

    @Test
    public void yeastAndPlaceForATimeAreAnswered() {
        Answer ready = postJson("/api/handling/ready", "{\"formula\": %s, \"minutes\": 200}".formatted(PITA))
                .expect(200);
        assertEquals(ready.at("/yeast/minutes").asInt(), 200);
        assertTrue(ready.at("/place/celsius").asDouble() < 20);
        for (String minutes : new String[] {"0", "2000", "null"}) {
            Answer refused = postJson(
                            "/api/handling/ready", "{\"formula\": %s, \"minutes\": %s}".formatted(PITA, minutes))
                    .expect(422);
            assertEquals(refused.at("/faults/0/field").asString(), "minutes");
        }
    }

    @Test
    public void theGuideAndTheModelAreThere() {
        Answer guide = getJson("/api/handling/guide").expect(200);
        assertEquals(guide.at("/symptoms").size(), 16);
        assertEquals(guide.at("/guide/endPoints").size(), 5);
        Answer model = getJson("/api/model").expect(200);
        assertEquals(model.at("/chapters").size(), 12);
        assertEquals(model.at("/chapters/0/rules/0/rule").asString(), "FLOUR_DRINKS");
    }
}
