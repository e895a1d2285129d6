package verdamen.server.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

public class IntakeApiTest extends ServerTest {

    private static final String MESSY = """
            {"text":"Greens roti\\n\\n3 to 3½ cups atta\\na handful of kale, choped\\nsalt to taste\\n1 tin of mystery\\nwater\\n\\nMethod\\nKnead and rest.",
             "style":"greens-roti"}
            """;

    @Test
    public void readsAMessyRecipeAndDropsNothing() {
        JsonNode recipe = postJson("/api/intake/parse", MESSY).expect(200).body();
        assertEquals(recipe.at("/title").asString(), "Greens roti");
        assertEquals(recipe.at("/method").asString(), "Knead and rest.");
        JsonNode lines = recipe.get("lines");
        Answer cups = getJson("/api/measures/amount?measure=cup&ingredient=wheat-atta&quantity=3.25")
                .expect(200);
        assertEquals(lines.size(), 5);
        assertEquals(lines.at("/0/ingredient").asString(), "wheat-atta");
        assertEquals(
                lines.at("/0/grams").asDouble(), cups.at("/grams").asDouble(), 0.01, "as this kitchen fills its cup");
        assertFalse(recipe.at("/asksCupFilling").asBoolean(), "it was told already");
        assertEquals(lines.at("/0/status").asString(), "read");
        assertEquals(lines.at("/0/findings").size(), 0);
        assertEquals(lines.at("/1/form").asString(), "raw-chopped");
        assertEquals(lines.at("/2/status").asString(), "unknown-amount");
        assertTrue(lines.at("/2/grams").isNull());
        assertEquals(lines.at("/3/status").asString(), "unread");
        assertTrue(
                lines.at("/3/findings").toString().contains("mystery"),
                lines.at("/3/findings").toString());
        assertEquals(lines.at("/4/text").asString(), "water");
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"/api/intake/parse", "{\"text\":\" \"}", "text"},
            {"/api/intake/parse", "{\"text\":\"" + "x".repeat(100_001) + "\"}", "text"},
            {"/api/intake/fill", "{\"line\":0}", "how"},
            {"/api/intake/fill", "{\"line\":0,\"how\":\"jug\",\"beforeGrams\":10,\"afterGrams\":20}", "afterGrams"},
            {"/api/intake/fill", "{\"line\":0,\"how\":\"jug\",\"beforeGrams\":10}", "afterGrams"},
            {"/api/measures/weigh-ins", "{\"measure\":\"hogshead\",\"grams\":10}", "measure"},
            {
                "/api/measures/weigh-ins",
                "{\"measure\":\"handful\",\"ingredient\":\"sawdust\",\"grams\":10}",
                "ingredient"
            },
            {"/api/measures/weigh-ins", "{\"measure\":\"handful\",\"grams\":-1}", "grams"},
            {"/api/measures/weigh-ins", "{\"measure\":\"handful\",\"grams\":10,\"count\":0}", "count"},
            {"/api/measures/vessels", "{\"name\":\"Cup\",\"millilitres\":200}", "name"},
            {"/api/measures/vessels", "{\"name\":\"ladle\"}", "millilitres"},
        };
    }

    @Test(dataProvider = "refused")
    public void refusesByName(String path, String body, String field) {
        assertEquals(postJson(path, body).expect(422).at("/field").asString(), field);
    }

    @Test
    public void fillsTheWaterFromTheModelAndSavesFormulasWithUnknowns() {
        String open = """
                {"style":"roti","lines":[
                  {"ingredient":"wheat-atta","grams":400,"sd":32,"origin":{"text":"3 cups atta","measure":"cup","quantity":3}},
                  {"ingredient":"water","open":"unknown-amount","origin":{"text":"water"}},
                  {"open":"unread","part":"surface","origin":{"text":"1 tin of mystery"}}],
                 "notes":{"pieces":12,"pieceGrams":55,"method":"Knead.","setAside":[{"slip":"twice","reason":"on purpose"}]}}
                """;
        JsonNode filled = postJson("/api/intake/fill", "{\"line\":1,\"how\":\"model\",\"formula\":" + open + "}")
                .expect(200)
                .body();
        JsonNode balance = postJson("/api/balance", open).expect(200).body();
        assertEquals(filled.get("grams").asDouble(), balance.at("/water/toSet").asDouble(), 1e-9);
        assertTrue(filled.get("follows").asBoolean());
        assertEquals(balance.at("/bakersPct/0").asDouble(), 100.0);
        assertTrue(balance.at("/bakersPct/2").isNull());
        assertNotNull(balance.at("/water/weighNext/low"));
        assertEquals(balance.at("/water/weighNext/line").asInt(), 0);
        assertTrue(balance.at("/lineRanges/0/low").asDouble() < 400);
        Answer saved = postJson("/api/formulas", "{\"name\":\"With unknowns\",\"formula\":" + open + "}")
                .expect(201);
        assertEquals(saved.at("/formula/lines/1/open").asString(), "unknown-amount");
        assertEquals(saved.at("/formula/lines/2/origin/text").asString(), "1 tin of mystery");
        assertEquals(saved.at("/formula/lines/0/origin/quantity").asDouble(), 3.0);
        assertEquals(saved.at("/formula/notes/setAside/0/reason").asString(), "on purpose");
        assertEquals(saved.at("/formula/notes/method").asString(), "Knead.");
        getJson("/api/formulas").expect(200);
    }

    @Test
    public void slipsComeWithTheBalanceAndCanBeSetAside() {
        String formula = "{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":400},"
                + "{\"ingredient\":\"water\",\"grams\":260},{\"ingredient\":\"salt-fine\",\"grams\":20}]%s}";
        JsonNode slip =
                postJson("/api/balance", formula.formatted("")).expect(200).at("/slips/0");
        assertEquals(slip.get("kind").asString(), "much-salt");
        assertTrue(slip.get("setAsideFor").isNull());
        String aside = ",\"notes\":{\"setAside\":[{\"slip\":\"much-salt\",\"reason\":\"for the boats\"}]}";
        assertEquals(
                postJson("/api/balance", formula.formatted(aside))
                        .expect(200)
                        .at("/slips/0/setAsideFor")
                        .asString(),
                "for the boats");
        String nameless = ",\"notes\":{\"setAside\":[{\"slip\":\"much-salt\",\"reason\":\" \"}]}";
        assertEquals(
                postJson("/api/balance", formula.formatted(nameless))
                        .expect(422)
                        .at("/field")
                        .asString(),
                "reason");
    }

    @Test
    public void weighInsNarrowAHandfulAndLeaveSavedVersionsAlone() {
        Answer before = line("a handful of dill");
        String saved = postJson(
                        "/api/formulas",
                        "{\"name\":\"Dill\",\"formula\":{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":400},"
                                + "{\"ingredient\":\"dill-leaf\",\"grams\":9,\"sd\":2.7,\"origin\":{\"measure\":\"handful\",\"quantity\":1}}]}}")
                .expect(201)
                .at("/id")
                .toString();
        for (int grams : new int[] {14, 15, 13}) {
            postJson(
                            "/api/measures/weigh-ins",
                            "{\"measure\":\"handful\",\"ingredient\":\"dill-leaf\",\"grams\":" + grams + "}")
                    .expect(200);
        }
        Answer after = line("a handful of dill");
        assertEquals(after.at("/grams").asDouble(), 14, 1e-9);
        assertTrue(relativeSd(after) < 0.7 * relativeSd(before));
        assertEquals(
                getJson("/api/measures/amount?measure=handful&ingredient=dill-leaf&quantity=2")
                        .expect(200)
                        .at("/weighIns")
                        .asInt(),
                3);
        JsonNode calibrations = getJson("/api/measures").expect(200).at("/calibrations");
        assertEquals(calibrations.at("/0/meanGrams").asDouble(), 14, 1e-9);
        assertEquals(calibrations.at("/0/count").asInt(), 3);
        assertEquals(calibrations.at("/0/typicalGrams").asDouble(), 27, 1e-9);
        assertEquals(
                getJson("/api/formulas/" + saved).at("/formula/lines/1/grams").asDouble(), 9.0);
        JsonNode ids = getJson("/api/measures").at("/weighIns");
        ids.forEach(each -> {
            if (each.get("ingredient").asString().equals("dill-leaf")) {
                delete("/api/measures/weigh-ins/" + each.get("id").asInt()).expect(200);
            }
        });
        assertEquals(
                line("a handful of dill").at("/grams").asDouble(),
                before.at("/grams").asDouble(),
                1e-9);
    }

    @Test
    public void ownVesselsAreReadByName() {
        postJson("/api/measures/vessels", "{\"name\":\"Test scoop\",\"millilitres\":310}")
                .expect(200);
        assertEquals(line("2 test scoops water").at("/grams").asDouble(), 620, 1e-9);
        postJson("/api/measures/weigh-ins", "{\"measure\":\"test-scoop\",\"grams\":330}")
                .expect(200);
        assertEquals(line("1 test scoop water").at("/grams").asDouble(), 330, 1e-9);
        delete("/api/measures/vessels/test-scoop").expect(200);
        assertTrue(line("1 test scoop water").at("/grams").isNull());
    }

    @Test
    public void rememberedNamesAreReadUntilForgotten() {
        assertEquals(line("200 g house blend").at("/status").asString(), "unread");
        putJson("/api/intake/names", "{\"name\":\"House blend\",\"ingredient\":\"emmer-whole\"}")
                .expect(200);
        assertEquals(line("200 g house blend").at("/ingredient").asString(), "emmer-whole");
        delete("/api/intake/names?name=House blend").expect(200);
        assertEquals(line("200 g house blend").at("/status").asString(), "unread");
        assertEquals(
                putJson("/api/intake/names", "{\"name\":\"x\",\"ingredient\":\"sawdust\"}")
                        .expect(422)
                        .at("/field")
                        .asString(),
                "ingredient");
    }

    private Answer line(String text) {
        return postJson("/api/intake/line", "{\"text\":\"" + text + "\"}").expect(200);
    }

    private static double relativeSd(Answer line) {
        return line.at("/sd").asDouble() / line.at("/grams").asDouble();
    }
}
