package verdamen.server.notebook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** The notebook over the API. */
public class NotebookApiTest extends ServerTest {

    private final List<Long> begun = new ArrayList<>();

    @BeforeMethod
    public void clear() {
        clearTheBench();
    }

    @AfterMethod
    public void takeBack() {
        begun.forEach(id -> delete("/api/batches/" + id).expect(200));
        begun.clear();
    }

    private static String entry(String kind, double minutesAgo, String more) {
        return "{\"key\": \"%s\", \"kind\": \"%s\", \"at\": \"%s\"%s}"
                .formatted(UUID.randomUUID(), kind, ago(minutesAgo), more);
    }

    private static OffsetDateTime ago(double minutes) {
        return OffsetDateTime.now(ZoneOffset.UTC).minusSeconds(Math.round(minutes * 60));
    }

    private long batch(String... entries) {
        long id = postJson(
                        "/api/bench", "{\"key\": \"%s\", \"formula\": 1, \"version\": 2}".formatted(UUID.randomUUID()))
                .expect(200)
                .at("/batch/id")
                .asLong();
        begun.add(id);
        note(id, entries);
        return id;
    }

    private void note(long id, String... entries) {
        postJson("/api/bench/" + id + "/entries", "{\"entries\": [" + String.join(",", entries) + "]}")
                .expect(200);
    }

    private List<Long> found(String query) {
        List<Long> ids = new ArrayList<>();
        for (JsonNode row :
                getJson("/api/notebook?limit=200&" + query).expect(200).at("/rows")) {
            ids.add(row.at("/id").asLong());
        }
        return ids;
    }

    @DataProvider
    Object[][] searches() {
        return new Object[][] {
            {"search=kohlrabi", true},
            {"search=KOHL", true},
            {"search=kohlrabi+pumpkin", true},
            {"search=whole+emmer", true},
            {"search=kohlrabi+tortilla", false},
            {"verdict=badly", true},
            {"verdict=well", false},
            {"tag=sunday", true},
            {"tag=sun", false},
            {"ingredient=water", true},
            {"ingredient=kale", false},
            {"formula=1", true},
            {"formula=2", false},
            {"from=2020-01-01", true},
            {"to=2020-01-01", false},
        };
    }

    @Test(dataProvider = "searches")
    public void aBatchIsFoundByWhatWasNotedOfIt(String query, boolean there) {
        long id = batch(
                entry("wetted", 30, ""),
                entry("verdict", 1, ", \"outcome\": \"badly\", \"text\": \"Too much kohlrabi\""),
                entry("tag", 1, ", \"text\": \"sunday\""));
        assertEquals(found(query).contains(id), there);
    }

    @Test
    public void whatIsUndoneIsNotFoundAnyMore() {
        String tag = entry("tag", 1, ", \"text\": \"passing\"");
        long id = batch(tag);
        assertTrue(getJson("/api/notebook/tags").expect(200).body().toString().contains("passing"));
        String key = tag.substring(9, 45);
        postJson("/api/bench/" + id + "/undo", "{\"key\": \"" + key + "\"}").expect(200);
        assertFalse(found("tag=passing").contains(id));
    }

    @DataProvider
    Object[][] orders() {
        return new Object[][] {
            {"sort=started&down=true"}, {"sort=started&down=false"}, {"sort=name&down=true"}, {"sort=name&down=false"}
        };
    }

    @Test(dataProvider = "orders")
    public void pagesFollowOneAnotherWithoutGapOrRepetition(String order) {
        batch();
        batch();
        List<Long> all = found(order);
        List<Long> paged = new ArrayList<>();
        String after = "";
        do {
            Answer page = getJson("/api/notebook?limit=3&" + order + after).expect(200);
            page.at("/rows").forEach(row -> paged.add(row.at("/id").asLong()));
            after = page.at("/next").isNull()
                    ? null
                    : "&after=" + page.at("/next").asString();
            assertEquals(page.at("/total").asInt(), all.size());
        } while (after != null);
        assertEquals(paged, all);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"verdict=splendid", "verdict"},
            {"sort=mood", "sort"},
            {"from=yesterday", "from"},
            {"after=nowhere", "after"},
            {"limit=0", "limit"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeLookedForIsRefusedByItsField(String query, String field) {
        assertEquals(
                getJson("/api/notebook?" + query)
                        .expect(422)
                        .at("/faults/0/field")
                        .asString(),
                field);
    }

    @Test
    public void aBatchIsOpenedWithWhatWasPlannedAndWhatWentIn() {
        long id = batch(
                entry("pour", 30, ", \"subject\": \"water\", \"figure\": 150, \"outcome\": \"weighed\""),
                entry("change", 1, ", \"text\": \"less water\""));
        Answer opened = getJson("/api/notebook/" + id).expect(200);
        JsonNode water = null;
        for (JsonNode line : opened.at("/lines")) {
            water = line.at("/ingredient").asString().equals("water") ? line : water;
        }
        assertEquals(water.at("/grams").asDouble(), 150.0, 1e-9);
        assertTrue(water.at("/plannedGrams").asDouble() > 150);
        assertTrue(water.at("/pct").asDouble() < water.at("/plannedPct").asDouble());
        assertEquals(opened.at("/changes/0").asString(), "less water");
        assertEquals(opened.at("/tastings").size(), 0, "nothing is cooked yet");
        assertTrue(opened.at("/softHours").asDouble() > 0);
        getJson("/api/notebook/999999").expect(404);
    }

    @Test
    public void tastingsAreAskedForUntilTheyAreDone() {
        long id = batch(entry("wetted", 200, ""), entry("finished", 90, ""));
        Answer asked = getJson("/api/notebook/" + id).expect(200);
        assertFalse(asked.at("/tastings/0/due").asBoolean(), "it is not fresh any more");
        assertTrue(asked.at("/tastings/1/due").asBoolean());
        assertFalse(asked.at("/tastings/2/due").asBoolean(), "the next day has not come");
        note(id, entry("taste", 30, ", \"step\": \"hour\", \"subject\": \"softness\", \"figure\": 7"));
        Answer tasted = getJson("/api/notebook/" + id).expect(200);
        assertFalse(tasted.at("/tastings/1/due").asBoolean());
        assertEquals(tasted.at("/tastings/1/softness").asDouble(), 7.0);
    }

    private int records() {
        int records = 0;
        for (JsonNode style :
                getJson("/api/bread-records?style=roti").expect(200).body()) {
            records += style.isObject() ? 1 : 0;
        }
        return records;
    }

    @Test
    public void foldTestsAndTimedPiecesTeachUntilTheyAreUndone() {
        int before = records();
        String fold = entry("taste", 5, ", \"step\": \"hour\", \"subject\": \"fold\", \"outcome\": \"folds\"");
        long id = batch(
                entry("wetted", 200, ""),
                entry("on-pan", 100, ", \"piece\": 1"),
                entry("turned", 99.5, ", \"piece\": 1, \"outcome\": \"blisters\""),
                entry("off-pan", 99, ", \"piece\": 1, \"outcome\": \"full\""),
                fold);
        assertEquals(records(), before, "a batch teaches when it is finished");
        note(id, entry("finished", 1, ""));
        assertEquals(records(), before + 2);
        postJson("/api/bench/" + id + "/undo", "{\"key\": \"" + fold.substring(9, 45) + "\"}")
                .expect(200);
        assertEquals(records(), before + 1);
        delete("/api/batches/" + id).expect(200);
        begun.clear();
        assertEquals(records(), before, "it goes with its batch");
    }

    @Test
    public void nothingButLettersAndDigitsGoesIntoASearch() {
        assertEquals(NotebookList.query("Zwölf O'Clock & !"), "zwölf:* & o:* & clock:*");
        assertNull(NotebookList.query(" ' | "));
    }

    @Test
    public void filtersAreKeptWithTheKitchen() {
        String path = "/api/notebook/filters";
        putJson(path, "{\"name\": \"Went wrong\", \"address\": \"verdict=badly\"}")
                .expect(200);
        putJson(path, "{\"name\": \"Went wrong\", \"address\": \"verdict=middling\"}")
                .expect(200);
        JsonNode kept = putJson(path, "{\"name\": \"Autumn\", \"address\": \"from=2026-09-01\"}")
                .expect(200)
                .body();
        assertEquals(kept.toString(), getJson(path).expect(200).body().toString());
        assertEquals(kept.at("/0/name").asString(), "Autumn");
        assertEquals(kept.at("/1/address").asString(), "verdict=middling", "the same name is the same filter");
        assertTrue(getText("/api/files/kitchen").contains("\"Went wrong\""));
        assertEquals(
                putJson(path, "{\"name\": \" \", \"address\": \"x\"}")
                        .expect(422)
                        .at("/faults/0/field")
                        .asString(),
                "name");
        delete(path + "?name=Went wrong").expect(200);
        assertTrue(delete(path + "?name=Autumn").expect(200).body().isEmpty());
    }
}
