package verdamen.server.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;
import verdamen.server.ServerTest;

public class PantryApiTest extends ServerTest {

    @Autowired
    private PantryService service;

    @Autowired
    private JdbcTemplate jdbc;

    @Test
    public void thePantryIsTheBookWithTheKitchensOwnOverIt() {
        Pantry book = ReferenceTables.load();
        Pantry kept = service.pantry();
        for (Ingredient ingredient : book.ingredients()) {
            assertEquals(service.kitchenPantry().book().get(ingredient.code()), ingredient);
        }
        assertEquals(List.copyOf(kept.styles()), List.copyOf(book.styles()));
        assertEquals(kept.feels(), book.feels());
    }

    @Test
    public void theBookIsNotInTheDatabase() {
        assertEquals(
                jdbc.queryForObject(
                        "select count(*) from information_schema.tables where table_schema = 'public' and table_name in"
                                + " ('ingredient', 'style', 'inclusion_form', 'feel', 'measure', 'flour_behaviour')",
                        Long.class),
                Long.valueOf(0));
    }

    @Test
    public void saysThatTheFiguresAreTypicalValues() {
        JsonNode pantry = getJson("/api/pantry").expect(200).body();
        assertTrue(pantry.get("typicalValues").asBoolean());
        assertTrue(pantry.get("ingredients").size() >= 139);
        assertEquals(pantry.at("/ingredients/0/behaviour/confidence").asString(), "high");
        assertEquals(pantry.at("/ingredients/0/role").asString(), "flour");
    }

    @DataProvider
    Object[][] badSettings() {
        return new Object[][] {
            {
                "{\"name\":\"\",\"massUnit\":\"g\",\"temperatureUnit\":\"C\",\"decimalMark\":\"point\",\"dateOrder\":\"iso\",\"cupMl\":240.0,\"currency\":\"€\"}",
                "name"
            },
            {
                "{\"name\":\"K\",\"massUnit\":\"stone\",\"temperatureUnit\":\"C\",\"decimalMark\":\"point\",\"dateOrder\":\"iso\",\"cupMl\":240.0,\"currency\":\"€\"}",
                "massUnit"
            },
            {
                "{\"name\":\"K\",\"massUnit\":\"g\",\"lengthUnit\":\"ft\",\"temperatureUnit\":\"C\",\"decimalMark\":\"point\",\"dateOrder\":\"iso\",\"cupMl\":240.0,\"currency\":\"€\"}",
                "lengthUnit"
            },
            {
                "{\"name\":\"K\",\"massUnit\":\"g\",\"temperatureUnit\":\"C\",\"decimalMark\":\"point\",\"dateOrder\":\"iso\",\"cupMl\":24.0,\"currency\":\"€\"}",
                "cupMl"
            },
            {
                "{\"name\":\"K\",\"massUnit\":\"g\",\"temperatureUnit\":\"C\",\"decimalMark\":\"point\",\"cupMl\":240.0,\"currency\":\"€\"}",
                "dateOrder"
            },
        };
    }

    @Test(dataProvider = "badSettings")
    public void refusesAKitchenSettingThatIsNoChoice(String body, String field) {
        assertEquals(putJson("/api/kitchen", body).expect(422).at("/field").asString(), field);
    }

    @Test
    public void keepsTheKitchensSettings() {
        JsonNode before = getJson("/api/kitchen").expect(200).body();
        String settings =
                "{\"name\":\"North kitchen\",\"massUnit\":\"oz\",\"lengthUnit\":\"in\",\"temperatureUnit\":\"F\",\"decimalMark\":\"comma\",\"dateOrder\":\"iso\",\"cupMl\":240.0,\"cupFilling\":\"scooped\",\"currency\":\"€\",\"pans\":[]}";
        putJson("/api/kitchen", settings).expect(200);
        assertEquals(getJson("/api/kitchen").body(), json.readTree(settings));
        // One that says nothing of sizes leaves them as they are.
        putJson("/api/kitchen", settings.replace("\"lengthUnit\":\"in\",", "")).expect(200);
        assertEquals(getJson("/api/kitchen").at("/lengthUnit").asString(), "in");
        putJson("/api/kitchen", before.toString()).expect(200);
    }
}
