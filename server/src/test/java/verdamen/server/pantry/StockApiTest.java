package verdamen.server.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** What there is of ingredients, over the API. */
public class StockApiTest extends ServerTest {

    private static final String BARLEY = "/api/pantry/stock/barley-flour";

    @AfterMethod(alwaysRun = true)
    public void forget() {
        putJson(BARLEY, "{}").expect(200);
    }

    private static JsonNode of(Answer stock, String ingredient) {
        for (JsonNode each : stock.at("")) {
            if (each.at("/ingredient").asString().equals(ingredient)) {
                return each;
            }
        }
        return null;
    }

    @Test
    public void itIsNotedChangedAndForgotten() {
        Answer noted = putJson(BARLEY, "{\"inHandGrams\": 750, \"shelf\": \" bin 4 \", \"store\": \"the mill\"}")
                .expect(200);
        JsonNode barley = of(noted, "barley-flour");
        assertEquals(
                barley.at("/stock").toString(), "{\"inHandGrams\":750.0,\"shelf\":\"bin 4\",\"store\":\"the mill\"}");
        assertTrue(barley.at("/notedAt").asString().endsWith("Z"));
        putJson(BARLEY, "{\"inHandGrams\": 0, \"shelf\": \"\"}").expect(200);
        assertEquals(
                of(getJson("/api/pantry/stock").expect(200), "barley-flour")
                        .at("/stock/inHandGrams")
                        .asDouble(),
                0.0);
        assertEquals(of(putJson(BARLEY, "{\"store\": \"  \"}").expect(200), "barley-flour"), null);
    }

    @Test
    public void whatCannotBeIsRefusedByItsField() {
        assertEquals(
                putJson(BARLEY, "{\"inHandGrams\": -1}")
                        .expect(422)
                        .at("/field")
                        .asString(),
                "inHandGrams");
        assertEquals(
                putJson(BARLEY, "{\"shelf\": \"" + "x".repeat(61) + "\"}")
                        .expect(422)
                        .at("/field")
                        .asString(),
                "shelf");
        assertEquals(
                putJson("/api/pantry/stock/unobtainium", "{\"inHandGrams\": 1}")
                        .expect(422)
                        .at("/field")
                        .asString(),
                "ingredient");
    }
}
