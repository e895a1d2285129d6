package verdamen.server.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Batches by themselves as JSON and CSV, and back in. */
public class BatchFilesTest extends ServerTest {

    private long formula;
    private String uid;

    @BeforeMethod
    public void make() {
        clearTheBench();
        formula = postJson("/api/formulas", """
                        {"name": "=Filed roti, plain", "formula": {"style": "roti", "lines": [
                          {"ingredient": "wheat-atta", "grams": 400}, {"ingredient": "water", "grams": 262}]}}
                        """).expect(201).at("/id").asLong();
        uid = UUID.randomUUID().toString();
        long id = postJson(
                        "/api/bench",
                        "{\"key\": \"%s\", \"formula\": %d, \"version\": 1, \"size\": {\"factor\": 2}}"
                                .formatted(uid, formula))
                .expect(200)
                .at("/batch/id")
                .asLong();
        postJson(
                        "/api/bench/" + id + "/entries",
                        "{\"entries\": [%s, %s, %s, %s]}"
                                .formatted(
                                        entry(
                                                "felt",
                                                "\"outcome\": \"soft\", \"text\": \"with a \\\"dent\\\", and\\nsmooth\""),
                                        entry(
                                                "correction",
                                                "\"outcome\": \"add-water\", \"additions\": [{\"ingredient\": \"water\", \"grams\": 7.5}]"),
                                        entry("verdict", "\"outcome\": \"well\", \"text\": \"as it should\""),
                                        entry("finished", "\"text\": null")))
                .expect(200);
    }

    private static String entry(String kind, String more) {
        return "{\"key\": \"%s\", \"kind\": \"%s\", \"at\": \"%s\", %s}"
                .formatted(
                        UUID.randomUUID(),
                        kind,
                        java.time.OffsetDateTime.now(java.time.ZoneOffset.UTC).minusHours(1),
                        more);
    }

    @AfterMethod
    public void takeBack() {
        deleteBatches();
        delete("/api/formulas/" + formula).expect(200);
    }

    private void deleteBatches() {
        for (JsonNode row :
                getJson("/api/notebook?formula=" + formula).expect(200).at("/rows")) {
            delete("/api/batches/" + row.at("/id").asLong()).expect(200);
        }
    }

    private String file(String format) {
        return getText("/api/files/batches" + format + "?formula=" + formula);
    }

    private Answer bring(String file, boolean apply) {
        return postFile("/api/files/batches?apply=" + apply, file.getBytes(StandardCharsets.UTF_8));
    }

    @DataProvider
    Object[][] formats() {
        return new Object[][] {{""}, {".csv"}};
    }

    @Test(dataProvider = "formats")
    public void whatGoesOutComesBackAsItWas(String format) {
        String file = file(format);
        Answer here = bring(file, true).expect(200);
        assertEquals(here.at("/same").asInt(), 1, here.body().toString());
        assertEquals(here.at("/added").asInt(), 0);
        deleteBatches();
        Answer looked = bring(file, false).expect(200);
        assertEquals(looked.at("/added").asInt(), 1, looked.body().toString());
        assertEquals(
                getJson("/api/notebook?formula=" + formula)
                        .expect(200)
                        .at("/total")
                        .asInt(),
                0,
                "it was only looked at");
        assertTrue(bring(file, true).expect(200).at("/applied").asBoolean());
        assertEquals(file(format), file);
        JsonNode row = getJson("/api/notebook?formula=" + formula).expect(200).at("/rows/0");
        assertEquals(row.at("/verdict").asString(), "well");
        assertEquals(row.at("/said").asString(), "as it should");
        assertEquals(row.at("/factor").asDouble(), 2.0);
    }

    @Test
    public void howABatchWasMadeGoesOutAndComesBackToo() {
        String madeAs = "\"madeAs\":{\"chillMinutes\":840.0,\"kitchenC\":27.0,\"parBaked\":true,"
                + "\"splits\":[{\"storage\":\"freezer-bag\",\"pieces\":3}]},";
        String file = getJson("/api/files/batches?formula=" + formula)
                .expect(200)
                .body()
                .toString()
                .replaceFirst("\"madeAs\":null,", "")
                .replaceFirst("\"startedAt\"", madeAs + "\"startedAt\"");
        deleteBatches();
        assertEquals(bring(file, true).expect(200).at("/added").asInt(), 1);
        String csv = file(".csv");
        assertTrue(csv.contains("freezer-bag"), csv);
        JsonNode told =
                getJson("/api/files/batches?formula=" + formula).expect(200).at("/batches/0/batch/madeAs");
        assertEquals(told.at("/chillMinutes").asInt(), 840);
        deleteBatches();
        assertEquals(bring(csv, true).expect(200).at("/added").asInt(), 1);
        assertEquals(
                getJson("/api/files/batches?formula=" + formula).expect(200).at("/batches/0/batch/madeAs"), told);
        deleteBatches();
        Answer wrong = bring(file.replace("840.0", "9000"), true).expect(200);
        assertEquals(
                wrong.at("/rows/0/faults/0/field").asString(),
                "chillMinutes",
                wrong.body().toString());
    }

    /** Rows that cannot be taken, what stands in the place of what, and the field that is named. */
    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {",felt,", ",guessed,", "kind"},
            {",soft,", ",woolly,", "outcome"},
            {",well,", ",splendidly,", "outcome"},
        };
    }

    @Test(dataProvider = "refused")
    public void aRowThatCannotBeTakenIsRefusedAndNothingIsTaken(String right, String wrong, String field) {
        String file = file(".csv").replace(right, wrong);
        deleteBatches();
        Answer report = bring(file, true).expect(200);
        assertEquals(report.at("/refused").asInt(), 1, report.body().toString());
        assertTrue(
                report.body().toString().contains("\"field\":\"" + field + "\""),
                report.body().toString());
        assertEquals(
                getJson("/api/notebook?formula=" + formula)
                        .expect(200)
                        .at("/total")
                        .asInt(),
                0);
    }

    @Test
    public void batchesOfAFormulaThatIsNotHereAreRefused() {
        String own = getJson("/api/files/batches?formula=" + formula)
                .expect(200)
                .at("/batches/0/formula")
                .asString();
        Answer report = bring(file(".csv").replace(own, UUID.randomUUID().toString()), true)
                .expect(200);
        assertEquals(report.at("/rows/0/faults/0/field").asString(), "formula");
    }

    @Test
    public void aFileOfAnotherKindIsRefused() {
        bring("{\"format\": \"verdamen-kitchen\"}", true).expect(422);
        bring("{\"format\": \"verdamen-batches\", \"version\": 99, \"batches\": []}", true)
                .expect(422);
        bring("one,two\n1,2\n", true).expect(422);
        bring("{\"format\": \"verdamen-batches\", \"version\": 1, \"batches\": [{}]}", true)
                .expect(422);
        bring("{", true).expect(422);
    }
}
