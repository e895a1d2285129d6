package verdamen.core;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.core.WorkedCases.WorkedCase;
import verdamen.core.balance.Balance;
import verdamen.core.balance.LedgerRow;
import verdamen.core.balance.Water;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.FormulaReader;
import verdamen.core.handling.Handling;
import verdamen.core.handling.RollingWindow;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

public class WorkedCasesTest {

    /** The cases are rounded to 4 decimals; the issue allows 0.1 % or 0.01 absolute, this asks for more. */
    private static final double ROUNDING = 0.0001;

    private static final Pantry BOOK = ReferenceTables.load();

    @DataProvider
    Object[][] cases() {
        return WorkedCases.rows();
    }

    @Test
    public void thereAreNineteenCases() {
        assertEquals(WorkedCases.all().size(), 19);
    }

    @Test(dataProvider = "cases")
    public void givesTheBalanceOfEachWorkedCase(WorkedCase worked) {
        Balance balance = sheet(worked).balance();
        JsonNode expected = worked.expected();
        same(balance.flourGrams(), expected, "flourGrams");
        same(balance.doughGrams(), expected, "doughGrams");
        JsonNode hydration = expected.get("hydration");
        same(balance.hydration().bakersPct(), hydration, "bakersPct");
        same(balance.hydration().effectivePct(), hydration, "effectivePct");
        same(balance.hydration().totalWaterPct(), hydration, "totalWaterPct");
        same(balance.rollAtMinute(), expected, "rollAtMinute");
        same(balance.softness(), expected, "softnessAtRoll");
        same(balance.bringsGrams(), expected, "bringsGrams");
        same(balance.drinksGrams(), expected, "drinksGrams");
    }

    @Test(dataProvider = "cases")
    public void givesTheWaterOfEachWorkedCase(WorkedCase worked) {
        Water water = sheet(worked).balance().water();
        JsonNode expected = worked.expected().get("water");
        same(water.needed(), expected, "needed");
        same(water.sd(), expected, "sd");
        same(water.low(), expected, "low");
        same(water.high(), expected, "high");
        same(water.firstPour(), expected, "firstPour");
        same(water.holdBack(), expected, "holdBack");
        assertEquals(water.topUncertainLine(), expected.get("topUncertainLine").asInt());
    }

    @Test(dataProvider = "cases")
    public void givesTheLedgerOfEachWorkedCase(WorkedCase worked) {
        List<LedgerRow> ledger = sheet(worked).balance().ledger();
        JsonNode expected = worked.expected().get("ledger");
        assertEquals(ledger.size(), expected.size());
        for (int i = 0; i < ledger.size(); i++) {
            assertEquals(
                    ledger.get(i).ingredient(),
                    expected.get(i).get("ingredient").asString());
            same(ledger.get(i).bringsGrams(), expected.get(i), "bringsGrams");
            same(ledger.get(i).drinksGrams(), expected.get(i), "drinksGrams");
        }
    }

    @Test(dataProvider = "cases")
    public void givesTheHandlingOfEachWorkedCase(WorkedCase worked) {
        Evaluation sheet = sheet(worked);
        Handling handling = sheet.handling();
        JsonNode expected = worked.expected().get("handling");
        same(handling.puff(), expected, "puff");
        same(handling.gluten(), expected, "gluten");
        same(handling.sheetStrength(), expected, "sheetStrength");
        same(handling.pieceShare(), expected, "pieceShare");
        same(handling.minSheetMm(), expected, "minSheetMm");
        same(handling.stick(), expected, "stick");
        same(handling.crack(), expected, "crack");
        same(handling.tear(), expected, "tear");
        same(handling.springBackPct(), expected, "springBackPct");
        same(handling.rollability(), expected, "rollability");
        same(handling.softness(), expected, "softness");
        JsonNode window = worked.expected().get("window");
        // the cases of the dough alone know no rise
        RollingWindow rolls = RollingWindow.of(sheet.dough()).orElse(null);
        if (window.isNull()) {
            assertNull(rolls);
        } else {
            assertEquals(rolls.first(), window.get(0).asInt());
            assertEquals(rolls.last(), window.get(1).asInt());
        }
    }

    private static Evaluation sheet(WorkedCase worked) {
        return Evaluation.of(FormulaReader.read(worked.request(), BOOK));
    }

    private static void same(@Nullable Double actual, JsonNode expected, String field) {
        JsonNode value = expected.get(field);
        if (value.isNull()) {
            assertNull(actual, field);
            return;
        }
        assertTrue(actual != null, field + " is missing");
        assertEquals(actual, value.asDouble(), ROUNDING, field);
    }
}
