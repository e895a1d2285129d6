package verdamen.server.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
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
import org.springframework.test.context.ContextConfiguration;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import verdamen.server.ServerTest;
import verdamen.server.testing.AskedKitchen;

/** A kitchen moves to another server as one file and loses nothing; files of the version before are read. */
@ContextConfiguration(classes = AskedKitchen.class)
public class KitchenFileTest extends ServerTest {

    private static final long ELSEWHERE = 3;
    private static final long OLD_FILE = 4;
    private static final long BROKEN = 5;
    private static final Path VERSION_1 = Path.of("src/test/resources/verdamen/server/migration/formulas-file-v1.json");

    @Autowired
    private JdbcTemplate jdbc;

    @AfterMethod
    public void backToTheFirst() {
        AskedKitchen.askTheFirst();
    }

    @Test
    public void aKitchenMovesAsAWhole() throws IOException {
        postJson("/api/pantry/ingredients", """
                        {"name":"Moving blend","role":"flour","waterPct":12,"proteinPct":13,"fatPct":2,"carbPct":71.5,
                         "bulkDensityGPerMl":0.5,"absorptionPct":66}
                        """).expect(201);
        long batch = postJson("/api/formulas/2/batches", "{\"version\":1}")
                .expect(200)
                .at("/0/id")
                .asLong();
        postJson(
                        "/api/batches/" + batch + "/corrections",
                        "{\"minute\":20,\"action\":\"add-water\",\"note\":\"dry\",\"additions\":[{\"ingredient\":\"water\",\"grams\":12}]}")
                .expect(200);
        String file = getText("/api/files/kitchen");
        var problems = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formula-file.schema.json")), InputFormat.JSON)
                .validate(file, InputFormat.JSON);
        assertTrue(problems.isEmpty(), problems.toString());

        AskedKitchen.open(jdbc, ELSEWHERE);
        AskedKitchen.ask(ELSEWHERE);
        Answer taken = postFile("/api/files/formulas", bytes(file)).expect(200);
        assertEquals(
                taken.at("/added").size(), json.readTree(file).at("/formulas").size());
        assertEquals(comparable(getText("/api/files/kitchen")), comparable(file));

        Answer again = postFile("/api/files/formulas", bytes(file)).expect(200);
        assertEquals(again.at("/added").size() + again.at("/extended").size(), 0);
        assertEquals(comparable(getText("/api/files/kitchen")), comparable(file), "taken twice is taken once");
    }

    /** Each row: something of a series of trials, and what a broken file has in its place. */
    @DataProvider
    Object[][] broken() {
        return new Object[][] {
            {"\"uid\":\"", "\"uid\":\"no "},
            {"\"shares\":[0.0,0.25,", "\"shares\":[null,0.25,"},
            {"\"shares\":[0.0,0.25,0.5,0.75,1.0]", "\"shares\":[0.5]"},
            {"\"name\":\"Emmer up the ladder\"", "\"name\":\"" + "x".repeat(81) + "\""},
            {"\"rolling\":8.0", "\"rolling\":80"},
            {"\"runs\":[{\"shares\":[", "\"runs\":[{\"shares\":[0.1,"},
        };
    }

    @Test(dataProvider = "broken")
    public void aSeriesThatDoesNotHoldTogetherIsRefused(String sound, String broken) {
        AskedKitchen.askTheFirst();
        String file = getText("/api/files/kitchen");
        int from = file.indexOf("\"trials\":[{");
        int at = file.indexOf(sound, from);
        assertTrue(from > 0 && at > 0, sound);
        String wrong = file.substring(0, at) + broken + file.substring(at + sound.length());
        AskedKitchen.open(jdbc, BROKEN);
        AskedKitchen.ask(BROKEN);
        postFile("/api/files/formulas", bytes(wrong)).expect(422);
        assertEquals(getJson("/api/formulas").expect(200).at("/rows").size(), 0, "nothing of it was taken");
    }

    /** A kitchen's file without its moment and without what the lots are called inside it. */
    private JsonNode comparable(String file) {
        ObjectNode tree = (ObjectNode) json.readTree(file);
        tree.remove("exportedAt");
        String text = tree.toString();
        for (JsonNode lot : tree.at("/lots")) {
            text = text.replace(
                            "\"lot\":" + lot.get("id") + "}",
                            "\"lot\":\"" + lot.get("uid").asString() + "\"}")
                    .replace("\"id\":" + lot.get("id") + ",", "");
        }
        return json.readTree(text);
    }

    @Test
    public void aFormulaFileOfTheFirstVersionIsRead() throws IOException {
        AskedKitchen.open(jdbc, OLD_FILE);
        AskedKitchen.ask(OLD_FILE);
        String file = Files.readString(VERSION_1);
        Answer taken = postFile("/api/files/formulas", bytes(file)).expect(200);
        JsonNode before = json.readTree(file).at("/formulas");
        assertEquals(taken.at("/added").size(), before.size());
        JsonNode after = json.readTree(getText("/api/files/formulas")).at("/formulas");
        assertEquals(after.size(), before.size());
        int measured = 0;
        for (int i = 0; i < before.size(); i++) {
            JsonNode lines = before.at("/" + i + "/versions/0/formula/lines");
            for (int k = 0; k < lines.size(); k++) {
                JsonNode old = lines.get(k);
                JsonNode line = after.at("/" + i + "/versions/0/formula/lines/" + k);
                assertEquals(line.path("grams").asDouble(0), old.path("grams").asDouble(0));
                if (!old.get("moisturePct").isNull()) {
                    assertEquals(line.at("/measured/moisturePct"), old.get("moisturePct"));
                    measured++;
                }
            }
        }
        assertNotEquals(measured, 0, "the file has a measured line");
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
