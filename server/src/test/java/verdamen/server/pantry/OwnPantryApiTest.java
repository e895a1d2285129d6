package verdamen.server.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** The kitchen's own pantry: ingredients, figures, prices, lots. */
public class OwnPantryApiTest extends ServerTest {

    private static final String BLEND = """
            {"name":"%s","role":"flour","waterPct":12,"proteinPct":13,"fatPct":2,"carbPct":71.5,"fibrePct":9,
             "bulkDensityGPerMl":0.5,"absorptionPct":%s,"allergens":["gluten"]}
            """;
    private static final String BREAD =
            "{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"%s\",\"grams\":400},{\"ingredient\":\"water\",\"grams\":250}]}";

    @Test
    public void anOwnIngredientIsReadBalancedChangedAndTakenAway() {
        postJson("/api/pantry/ingredients", BLEND.formatted("Gate blend", "66")).expect(201);
        double needed = needed("own-gate-blend");
        assertEquals(
                postJson("/api/intake/line", "{\"text\":\"200 g gate blend\"}")
                        .expect(200)
                        .at("/ingredient")
                        .asString(),
                "own-gate-blend");
        putJson("/api/pantry/ingredients/own-gate-blend", BLEND.formatted("Gate blend", "76"))
                .expect(200);
        assertTrue(needed("own-gate-blend") > needed + 30);
        assertEquals(
                postJson("/api/pantry/ingredients", BLEND.formatted("Gate blend", "66"))
                        .expect(422)
                        .at("/field")
                        .asString(),
                "name");
        delete("/api/pantry/ingredients/own-gate-blend").expect(200);
        postJson("/api/balance", BREAD.formatted("own-gate-blend")).expect(422);
    }

    @Test
    public void whatAFormulaUsesIsNotTakenAway() {
        postJson("/api/pantry/ingredients", BLEND.formatted("Kept blend", "66")).expect(201);
        postJson("/api/formulas", "{\"name\":\"Kept\",\"formula\":" + BREAD.formatted("own-kept-blend") + "}")
                .expect(201);
        putJson("/api/intake/names", "{\"name\":\"the kept one\",\"ingredient\":\"own-kept-blend\"}")
                .expect(200);
        postJson("/api/pantry/lots", "{\"ingredient\":\"own-kept-blend\",\"name\":\"Kept sack\"}")
                .expect(201);
        postJson("/api/measures/weigh-ins", "{\"measure\":\"cup\",\"ingredient\":\"own-kept-blend\",\"grams\":120}")
                .expect(200);
        Answer refused = delete("/api/pantry/ingredients/own-kept-blend").expect(422);
        assertEquals(told(refused), List.of("formula Kept", "lot Kept sack", "name the kept one", "measure cup"));
    }

    @Test
    public void aChangeThatWouldBreakAFormulaOrALotIsRefusedAndSaysWhich() {
        postJson("/api/pantry/ingredients", BLEND.formatted("Turning blend", "66"))
                .expect(201);
        String bread = BREAD.formatted("own-turning-blend")
                .replaceFirst("\"grams\"", "\"measured\":{\"moisturePct\":12.5},\"grams\"");
        postJson("/api/formulas", "{\"name\":\"Turned\",\"formula\":" + bread + "}")
                .expect(201);
        postJson("/api/pantry/lots", "{\"ingredient\":\"own-turning-blend\",\"name\":\"Turned sack\"}")
                .expect(201);
        String seed = BLEND.formatted("Turning blend", "66").replace("\"flour\"", "\"seed\"");
        Answer refused =
                putJson("/api/pantry/ingredients/own-turning-blend", seed).expect(422);
        assertEquals(told(refused), List.of("lot Turned sack", "formula Turned"));
        putJson("/api/pantry/ingredients/own-turning-blend", BLEND.formatted("Turning blend", "70"))
                .expect(200);
    }

    /** Who is told to use something: field and name of each fault. */
    private static List<String> told(Answer refused) {
        List<String> told = new ArrayList<>();
        refused.at("/faults")
                .forEach(fault -> told.add(
                        fault.get("field").asString() + " " + fault.get("value").asString()));
        return told;
    }

    @Test
    public void ownFiguresCountUntilTheBooksAreTakenAgain() {
        double book = needed("spelt-whole");
        JsonNode pantry = putJson(
                        "/api/pantry/ingredients/spelt-whole/values",
                        "{\"field\":\"absorptionPct\",\"value\":70,\"source\":\"three batches\"}")
                .expect(200)
                .at("/ingredients");
        JsonNode spelt = null;
        for (JsonNode item : pantry) {
            spelt = item.get("code").asString().equals("spelt-whole") ? item : spelt;
        }
        assertEquals(spelt.at("/ownValues/0/book").asDouble(), 60.0);
        assertEquals(spelt.at("/ownValues/0/source").asString(), "three batches");
        assertNotEquals(needed("spelt-whole"), book);
        putJson("/api/pantry/ingredients/spelt-whole/values", "{\"field\":\"absorptionPct\"}")
                .expect(200);
        assertEquals(needed("spelt-whole"), book);
    }

    @Test
    public void pricesMakeTheCostOfAFormula() {
        putJson("/api/pantry/ingredients/teff-flour/price", "{\"amount\":5,\"per\":\"kg\"}")
                .expect(200);
        JsonNode facts = postJson("/api/balance", BREAD.formatted("teff-flour"))
                .expect(200)
                .at("/facts");
        assertEquals(facts.get("cost").asDouble(), 2.0, 1e-9);
        assertTrue(facts.at("/per100Grams/energyKcal").asDouble() > 100);
        putJson("/api/pantry/ingredients/teff-flour/price", "{}").expect(200);
        assertTrue(postJson("/api/balance", BREAD.formatted("teff-flour"))
                .at("/facts/cost")
                .isNull());
    }

    @Test
    public void aLotChangesTheBalanceAndShowsByHowMuch() {
        JsonNode lots = postJson(
                        "/api/pantry/lots",
                        "{\"ingredient\":\"sorghum-flour\",\"name\":\"Sorghum, north field\",\"milledOn\":\"2026-01-10\",\"moisturePct\":11.5}")
                .expect(201)
                .body();
        JsonNode compared = postJson(
                        "/api/balance/lots", "{\"line\":0,\"formula\":" + BREAD.formatted("sorghum-flour") + "}")
                .expect(200)
                .body();
        assertEquals(compared.size(), 2);
        assertEquals(compared.at("/0/changeGrams").asDouble(), 0, 1e-9);
        assertTrue(compared.at("/1/changeGrams").asDouble() > 5, "drier flour drinks more");
        assertTrue(compared.at("/1/ageDays").asLong() >= 0);
        lots.forEach(lot -> {
            if (lot.get("ingredient").asString().equals("sorghum-flour")) {
                delete("/api/pantry/lots/" + lot.get("id").asInt()).expect(200);
            }
        });
    }

    @Test
    public void moistureComesFromDryingFromAirAndFromTheMeter() {
        assertEquals(moisture("{\"beforeGrams\":20,\"afterGrams\":17.4}"), 13.0, 1e-9);
        assertEquals(moisture("{\"celsius\":20,\"humidityPct\":60}"), 13.42, 0.01);
        double read = 0;
        for (JsonNode device : getJson("/api/devices").expect(200).at("/devices")) {
            read = device.at("/kind").asString().equals("moisture")
                    ? device.at("/reading").asDouble()
                    : read;
        }
        assertTrue(read > 10 && read < 16, "read " + read);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"/api/pantry/lots", "{\"ingredient\":\"water\",\"name\":\"x\"}", "ingredient"},
            {"/api/pantry/lots", "{\"ingredient\":\"sorghum-flour\",\"name\":\" \"}", "name"},
            {"/api/pantry/lots", "{\"ingredient\":\"sorghum-flour\",\"name\":\"x\",\"moisturePct\":40}", "moisturePct"},
            {
                "/api/pantry/lots",
                "{\"ingredient\":\"sorghum-flour\",\"name\":\"x\",\"milledOn\":\"2199-01-01\"}",
                "milledOn"
            },
            {"/api/pantry/lots/moisture", "{\"beforeGrams\":20,\"afterGrams\":21}", "afterGrams"},
            {"/api/pantry/lots/moisture", "{\"celsius\":20}", "humidityPct"},
            {"/api/pantry/ingredients", BLEND.formatted("x", "5"), "absorptionPct"},
        };
    }

    @Test(dataProvider = "refused")
    public void refusesByName(String path, String body, String field) {
        assertEquals(postJson(path, body).expect(422).at("/field").asString(), field);
    }

    @Test
    public void refusesImpossibleOwnFigures() {
        String path = "/api/pantry/ingredients/spelt-whole/values";
        assertEquals(
                putJson(path, "{\"field\":\"proteinPct\",\"value\":60,\"source\":\"pack\"}")
                        .expect(422)
                        .at("/field")
                        .asString(),
                "composition");
        assertEquals(
                putJson(path, "{\"field\":\"colour\",\"value\":6,\"source\":\"pack\"}")
                        .expect(422)
                        .at("/field")
                        .asString(),
                "field");
    }

    private double needed(String flour) {
        return postJson("/api/balance", BREAD.formatted(flour))
                .expect(200)
                .at("/water/needed")
                .asDouble();
    }

    private double moisture(String body) {
        return postJson("/api/pantry/lots/moisture", body)
                .expect(200)
                .at("/moisturePct")
                .asDouble();
    }
}
