package verdamen.server.method;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** The ways of making a dough over the API. */
public class MethodApiTest extends ServerTest {

    private static final String FORMULA = """
            {"style": "tortilla", "lines": [{"ingredient": "wheat-plain-white", "grams": 400},
             {"ingredient": "water", "grams": 200}, {"ingredient": "lard", "grams": 50},
             {"ingredient": "yeast-instant", "grams": 4}]}
            """;

    @Test
    public void schoolsStandSideBySideWithWhatTheyChange() {
        Answer answer = postJson("/api/method", FORMULA).expect(200);
        assertEquals(answer.at("/questions").size(), 11);
        JsonNode fat = answer.at("/questions/0");
        assertEquals(fat.at("/chosen").asString(), "with-water");
        JsonNode rubbed = fat.at("/schools/1");
        assertEquals(rubbed.at("/code").asString(), "coat-first");
        assertTrue(rubbed.at("/changes/waterGrams").asDouble() < -5, rubbed.toString());
        assertEquals(fat.at("/schools/0/changes/waterGrams").asDouble(), 0.0);
    }

    @Test
    public void choosingASchoolAnswersTheFormulaMadeThatWay() {
        String choice = "{\"formula\": %s, \"question\": \"%s\", \"school\": \"%s\"}";
        Answer chosen = postJson("/api/method/choose", choice.formatted(FORMULA, "rest", "overnight"))
                .expect(200);
        assertEquals(chosen.at("/method/phases/0/kind").asString(), "chill");
        assertEquals(
                postJson("/api/method/choose", choice.formatted(FORMULA, "rest", "never"))
                        .expect(422)
                        .at("/faults/0/field")
                        .asString(),
                "school");
    }

    @Test
    public void yeastsAreExchangedAtEqualStrength() {
        Answer equivalents = postJson("/api/method/equivalents", "{\"formula\": %s, \"line\": 3}".formatted(FORMULA))
                .expect(200);
        assertEquals(equivalents.at("/1/ingredient").asString(), "yeast-fresh");
        assertEquals(equivalents.at("/1/grams").asDouble(), 12.0, 1e-9);
        assertTrue(equivalents.at("/1/waterChangeGrams").asDouble() < 0, "fresh yeast brings water");
    }

    @Test
    public void aFaultOfTheMethodHasItsFieldAndWords() {
        String faulty =
                FORMULA.replaceFirst("\\{", "{\"method\": {\"phases\": [{\"kind\": \"chill\", \"minutes\": -3}]}, ");
        Answer refused = postJson("/api/method", faulty).expect(422);
        assertEquals(refused.at("/faults/0/field").asString(), "method.phases[0].minutes");
        assertEquals(refused.at("/faults/0/value").asString(), "-3.0");
        assertEquals(refused.at("/faults/0/limit").asDouble(), 0.0);
    }
}
