package verdamen.server.rework;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.UnsupportedEncodingException;
import java.util.ArrayList;
import java.util.List;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import verdamen.server.ServerTest;

/** Substitutions over the API. */
public class ReworkApiTest extends ServerTest {

    private static final String PITA =
            "{\"style\":\"pita\",\"lines\":[{\"ingredient\":\"wheat-strong-white\",\"grams\":500},"
                    + "{\"ingredient\":\"water\",\"grams\":310},{\"ingredient\":\"salt-fine\",\"grams\":9}]}";

    @Autowired
    private JsonMapper json;

    private JsonNode substitute(String changes, String more) {
        return postJson("/api/rework/substitute", "{\"formula\":%s,\"changes\":%s%s}".formatted(PITA, changes, more))
                .expect(200)
                .body();
    }

    @Test
    public void theAnswerHoldsTheFormulaAndItsBalance() {
        JsonNode answer = substitute("[{\"line\":0,\"by\":\"chickpea-flour\",\"share\":0.3,\"basis\":\"grams\"}]", "");
        assertEquals(
                postJson("/api/balance", answer.get("formula").toString())
                        .expect(200)
                        .body(),
                answer.get("balance"));
        assertEquals(postJson("/api/balance", PITA).expect(200).body(), answer.get("base"));
        assertEquals(answer.at("/balance/figures/legumePct").asDouble(), 30, 1e-9);
        assertEquals(answer.at("/base/figures/legumePct").asDouble(), 0.0);
        assertEquals(answer.at("/compared/lines/0/before/grams").asDouble(), 500.0);
        assertEquals(answer.at("/compared/lines/0/after/bakersPct").asDouble(), 70.0, 1e-9);
        assertTrue(answer.at("/compared/lines/1/before").isNull());
        assertEquals(
                answer.at("/balance/softnessAtRoll").asDouble(),
                answer.at("/balance/settings/softnessTarget").asDouble(),
                1e-6);
    }

    @Test
    public void whatIsLeftOutIsOfferedAndNotTaken() {
        JsonNode answer = substitute(
                "[{\"line\":0,\"by\":\"chickpea-flour\",\"share\":0.3}]",
                ",\"without\":[\"water\"],\"weighable\":true");
        assertEquals(answer.at("/formula/lines/2/grams").asDouble(), 310.0);
        JsonNode water = null;
        for (JsonNode proposal : answer.get("proposals")) {
            water = proposal.get("kind").asString().equals("water") ? proposal : water;
        }
        assertTrue(water != null && !water.get("taken").asBoolean());
    }

    @Test
    public void allergensThatComeInAndGoOutAreNamed() {
        JsonNode answer = substitute("[{\"line\":0,\"by\":\"soy-flour-full-fat\",\"share\":1}]", "");
        assertEquals(answer.at("/compared/allergensLost/0").asString(), "gluten");
        assertEquals(answer.at("/compared/allergensGained/0").asString(), "soy");
    }

    private JsonNode ladder(String more) {
        return postJson("/api/rework/ladder", "{\"formula\":%s,%s}".formatted(PITA, more))
                .expect(200)
                .body();
    }

    @Test
    public void aLadderHasTheBalanceOfEachRungAndSaysWhereLimitsAreCrossed() {
        JsonNode answer = ladder("\"change\":{\"line\":0,\"by\":\"pearl-millet-flour\"},\"rungs\":11,"
                + "\"limits\":[{\"figure\":\"sheetStrength\",\"atLeast\":60}]");
        assertEquals(answer.get("rungs").size(), 11);
        JsonNode rung = answer.at("/rungs/3");
        JsonNode alone = substitute(
                "[{\"line\":0,\"by\":\"pearl-millet-flour\",\"share\":%s}]".formatted(rung.get("share")), "");
        assertEquals(rung.get("formula"), alone.get("formula"));
        assertEquals(rung.get("balance"), alone.get("balance"));
        JsonNode crossing = answer.at("/crossings/0");
        assertEquals(crossing.get("figure").asString(), "sheetStrength");
        assertTrue(crossing.get("breaks").asBoolean());
        for (JsonNode each : answer.get("rungs")) {
            boolean broken =
                    each.get("share").asDouble() > crossing.get("share").asDouble();
            assertEquals(each.get("broken").size(), broken ? 1 : 0);
            assertEquals(each.at("/balance/figures/sheetStrength").asDouble() < 60, broken);
        }
    }

    @Test
    public void twoChangesAreAField() {
        JsonNode answer = ladder("\"change\":{\"line\":0,\"by\":\"pearl-millet-flour\"},\"rungs\":5,"
                + "\"second\":{\"change\":{\"add\":\"pumpkin-cooked\",\"form\":\"puree\"},\"to\":0.4,\"rungs\":6}");
        assertEquals(answer.get("field").size(), 30);
        assertEquals(answer.at("/field/29/second").asDouble(), 0.4);
        assertEquals(
                postJson("/api/balance", answer.at("/field/29/formula").toString())
                        .expect(200)
                        .body()
                        .get("figures"),
                answer.at("/field/29/figures"));
    }

    @Test
    public void asMuchAsItTakesIsAFormulaWithItsBalance() {
        JsonNode answer = postJson(
                        "/api/rework/most",
                        "{\"formula\":{\"style\":\"pita\",\"lines\":[{\"ingredient\":\"wheat-strong-white\",\"grams\":400},"
                                + "{\"ingredient\":\"chickpea-flour\",\"grams\":100},{\"ingredient\":\"water\",\"grams\":310}]},"
                                + "\"goal\":\"legumeProteinGrams\",\"free\":[{\"line\":1,\"low\":0,\"high\":600}],"
                                + "\"limits\":[{\"figure\":\"sheetStrength\",\"atLeast\":60}]}")
                .expect(200)
                .body();
        JsonNode balance = postJson("/api/balance", answer.get("formula").toString())
                .expect(200)
                .body();
        assertEquals(answer.get("balance"), balance);
        assertEquals(balance.at("/figures/legumeProteinGrams"), answer.get("value"));
        assertEquals(answer.get("binding").asString(), "sheetStrength");
        assertEquals(answer.at("/slack/sheetStrength").asDouble(), 0, 0.1);
        assertTrue(answer.at("/easing/sheetStrength").asDouble() > 0);
        assertTrue(answer.get("possible").asBoolean() && !answer.get("curve").isEmpty());
    }

    @Test
    public void aBlendIsInTheFormulaAndHasWhatIsWanted() {
        String flours = """
                [{"ingredient": "wheat-strong-white"}, {"ingredient": "emmer-whole", "moisturePct": 12, "lot": 1},
                 {"ingredient": "rye-whole", "lowShare": 0.1}]""";
        JsonNode answer = postJson("/api/rework/blend", """
                        {"formula": %s, "flours": %s, "wanted": [{"figure": "wholeGrainPct", "atLeast": 35}],
                         "goal": "proteinPct", "atMostFlours": 2, "weighable": true}
                        """.formatted(PITA, flours))
                .expect(200)
                .body();
        assertTrue(answer.get("possible").asBoolean());
        assertEquals(answer.get("parts").size(), 2);
        assertEquals(
                postJson("/api/balance", answer.get("formula").toString())
                        .expect(200)
                        .body(),
                answer.get("balance"));
        assertEquals(
                answer.at("/balance/figures/wholeGrainPct").asDouble(),
                answer.at("/figures/wholeGrainPct").asDouble(),
                0.2);
    }

    @Test
    public void theLotsInUseAreAtHandAndThoseUsedUpAreNot() {
        List<Long> inUse = new ArrayList<>();
        List<Long> usedUp = new ArrayList<>();
        for (JsonNode lot : getJson("/api/pantry/lots").expect(200).body()) {
            (lot.get("usedUp").asBoolean() ? usedUp : inUse).add(lot.get("id").asLong());
        }
        List<Long> atHand = new ArrayList<>();
        for (JsonNode flour :
                postJson("/api/rework/blend/flours", PITA).expect(200).body()) {
            atHand.add(flour.get("lot").asLong());
        }
        assertEquals(atHand, inUse, "the pita's flour has a lot");
        assertFalse(usedUp.isEmpty());
    }

    @Test
    public void aWayBackHasItsFormulaAndWhatItGains() {
        JsonNode answer = postJson(
                        "/api/rework/match",
                        "{\"formula\": %s, \"allergen\": \"gluten\", \"near\": [\"sheetStrength\"]}".formatted(PITA))
                .expect(200)
                .body();
        assertTrue(answer.at("/near/sheetStrength").asDouble() > 50);
        double before = 0;
        for (JsonNode way : answer.get("ways")) {
            assertEquals(
                    postJson("/api/balance", way.get("formula").toString())
                            .expect(200)
                            .body(),
                    way.get("balance"));
            assertEquals(way.at("/compared/allergensLost/0").asString(), "gluten");
            assertTrue(way.get("distance").asDouble() >= before);
            before = way.get("distance").asDouble();
        }
    }

    /** A formula that takes its time is told of line by line, and who listens has the same answer as who does not. */
    @Test
    public void aSearchSaysHowFarItIs() throws UnsupportedEncodingException {
        String asked = """
                {"formula": %s, "goal": "proteinGrams", "free": [{"line": 0, "low": 100, "high": 600}],
                 "limits": [{"figure": "rollability", "atLeast": 40}, {"figure": "saltPct", "atMost": 3}]}""".formatted(PITA);
        String[] lines = response(MockMvcRequestBuilders.post("/api/rework/most/progress")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(asked))
                .getContentAsString()
                .split("\n");
        int tried = 0;
        for (int at = 0; at < lines.length; at++) {
            JsonNode line = json.readTree(lines[at]);
            assertTrue(line.get("tried").asInt() >= tried, lines[at]);
            assertEquals(line.has("answer"), at == lines.length - 1);
            tried = line.get("tried").asInt();
        }
        JsonNode last = json.readTree(lines[lines.length - 1]).get("answer");
        JsonNode answer = postJson("/api/rework/most", asked).expect(200).body();
        assertEquals(last.get("value"), answer.get("value"));
        assertEquals(last.at("/formula/lines/0/grams"), answer.at("/formula/lines/0/grams"));
    }

    /** Each row: which question, what it says beside its formula, the field that is refused. */
    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"substitute", "'changes': []", "changes"},
            {"substitute", "'changes': [{'line': 0, 'by': 'emmer-whole', 'share': 2}]", "changes[0].share"},
            {"substitute", "'changes': [{'line': 0, 'by': 'gravel', 'share': 0.5}]", "changes[0].by"},
            {"substitute", "'changes': [{'line': 0, 'by': 'emmer-whole', 'share': 0.5}], 'without': ['luck']", "without"
            },
            {"ladder", "'rungs': 11", "change"},
            {"ladder", "'change': {'add': 'pumpkin-cooked'}, 'from': 0.5, 'to': 0.5", "to"},
            {"ladder", "'change': {'add': 'pumpkin-cooked'}, 'to': 1.5", "to"},
            {
                "ladder",
                "'change': {'add': 'pumpkin-cooked'}, 'limits': [{'figure': 'luck', 'atMost': 1}]",
                "limits[0].figure"
            },
            {"ladder", "'change': {'add': 'pumpkin-cooked'}, 'second': {'rungs': 5}", "second.change"},
            {"most", "'free': [{'line': 0, 'low': 1, 'high': 2}]", "goal"},
            {"most", "'goal': 'fibreGrams'", "free"},
            {"most", "'goal': 'fibreGrams', 'free': [{'line': 0, 'low': 9, 'high': 2}]", "free[0].high"},
            {"most", "'goal': 'fibreGrams', 'free': [{'line': 1, 'low': 0, 'high': 2}]", "free[0].line"},
            {"most/progress", "'goal': 'luck'", "goal"},
            {"blend", "'flours': []", "flours"},
            {"blend", "'flours': [{'ingredient': 'rye-whole'}, {'ingredient': 'salt-fine'}]", "flours[1].ingredient"},
            {"match", "'near': []", "out"},
            {"match", "'allergen': 'peanuts'", "allergen"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByName(String question, String more, String field) {
        String request = "{\"formula\":%s,%s}".formatted(PITA, more.replace('\'', '"'));
        assertEquals(
                postJson("/api/rework/" + question, request)
                        .expect(422)
                        .at("/faults/0/field")
                        .asString(),
                field);
    }
}
