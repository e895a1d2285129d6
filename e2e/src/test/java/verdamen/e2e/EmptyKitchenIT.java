package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.testng.annotations.Test;

/** From an empty kitchen to a saved formula with the keyboard alone, and the frame around it. */
public class EmptyKitchenIT extends BrowserTest {

    @Override
    protected boolean demo() {
        return false;
    }

    @Test
    public void theFirstFormulaIsWrittenWithTheKeyboardAlone() {
        open("/formulas");
        formulas().waitForText("No formula yet");
        press("n");
        patience().until(ExpectedConditions.urlContains("/formulas/new/intake"));
        patience().until(Waits.there(By.cssSelector("textarea[aria-label=Recipe]")));
        pressWith(Keys.ALT, "b");
        patience().until(ExpectedConditions.urlContains("/formulas/new/balance"));
        // The page before stays until the station is loaded, and has lines to add too.
        patience().until(Waits.there(By.cssSelector("[data-testid=balance]")));
        pressWith(Keys.ALT, "n");
        typeLine("atta", "500");
        typeLine("water", "300");
        typeLine("fine salt", "9");
        BalancePage page = balance();
        assertEquals(page.lineCount(), 3);
        pressWith(Keys.ALT, "w");
        page.settled();
        assertEquals(page.field(1, "grams") + " g", page.waterNeeded());
        assertEquals(page.field(2, "grams"), "9", "passing through the percentage changes nothing");
        pressWith(Keys.CONTROL, "s");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("dialog input")));
        press("House roti", Keys.TAB, "As my hands know it", Keys.chord(Keys.SHIFT, Keys.TAB));
        pressWith(Keys.CONTROL, String.valueOf(Keys.ENTER.charAt(0)));
        page.waitForVersion(1);
        assertFalse(page.hasUnsavedEdits());
        pressWith(Keys.ALT, "f");
        formulas().waitForNames(List.of("House roti"));
        pressWith(Keys.CONTROL, "k");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[cmdk-input]")));
        press("house");
        patience().until(Waits.says(By.cssSelector("[cmdk-item][data-selected=true]"), "House roti"));
        press(Keys.ENTER);
        assertEquals(balance().lineCount(), 3);
    }

    private void typeLine(String words, String grams) {
        patience()
                .until(driver ->
                        "ingredient".equals(driver.switchTo().activeElement().getAttribute("data-field")));
        press(words);
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
        press(Keys.ENTER);
        patience()
                .until(driver ->
                        "grams".equals(driver.switchTo().activeElement().getAttribute("data-field")));
        press(grams);
        boolean last = words.contains("salt");
        press(last ? Keys.TAB : Keys.ENTER);
    }

    @Test(dependsOnMethods = "theFirstFormulaIsWrittenWithTheKeyboardAlone")
    public void aCupOfFlourAndAnUnknownHeadingAreAskedAboutOnce() {
        open("/formulas/new/intake");
        IntakePage intake = intake();
        intake.paste("2 cups atta\n180 g water\nFor the dip\n200 g yogurt");
        intake.waitForLines(3);
        String before = intake.grams(0);
        cssButton("[data-testid=cup-question]", "scooped with the cup");
        patience().until(driver -> !intake.grams(0).equals(before));
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("[data-testid=cup-question]")));
        patience().until(Waits.says(By.cssSelector("[data-testid=headings]"), "For the dip"));
        cssButton("[data-testid=headings]", "in the filling");
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("[data-testid=headings]")));
        intake.paste("1 cup rye flour");
        cssButton("[data-testid=where]", "Instead of what is there");
        intake.waitForLines(1);
        assertTrue(
                driver().findElements(By.cssSelector("[data-testid=cup-question]"))
                        .isEmpty(),
                "asked only once");
        forget();
    }

    private void cssButton(String within, String words) {
        By place = By.xpath("//button[normalize-space()='" + words + "']");
        patience().until(Waits.there(By.cssSelector(within)));
        hand().press(place);
    }

    @Test
    public void shortcutsPaletteAndThemeAnswerTheirKeys() {
        open("/formulas");
        formulas();
        patience().until(Waits.there(By.tagName("h1")));
        press("?");
        patience().until(Waits.says(By.tagName("dialog"), "Find a command"));
        press(Keys.ESCAPE);
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.tagName("dialog")));
        String before = theme();
        pressWith(Keys.ALT, "t");
        assertFalse(theme().equals(before));
        pressWith(Keys.ALT, "t");
        assertEquals(theme(), before);
    }

    @Test(dependsOnMethods = "theFirstFormulaIsWrittenWithTheKeyboardAlone")
    public void theKitchensSettingsReachEveryFigure() {
        open("/kitchen");
        click("oz");
        click("F");
        click("comma");
        open("/formulas/new/balance");
        hand().press(By.cssSelector("[data-action=add-line]"));
        typeLine("atta", "10");
        BalancePage page = balance();
        assertTrue(page.waterNeeded().endsWith(" oz"), page.waterNeeded());
        assertTrue(page.waterNeeded().contains(","), page.waterNeeded());
        forget();
        open("/kitchen");
        click("g");
        click("C");
        click("point");
    }

    @Test
    public void anAddressThatLeadsNowhereSaysSo() {
        open("/cellar");
        formulas().waitForText("Page not found");
        open("/formulas/4711/balance");
        formulas().waitForText("There is no formula 4711.");
    }

    @Test
    public void theLookForScriptErrorsFindsOne() {
        open("/kitchen");
        patience().until(Waits.there(By.tagName("h1")));
        driver().executeScript("setTimeout(() => { throw new Error('on purpose') })");
        patience().until(driver -> scriptErrors().stream().anyMatch(error -> error.contains("on purpose")));
    }

    private void click(String value) {
        patience().until(Waits.there(By.cssSelector("fieldset input")));
        String label = switch (value) {
            case "oz" -> "ounces";
            case "g" -> "grams";
            case "F" -> "°F";
            case "C" -> "°C";
            case "comma" -> "12,5";
            default -> "12.5";
        };
        hand().press(By.xpath("//label[normalize-space()='" + label + "']"));
        patience()
                .until(driver -> driver.findElement(By.xpath("//label[normalize-space()='" + label + "']/input"))
                        .isSelected());
        patience().until(Waits.says(By.cssSelector("[role=status]"), "saved"));
    }

    private String theme() {
        return driver().findElement(By.tagName("html")).getAttribute("data-theme");
    }
}
