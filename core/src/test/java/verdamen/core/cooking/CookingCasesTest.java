package verdamen.core.cooking;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.core.Doughs;
import verdamen.core.WorkedCases;
import verdamen.core.WorkedCases.StationCase;

/** The worked cases of cooking and keeping. */
public class CookingCasesTest {

    /** The cases are rounded to 4 decimals. */
    private static final double ROUNDING = 0.00006;

    @DataProvider
    Object[][] cooking() {
        return rows("cooking", 7);
    }

    @DataProvider
    Object[][] keeping() {
        return rows("keeping", 10);
    }

    private static Object[][] rows(String part, int count) {
        List<StationCase> cases = WorkedCases.station(part);
        assertEquals(cases.size(), count);
        return cases.stream().map(each -> new Object[] {each}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "cooking")
    public void aPieceCooksAsInEachWorkedCase(StationCase worked) {
        JsonNode asked = worked.asked();
        Cooking found = Cooking.of(
                new CookQuestion(
                        worked.formula(),
                        number(asked, "pieceGrams"),
                        number(asked, "panC"),
                        number(asked, "burnerW"),
                        null,
                        null,
                        null),
                Doughs.BOOK);
        JsonNode expected = worked.expected();
        same(found.sideOneS(), expected, "sideOneS");
        same(found.sideTwoS(), expected, "sideTwoS");
        same(found.cookLossPct(), expected, "cookLossPct");
        same(found.cookedGrams(), expected, "cookedGrams");
        same(found.heatKj(), expected, "heatKj");
        same(found.heatS(), expected, "heatS");
        same(found.cycleS(), expected, "cycleS");
        same(found.piecesPerHour(), expected, "piecesPerHour");
        assertEquals(found.limitedBy().code(), expected.get("limitedBy").asString());
    }

    @Test(dataProvider = "keeping")
    public void breadKeepsAsInEachWorkedCase(StationCase worked) {
        Keeping found = Keeping.of(
                new KeepingQuestion(
                        worked.formula(), worked.asked().get("storage").asString(), null),
                Doughs.BOOK);
        JsonNode expected = worked.expected();
        same(found.bakedMoisturePct(), expected, "bakedMoisturePct");
        if (expected.get("softHours").isNull()) {
            assertNull(found.softHours());
            assertNull(found.foldThresholdPct());
            assertNull(found.foldAt());
            return;
        }
        same(found.foldThresholdPct(), expected, "foldThresholdPct");
        same(found.softHours(), expected, "softHours");
        assertEquals(found.foldAt().size(), expected.get("foldAt").size());
        found.foldAt().forEach((hours, chance) -> same(chance, expected.get("foldAt"), hours));
    }

    private static @Nullable Double number(JsonNode asked, String name) {
        return asked.has(name) ? Double.valueOf(asked.get(name).asDouble()) : null;
    }

    private static void same(double found, JsonNode expected, String name) {
        assertEquals(found, expected.get(name).asDouble(), ROUNDING, name);
    }
}
