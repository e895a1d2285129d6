package verdamen.server.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
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

/** A batch at the bench over the API. */
public class BenchApiTest extends ServerTest {

    private final List<Long> begun = new ArrayList<>();

    @BeforeMethod
    public void clear() {
        clearTheBench();
    }

    @AfterMethod
    public void takeBack() {
        begun.forEach(id -> delete("/api/batches/" + id));
        begun.clear();
    }

    private static String now() {
        return OffsetDateTime.now(ZoneOffset.UTC).toString();
    }

    private Answer begin(String key, String size) {
        Answer answer = postJson(
                "/api/bench", "{\"key\": \"%s\", \"formula\": 1, \"version\": 2, \"size\": %s}".formatted(key, size));
        if (answer.status() == 200) {
            begun.add(answer.at("/batch/id").asLong());
        }
        return answer;
    }

    private Answer begin() {
        return begin(UUID.randomUUID().toString(), "null").expect(200);
    }

    private static String entry(String key, String kind, String more) {
        return "{\"key\": \"%s\", \"kind\": \"%s\", \"at\": \"%s\"%s}".formatted(key, kind, now(), more);
    }

    private Answer note(long id, String... entries) {
        return postJson("/api/bench/" + id + "/entries", "{\"entries\": [" + String.join(",", entries) + "]}");
    }

    @Test
    public void aBatchBegunTwiceUnderOneKeyIsOne() {
        String key = UUID.randomUUID().toString();
        long first = begin(key, "null").expect(200).at("/batch/id").asLong();
        assertEquals(begin(key, "null").expect(200).at("/batch/id").asLong(), first);
        assertEquals(begin("no-uuid", "null").expect(422).at("/faults/0/field").asString(), "key");
    }

    @Test
    public void theRunSheetIsWordedInTheKitchensFigures() {
        Answer begun = begin();
        assertEquals(begun.at("/run/current").asString(), "set-up");
        for (JsonNode step : begun.at("/steps")) {
            String words = step.at("/words").toString();
            assertFalse(words.equals("[]"), step.at("/step/key").asString());
            assertFalse(words.contains("null"), words);
        }
        assertTrue(
                begun.at("/water/firstPourGrams").asDouble() > 0,
                begun.at("/water").toString());
        assertTrue(begun.at("/picture/curve/minutes").size() > 100, "the feel is predicted");
    }

    @DataProvider
    Object[][] sizes() {
        return new Object[][] {{"{\"factor\": 2.5}", 2.5}, {"{\"flourGrams\": 100}", null}, {"{\"pieces\": 4}", null}};
    }

    @Test(dataProvider = "sizes")
    public void aBatchIsOfAnySize(String size, Double factor) {
        double once = begin().at("/bowl/doughGrams").asDouble();
        Answer sized = begin(UUID.randomUUID().toString(), size).expect(200);
        double times = sized.at("/batch/factor").asDouble();
        assertTrue(factor == null || factor == times);
        assertEquals(sized.at("/bowl/doughGrams").asDouble(), once * times, once * times * 0.01);
    }

    @Test
    public void aSizeThatCannotBeIsRefusedByItsField() {
        Answer refused = begin(UUID.randomUUID().toString(), "{\"factor\": 2, \"pieces\": 4}");
        assertEquals(refused.expect(422).at("/faults/0/field").asString(), "pieces");
    }

    @Test
    public void whatIsNotedTwiceIsOneAndWhatIsUndoneStaysInTheRecord() {
        long id = begin().at("/batch/id").asLong();
        String key = UUID.randomUUID().toString();
        String pour = entry(key, "pour", ", \"subject\": \"water\", \"figure\": 200, \"outcome\": \"weighed\"");
        note(id, pour).expect(200);
        Answer noted = note(id, pour, entry(key + "-2", "felt", ", \"outcome\": \"soft\""))
                .expect(200);
        assertEquals(noted.at("/entries").size(), 2);
        assertEquals(noted.at("/run/poured/0/grams").asDouble(), 200.0);
        assertEquals(noted.at("/run/bowl/water").asString(), "poured");
        Answer undone = postJson("/api/bench/" + id + "/undo", "{\"key\": \"" + key + "\"}")
                .expect(200);
        assertEquals(undone.at("/entries").size(), 2);
        assertFalse(undone.at("/entries/0/undoneAt").isNull());
        assertEquals(undone.at("/run/bowl/water").asString(), "plan");
        assertEquals(note(id, pour).expect(200).at("/run/poured").size(), 0, "sent again, it stays undone");
        postJson("/api/bench/" + id + "/undo", "{\"key\": \"none\"}").expect(404);
    }

    @Test
    public void nothingIsNotedForLaterThanNow() {
        long id = begin().at("/batch/id").asLong();
        String later = OffsetDateTime.now(ZoneOffset.UTC).plusHours(3).toString();
        String wetted = "{\"key\": \"%s\", \"kind\": \"wetted\", \"at\": \"%s\"}";
        Answer noted = note(id, wetted.formatted(UUID.randomUUID(), later)).expect(200);
        assertEquals(noted.at("/run/minute").asDouble(), 0, 0.5);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"pour", ", \"subject\": \"water\", \"figure\": -5, \"outcome\": \"weighed\"", "figure"},
            {"pour", ", \"subject\": \"moss\", \"figure\": 5, \"outcome\": \"weighed\"", "subject"},
            {"felt", ", \"outcome\": \"gooey\"", "outcome"},
            {"sing", "", "kind"},
            {"note", "", "text"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByItsFieldAndNothingIsKept(String kind, String more, String field) {
        long id = begin().at("/batch/id").asLong();
        Answer refused = note(id, entry("good", "wetted", ""), entry("bad", kind, more));
        assertTrue(refused.status() == 422 || refused.status() == 400, "status " + refused.status());
        assertTrue(
                refused.at("/faults").toString().contains(field),
                refused.at("/faults").toString());
        assertEquals(getJson("/api/bench/" + id).expect(200).at("/entries").size(), 0);
    }

    @Test
    public void theRunningBatchesSayWhatIsNext() {
        long id = begin().at("/batch/id").asLong();
        note(id, entry(UUID.randomUUID().toString(), "timer", ", \"text\": \"Griddle on\", \"figure\": 300"))
                .expect(200);
        JsonNode own = null;
        for (JsonNode each : getJson("/api/bench").expect(200).at("/batches")) {
            own = each.at("/batch/id").asLong() == id ? each : own;
        }
        assertEquals(own.at("/timer").asString(), "Griddle on");
        assertEquals(own.at("/step").asString(), "set-up");
    }

    @Test
    public void aBatchThatIsNotThereIsNotFound() {
        getJson("/api/bench/999999").expect(404);
        note(999_999, entry("x", "wetted", "")).expect(404);
    }

    @Test
    public void theSheetOfAFormulaHasItsOwnSteps() {
        String formula = """
                {"style": "roti", "method": {"steps": [{"step": "divide", "leftOut": true},
                   {"after": "rest", "words": "Light the second burner.", "minutes": 3}, {"step": "rest", "words": "Under the tray."}]},
                 "lines": [{"ingredient": "wheat-atta", "grams": 400}, {"ingredient": "water", "grams": 262}]}
                """;
        Answer sheet = postJson("/api/bench/sheet", formula).expect(200);
        assertEquals(sheet.at("/leftOut/0/key").asString(), "divide");
        List<String> keys = sheet.at("/steps")
                .valueStream()
                .map(each -> each.at("/step/key").asString())
                .toList();
        int rest = keys.indexOf("rest");
        assertEquals(keys.get(rest + 1), "own");
        String words = sheet.at("/steps/" + rest + "/words/0")
                .valueStream()
                .map(run -> run.at("/text").asString())
                .reduce("", String::concat);
        assertTrue(words.startsWith("Let it rest") && words.endsWith("Under the tray."), words);
        assertEquals(sheet.at("/steps/" + (rest + 1) + "/words/0/0/text").asString(), "Light the second burner.");
        assertEquals(
                postJson("/api/bench/sheet", formula.replace("Light the second burner.", " "))
                        .expect(422)
                        .at("/faults/0/field")
                        .asString(),
                "method.steps[1].words");
    }
}
