package verdamen.server.notebook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Batches and versions side by side, and the scorecard, over the API. */
public class ComparisonApiTest extends ServerTest {

    private static final String SPEC = """
            {"style": "roti", "lines": [{"ingredient": "wheat-atta", "grams": %s}, {"ingredient": "rye-whole", "grams": %s},
              {"ingredient": "water", "grams": %s}, {"ingredient": "salt-fine", "grams": 7}]}
            """;

    private long formula;
    private long plain;
    private long withRye;

    @BeforeClass
    public void make() {
        clearTheBench();
        formula = postJson(
                        "/api/formulas",
                        "{\"name\": \"Compared roti\", \"formula\": %s}".formatted(SPEC.formatted(400, 0, 262)))
                .expect(201)
                .at("/id")
                .asLong();
        postJson(
                        "/api/formulas/" + formula + "/versions",
                        "{\"name\": \"Compared roti\", \"note\": \"rye\", \"parentNumber\": 1, \"formula\": %s}"
                                .formatted(SPEC.formatted(320, 80, 272)))
                .expect(201);
        plain = batch(1, "firm", "fine", "well");
        withRye = batch(2, "slack", "stuck", "badly");
    }

    @AfterClass
    public void takeBack() {
        delete("/api/batches/" + plain).expect(200);
        delete("/api/batches/" + withRye).expect(200);
        delete("/api/formulas/" + formula).expect(200);
    }

    /** A finished batch of a version, felt at minute 40 and rolled ten minutes later. */
    private long batch(int version, String feel, String rolled, String verdict) {
        long id = postJson(
                        "/api/bench",
                        "{\"key\": \"%s\", \"formula\": %d, \"version\": %d}"
                                .formatted(UUID.randomUUID(), formula, version))
                .expect(200)
                .at("/batch/id")
                .asLong();
        String entries = String.join(
                ",",
                entry("wetted", 0, null, ""),
                entry("felt", 40, feel, ""),
                entry("rolled", 50, rolled, ", \"piece\": 1"),
                entry("finished", 80, null, ""),
                entry("verdict", 80, verdict, ""));
        postJson("/api/bench/" + id + "/entries", "{\"entries\": [" + entries + "]}")
                .expect(200);
        return id;
    }

    private static String entry(String kind, int minute, @Nullable String outcome, String more) {
        String time = java.time.OffsetDateTime.now(java.time.ZoneOffset.UTC)
                .minusMinutes(100L - minute)
                .toString();
        return "{\"key\": \"%s\", \"kind\": \"%s\", \"at\": \"%s\"%s%s}"
                .formatted(
                        UUID.randomUUID(),
                        kind,
                        time,
                        outcome == null ? "" : ", \"outcome\": \"" + outcome + "\"",
                        more);
    }

    private Answer compare(Object... items) {
        return getJson("/api/notebook/compare?items="
                + String.join(
                        ",", java.util.Arrays.stream(items).map(String::valueOf).toList()));
    }

    @Test
    public void twoBatchesSayWhatWasChangedAndWhatCameOfIt() {
        Answer answer = compare("b" + plain, "b" + withRye).expect(200);
        JsonNode against = answer.at("/comparison/against/0");
        assertEquals(
                against.at("/lines")
                        .valueStream()
                        .map(line -> line.at("/ingredient").asString())
                        .toList(),
                List.of("wheat-atta", "rye-whole", "water"));
        assertEquals(against.at("/fromVerdict").asString(), "well");
        assertEquals(against.at("/toVerdict").asString(), "badly");
        List<String> told = against.at("/cameOf")
                .valueStream()
                .filter(each -> each.at("/seen").asBoolean())
                .map(each -> each.at("/figure").asString())
                .toList();
        assertTrue(told.containsAll(List.of("water", "feel", "stick")), told.toString());
        assertEquals(answer.at("/items/1/felt/0/feel").asString(), "slack");
        assertFalse(answer.at("/items/0/picture/curve/minutes").isEmpty());
        List<Boolean> differ = answer.at("/comparison/lines")
                .valueStream()
                .map(line -> line.at("/differs").asBoolean())
                .toList();
        assertEquals(differ, differ.stream().sorted(Comparator.reverseOrder()).toList(), "what differs stands first");
    }

    @Test
    public void aVersionIsComparedByWhatIsPredicted() {
        Answer answer = compare("v" + formula + "-1", "v" + formula + "-2").expect(200);
        assertTrue(answer.at("/items/0/batch").isNull());
        for (JsonNode outcome : answer.at("/comparison/outcomes")) {
            assertTrue(outcome.at("/of/0/observed").isNull());
        }
        for (JsonNode told : answer.at("/comparison/against/0/cameOf")) {
            assertFalse(told.at("/seen").asBoolean());
        }
        compare("b" + plain, "v" + formula + "-2").expect(200);
    }

    @Test
    public void aBatchIsTheResultOfARun() {
        Answer result = getJson("/api/notebook/" + withRye + "/result").expect(200);
        assertEquals(result.at("/feel").asString(), "slack");
        assertEquals(result.at("/waterGrams").asDouble(), 272.0, 1e-9);
        assertEquals(result.at("/tears").asDouble(), 0.0);
        getJson("/api/notebook/987654321/result").expect(404);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {{"b1"}, {"b1,b1"}, {"b1,x7"}, {"b1,v3"}, {"b1,b2,b3,b4,b5"}, {"b1,b"}};
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeComparedIsRefused(String items) {
        assertEquals(
                getJson("/api/notebook/compare?items=" + items)
                        .expect(422)
                        .at("/faults/0/field")
                        .asString(),
                "items");
    }

    @Test
    public void whatIsNotThereIsSaid() {
        compare("b" + plain, "b987654321").expect(404);
        compare("b" + plain, "v987654321-1").expect(404);
        compare("b" + plain, "v" + formula + "-99").expect(404);
    }

    @Test
    public void theScorecardHoldsPredictionsAgainstTheLastBatches() {
        Answer card = getJson("/api/notebook/scorecard?formula=" + formula).expect(200);
        assertEquals(card.at("/batches").size(), 2);
        JsonNode feel = figure(card, "feel");
        assertEquals(feel.at("/points").size(), 2);
        assertEquals(feel.at("/points/0/batch").asLong(), plain, "the oldest first");
        double off = 0;
        for (JsonNode point : feel.at("/points")) {
            off += point.at("/observed").asDouble() - point.at("/predicted").asDouble();
        }
        assertEquals(feel.at("/bias").asDouble(), off / 2, 1e-9);
        assertTrue(figure(card, "spring-back").at("/bias").isNull(), "nobody measured it");
    }

    @Test
    public void aBatchThatIsLeftOutIsNotScored() {
        putJson("/api/learning/batches/" + plain, "{\"counts\": false}").expect(200);
        Answer card = getJson("/api/notebook/scorecard?formula=" + formula).expect(200);
        putJson("/api/learning/batches/" + plain, "{}").expect(200);
        assertEquals(card.at("/batches").size(), 1);
    }

    @Test
    public void theBookPredictsWithoutWhatIsTheKitchensOwn() {
        String value = "/api/pantry/ingredients/wheat-atta/values";
        String asked = "/api/notebook/scorecard?formula=" + formula;
        double book = figure(getJson(asked + "&byTheBook=true").expect(200), "feel")
                .at("/bias")
                .asDouble();
        putJson(value, "{\"field\": \"absorptionPct\", \"value\": 74, \"source\": \"tried\"}")
                .expect(200);
        try {
            double own = figure(getJson(asked).expect(200), "feel").at("/bias").asDouble();
            assertTrue(own > book, "a thirstier flour predicts a firmer dough");
            assertEquals(
                    figure(getJson(asked + "&byTheBook=true").expect(200), "feel")
                            .at("/bias")
                            .asDouble(),
                    book,
                    1e-9);
        } finally {
            putJson(value, "{\"field\": \"absorptionPct\"}").expect(200);
        }
    }

    @Test
    public void tooManyBatchesAreRefused() {
        assertEquals(
                getJson("/api/notebook/scorecard?last=5000")
                        .expect(422)
                        .at("/faults/0/field")
                        .asString(),
                "last");
    }

    private static JsonNode figure(Answer card, String code) {
        JsonNode found = card.at("/figures")
                .valueStream()
                .filter(each -> each.at("/figure").asString().equals(code))
                .findFirst()
                .orElse(null);
        assertNotNull(found, code);
        return found;
    }
}
