package verdamen.server.notebook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Versions of a formula, promoted, released and set aside, over the API. */
public class VersionTreeApiTest extends ServerTest {

    private static final String SPEC = """
            {"style": "roti", "lines": [{"ingredient": "wheat-atta", "grams": 400}, {"ingredient": "water", "grams": %s},
              {"ingredient": "salt-fine", "grams": 7}]}
            """;

    private long formula;

    @BeforeMethod
    public void save() {
        formula = postJson(
                        "/api/formulas",
                        "{\"name\": \"Promoted roti\", \"formula\": %s}".formatted(SPEC.formatted(262)))
                .expect(201)
                .at("/id")
                .asLong();
        version(1, 1, 270);
        version(1, 2, 255);
    }

    @AfterMethod
    public void takeBack() {
        for (JsonNode version : tree().at("/versions")) {
            if (version.at("/standing").asString().equals("released")) {
                put(version.at("/number").asInt(), "set-aside", "the test is over")
                        .expect(200);
            }
        }
        delete("/api/formulas/" + formula).expect(200);
    }

    private void version(int parent, int latest, double water) {
        postJson(
                        "/api/formulas/" + formula + "/versions",
                        "{\"name\": \"Promoted roti\", \"note\": \"more water\", \"parentNumber\": %d, \"latestKnown\": %d, \"formula\": %s}"
                                .formatted(parent, latest, SPEC.formatted(water)))
                .expect(201);
    }

    private Answer tree() {
        return getJson("/api/notebook/formulas/" + formula).expect(200);
    }

    private Answer put(int version, String standing, String reason) {
        return putJson(
                "/api/notebook/formulas/" + formula + "/versions/" + version + "/standing",
                "{\"standing\": \"%s\", \"reason\": \"%s\"}".formatted(standing, reason));
    }

    @Test
    public void theTreeSaysWhatEachVersionWasMadeFromAndWhatWasMadeOfIt() {
        clearTheBench();
        long batch = postJson(
                        "/api/bench",
                        "{\"key\": \"%s\", \"formula\": %d, \"version\": 2}".formatted(UUID.randomUUID(), formula))
                .expect(200)
                .at("/batch/id")
                .asLong();
        Answer tree = tree();
        delete("/api/batches/" + batch).expect(200);
        assertEquals(numbers(tree, "/number"), List.of(3, 2, 1), "the newest first");
        assertEquals(tree.at("/versions/0/parent").asInt(), 1);
        assertEquals(tree.at("/versions/1/parent").asInt(), 1);
        assertTrue(tree.at("/versions/2/parent").isNull());
        assertEquals(tree.at("/versions/1/batches/0/id").asLong(), batch);
        assertEquals(tree.at("/versions/1/made").asInt(), 1);
        assertEquals(tree.at("/versions/0/made").asInt(), 0);
    }

    private static List<Integer> numbers(Answer tree, String pointer) {
        return tree.at("/versions")
                .valueStream()
                .map(version -> version.at(pointer).asInt())
                .toList();
    }

    @Test
    public void aVersionIsPromotedStepByStepEachWithItsReason() {
        put(2, "trial", "softer").expect(200);
        put(2, "candidate", "came out well twice").expect(200);
        Answer tree = put(2, "released", "for the market").expect(200);
        assertEquals(tree.at("/versions/1/standing").asString(), "released");
        assertEquals(
                tree.at("/versions/1/steps")
                        .valueStream()
                        .map(step -> step.at("/standing").asString() + ": "
                                + step.at("/reason").asString())
                        .toList(),
                List.of("trial: softer", "candidate: came out well twice", "released: for the market"));
        assertEquals(tree.at("/state").asString(), "in-use");
        assertEquals(
                getJson("/api/formulas/" + formula)
                        .expect(200)
                        .at("/versions/1/standing")
                        .asString(),
                "released");
    }

    @Test
    public void aDraftOfWhichAVersionIsTriedIsOnTrial() {
        assertEquals(put(3, "trial", "drier").expect(200).at("/state").asString(), "on-trial");
    }

    @Test
    public void whatIsReleasedIsLocked() {
        put(2, "trial", "softer").expect(200);
        put(2, "released", "for the market").expect(200);
        refused(put(2, "trial", "once more"), "standing", "not-from-here");
        refused(delete("/api/formulas/" + formula), "released", "locked");
        assertEquals(
                put(2, "set-aside", "too soft")
                        .expect(200)
                        .at("/versions/1/standing")
                        .asString(),
                "set-aside");
    }

    @DataProvider
    Object[][] refusals() {
        return new Object[][] {
            {"released", "at once", "standing", "not-from-here"},
            {"draft", "it is one", "standing", "not-from-here"},
            {"excellent", "very", "standing", "unknown-code"},
            {"trial", "", "reason", "missing"},
            {"trial", "  ", "reason", "missing"},
        };
    }

    @Test(dataProvider = "refusals")
    public void aStepThatCannotBeIsRefusedByItsField(String standing, String reason, String field, String code) {
        refused(put(1, standing, reason), field, code);
        assertEquals(tree().at("/versions/2/standing").asString(), "draft");
    }

    private static void refused(Answer answer, String field, String code) {
        JsonNode fault = answer.expect(422).at("/faults/0");
        assertEquals(fault.at("/field").asString(), field);
        assertEquals(fault.at("/code").asString(), code);
    }

    @Test
    public void whatIsNotThereIsSaid() {
        put(99, "trial", "softer").expect(404);
        getJson("/api/notebook/formulas/987654321").expect(404);
    }

    @Test
    public void standingsAreInTheKitchensFileAndAreTakenOnce() {
        put(2, "trial", "softer").expect(200);
        JsonNode file = getJson("/api/files/kitchen").expect(200).body();
        JsonNode ours = file.at("/formulas")
                .valueStream()
                .filter(each -> each.at("/versions/0/name").asString().equals("Promoted roti"))
                .findFirst()
                .orElseThrow();
        assertEquals(ours.at("/standings/0/reason").asString(), "softer");
        String uid = UUID.randomUUID().toString();
        String renamed = ours.toString()
                .replace(ours.at("/uid").asString(), uid)
                .replace(
                        ours.at("/standings/0/uid").asString(),
                        UUID.randomUUID().toString())
                .replace("Promoted roti", "Promoted elsewhere");
        byte[] alone = "{\"format\": \"verdamen-kitchen\", \"version\": 3, \"formulas\": [%s]}"
                .formatted(renamed)
                .getBytes(StandardCharsets.UTF_8);
        postFile("/api/files/formulas", alone).expect(200);
        postFile("/api/files/formulas", alone).expect(200);
        long taken = getJson("/api/formulas?search=elsewhere")
                .expect(200)
                .at("/rows/0/id")
                .asLong();
        Answer tree = getJson("/api/notebook/formulas/" + taken).expect(200);
        delete("/api/formulas/" + taken).expect(200);
        assertEquals(tree.at("/versions/1/standing").asString(), "trial");
        assertEquals(tree.at("/versions/1/steps").size(), 1);
    }
}
