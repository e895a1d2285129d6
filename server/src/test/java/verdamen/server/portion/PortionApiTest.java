package verdamen.server.portion;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.server.ServerTest;

/** Pieces, cooking and keeping, over the API. */
public class PortionApiTest extends ServerTest {

    private static final String ROTI = """
            {"formula": {"style": "roti", "lines": [{"ingredient": "wheat-atta", "grams": 400},
             {"ingredient": "water", "grams": 262}, {"ingredient": "salt-fine", "grams": 7}]}%s}
            """;

    private static String roti(String more) {
        return ROTI.formatted(more.isEmpty() ? "" : ", " + more);
    }

    /** The same formula that says how it is divided, cooked or kept. */
    private static String portioned(String portion) {
        return roti("").replace("]}}", "], \"portion\": {" + portion + "}}}");
    }

    @Test
    public void aDoughIsDivided() {
        Answer answer = postJson(
                        "/api/portion", portioned("\"panMm\": 240, \"sizes\": [{\"count\": 6, \"grams\": 80}]"))
                .expect(200);
        assertEquals(answer.at("/count").asInt(), 13);
        assertEquals(answer.at("/size/given").size(), 0);
        assertEquals(answer.at("/pan/diameterMm").asDouble(), 230.0);
        assertEquals(answer.at("/sizes/neededGrams").asDouble(), 480.0);
        assertTrue(answer.at("/balls").size() > 3);
        assertEquals(answer.at("/steps/0/rule").asString(), "PIECE_MASS");
    }

    @Test
    public void aFormulaIsScaledAndRounded() {
        Answer answer = postJson("/api/portion/scale", roti("\"pieces\": 20, \"stepGrams\": 5"))
                .expect(200);
        assertEquals(answer.at("/pieces").asDouble(), 20.0);
        assertEquals(answer.at("/formula/lines/0/grams").asDouble() % 5, 0.0, 1e-9);
        assertTrue(answer.at("/lines/0/exactGrams").asDouble() > 400);
        assertEquals(answer.at("/formula/notes/pieces").asDouble(), 20.0);
    }

    @Test
    public void aPieceIsCooked() {
        Answer answer = postJson("/api/cook", roti("\"pieceGrams\": 48, \"burnerW\": 500"))
                .expect(200);
        assertEquals(answer.at("/sideOneS").asDouble(), 30.0, 1e-9);
        assertEquals(answer.at("/cookedGrams").asDouble(), 42.24, 1e-9);
        assertEquals(answer.at("/limitedBy").asString(), "heat");
        assertTrue(answer.at("/pan/hurried").size() > 4);
    }

    @Test
    public void breadIsKept() {
        Answer answer = postJson("/api/keeping", roti("\"storage\": \"bag\"")).expect(200);
        assertTrue(answer.at("/softHours").asDouble() > 10);
        assertTrue(answer.at("/foldAt/0").asDouble() > 99);
        assertTrue(answer.at("/foldAt/24").isNumber());
        assertEquals(answer.at("/ways").size(), 6);
        assertTrue(answer.at("/crispHours").isNull() || answer.at("/crispHours").isMissingNode());
    }

    @Test
    public void breadIsKeptInParts() {
        Answer answer = postJson(
                        "/api/keeping",
                        portioned("\"storage\": \"box\", \"splits\": [{\"storage\": \"freezer-bag\", \"pieces\": 8}]"))
                .expect(200);
        assertEquals(answer.at("/splits/0/storage/code").asString(), "box");
        assertEquals(answer.at("/splits/0/pieces").asInt(), 5);
        assertEquals(answer.at("/splits/1/useWithinHours").asDouble(), 2160.0);
    }

    @Test
    public void severalFormulasAreOrdered() {
        long first = formulaRows().get(0).at("/id").asLong();
        long second = formulaRows().get(1).at("/id").asLong();
        Answer answer = postJson(
                        "/api/portion/order",
                        "{\"items\": [{\"formula\": %d, \"pieces\": 24}, {\"formula\": %d, \"pieces\": 12}]}"
                                .formatted(first, second))
                .expect(200);
        assertEquals(answer.at("/names").size(), 2);
        assertEquals(answer.at("/order/formulas/0/pieces").asInt(), 24);
        assertEquals(answer.at("/order/ingredients/0/of").size(), 2);
        assertTrue(answer.at("/order/doughGrams").asDouble() > 500);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"/api/portion", portioned("\"panMm\": 2"), "panMm"},
            {"/api/portion", portioned("\"sizes\": [{\"count\": 0, \"grams\": 80}]"), "sizes[0].count"},
            {"/api/portion", portioned("\"sizes\": [null]"), "portion.sizes[0]"},
            {"/api/portion", portioned("\"panMm\": \"wide\""), "portion.panMm"},
            {"/api/portion", roti("\"panMm\": 240"), "panMm"},
            {"/api/portion/order", "{\"items\": []}", "items"},
            {"/api/portion/order", "{}", "items"},
            {"/api/portion/order", "{\"items\": [{\"formula\": 987654, \"pieces\": 3}]}", "items[0].formula"},
            {"/api/portion/order", "{\"items\": [{\"formula\": 1}]}", "items[0].pieces"},
            {"/api/portion/order", "{\"items\": [{\"formula\": 1, \"pieces\": 0}]}", "items[0].pieces"},
            {"/api/portion/scale", roti(""), "factor"},
            {"/api/portion/scale", roti("\"factor\": 2, \"pieces\": 20"), "pieces"},
            {"/api/cook", roti("\"pans\": 0"), "pans"},
            {"/api/cook", roti("\"pans\": 1.5"), "pans"},
            {"/api/cook", portioned("\"pans\": 1.5"), "portion.pans"},
            {"/api/keeping", portioned("\"splits\": [{\"storage\": \"attic\", \"pieces\": 2}]"), "splits[0].storage"},
            {"/api/cook", roti("\"burnerW\": 1e400"), "burnerW"},
            {"/api/keeping", roti("\"storage\": \"pocket\""), "storage"},
            {"/api/keeping", roti("\"hours\": 1000"), "hours"},
            {"/api/keeping", "{\"storage\": \"bag\"}", "formula"},
        };
    }

    @Test
    public void halfAPanIsNotCutToNone() {
        Answer answer = postJson("/api/cook", roti("\"pans\": 1.5"));
        assertEquals(answer.at("/faults/0/code").asString(), "not-whole");
        assertEquals(answer.at("/faults/0/value").asString(), "1.5");
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByName(String path, String body, String field) {
        Answer answer = postJson(path, body);
        assertTrue(
                answer.status() == 422 || answer.status() == 400, answer.body().toString());
        assertEquals(answer.at("/faults/0/field").asString(), field);
    }
}
