package verdamen.server.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Edits by a rule of the job, as the page asks for them. */
public class EditApiTest extends ServerTest {

    private static final String AS_NEEDED = """
            {"style":"roti","lines":[{"ingredient":"wheat-atta","grams":400},
             {"ingredient":"water","open":"unknown-amount"},{"ingredient":"water","grams":60}]}
            """;
    private static final String WET = """
            {"style":"roti","lines":[{"ingredient":"wheat-atta","grams":300},
             {"ingredient":"carrot-raw","grams":400,"form":"raw-grated"},{"ingredient":"salt-fine","grams":30}]}
            """;

    private Answer edit(String formula, String edit) {
        return postJson("/api/edits", "{\"formula\":" + formula + ",\"edit\":" + edit + "}");
    }

    @Test
    public void waterSetOnAnOpenLineBalancesAndSaysWhatItChanged() {
        Answer edited = edit(AS_NEEDED, "{\"kind\":\"set-water\"}").expect(200);
        assertEquals(edited.at("/changes").size(), 1);
        assertEquals(edited.at("/changes/0/line").asInt(), 1);
        assertEquals(edited.at("/formula/lines/2/grams").asDouble(), 60.0);
        JsonNode water = postJson("/api/balance", edited.at("/formula").toString())
                .expect(200)
                .at("/water");
        assertEquals(water.get("missing").asDouble(), 0, 1);
    }

    @Test
    public void everyWayOutLeadsToTheSoftnessItPromised() {
        JsonNode ways = postJson("/api/balance", WET).expect(200).at("/tooMuch/waysOut");
        int taken = 0;
        for (JsonNode way : ways) {
            if (way.hasNonNull("obstacle")) {
                continue;
            }
            String line =
                    way.hasNonNull("line") ? ",\"line\":" + way.get("line").asInt() : "";
            String edit = "{\"kind\":\"take-way-out\",\"remedy\":\""
                    + way.get("remedy").asString() + "\"" + line + "}";
            Answer edited = edit(WET, edit).expect(200);
            double softness = postJson("/api/balance", edited.at("/formula").toString())
                    .expect(200)
                    .at("/softnessAtRoll")
                    .asDouble();
            assertEquals(softness, way.get("afterSoftness").asDouble(), 0.01, edit);
            taken++;
        }
        assertTrue(taken >= 3, ways.toString());
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {AS_NEEDED, "{}", "edit.kind"},
            {AS_NEEDED, "{\"kind\":\"bake\"}", "edit.kind"},
            {AS_NEEDED, "{\"kind\":\"prepare-line\",\"line\":-1}", "edit.line"},
            {AS_NEEDED, "{\"kind\":\"prepare-line\",\"line\":99}", "edit.line"},
            {AS_NEEDED, "{\"kind\":\"take-way-out\",\"remedy\":\"press\",\"line\":0}", "edit.remedy"},
            {AS_NEEDED, "{\"kind\":\"add-chain\",\"ingredient\":\"sawdust\"}", "edit.ingredient"},
            {"{\"style\":\"clay\",\"lines\":[]}", "{\"kind\":\"set-water\"}", "style"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeDoneIsRefusedWithItsField(String formula, String edit, String field) {
        Answer refused = edit(formula, edit).expect(422);
        assertEquals(refused.contentType(), "application/problem+json");
        assertEquals(refused.at("/faults/0/field").asString(), field);
        assertFalse(refused.at("/faults/0/code").asString().isEmpty());
    }
}
