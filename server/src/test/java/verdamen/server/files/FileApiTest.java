package verdamen.server.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import verdamen.core.formula.FormulaSpec;
import verdamen.server.ServerTest;

/** Recipes and formula files in and out, and files that cannot be taken. */
public class FileApiTest extends ServerTest {

    private static final String FULL = """
            {"name":"Travelling roti","note":"for the round trip","formula":
             {"style":"stuffed-paratha","kneading":"machine","restMinutes":25,"lines":[
              {"ingredient":"wheat-atta","grams":260.5,"sd":20,"origin":{"text":"2 cups atta","measure":"cup","quantity":2},"measured":{"moisturePct":12.5}},
              {"ingredient":"pumpkin-cooked","grams":160,"form":"puree","measured":{"waterPct":88.5}},
              {"ingredient":"water","open":"unknown-amount","origin":{"text":"warm water"}},
              {"open":"unread","origin":{"text":"1 tin of mystery"}},
              {"ingredient":"parsnip-raw","grams":120,"form":"mash","part":"filling"},
              {"ingredient":"ghee","grams":20,"part":"surface","fatState":"liquid"}],
             "notes":{"pieces":8,"pieceGrams":52,"method":"Knead.\\nRest.\\nRoll.",
              "setAside":[{"slip":"much-salt","reason":"harbour bread"}]}}}
            """;

    @Autowired
    private JdbcTemplate jdbc;

    @Test
    public void aRecipeRoundTripLosesNothing() {
        Answer saved = postJson("/api/formulas", FULL).expect(201);
        String recipe = getText("/api/files/formulas/" + saved.at("/id").asLong() + "/recipe");
        JsonNode tree = json.readTree(recipe);
        assertEquals(tree.get("@type").asString(), "Recipe");
        assertEquals(tree.at("/recipeYield").asString(), "8 pieces");
        assertEquals(tree.at("/recipeInstructions/1/text").asString(), "Rest.");
        assertTrue(tree.at("/recipeIngredient/1").asString().startsWith("160 g Pumpkin"));
        Answer back = postFile("/api/files/recipe", bytes(recipe)).expect(200);
        assertEquals(
                json.treeToValue(back.at("/formula"), FormulaSpec.class),
                json.treeToValue(saved.at("/formula"), FormulaSpec.class));
        assertEquals(back.at("/recipe/title").asString(), "Travelling roti");
    }

    private static final String PREPARED = """
            {"name":"Pressed and travelling","note":"","formula":
             {"style":"roti","lines":[{"ingredient":"wheat-atta","grams":300},{"ingredient":"water","grams":40},
               {"prep":"c"}],
              "method":{"sticking":"wet-hands","heat":"covered"},
              "preps":[{"key":"c","ingredient":"courgette-raw","grams":300,"liquid":"dough-water","steps":[
                {"kind":"grate","afterGrams":300},{"kind":"press","liquidGrams":100}]}]}}
            """;

    @Test
    public void preparationsTravelWithARecipeAndReadPlainlyElsewhere() {
        Answer saved = postJson("/api/formulas", PREPARED).expect(201);
        String recipe = getText("/api/files/formulas/" + saved.at("/id").asLong() + "/recipe");
        JsonNode tree = json.readTree(recipe);
        assertEquals(tree.at("/recipeIngredient/2").asString(), "200 g Courgette, raw, grated and pressed");
        assertEquals(tree.at("/recipeIngredient/3").asString(), "100 g Pressed vegetable liquid");
        Answer back = postFile("/api/files/recipe", bytes(recipe)).expect(200);
        assertEquals(
                json.treeToValue(back.at("/formula"), FormulaSpec.class),
                json.treeToValue(saved.at("/formula"), FormulaSpec.class));
    }

    @Test
    public void theReadableLinesOfARecipeAloneGiveTheSameIngredientsGramsAndForms() {
        Answer saved = postJson("/api/formulas", FULL).expect(201);
        String recipe = getText("/api/files/formulas/" + saved.at("/id").asLong() + "/recipe");
        String foreign = recipe.replace("verdamen:", "other:");
        Answer back = postFile("/api/files/recipe", bytes(foreign)).expect(200);
        assertTrue(back.at("/formula").isNull());
        JsonNode lines = back.at("/recipe/lines");
        assertEquals(lines.size(), 6);
        for (int i = 0; i < 6; i++) {
            JsonNode line = saved.at("/formula/lines/" + i);
            assertEquals(lines.get(i).get("ingredient"), line.get("ingredient"), "line " + i);
            assertEquals(lines.get(i).get("grams"), line.get("grams"), "line " + i);
            assertEquals(lines.get(i).get("form"), line.get("form"), "line " + i);
        }
        assertEquals(lines.at("/4/part").asString(), "filling");
        assertEquals(lines.at("/5/part").asString(), "surface");
        assertEquals(back.at("/recipe/pieces").asInt(), 8);
        assertEquals(back.at("/recipe/method").asString(), "Knead.\nRest.\nRoll.");
    }

    @Test
    public void readsRecipesAsOtherProgramsWriteThem() {
        String foreign = """
                {"@context":"https://schema.org","@graph":[{"@type":"WebSite","name":"x"},
                 {"@type":["Recipe","NewsArticle"],"name":"Flatbread","recipeYield":["6","6 breads"],
                  "recipeIngredient":["300 g atta","a pinch of salt","water as needed"],
                  "recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[
                    {"@type":"HowToStep","text":"Mix."},{"@type":"HowToStep","text":"Knead."}]},"Bake."]}]}
                """;
        Answer read = postFile("/api/files/recipe", bytes(foreign)).expect(200);
        assertEquals(read.at("/recipe/lines").size(), 3);
        assertEquals(read.at("/recipe/pieces").asInt(), 6);
        assertEquals(read.at("/recipe/method").asString(), "Mix.\nKnead.\nBake.");
        assertEquals(
                postFile("/api/files/recipe", bytes("200 g atta; 120 g water"))
                        .expect(200)
                        .at("/recipe/lines")
                        .size(),
                2);
    }

    @Test
    public void aFormulaFileFitsItsSchemaAndImportsOnceOnly() throws IOException {
        postJson(
                        "/api/pantry/ingredients",
                        "{\"name\":\"File blend\",\"role\":\"flour\",\"waterPct\":12,\"proteinPct\":13,\"fatPct\":2,\"carbPct\":71.5,"
                                + "\"bulkDensityGPerMl\":0.5,\"absorptionPct\":66}")
                .expect(201);
        long id = postJson(
                        "/api/formulas",
                        FULL.replace("wheat-atta", "own-file-blend").replace("Travelling", "Filed"))
                .expect(201)
                .at("/id")
                .asLong();
        postJson(
                        "/api/formulas/" + id + "/versions",
                        FULL.replace("wheat-atta", "own-file-blend").replace("\"note\"", "\"parentNumber\":1,\"note\""))
                .expect(201);
        String file = getText("/api/files/formulas?id=" + id);
        var problems = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formula-file.schema.json")), InputFormat.JSON)
                .validate(file, InputFormat.JSON);
        assertTrue(problems.isEmpty(), problems.toString());
        assertEquals(
                postFile("/api/files/formulas", bytes(file))
                        .expect(200)
                        .at("/unchanged")
                        .size(),
                1);

        jdbc.update("delete from formula where id = ?", id);
        delete("/api/pantry/ingredients/own-file-blend").expect(200);
        Answer taken = postFile("/api/files/formulas", bytes(file)).expect(200);
        assertEquals(taken.at("/added").size(), 1);
        assertEquals(taken.at("/ingredients/0").asString(), "File blend");
        Answer again = postFile("/api/files/formulas", bytes(file)).expect(200);
        assertEquals(again.at("/added").size(), 0);
        assertEquals(again.at("/unchanged").size(), 1);
        long copy = 0;
        for (JsonNode row : formulaRows()) {
            copy = row.get("latestNumber").asInt() == 2
                            && row.get("name").asString().equals("Travelling roti")
                    ? row.get("id").asLong()
                    : copy;
        }
        JsonNode before = json.readTree(file).at("/formulas/0/versions");
        JsonNode after =
                json.readTree(getText("/api/files/formulas?id=" + copy)).at("/formulas/0/versions");
        assertEquals(after, before);
    }

    @Test
    public void aRefusedFileLeavesNothingBehindNotEvenItsIngredients() {
        String file = """
                {"format":"verdamen-formulas","version":1,"exportedAt":"2026-01-01T00:00:00Z",
                 "ingredients":[{"code":"own-stray-blend","sheet":{"name":"Stray blend","role":"flour","waterPct":12,
                   "proteinPct":13,"fatPct":2,"carbPct":71.5,"bulkDensityGPerMl":0.5,"absorptionPct":66}}],
                 "formulas":[{"uid":"00000000-0000-4000-8000-000000000001","state":"draft","versions":[
                   {"number":1,"name":"Stray","note":"","savedAt":"2026-01-01T00:00:00Z","formula":
                     {"style":"roti","lines":[{"ingredient":"own-stray-blend","grams":-5}]}}]}]}
                """;
        postFile("/api/files/formulas", bytes(file)).expect(422);
        assertFalse(getJson("/api/pantry").expect(200).body().toString().contains("own-stray-blend"));
        assertEquals(
                postFile("/api/files/formulas", bytes(file.replace("-5", "500")))
                        .expect(200)
                        .at("/ingredients/0")
                        .asString(),
                "Stray blend");
    }

    @Test
    public void whatWasSaidComesAlongAndOfAnOlderFileItIsWhatRevisionTwoSaid() {
        String file = """
                {"format":"verdamen-formulas","version":%d,"exportedAt":"2026-01-01T00:00:00Z",
                 "ingredients":[],
                 "formulas":[{"uid":"%s","state":"draft","versions":[
                   {"number":1,"name":"Told-%s","note":"","savedAt":"2026-01-01T00:00:00Z","formula":
                     {"style":"roti","lines":[{"ingredient":"spelt-whole","grams":400},{"ingredient":"water","grams":200}]}%s}]}]}
                """;
        String told = ",\"said\":{\"revision\":%d,\"needed\":211.5,\"low\":200,\"high\":223,\"softness\":1.01,"
                + "\"feel\":\"soft\",\"standing\":\"in-balance\"}";
        assertEquals(
                saidOf(file.formatted(3, "00000000-0000-4000-8000-000000000011", "old", ""))
                        .path("revision")
                        .asInt(),
                2);
        assertEquals(
                saidOf(file.formatted(4, "00000000-0000-4000-8000-000000000012", "new", told.formatted(2)))
                        .path("needed")
                        .asDouble(),
                211.5);
        assertEquals(
                saidOf(file.formatted(4, "00000000-0000-4000-8000-000000000013", "nowhere", told.formatted(99)))
                        .path("revision")
                        .asInt(),
                3,
                "what no revision can have said is said anew");
    }

    /** What was said of the only version of a file's only formula. */
    private JsonNode saidOf(String file) {
        postFile("/api/files/formulas", bytes(file)).expect(200);
        String name = json.readTree(file).at("/formulas/0/versions/0/name").asString();
        long id = getJson("/api/formulas?search=" + name)
                .expect(200)
                .at("/rows/0/id")
                .asLong();
        return getJson("/api/formulas/" + id + "/said").expect(200).body().at("/0/then");
    }

    @Test
    public void laterVersionsOfAKnownFormulaAreAddedToIt() {
        long id = postJson("/api/formulas", FULL.replace("Travelling", "Growing"))
                .expect(201)
                .at("/id")
                .asLong();
        String file = getText("/api/files/formulas?id=" + id);
        JsonNode version = json.readTree(file).at("/formulas/0/versions/0");
        ObjectNode later = (ObjectNode) json.readTree(file);
        ObjectNode second = ((ObjectNode) version.deepCopy()).put("number", 2).put("parent", 1);
        ((ObjectNode) second.at("/formula/lines/0")).put("grams", 300.0);
        ((ArrayNode) later.at("/formulas/0/versions")).add(second);
        Answer taken = postFile("/api/files/formulas", bytes(later.toString())).expect(200);
        assertEquals(taken.at("/extended").size(), 1);
        Answer newest = getJson("/api/formulas/" + id).expect(200);
        assertEquals(newest.at("/latestNumber").asInt(), 2);
        assertEquals(newest.at("/formula/lines/0/grams").asDouble(), 300.0);
    }

    @DataProvider
    Object[][] refusedFiles() {
        String newer =
                "{\"format\":\"verdamen-formulas\",\"version\":9,\"exportedAt\":\"2026-01-01T00:00:00Z\",\"ingredients\":[],\"formulas\":[]}";
        return new Object[][] {
            {"/api/files/formulas", bytes(newer), 422, "newer-version"},
            {"/api/files/formulas", bytes(newer.substring(0, 60)), 422, "broken"},
            {"/api/files/formulas", bytes("{\"a\":1}"), 422, "other-kind"},
            {"/api/files/formulas", bytes("code,name\n1,2"), 422, "other-kind"},
            {"/api/files/formulas", new byte[0], 422, "empty"},
            {"/api/files/recipe", new byte[6 * 1024 * 1024], 413, "fileBytes"},
            {"/api/files/formulas", new byte[] {'{', (byte) 0xff, '}'}, 422, "wrong-encoding"},
            {"/api/files/formulas", new byte[] {'P', 'K', 3, 4, 0, 0}, 422, "other-kind"},
            {"/api/files/recipe", bytes("{\"@type\":\"Movie\"}"), 422, "other-kind"},
            {"/api/files/recipe", bytes("{\"@type\":\"Rec"), 422, "broken"},
            {"/api/files/pantry", bytes("name;price\nx;1"), 422, "other-kind"},
            {"/api/files/pantry", bytes("code,name\n\"wheat"), 422, "broken"},
            {"/api/files/measures", bytes("record,measure\nvessel"), 422, "broken"},
        };
    }

    @Test(dataProvider = "refusedFiles")
    public void refusesWhatItCannotTakeAndSaysWhy(String path, byte[] file, int status, String why) {
        Answer refused = postFile(path, file).expect(status);
        assertEquals(refused.at("/reason").asString(), why, refused.body().toString());
        assertEquals(refused.contentType(), "application/problem+json");
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
