package verdamen.server.leavening;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.server.ServerTest;

/** The rise, and soda and powder, asked over the API in the shape of the worked cases. */
public class LeaveningApiTest extends ServerTest {

    private static final String PITA = """
            {"formula": {"style": "pita", "kneading": "machine", "lines": [
             {"ingredient": "wheat-strong-white", "grams": 400, "measured": {"moisturePct": 13.2, "proteinPct": 12.6}},
             {"ingredient": "pea-yellow-flour", "grams": 100}, {"ingredient": "water", "grams": 330},
             {"ingredient": "olive-oil", "grams": 15}, {"ingredient": "yeast-instant", "grams": 5},
             {"ingredient": "salt-fine", "grams": 9}, {"ingredient": "sugar-white", "grams": 8}]}%s}
            """;

    private static String pita(String more) {
        return PITA.formatted(more.isEmpty() ? "" : ", " + more);
    }

    @Test
    public void aDoughRisesInAWarmKitchen() {
        Answer answer = postJson(
                        "/api/fermentation", pita("\"doughC\": 26, \"places\": [{\"minutes\": 1440, \"celsius\": 24}]"))
                .expect(200);
        assertEquals(answer.at("/yeastPct").asDouble(), 1.0, 1e-4);
        assertEquals(answer.at("/maxRatio").asDouble(), 3.428, 1e-4);
        assertEquals(answer.at("/minutesToTarget").asInt(), 56);
        assertEquals(answer.at("/minutesPastBest").asInt(), 302);
        assertEquals(answer.at("/ratioAt/480").asDouble(), 3.3653, 1e-4);
        assertEquals(answer.at("/doughCAt60").asDouble(), 25.1316, 1e-4);
        assertTrue(answer.at("/canReachTarget").asBoolean());
    }

    @Test
    public void withoutPlacesItRisesWhereItsFormulaPutsIt() {
        assertTrue(postJson("/api/fermentation", pita(""))
                        .expect(200)
                        .at("/minutesToTarget")
                        .asInt()
                > 10);
    }

    @Test
    public void sodaWithoutAcidIsLeftOver() {
        Answer answer = postJson("/api/leavening", """
                {"formula": {"style": "tortilla", "lines": [{"ingredient": "wheat-plain-white", "grams": 300},
                 {"ingredient": "water", "grams": 150}, {"ingredient": "baking-soda", "grams": 3}]}}
                """).expect(200);
        assertEquals(answer.at("/acidMmol").asDouble(), 4.5, 1e-9);
        assertEquals(answer.at("/sodaLeftGrams").asDouble(), 3 - 4.5 / 11.9, 1e-9);
        assertEquals(answer.at("/taste").asString(), "soapy");
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"/api/fermentation", pita("\"doughC\": 900"), "doughC"},
            {"/api/fermentation", pita("\"places\": []"), "places"},
            {"/api/fermentation", pita("\"places\": [{\"minutes\": 10}]"), "places[0].celsius"},
            {"/api/fermentation", pita("\"places\": [{\"minutes\": -1, \"celsius\": 20}]"), "places[0].minutes"},
            {"/api/fermentation", "{\"doughC\": 26}", "formula"},
            {"/api/leavening", "{}", "formula"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByName(String path, String body, String field) {
        Answer answer = postJson(path, body);
        assertTrue(
                answer.status() == 422 || answer.status() == 400, answer.body().toString());
        assertEquals(answer.at("/faults/0/field").asString(), field);
    }
}
