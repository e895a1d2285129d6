package verdamen.server.batch;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Batches at the bench over the API. */
public class BatchApiTest extends ServerTest {

    private static final String BATCHES = "/api/formulas/1/batches";

    @BeforeMethod
    public void clear() {
        clearTheBench();
    }

    @AfterMethod
    public void takeBack() {
        for (JsonNode batch : getJson(BATCHES).expect(200).body()) {
            delete("/api/batches/" + batch.get("id").asLong()).expect(200);
        }
    }

    private JsonNode entries(long id) {
        return getJson("/api/bench/" + id).expect(200).at("/entries");
    }

    private Answer start(double minutesAgo) {
        return postJson(BATCHES, "{\"version\": 2, \"minutesAgo\": %s}".formatted(minutesAgo));
    }

    @Test
    public void aBatchRunsFromWhenWaterMetFlour() {
        Answer started = start(12).expect(200);
        assertEquals(started.at("/0/version").asInt(), 2);
        assertEquals(started.at("/0/minutes").asDouble(), 12, 0.5);
        assertTrue(started.at("/0/finishedAt").isNull());
        long id = started.at("/0/id").asLong();
        Answer finished = postJson("/api/batches/" + id + "/finish", "").expect(200);
        assertTrue(!finished.at("/0/finishedAt").isNull());
    }

    @Test
    public void fourAreMadeAtATime() {
        int running = getJson("/api/bench").expect(200).at("/batches").size();
        for (int at = running; at < 4; at++) {
            start(0).expect(200);
        }
        assertEquals(start(0).expect(422).at("/faults/0/code").asString(), "too-many");
    }

    @Test
    public void aBatchKeepsHowItCameOut() {
        long id = start(30).expect(200).at("/0/id").asLong();
        String finish = "/api/batches/" + id + "/finish";
        postJson(finish, "{\"cameOut\": \"splendidly\"}").expect(422);
        Answer finished = postJson(finish, "{\"cameOut\": \"well\", \"note\": \"eight of ten puffed\"}")
                .expect(200);
        assertTrue(!finished.at("/0/finishedAt").isNull());
        assertEquals(finished.at("/0/verdict").asString(), "well");
        JsonNode said = entries(id).get(1);
        assertEquals(said.at("/entry/text").asString(), "eight of ten puffed");
        assertEquals(said.at("/entry/kind").asString(), "verdict");
    }

    @Test
    public void correctionsAreKeptOrThrownAway() {
        long id = start(20).expect(200).at("/0/id").asLong();
        String correction = """
                {"minute": 21.5, "feel": "stiff", "action": "add-water",
                 "additions": [{"ingredient": "water", "grams": 14.5}]}
                """;
        Answer kept =
                postJson("/api/batches/" + id + "/corrections", correction).expect(200);
        assertEquals(kept.at("/0/corrections/0/feel").asString(), "stiff");
        assertEquals(kept.at("/0/corrections/1/additions/0/grams").asDouble(), 14.5);
        assertEquals(kept.at("/0/corrections/1/minute").asDouble(), 21.5, 0.01);
        String made = kept.at("/0/corrections/1/key").asString();
        Answer thrown = delete("/api/batches/" + id + "/corrections/" + made).expect(200);
        assertEquals(thrown.at("/0/corrections").size(), 1);
        JsonNode undone = entries(id).get(2);
        assertEquals(undone.at("/entry/key").asString(), made, "the original stays in the record");
        assertTrue(!undone.at("/undoneAt").isNull());
    }

    private static final String FIRM_AT_20 = """
            {"formula": {}, "batch": %d, "minute": 20, "feel": "stiff"}
            """;

    @Test
    public void adviceCountsWhatWasPutInSince() {
        Answer started = start(20).expect(200);
        long id = started.at("/0/id").asLong();
        double dough = started.at("/0/bowl/doughGrams").asDouble();
        double water = started.at("/0/bowl/waterPct").asDouble();
        assertTrue(dough > 0);
        Answer before = postJson("/api/handling/now", FIRM_AT_20.formatted(id)).expect(200);
        Answer kept = postJson("/api/batches/" + id + "/corrections", """
                {"minute": 20, "action": "add-water", "additions": [{"ingredient": "water", "grams": 30}]}
                """).expect(200);
        assertEquals(kept.at("/0/bowl/doughGrams").asDouble(), dough + 30, 1e-9);
        assertTrue(kept.at("/0/bowl/waterPct").asDouble() > water);
        Answer after = postJson("/api/handling/now", FIRM_AT_20.formatted(id)).expect(200);
        assertEquals(
                after.at("/before/doughGrams").asDouble(),
                before.at("/before/doughGrams").asDouble() + 30,
                1e-9);
        assertTrue(after.at("/expectedSoftness").asDouble()
                > before.at("/expectedSoftness").asDouble());
        postJson("/api/handling/now", FIRM_AT_20.formatted(999_999)).expect(404);
    }

    @Test
    public void aFinishedBatchHasNothingInTheBowl() {
        long id = start(0).expect(200).at("/0/id").asLong();
        Answer finished = postJson("/api/batches/" + id + "/finish", "").expect(200);
        assertTrue(finished.at("/0/bowl").isNull());
    }

    @Test
    public void aCorrectionIsDeletedFromItsOwnBatchOnly() {
        long first = start(30).expect(200).at("/0/id").asLong();
        String correction = "{\"minute\": 31, \"action\": \"wait\"}";
        String made = postJson("/api/batches/" + first + "/corrections", correction)
                .expect(200)
                .at("/0/corrections/0/key")
                .asString();
        postJson("/api/batches/" + first + "/finish", "").expect(200);
        long second = start(0).expect(200).at("/0/id").asLong();
        delete("/api/batches/" + second + "/corrections/" + made).expect(404);
        assertEquals(getJson(BATCHES).at("/1/corrections").size(), 1, "it is still there");
    }

    @Test
    public void refusesWhatIsNotKnown() {
        postJson(BATCHES, "{\"version\": 99}").expect(422);
        long id = start(0).expect(200).at("/0/id").asLong();
        Answer refused = postJson(
                        "/api/batches/" + id + "/corrections",
                        "{\"minute\": -1, \"feel\": \"gooey\", \"action\": \"sing\", \"additions\": [{\"ingredient\":"
                                + " \"moss\", \"grams\": 1}]}")
                .expect(422);
        assertEquals(refused.at("/faults").size(), 4);
        postJson("/api/batches/999999/finish", "").expect(404);
    }
}
