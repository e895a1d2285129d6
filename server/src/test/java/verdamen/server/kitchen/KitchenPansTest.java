package verdamen.server.kitchen;

import static org.testng.Assert.assertEquals;

import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import verdamen.server.ServerTest;

/** The kitchen's own pans, presses, cutters and peels. */
public class KitchenPansTest extends ServerTest {

    private String settings(String pans) {
        ObjectNode settings = (ObjectNode) getJson("/api/kitchen").body().deepCopy();
        settings.set("pans", pans.equals("null") ? json.nullNode() : json.readTree(pans));
        return settings.toString();
    }

    @Test
    public void pansAreKeptAndLeftAloneWhenNoneAreTold() {
        JsonNode before = getJson("/api/kitchen").at("/pans");
        String pans =
                "[{\"kind\":\"press\",\"name\":\"Long press\",\"diameterMm\":220.0,\"burnerW\":null,\"material\":\"ash\"}]";
        putJson("/api/kitchen", settings(pans)).expect(200);
        assertEquals(getJson("/api/kitchen").at("/pans").toString(), pans);
        putJson("/api/kitchen", settings("null")).expect(200);
        assertEquals(getJson("/api/kitchen").at("/pans").toString(), pans);
        putJson("/api/kitchen", settings("[]")).expect(200);
        assertEquals(getJson("/api/kitchen").at("/pans").size(), 0);
        putJson("/api/kitchen", settings(before.toString())).expect(200);
    }

    @Test
    public void everyWrongFigureOfAPanIsNamedByItsField() {
        JsonNode faults = putJson(
                        "/api/kitchen",
                        settings("[{\"kind\":\"kettle\",\"name\":\"\",\"diameterMm\":5,\"burnerW\":1},"
                                + "{\"kind\":\"pan\",\"name\":\"Flat\"}]"))
                .expect(422)
                .at("/faults");
        List<String> fields =
                faults.valueStream().map(each -> each.at("/field").asString()).toList();
        assertEquals(
                fields,
                List.of("pans[0].kind", "pans[0].name", "pans[0].diameterMm", "pans[0].burnerW", "pans[1].diameterMm"));
    }
}
