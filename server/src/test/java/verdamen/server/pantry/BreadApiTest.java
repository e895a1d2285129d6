package verdamen.server.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** What pieces of the kitchen's own bread said, over the API. */
public class BreadApiTest extends ServerTest {

    private static final String NAAN = """
            {"formula": {"style": "skillet-naan", "lines": [{"ingredient": "wheat-plain-white", "grams": 400},
             {"ingredient": "water", "grams": 250}, {"ingredient": "yeast-instant", "grams": 4}]}%s}
            """;

    private static String naan(String more) {
        return NAAN.formatted(more.isEmpty() ? "" : ", " + more);
    }

    private JsonNode records() {
        return getJson("/api/bread-records?style=skillet-naan").expect(200).body();
    }

    @AfterMethod
    public void forgetThem() {
        records()
                .forEach(each ->
                        delete("/api/bread-records/" + each.at("/id").asLong()).expect(200));
    }

    private double cooked(String pointer) {
        return postJson("/api/cook", naan("")).expect(200).at(pointer).asDouble();
    }

    @Test
    public void threeTimedPiecesChangeTheSecondsAndForgettingOneChangesThemBack() {
        double one = cooked("/sideOneS");
        double two = cooked("/sideTwoS");
        String note = naan("\"sideOneS\": %s, \"sideTwoS\": %s".formatted(1.5 * one, 1.5 * two));
        postJson("/api/cook/records", note).expect(200);
        postJson("/api/cook/records", note).expect(200);
        assertEquals(cooked("/sideOneS"), one, 1e-9);
        JsonNode noted = postJson("/api/cook/records", note).expect(200).body();
        assertEquals(noted.size(), 3);
        assertEquals(cooked("/sideOneS"), 1.5 * one, 1e-6);
        assertEquals(cooked("/own/timed"), 3.0);
        delete("/api/bread-records/" + noted.get(0).at("/id").asLong()).expect(200);
        assertEquals(cooked("/sideOneS"), one, 1e-9);
    }

    @Test
    public void aWeighedPieceAndAFoldTestChangeHowItKeeps() {
        double before =
                postJson("/api/keeping", naan("")).expect(200).at("/softHours").asDouble();
        postJson("/api/cook/records", naan("\"rawGrams\": 100, \"cookedGrams\": 80"))
                .expect(200);
        assertEquals(cooked("/cookLossPct"), 20.0, 1e-6);
        Answer drier = postJson("/api/keeping", naan("")).expect(200);
        assertTrue(drier.at("/softHours").asDouble() < before);
        postJson("/api/keeping/records", naan("\"hours\": 1, \"fold\": \"breaks\""))
                .expect(200);
        Answer after = postJson("/api/keeping", naan("")).expect(200);
        assertEquals(after.at("/foldTests").asInt(), 1);
        assertTrue(after.at("/ownOffsetPct").asDouble() > 0);
        assertEquals(after.at("/confidence").asString(), "medium");
    }

    @Test
    public void theyAreInTheKitchensFileAndAreTakenOnce() {
        postJson("/api/keeping/records", naan("\"hours\": 5, \"fold\": \"cracks\""))
                .expect(200);
        String file = getText("/api/files/kitchen");
        assertTrue(file.contains("\"breadRecords\""));
        JsonNode one = records().get(0);
        assertTrue(file.contains(one.at("/uid").asString()));
        String alone =
                "{\"format\": \"verdamen-kitchen\", \"version\": 3, \"breadRecords\": [{\"uid\": %s, \"notedAt\": %s, \"record\": %s}], \"formulas\": []}"
                        .formatted(one.at("/uid"), one.at("/notedAt"), one.at("/record"));
        postFile("/api/files/formulas", alone.getBytes(StandardCharsets.UTF_8)).expect(200);
        assertEquals(records().size(), 1);
        delete("/api/bread-records/" + one.at("/id").asLong()).expect(200);
        postFile("/api/files/formulas", alone.getBytes(StandardCharsets.UTF_8)).expect(200);
        assertEquals(
                records().get(0).at("/record").toString(), one.at("/record").toString());
        String wrong = alone.replaceAll("\"marginPct\":[-0-9.E]+", "\"marginPct\":1e9");
        assertFalse(wrong.equals(alone));
        assertEquals(
                postFile("/api/files/formulas", wrong.getBytes(StandardCharsets.UTF_8))
                        .status(),
                422);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"/api/cook/records", naan(""), "sideOneS"},
            {"/api/cook/records", naan("\"rawGrams\": 50, \"cookedGrams\": 51"), "cookedGrams"},
            {"/api/cook/records", naan("\"sideOneS\": \"long\""), "sideOneS"},
            {"/api/keeping/records", naan("\"hours\": 4"), "fold"},
            {"/api/keeping/records", naan("\"hours\": -1, \"fold\": \"folds\""), "hours"},
            {"/api/keeping/records", "{\"hours\": 4, \"fold\": \"folds\"}", "formula"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByName(String path, String body, String field) {
        Answer answer = postJson(path, body);
        assertTrue(
                answer.status() == 422 || answer.status() == 400, answer.body().toString());
        assertEquals(answer.at("/faults/0/field").asString(), field);
        assertEquals(records().size(), 0);
    }
}
