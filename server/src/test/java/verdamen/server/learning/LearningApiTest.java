package verdamen.server.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** What finished batches teach, over the API. */
public class LearningApiTest extends ServerTest {

    private static final String FORMULA = """
            {"name": "Weekday roti", "formula": {"style": "roti", "lines": [
              {"ingredient": "wheat-atta", "grams": 400}, {"ingredient": "water", "grams": 245},
              {"ingredient": "salt-fine", "grams": 7}]}}
            """;
    private static final String ATTA = "/api/pantry/ingredients/wheat-atta/values";
    private static final String RYE = "/api/pantry/ingredients/rye-whole/values";

    private long formula;

    private String batches() {
        return "/api/formulas/" + formula + "/batches";
    }

    private final List<Long> others = new ArrayList<>();

    /** The demo's batches teach nothing meanwhile. */
    @BeforeClass
    public void leaveOthersOut() {
        for (JsonNode batch : getJson("/api/learning").expect(200).at("/batches")) {
            others.add(batch.at("/id").asLong());
        }
        others.forEach(id ->
                putJson("/api/learning/batches/" + id, "{\"counts\": false}").expect(200));
    }

    @AfterClass
    public void countOthersAgain() {
        others.forEach(id -> putJson("/api/learning/batches/" + id, "{}").expect(200));
    }

    @BeforeClass
    public void save() {
        formula = postJson("/api/formulas", FORMULA).expect(201).at("/id").asLong();
    }

    @AfterClass
    public void forget() {
        delete("/api/formulas/" + formula).expect(200);
    }

    @AfterMethod
    public void takeBack() {
        for (JsonNode batch : getJson(batches()).expect(200).body()) {
            delete("/api/batches/" + batch.get("id").asLong()).expect(200);
        }
        putJson(ATTA, "{\"field\": \"absorptionPct\"}").expect(200);
        putJson(ATTA, "{\"field\": \"absorptionSdPct\"}").expect(200);
    }

    /** A finished batch, felt at a minute, with water put in before. */
    private long batch(double minute, String feel, double water) {
        return batchOf(batches(), minute, feel, water);
    }

    private long batchOf(String batches, double minute, String feel, double water) {
        long id = postJson(batches, "{\"version\": 1, \"minutesAgo\": 60}")
                .expect(200)
                .at("/0/id")
                .asLong();
        String corrections = "/api/batches/" + id + "/corrections";
        postJson(corrections, """
                {"minute": 11, "action": "add-water", "additions": [{"ingredient": "water", "grams": %s}]}
                """.formatted(water)).expect(200);
        postJson(corrections, "{\"minute\": %s, \"feel\": \"%s\", \"action\": \"wait\"}".formatted(minute, feel))
                .expect(200);
        postJson("/api/batches/" + id + "/finish", "").expect(200);
        return id;
    }

    @Test
    public void aFinishedBatchStandsOnItsRung() {
        long id = batch(30, "stiff", 1);
        JsonNode rungs = postJson("/api/rework/ladder", """
                        {"formula": {"style": "roti", "lines": [
                          {"ingredient": "wheat-atta", "grams": 200}, {"ingredient": "rye-whole", "grams": 200},
                          {"ingredient": "water", "grams": 250}, {"ingredient": "salt-fine", "grams": 7}]},
                         "change": {"line": 1, "by": "wheat-atta"}, "rungs": 5}
                        """).expect(200).at("/rungs");
        assertEquals(rungs.at("/4/batches/0/id").asLong(), id);
        assertEquals(rungs.at("/4/batches/0/feel").asString(), "stiff");
        assertTrue(rungs.at("/3/batches").isEmpty(), "a rung below is another dough");
    }

    @Test
    public void aFinishedBatchTeachesAndIsUsedOnlyWhenItIsTaken() {
        assertFalse(has(getJson("/api/learning").expect(200), "wheat-atta"));
        long id = batch(30, "soft", 1);
        Answer learning = getJson("/api/learning").expect(200);
        assertEquals(learning.at("/batches/0/id").asLong(), id);
        assertTrue(
                learning.at("/batches/0/counted").asBoolean(), learning.body().toString());
        JsonNode flour = flour(learning, "wheat-atta");
        double book = flour.at("/learned/bookPct").asDouble();
        double learned = flour.at("/learned/learnedPct").asDouble();
        assertEquals(flour.at("/usedPct").asDouble(), book, "nothing is used silently");
        double sd = waterSd();
        putJson("/api/learning/flours/wheat-atta", "{\"source\": \"learned from 1 batch\"}")
                .expect(200);
        assertTrue(waterSd() < sd, "and is surer of the water");
        JsonNode again = flour(getJson("/api/learning").expect(200), "wheat-atta");
        assertEquals(again.at("/usedPct").asDouble(), learned, 1e-9);
        assertEquals(
                again.at("/learned/learnedPct").asDouble(), learned, 1e-9, "it does not learn from what it has taught");
    }

    @Test
    public void floursOfOneDoughAreSurerTogetherUntilAFigureIsSetByHand() {
        String two = """
                {"style": "roti", "lines": [{"ingredient": "wheat-atta", "grams": 200},
                  {"ingredient": "rye-whole", "grams": 200}, {"ingredient": "water", "grams": 255},
                  {"ingredient": "salt-fine", "grams": 7}]}
                """;
        long mixed = postJson("/api/formulas", "{\"name\": \"Half and half\", \"formula\": %s}".formatted(two))
                .expect(201)
                .at("/id")
                .asLong();
        try {
            batchOf("/api/formulas/" + mixed + "/batches", 30, "soft", 1);
            batchOf("/api/formulas/" + mixed + "/batches", 30, "soft", 1);
            Answer learning = getJson("/api/learning").expect(200);
            assertEquals(flour(learning, "rye-whole").at("/learned/course").size(), 2, "each batch moved it");
            for (String flour : List.of("wheat-atta", "rye-whole")) {
                putJson("/api/learning/flours/" + flour, "{\"source\": \"learned from 2 batches\"}")
                        .expect(200);
            }
            double together =
                    postJson("/api/balance", two).expect(200).at("/water/sd").asDouble();
            String file = getText("/api/files/kitchen");
            double own =
                    flour(learning, "rye-whole").at("/learned/learnedSdPct").asDouble();
            putJson(RYE, "{\"field\": \"absorptionSdPct\", \"value\": %s, \"source\": \"by hand\"}".formatted(own))
                    .expect(200);
            double apart =
                    postJson("/api/balance", two).expect(200).at("/water/sd").asDouble();
            assertTrue(together < apart, together + " g together, " + apart + " g apart");
            String pairs = file.substring(file.indexOf("\"learnedTogether\""), file.indexOf("\"prices\""));
            postFile(
                            "/api/files/formulas",
                            "{\"format\": \"verdamen-kitchen\", \"version\": 3, %s \"formulas\": []}"
                                    .formatted(pairs)
                                    .getBytes(StandardCharsets.UTF_8))
                    .expect(200);
            assertEquals(
                    postJson("/api/balance", two).expect(200).at("/water/sd").asDouble(),
                    together,
                    1e-6,
                    "from its file");
        } finally {
            putJson(RYE, "{\"field\": \"absorptionPct\"}").expect(200);
            putJson(RYE, "{\"field\": \"absorptionSdPct\"}").expect(200);
            for (JsonNode batch :
                    getJson("/api/formulas/" + mixed + "/batches").expect(200).body()) {
                delete("/api/batches/" + batch.get("id").asLong()).expect(200);
            }
            delete("/api/formulas/" + mixed).expect(200);
        }
    }

    private double waterSd() {
        String formula = FORMULA.substring(FORMULA.indexOf("{\"style\""), FORMULA.lastIndexOf('}'));
        return postJson("/api/balance", formula).expect(200).at("/water/sd").asDouble();
    }

    @Test
    public void theBookIsUsedAgain() {
        batch(30, "soft", 1);
        double sd = waterSd();
        putJson("/api/learning/flours/wheat-atta", "{\"source\": \"learned from 1 batch\"}")
                .expect(200);
        JsonNode flour = flour(delete("/api/learning/flours/wheat-atta").expect(200), "wheat-atta");
        assertEquals(
                flour.at("/usedPct").asDouble(), flour.at("/learned/bookPct").asDouble());
        assertEquals(waterSd(), sd, 1e-9);
        delete("/api/learning/flours/moss").expect(422);
    }

    @Test
    public void nothingIsUsedOfAFlourThatNoBatchHas() {
        putJson("/api/learning/flours/rye-whole", "{\"source\": \"x\"}").expect(404);
    }

    @Test
    public void whatWasPutInBeforeItWasFeltCounts() {
        batch(30, "soft", 1);
        double before = flour(getJson("/api/learning").expect(200), "wheat-atta")
                .at("/learned/learnedPct")
                .asDouble();
        takeBack();
        batch(30, "soft", 10);
        double more = flour(getJson("/api/learning").expect(200), "wheat-atta")
                .at("/learned/learnedPct")
                .asDouble();
        assertTrue(more > before, "with more water it is as soft, so the flour took up more");
    }

    @Test
    public void aBatchIsLeftOutAndCountedAgain() {
        long id = batch(30, "soft", 1);
        String path = "/api/learning/batches/" + id;
        Answer left = putJson(path, "{\"counts\": false}").expect(200);
        assertFalse(has(left, "wheat-atta"));
        assertFalse(left.at("/batches/0/counted").asBoolean());
        assertTrue(putJson(path, "{\"counts\": true}")
                .expect(200)
                .at("/batches/0/counted")
                .asBoolean());
        putJson("/api/learning/batches/987654321", "{\"counts\": true}").expect(404);
    }

    @Test
    public void aBatchFeltBeforeItWasKneadedSaysNothing() {
        batch(2, "soft", 1);
        Answer learning = getJson("/api/learning").expect(200);
        assertFalse(has(learning, "wheat-atta"));
        assertEquals(learning.at("/batches/0/minute").asDouble(), 2);
        assertTrue(learning.at("/batches/0/off").isNull());
    }

    private static boolean has(Answer learning, String code) {
        return learning.at("/flours")
                .valueStream()
                .anyMatch(each -> each.at("/learned/ingredient").asString().equals(code));
    }

    private static JsonNode flour(Answer learning, String code) {
        for (JsonNode each : learning.at("/flours")) {
            if (each.at("/learned/ingredient").asString().equals(code)) {
                return each;
            }
        }
        throw new AssertionError("nothing is learned of " + code + ": " + learning.body());
    }
}
