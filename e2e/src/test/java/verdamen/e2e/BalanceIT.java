package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import verdamen.core.balance.Balance;
import verdamen.core.balance.LedgerRow;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Measured;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** The Balance station with the demo data: what the page shows is what the core says. */
public class BalanceIT extends BrowserTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final String NETTLE = "Nettle and rye tortilla";

    @BeforeMethod
    public void fresh() {
        forget();
    }

    @Test
    public void swapsFlourAddsPumpkinAndSavesTheNewVersion() {
        BalancePage page = openBalance(NETTLE);
        Balance before = core(nettle());
        assertEquals(page.waterNeeded(), mass(before.water().needed()));
        assertTrue(Math.abs(page.tilt()) < 3, "inside its window: " + page.tilt());

        page.addLine("emmer", "0");
        page.typePercentage(7, "30");
        assertEquals(page.field(0, "grams"), "189");
        assertEquals(page.field(7, "grams"), "111");
        page.addLine("pumpkin cooked", "90");
        page.chooseForm(8, "puréed");
        page.settled();

        List<LineSpec> lines = new ArrayList<>(nettle());
        lines.set(0, lines.get(0).withGrams(189.0));
        lines.set(1, lines.get(1).withGrams(70.0));
        lines.add(LineSpec.of("emmer-whole", 111));
        lines.add(LineSpec.of("pumpkin-cooked", 90).withForm("puree"));
        Balance after = core(lines);
        page.waitForNeeded(mass(after.water().needed()));
        assertEquals(
                page.waterRange(),
                "about " + Math.round(after.water().told().low()) + " to "
                        + mass(after.water().told().high()));
        for (LedgerRow row : after.ledger()) {
            assertEquals(page.ledger(row.ingredient(), "brings"), number(row.bringsGrams()), row.ingredient());
            assertEquals(page.ledger(row.ingredient(), "drinks"), number(row.drinksGrams()), row.ingredient());
        }
        assertEquals(page.block("brings", 8), after.ledger().get(8).bringsGrams(), 0.01);
        assertTrue(page.tilt() > 3, "the beam tips to the wet side: " + page.tilt());
        assertTrue(page.reasonOf("pumpkin-cooked").contains("90 g · 91 % water"), page.reasonOf("pumpkin-cooked"));

        page.press("Set water to " + mass(after.water().needed()));
        page.waitForText("[data-testid=balance]", "1.06 (aim 1.06)");
        page.settled();
        assertEquals(page.tilt(), 0, 0.2);

        page.save("Emmer for 30 % of the flour, and pumpkin", 3);
        driver().navigate().refresh();
        BalancePage again = balance();
        assertEquals(again.lineCount(), 9);
        assertEquals(again.waterNeeded(), mass(after.water().needed()));
        assertFalse(again.hasUnsavedEdits());
        again.press("Versions");
        again.waitForText("dialog", "Emmer for 30 % of the flour, and pumpkin");
        again.waitForText("dialog", ": " + mass(after.water().needed()) + " (");
        again.press("Close");
        driver().get(driver().getCurrentUrl() + "?version=2");
        BalancePage old = balance();
        assertEquals(old.lineCount(), 7);
        old.waitForText("header", "version 2 of 3 (an older one)");
    }

    @Test
    public void undoesAndRedoesEveryEdit() {
        BalancePage page = openBalance("Yellow-pea pita");
        String needed = page.waterNeeded();
        page.type(1, "grams", "150");
        page.settled();
        String changed = page.waterNeeded();
        assertFalse(changed.equals(needed));
        page.press("Undo");
        page.waitForNeeded(needed);
        assertEquals(page.field(1, "grams"), "100");
        assertFalse(page.hasUnsavedEdits());
        page.press("Redo");
        page.waitForNeeded(changed);
        press(Keys.ESCAPE);
        pressWith(Keys.CONTROL, "z");
        page.waitForNeeded(needed);
    }

    @Test
    public void unsavedEditsSurviveAReload() {
        BalancePage page = openBalance("Yellow-pea pita");
        page.type(1, "grams", "160");
        page.settled();
        String changed = page.waterNeeded();
        driver().navigate().refresh();
        BalancePage again = balance();
        assertEquals(again.field(1, "grams"), "160");
        assertEquals(again.waterNeeded(), changed);
        assertTrue(again.hasUnsavedEdits());
        again.press("Undo");
        again.waitForText("header", "version 2");
        assertEquals(again.field(1, "grams"), "100");
    }

    @Test
    public void wrongInputIsNamedBesideItsFieldAndIsNotLost() {
        BalancePage page = openBalance("Pumpkin and emmer roti");
        String needed = page.waterNeeded();
        page.type(1, "grams", "-5");
        page.waitForAlert(alert -> alert.contains("The weight is −5 g; it must be at least 0 g."));
        page.type(1, "grams", "a lot");
        page.waitForAlert(alert -> alert.contains("The weight is not a number"));
        assertEquals(page.field(1, "grams"), "a lot");
        assertEquals(page.waterNeeded(), needed, "the last good balance stays");
        page.type(1, "grams", "220,0");
        page.settled();
        page.waitForNeeded(needed);
        assertTrue(page.alerts().isEmpty(), page.alerts().toString());
        page.type(0, "pct", "140" + Keys.ENTER);
        page.waitForAlert(alert -> alert.contains("The baker’s percentage is 140 %; it must be at most 100 %."));
    }

    @Test
    public void tooMuchWaterShowsWaysOutThatCanBeTaken() {
        BalancePage page = openBalance("Pumpkin and emmer roti");
        page.type(2, "grams", "520");
        page.type(3, "grams", "0");
        page.waitForText("[aria-label='Ways out']", "Ways out");
        hand().press(By.cssSelector("[aria-label='Ways out'] li:first-child button"));
        page.waitForText("[data-testid=feel]", "soft");
        assertTrue(Double.parseDouble(page.field(0, "grams")) > 180);
    }

    @Test
    public void aBlockOfTheBeamCanBeDraggedAndMovedByKey() {
        BalancePage page = openBalance("Pumpkin and emmer roti");
        page.dragBlock("brings", 3, 25);
        page.settled();
        int dragged = Integer.parseInt(page.field(3, "grams"));
        assertTrue(dragged > 150, "dragged to " + dragged);
        assertTrue(page.tilt() > 0.5);
        driver().findElement(By.cssSelector("[data-block='brings 3']")).sendKeys(Keys.ARROW_DOWN);
        page.settled();
        assertEquals(Integer.parseInt(page.field(3, "grams")), dragged - 1);
        page.press("Undo");
        page.press("Undo");
        assertEquals(page.field(3, "grams"), "134", "a drag is undone as one");
    }

    @Test
    public void linesAreMovedDuplicatedAndRemoved() {
        BalancePage page = openBalance("Yellow-pea pita");
        List<String> before = page.ingredients();
        driver().findElement(By.cssSelector("li[data-line='2'] [data-field=grams]"))
                .sendKeys(Keys.chord(Keys.ALT, Keys.ARROW_UP));
        page.settled();
        assertEquals(page.ingredients().get(1), before.get(2));
        driver().findElement(By.cssSelector("li[data-line='1'] [data-field=grams]"))
                .sendKeys(Keys.chord(Keys.ALT, "d"));
        page.settled();
        assertEquals(page.lineCount(), before.size() + 1);
        driver().findElement(By.cssSelector("li[data-line='2'] [data-field=grams]"))
                .sendKeys(Keys.chord(Keys.ALT, Keys.BACK_SPACE));
        page.settled();
        assertEquals(page.lineCount(), before.size());
    }

    @Test
    public void aNewerVersionIsNeverSavedOverAndBothAreKept() {
        BalancePage page = openBalance("Semolina and chard round");
        String id = driver().getCurrentUrl().replaceAll(".*/formulas/(\\d+)/.*", "$1");
        page.type(0, "grams", "260");
        page.settled();
        server().post(
                        "/api/formulas/" + id + "/versions",
                        "{\"name\":\"Semolina and chard round\",\"note\":\"from the other bench\",\"parentNumber\":2,"
                                + "\"formula\":{\"style\":\"semolina-cut\",\"lines\":["
                                + "{\"ingredient\":\"semolina-coarse\",\"grams\":350}]}}");
        page.press("Save");
        page.press("Save version 3");
        page.waitForAlert(alert ->
                alert.contains("Somebody saved version 3 meanwhile") && alert.contains("from the other bench"));
        page.press("Keep both: save mine as version 4");
        page.waitForVersion(4);
        assertEquals(balance().field(0, "grams"), "260");
        driver().get(driver().getCurrentUrl() + "?version=3");
        assertEquals(balance().lineCount(), 1);
    }

    /** The demo's nettle and rye tortilla, version 2. */
    private static List<LineSpec> nettle() {
        return List.of(
                LineSpec.of("wheat-plain-white", 270),
                LineSpec.of("rye-whole", 100),
                LineSpec.of("nettle-raw", 60).withForm("wilted").withMeasured(Measured.NONE.withWaterPct(80.0)),
                LineSpec.of("water", 169),
                LineSpec.of("lard", 30),
                LineSpec.of("baking-powder", 4),
                LineSpec.of("salt-fine", 6));
    }

    private static Balance core(List<LineSpec> lines) {
        return Balance.of(FormulaReader.read(
                new FormulaSpec("tortilla", "just-combined", "coat-first", 45.0, null, null, null, List.copyOf(lines)),
                BOOK));
    }

    private static String mass(double grams) {
        return number(grams) + " g";
    }

    private static String number(double grams) {
        if (grams == 0) {
            return "·";
        }
        boolean whole = Math.abs(grams - Math.round(grams)) < 0.05;
        return grams < 20 && !whole ? String.format("%.1f", grams) : String.valueOf(Math.round(grams));
    }
}
