package verdamen.server.kitchen;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.ContextConfiguration;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import verdamen.server.ServerTest;
import verdamen.server.testing.AskedKitchen;

/** A second kitchen on the same database sees and touches nothing of the first. */
@ContextConfiguration(classes = AskedKitchen.class)
public class TwoKitchensTest extends ServerTest {

    private static final long SECOND = 2;
    private static final String[] LISTS = {
        "/api/formulas/1/batches", "/api/pantry/lots", "/api/intake/names",
    };

    @Autowired
    private JdbcTemplate jdbc;

    @BeforeClass
    public void openASecondKitchen() {
        AskedKitchen.open(jdbc, SECOND);
    }

    @AfterMethod
    public void backToTheFirst() {
        AskedKitchen.askTheFirst();
    }

    @Test
    public void theSecondKitchenIsEmptyAndStaysApart() {
        int lots = getJson("/api/pantry/lots").body().size();
        AskedKitchen.ask(SECOND);
        assertEquals(getJson("/api/kitchen").at("/name").asString(), "Another kitchen");
        assertEquals(getJson("/api/formulas").at("/total").asInt(), 0);
        getJson("/api/formulas/1").expect(404);
        for (String list : LISTS) {
            assertEquals(getJson(list).expect(200).body().size(), 0, list);
        }
        assertEquals(getJson("/api/measures").at("/weighIns").size(), 0);
        putJson("/api/pantry/ingredients/wheat-atta/price", "{\"amount\": 77, \"per\": \"kg\"}")
                .expect(200);
        delete("/api/pantry/lots/1").expect(200);
        putJson("/api/formulas/1/state", "{\"state\": \"draft\"}").expect(404);

        AskedKitchen.askTheFirst();
        assertFalse(getJson("/api/pantry").body().toString().contains("\"amount\":77"));
        assertEquals(getJson("/api/pantry/lots").body().size(), lots);
        assertEquals(getJson("/api/kitchen").at("/massUnit").asString(), "g");
    }
}
