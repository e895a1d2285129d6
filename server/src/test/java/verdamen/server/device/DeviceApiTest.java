package verdamen.server.device;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.time.OffsetDateTime;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Simulated devices over the API, on a clock of their own. */
public class DeviceApiTest extends ServerTest {

    private static final String DEVICES = "/api/devices";

    @BeforeMethod
    public void clear() {
        clearTheBench();
    }

    @AfterMethod
    public void setRight() {
        postJson(DEVICES + "/simulation", "{\"putGrams\": -10000, \"burner\": 0}")
                .expect(200);
        postJson(DEVICES + "/tare", "").expect(200);
        postJson(DEVICES + "/clock", "{}").expect(200);
    }

    private static JsonNode device(Answer answer, String kind) {
        for (JsonNode each : answer.at("/devices")) {
            if (each.at("/kind").asString().equals(kind)) {
                return each;
            }
        }
        throw new AssertionError("no " + kind);
    }

    @Test
    public void aPracticeClockRunsAheadWithTheDevicesAndIsSetRight() {
        Answer fast = postJson(DEVICES + "/clock", "{\"speed\": 600}").expect(200);
        assertEquals(fast.at("/clock/right").asBoolean(), false);
        postJson(DEVICES + "/simulation", "{\"putGrams\": 40, \"burner\": 1}").expect(200);
        OffsetDateTime before = OffsetDateTime.parse(fast.at("/clock/now").asString());
        Answer later = awaitAhead(before);
        assertTrue(
                device(later, "pan").at("/reading").asDouble() > 80,
                later.at("/devices").toString());
        Answer right = postJson(DEVICES + "/clock", "{}").expect(200);
        assertTrue(right.at("/clock/right").asBoolean());
        postJson(DEVICES + "/clock", "{\"speed\": 601}").expect(422);
    }

    /** Asks until five minutes have gone by on the fast clock, half a second of the world's. */
    private Answer awaitAhead(OffsetDateTime from) {
        Answer answer = getJson(DEVICES).expect(200);
        while (Duration.between(
                                from,
                                OffsetDateTime.parse(answer.at("/clock/now").asString()))
                        .toSeconds()
                < 300) {
            answer = getJson(DEVICES).expect(200);
        }
        return answer;
    }

    @Test
    public void aPulledPlugIsNoReading() {
        postJson(DEVICES + "/simulation", "{\"plug\": \"probe\", \"in\": false}")
                .expect(200);
        assertTrue(device(getJson(DEVICES).expect(200), "probe").at("/reading").isNull());
        Answer back = postJson(DEVICES + "/simulation", "{\"plug\": \"probe\", \"in\": true}")
                .expect(200);
        assertNotNull(device(back, "probe").at("/reading"));
        assertFalse(device(back, "probe").at("/lost").asBoolean());
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"{\"burner\": 1.5}"}, {"{\"putGrams\": 1e9}"}, {"{\"pieceGrams\": -1}"}, {"{\"plug\": \"toaster\"}"}
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeDoneIsRefused(String action) {
        int status = postJson(DEVICES + "/simulation", action).status();
        assertTrue(status == 422 || status == 400, "status " + status);
    }

    @Test
    public void aBatchBegunOnAPracticeClockIsMarked() {
        postJson(DEVICES + "/clock", "{\"speed\": 2}").expect(200);
        Answer begun = postJson("/api/formulas/1/batches", "{\"version\": 1, \"minutesAgo\": 0}")
                .expect(200);
        long id = begun.at("/0/id").asLong();
        Answer file = getJson("/api/bench/" + id).expect(200);
        assertTrue(file.at("/batch/practice").asBoolean());
        assertEquals(
                postJson(DEVICES + "/clock", "{}")
                        .expect(422)
                        .at("/faults/0/code")
                        .asString(),
                "in-use",
                "it would have been begun in the future");
        delete("/api/batches/" + id).expect(200);
    }
}
