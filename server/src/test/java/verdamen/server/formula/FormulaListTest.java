package verdamen.server.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** The list of formulas: pages, search, order, summaries, and formulas that can no longer be read. */
public class FormulaListTest extends ServerTest {

    @Autowired
    private JdbcTemplate jdbc;

    private long create(String name, String lines) {
        return postJson(
                        "/api/formulas",
                        "{\"name\":\"" + name + "\",\"formula\":{\"style\":\"roti\",\"lines\":[" + lines + "]}}")
                .expect(201)
                .at("/id")
                .asLong();
    }

    private static String atta(double grams) {
        return "{\"ingredient\":\"wheat-atta\",\"grams\":" + grams + "},{\"ingredient\":\"water\",\"grams\":150}";
    }

    @DataProvider
    Object[][] orders() {
        List<Object[]> orders = new ArrayList<>();
        for (FormulaSort sort : FormulaSort.values()) {
            orders.add(new Object[] {sort.code(), true});
            orders.add(new Object[] {sort.code(), false});
        }
        return orders.toArray(new Object[0][]);
    }

    @Test(dataProvider = "orders")
    public void everyFormulaStandsOnOnePageExactly(String sort, boolean down) {
        String order = "/api/formulas?limit=3&sort=" + sort + "&down=" + down;
        List<Long> seen = new ArrayList<>();
        Answer page = getJson(order).expect(200);
        int total = page.at("/total").asInt();
        while (true) {
            page.at("/rows").forEach(row -> seen.add(row.get("id").asLong()));
            if (page.at("/next").isNull()) {
                break;
            }
            page = getJson(order + "&after=" + page.at("/next").asString()).expect(200);
        }
        assertEquals(seen.size(), total);
        assertEquals(new HashSet<>(seen).size(), total, "none twice");
    }

    @Test
    public void everyWordIsLookedForInNameStyleFlourAndInclusion() {
        postJson("/api/formulas", """
                        {"name":"Lantern bread","formula":{"style":"pita","lines":[
                         {"ingredient":"teff-flour","grams":400},{"ingredient":"parsnip-raw","grams":100},
                         {"ingredient":"water","grams":250}]}}
                        """).expect(201);
        for (String words : List.of("lantern", "BREAD+lantern", "teff+lantern", "lantern+parsnip", "pita+lantern")) {
            assertEquals(names("search=" + words), List.of("Lantern bread"), words);
        }
        assertEquals(names("search=lantern+emmer"), List.of());
        assertEquals(names("search=100%25"), List.of());
        assertEquals(names("search=nothing+like+it"), List.of());
        assertFalse(names("state=in-use").isEmpty());
    }

    private List<String> names(String asked) {
        List<String> names = new ArrayList<>();
        getJson("/api/formulas?" + asked.replace("+", " "))
                .expect(200)
                .at("/rows")
                .forEach(row -> names.add(row.get("name").asString()));
        return names;
    }

    @Test
    public void whatIsAskedOfTheListIsChecked() {
        getJson("/api/formulas?sort=colour").expect(422);
        getJson("/api/formulas?state=burnt").expect(422);
        getJson("/api/formulas?limit=5000").expect(422);
        getJson("/api/formulas?after=xyz").expect(422);
        getJson("/api/formulas?search=" + "x".repeat(201)).expect(422);
    }

    @Test
    public void aSummaryFollowsThePantry() {
        long id = create("Summed up", atta(250));
        double before = missing(id);
        putJson(
                        "/api/pantry/ingredients/wheat-atta/values",
                        "{\"field\":\"absorptionPct\",\"value\":80,\"source\":\"a thirsty sack\"}")
                .expect(200);
        try {
            assertNotEquals(missing(id), before, "another absorption needs other water");
        } finally {
            putJson("/api/pantry/ingredients/wheat-atta/values", "{\"field\":\"absorptionPct\",\"value\":null}")
                    .expect(200);
        }
        assertEquals(missing(id), before);
    }

    private double missing(long id) {
        return row(id).at("/figures/missingGrams").asDouble();
    }

    private JsonNode row(long id) {
        return formulaRows().stream()
                .filter(row -> row.get("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void aFormulaThatCannotBeReadStandsInTheListWithItsFaultAndOpens() {
        long id = create("Orphaned", atta(250));
        jdbc.execute("alter table formula_version disable trigger formula_version_is_immutable");
        jdbc.update(
                "update formula_version set document = jsonb_set(document, '{lines,0,ingredient}', '\"gone-flour\"')"
                        + " where formula_id = ?",
                id);
        jdbc.execute("alter table formula_version enable trigger formula_version_is_immutable");
        jdbc.update("update formula set summary_basis = 'old' where id = ?", id);
        JsonNode row = row(id);
        assertTrue(row.get("figures").isNull());
        assertEquals(row.at("/faults/0/code").asString(), "unknown-code");
        assertEquals(row.at("/faults/0/value").asString(), "gone-flour");
        assertEquals(
                getJson("/api/formulas/" + id)
                        .expect(200)
                        .at("/formula/lines/0/ingredient")
                        .asString(),
                "gone-flour");
        jdbc.update("delete from formula where id = ?", id);
    }

    @Test
    public void aSaveRepeatedWithItsKeyIsOneSave() {
        String body = "{\"name\":\"Once only\",\"formula\":{\"style\":\"roti\",\"lines\":[" + atta(250) + "]}}";
        Answer first = postWithKey("/api/formulas", body, "key-1").expect(201);
        Answer again = postWithKey("/api/formulas", body, "key-1").expect(201);
        assertEquals(again.at("/id"), first.at("/id"));
        String version = "/api/formulas/" + first.at("/id").asLong() + "/versions";
        String next = body.replaceFirst("\"name\"", "\"parentNumber\":1,\"name\"");
        assertEquals(
                postWithKey(version, next, "key-2")
                        .expect(201)
                        .at("/latestNumber")
                        .asInt(),
                2);
        assertEquals(
                postWithKey(version, next, "key-2")
                        .expect(201)
                        .at("/latestNumber")
                        .asInt(),
                2);
        postWithKey(version, next, "key-3").expect(409);
    }

    @Test
    public void noMoreLinesThanTheLimit() {
        String many = atta(250) + (",{\"ingredient\":\"water\",\"grams\":1}").repeat(200);
        Answer refused = postJson("/api/balance", "{\"style\":\"roti\",\"lines\":[" + many + "]}")
                .expect(422);
        assertEquals(refused.at("/faults/0/code").asString(), "too-many");
        assertEquals(refused.at("/faults/0/limit").asInt(), 200);
    }
}
