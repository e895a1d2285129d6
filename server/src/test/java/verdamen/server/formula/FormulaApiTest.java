package verdamen.server.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Revision;
import verdamen.server.ServerTest;

public class FormulaApiTest extends ServerTest {

    private static final String FULL = """
            {"style":"tortilla","kneading":"machine","fatTiming":"coat-first","waterTemperatureC":45.5,
             "restMinutes":0,"sheetMm":1.7,"softnessTarget":1.02,"lines":[
              {"ingredient":"wheat-plain-white","grams":260.25,"sd":20.8,"measured":{"moisturePct":13.1,"proteinPct":10.9,"absorptionPct":58.5,"absorptionSdPct":1.1}},
              {"ingredient":"water","grams":120},
              {"ingredient":"nettle-raw","grams":45,"form":"wilted","measured":{"waterPct":80,"pieceMm":2.5}},
              {"ingredient":"parsnip-raw","grams":60,"part":"filling","form":"mash"},
              {"ingredient":"lard","grams":34,"fatState":"solid"}]}
            """;

    @Autowired
    private JdbcTemplate jdbc;

    @Test
    public void keepsEveryFieldOfAFormula() {
        Answer created = create("Everything at once", FULL);
        JsonNode kept = getJson(path(created)).expect(200).at("/formula");
        assertEquals(json.treeToValue(kept, FormulaSpec.class), json.readValue(FULL, FormulaSpec.class));
        assertEquals(created.at("/version/number").asInt(), 1);
        assertTrue(created.at("/version/parentNumber").isNull());
        assertEquals(created.at("/version/note").asString(), "first try");
    }

    @Test
    public void anOlderVersionStaysAsItWasSaved() {
        Answer created = create("Roti", roti(250));
        save(created, "Roti, more flour", roti(300), 1).expect(201);
        assertEquals(getJson(path(created)).at("/formula/lines/0/grams").asDouble(), 300.0);
        Answer old = getJson(path(created) + "/versions/1").expect(200);
        assertEquals(old.at("/formula/lines/0/grams").asDouble(), 250.0);
        assertEquals(old.at("/version/name").asString(), "Roti");
        assertEquals(old.at("/latestNumber").asInt(), 2);
        assertEquals(old.at("/versions").size(), 2);
        assertEquals(old.at("/versions/0/parentNumber").asInt(), 1);
    }

    @Test
    public void aVersionKeepsWhatWasSaidOfItWhenItWasSaved() {
        Answer created = create(
                "Millet roti",
                "{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"pearl-millet-flour\",\"grams\":100},"
                        + "{\"ingredient\":\"wheat-atta\",\"grams\":300},{\"ingredient\":\"water\",\"grams\":250}]}");
        double then = created.at("/said/then/needed").asDouble();
        assertEquals(created.at("/said/then/revision").asInt(), Revision.ofTheModel());
        assertEquals(created.at("/said/now/needed").asDouble(), then);
        assertTrue(created.at("/said/why").isNull());
        putJson(
                        "/api/pantry/ingredients/pearl-millet-flour/values",
                        "{\"field\":\"absorptionPct\",\"value\":99,\"source\":\"six batches\"}")
                .expect(200);
        try {
            JsonNode said = getJson(path(created) + "/said").expect(200).body();
            assertEquals(said.at("/0/then/needed").asDouble(), then);
            assertTrue(said.at("/0/now/needed").asDouble() > then + 10, said.toString());
            assertEquals(said.at("/0/why").asString(), "kitchen");
        } finally {
            putJson("/api/pantry/ingredients/pearl-millet-flour/values", "{\"field\":\"absorptionPct\"}");
        }
        expectThrows(DataAccessException.class, () -> jdbc.update("update version_said set said = null"));
    }

    @Test
    public void theDatabaseRefusesToChangeASavedVersion() {
        create("Carved in stone", roti(250));
        expectThrows(DataAccessException.class, () -> jdbc.update("update formula_version set note = 'changed'"));
        expectThrows(DataAccessException.class, () -> jdbc.update("update formula_version set document = '{}'"));
    }

    @Test
    public void savingOverANewerVersionIsAConflictThatNamesIt() {
        Answer created = create("Contested", roti(250));
        save(created, "Contested", roti(300), 1).expect(201);
        Answer conflict = save(created, "Contested", roti(400), 1).expect(409);
        assertEquals(conflict.contentType(), "application/problem+json");
        assertEquals(conflict.at("/newest/number").asInt(), 2);
        assertEquals(getJson(path(created)).at("/versions").size(), 2);
    }

    @Test
    public void bothAreKeptWhenAskedFor() {
        Answer created = create("Kept twice", roti(250));
        save(created, "Kept twice", roti(300), 1).expect(201);
        Answer both = postJson(
                        path(created) + "/versions",
                        "{\"name\":\"Kept twice\",\"parentNumber\":1,\"latestKnown\":2,\"formula\":" + roti(400) + "}")
                .expect(201);
        assertEquals(both.at("/version/number").asInt(), 3);
        assertEquals(both.at("/version/parentNumber").asInt(), 1);
        assertEquals(
                getJson(path(created) + "/versions/2")
                        .at("/formula/lines/0/grams")
                        .asDouble(),
                300.0);
        assertEquals(
                getJson(path(created) + "/versions/3")
                        .at("/formula/lines/0/grams")
                        .asDouble(),
                400.0);
    }

    @Test
    public void ofManySavingAtOnceExactlyOneWins() throws Exception {
        Answer created = create("Rush hour", roti(250));
        ExecutorService pool = Executors.newFixedThreadPool(6);
        try {
            List<Callable<Integer>> saves = IntStream.range(0, 6)
                    .<Callable<Integer>>mapToObj(i ->
                            () -> save(created, "Rush hour", roti(300 + i), 1).status())
                    .toList();
            List<Integer> statuses = new java.util.ArrayList<>();
            for (var save : pool.invokeAll(saves)) {
                statuses.add(save.get());
            }
            assertEquals(statuses.stream().filter(status -> status == 201).count(), 1);
            assertEquals(statuses.stream().filter(status -> status == 409).count(), 5);
        } finally {
            pool.shutdown();
        }
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"{\"name\":\" \",\"formula\":" + roti(250) + "}", "name"},
            {"{\"name\":\"" + "x".repeat(121) + "\",\"formula\":" + roti(250) + "}", "name"},
            {"{\"name\":\"A\",\"note\":\"" + "x".repeat(2001) + "\",\"formula\":" + roti(250) + "}", "note"},
            {"{\"name\":\"A\"}", "formula"},
            {"{\"name\":\"A\",\"formula\":" + roti(-1) + "}", "grams"},
        };
    }

    @Test(dataProvider = "refused")
    public void refusesABadVersionAndSavesNothing(String body, String field) {
        int before = formulaRows().size();
        assertEquals(postJson("/api/formulas", body).expect(422).at("/field").asString(), field);
        assertEquals(formulaRows().size(), before);
    }

    @Test
    public void refusesAParentThatIsMissingOrUnknown() {
        Answer created = create("Orphan", roti(250));
        String body = "{\"name\":\"Orphan\",\"formula\":" + roti(250) + "}";
        assertEquals(
                postJson(path(created) + "/versions", body)
                        .expect(422)
                        .at("/field")
                        .asString(),
                "parentNumber");
        assertEquals(
                save(created, "Orphan", roti(250), 7).expect(422).at("/field").asString(), "parentNumber");
    }

    @Test
    public void whatIsNotThereIsAProblemDocument() {
        for (String path : List.of("/api/formulas/999999", "/api/formulas/999999/versions/1")) {
            assertEquals(getJson(path).expect(404).contentType(), "application/problem+json");
        }
        getJson("/api/formulas/abc").expect(400);
        getJson("/api/nonsense").expect(404);
    }

    @Test
    public void listsWhatTellsFormulasApart() {
        Answer created = create("Findable roti", roti(250));
        JsonNode row = row("Findable roti");
        assertEquals(row.get("id"), created.at("/id"));
        assertEquals(row.at("/figures/styleName").asString(), "Roti");
        assertEquals(row.at("/figures/makeup/flours/0/ingredient").asString(), "wheat-atta");
        assertEquals(row.at("/figures/hydration/bakersPct").asDouble(), 60.0);
        assertEquals(row.at("/figures/standing").asString(), "needs-water");
        assertEquals(row.at("/state").asString(), "draft");
        putJson(path(created) + "/state", "{\"state\":\"on-trial\"}").expect(200);
        assertEquals(row("Findable roti").at("/state").asString(), "on-trial");
        putJson(path(created) + "/state", "{\"state\":\"burnt\"}").expect(400);
    }

    @Test
    public void theDemoHoldsEightBalancedFormulasWithHistory() {
        List<JsonNode> demo = formulaRows().stream()
                .filter(row -> row.get("id").asLong() <= 8)
                .toList();
        assertEquals(demo.size(), 8);
        for (JsonNode row : demo) {
            String name = row.get("name").asString();
            assertTrue(row.get("latestNumber").asInt() >= 2, name);
            boolean aside = row.get("state").asString().equals("set-aside");
            assertTrue(
                    aside || row.at("/figures/standing").asString().equals("in-balance"), name + " is not in balance");
            Answer first = getJson("/api/formulas/" + row.get("id").asLong() + "/versions/1")
                    .expect(200);
            assertFalse(first.at("/version/note").asString().isBlank());
        }
    }

    private JsonNode row(String name) {
        return formulaRows().stream()
                .filter(row -> row.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private Answer create(String name, String formula) {
        return postJson(
                        "/api/formulas",
                        "{\"name\":\"" + name + "\",\"note\":\"first try\",\"formula\":" + formula + "}")
                .expect(201);
    }

    private Answer save(Answer formula, String name, String spec, int parent) {
        return postJson(
                path(formula) + "/versions",
                "{\"name\":\"" + name + "\",\"note\":\"\",\"parentNumber\":" + parent + ",\"formula\":" + spec + "}");
    }

    private static String path(Answer formula) {
        return "/api/formulas/" + formula.at("/id").asLong();
    }

    private static String roti(double flour) {
        return "{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":" + flour
                + "},{\"ingredient\":\"water\",\"grams\":" + 0.6 * flour + "}]}";
    }

    @Test
    public void aDeletedFormulaIsInTheBinAndComesBack() {
        Answer created = create("To be missed", roti(250));
        int id = created.at("/id").asInt();
        Answer bin = delete(path(created)).expect(200);
        assertEquals(bin.at("/0/name").asString(), "To be missed");
        getJson(path(created)).expect(404);
        save(created, "Too late", roti(300), 1).expect(404);
        assertEquals(getJson("/api/formulas?search=missed").at("/total").asInt(), 0);
        delete(path(created)).expect(404);
        postJson(path(created) + "/restore", "").expect(200);
        assertEquals(getJson(path(created)).expect(200).at("/id").asInt(), id);
        assertEquals(getJson("/api/formulas?search=missed").at("/total").asInt(), 1);
        postJson("/api/formulas/999999/restore", "").expect(404);
    }

    @Test
    public void theBinIsEmptiedAfterThirtyDaysButNotOfWhatWasBaked() {
        Answer old = create("Long gone", roti(250));
        Answer baked = create("Baked once", roti(250));
        Answer fresh = create("Just deleted", roti(250));
        postJson(path(baked) + "/batches", "{\"version\": 1, \"minutesAgo\": 0}")
                .expect(200);
        delete(path(old)).expect(200);
        delete(path(baked)).expect(200);
        jdbc.update("update formula set deleted_at = deleted_at - interval '31 days' where deleted_at is not null");
        String left = delete(path(fresh)).expect(200).body().toString();
        assertFalse(left.contains("Long gone"), left);
        assertTrue(left.contains("Baked once"), left);
        assertTrue(left.contains("Just deleted"), left);
        postJson(path(old) + "/restore", "").expect(404);
        postJson(path(baked) + "/restore", "").expect(200);
    }
}
