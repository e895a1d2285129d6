package verdamen.server.migration;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.pantry.Role;
import verdamen.core.revision.RevisionTwo;
import verdamen.server.batch.Batch;
import verdamen.server.batch.BatchService;
import verdamen.server.formula.FormulaDocument;
import verdamen.server.formula.FormulaService;
import verdamen.server.formula.SaidOfVersion;
import verdamen.server.formula.StoredFormula;
import verdamen.server.pantry.LotService;
import verdamen.server.pantry.MeasureService;
import verdamen.server.pantry.PantryService;
import verdamen.server.testing.TestDatabase;

/**
 * A database as the program before documents and kitchens left it, with the demo data and a formula in which every field
 * is used, comes through its migration as it was.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.NONE)
public class MigrationTest extends AbstractTestNGSpringContextTests {

    private static final Path BEFORE = Path.of("src/test/resources/verdamen/server/migration");

    @Autowired
    private FormulaService formulas;

    @Autowired
    private StoredFormula stored;

    @Autowired
    private PantryService pantry;

    @Autowired
    private LotService lots;

    @Autowired
    private MeasureService measures;

    @Autowired
    private BatchService batches;

    @Autowired
    private JsonMapper json;

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) {
        registry.add(
                "spring.datasource.url", () -> TestDatabase.of("migration_test", BEFORE.resolve("database-v7.sql")));
        registry.add("spring.datasource.username", () -> TestDatabase.USER);
    }

    @Test
    public void everyVersionHoldsWhatItHeld() throws IOException {
        JsonNode versions = json.readTree(Files.readString(BEFORE.resolve("versions-v7.json")));
        assertTrue(versions.size() > 20, "versions before: " + versions.size());
        for (JsonNode before : versions) {
            FormulaSpec asItWas = stored.read(1, before.get("formula"));
            FormulaDocument now = formulas.version(
                    before.get("id").asLong(), before.get("number").asInt());
            assertEquals(now.formula(), asItWas, "formula " + before.get("id") + " version " + before.get("number"));
        }
    }

    @Test
    public void theFormulaWithEveryFieldKeepsEachOfThem() {
        FormulaDocument full = formulas.newest(9);
        assertEquals(full.version().name(), "Everything at once");
        FormulaSpec formula = full.formula();
        assertEquals(formula.lines().get(0).measured().absorptionSdPct(), 1.1);
        assertEquals(formula.lines().get(0).origin().lot(), Long.valueOf(9));
        assertEquals(formula.lines().get(2).measured().temperatureC(), 30.0);
        assertEquals(formula.lines().get(3).measured().pieceMm(), 2.5);
        assertEquals(formula.lines().get(8).open(), "unread");
        assertEquals(formula.notes().acknowledged().get(0).who(), "Bench");
        assertEquals(formula.notes().setAside().get(0).reason(), "it is meant so");
        assertEquals(formula.preps().get(0).steps().get(1).added().get(0).grams(), 4.0);
        assertEquals(formula.method().phases().size(), 2);
    }

    @Test
    public void everyVersionKeepsWhatRevisionTwoSaidOfIt() throws IOException {
        RevisionTwo before = new RevisionTwo(pantry.pantry());
        int others = 0;
        for (JsonNode version : json.readTree(Files.readString(BEFORE.resolve("versions-v7.json")))) {
            FormulaDocument now = formulas.version(
                    version.get("id").asLong(), version.get("number").asInt());
            SaidOfVersion said = now.said();
            if (said.now() == null) {
                assertNull(said.then(), "what has a fault now had it then");
                continue;
            }
            assertEquals(said.then(), before.said(now.formula()));
            assertEquals(said.then().revision(), 2);
            assertEquals(said.now().revision(), 3);
            assertEquals(said.why(), said.then().differsFrom(said.now()) ? SaidOfVersion.Why.MODEL : null);
            others += said.why() == null ? 0 : 1;
        }
        assertTrue(others > 0, "revision 3 says something else of one of them");
        assertEquals(formulas.said(1).get(0), formulas.newest(1).said());
    }

    @Test
    public void thePantryOfTheKitchenIsThere() {
        assertEquals(
                pantry.pantry().ingredient("own-mill-sweepings").orElseThrow().role(), Role.FLOUR);
        assertEquals(
                pantry.kitchenPantry().ownValues().get("khorasan-whole").get(0).source(), "six batches at our mill");
        assertFalse(pantry.prices().isEmpty());
        assertTrue(pantry.names().stream().anyMatch(taught -> taught.name().equals("sweepings")));
        assertEquals(lots.lots().size(), 10);
        assertEquals(measures.document().weighIns().size(), 11);
    }

    @Test
    public void batchesHaveTheirCorrections() {
        List<Batch> first = batches.batches(1);
        Batch finished = first.get(first.size() - 1);
        assertEquals(finished.version(), 2);
        Batch.Correction putIn = finished.corrections().stream()
                .filter(each -> !each.additions().isEmpty())
                .findFirst()
                .orElseThrow();
        assertEquals(putIn.additions().get(0).grams(), 14.5);
        assertEquals(finished.wettedAt(), finished.startedAt());
        List<Batch> second = batches.batches(2);
        assertTrue(second.get(second.size() - 1).finishedAt() == null, "still running");
    }
}
