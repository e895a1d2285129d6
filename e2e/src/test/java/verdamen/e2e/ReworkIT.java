package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.Test;

/** The Rework station: something in the place of something else, what goes along, and the version that comes of it. */
public class ReworkIT extends StationTest {

    private static final String ROTI = "Pumpkin and emmer roti";

    private void substitute(int place, String line, String by, String share) {
        new Select(seen("[aria-label='Line " + place + "']"))
                .getOptions().stream()
                        .filter(option -> option.getText().startsWith(line))
                        .findFirst()
                        .orElseThrow()
                        .click();
        WebElement picker = seen("input[aria-label='By what " + place + "']");
        picker.click();
        picker.sendKeys(by);
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
        picker.sendKeys(Keys.ENTER);
        type("input[aria-label='Share " + place + "']", share);
    }

    private String figure(String name) {
        return seen("[data-testid=different-figures]")
                .findElement(By.xpath(".//tr[th[starts-with(., '" + name + "')]]/td[2]"))
                .getText();
    }

    @Test
    public void aFlourIsReplacedAndAllButOneThingGoesAlong() {
        station(ROTI, "Rework");
        substitute(1, "Whole emmer", "chickpea (gram)", "40");
        waitForText("[data-testid=different-figures]", "pulses, on flour");
        settled("Rework");
        assertEquals(figure("pulses"), "18 %");
        assertTrue(figure("softness when rolled").startsWith("1.00"));
        button("Another substitution");
        substitute(2, "Pumpkin", "pumpkin", "50");
        new Select(seen("[aria-label='Form 2']")).selectByVisibleText("puréed");
        settled("Rework");
        click("[data-kind=water] input");
        settled("Rework");
        assertFalse(figure("softness when rolled").startsWith("1.00"), "the water stays as it was");
        button("Take it into the formula");
        waitForText("body", "the note is written");
        go("Balance");
        assertEquals(balance().field(0, "grams"), "108");
        pressWith(Keys.CONTROL, "s");
        WebElement note =
                patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("dialog textarea")));
        assertTrue(note.getAttribute("value").startsWith("40 % of Whole emmer flour to Chickpea"), "the note");
        assertFalse(note.getAttribute("value").contains("Water"), "what was left out is not in it");
        note.sendKeys(Keys.ESCAPE);
        pressWith(Keys.CONTROL, "z");
        patience().until(driver -> balance().field(0, "grams").equals("180"));
    }

    @Test
    public void aPlanStaysWithItsFormulaAndIsUndone() {
        station(ROTI, "Rework");
        substitute(1, "Atta", "rye", "30");
        settled("Rework");
        go("Handling");
        go("Rework");
        waitForText("[data-testid=different-lines]", "rye");
        station("Parsnip-filled paratha", "Rework");
        assertEquals(seen("[aria-label='Share 1']").getAttribute("value"), "", "no plan of another formula");
        station(ROTI, "Rework");
        waitForText("[data-testid=different-lines]", "rye");
        pressWith(Keys.CONTROL, "z");
        waitForText("[data-testid=rework]", "Choose a line");
    }

    @Test
    public void whatCannotBeIsSaidBesideIt() {
        station(ROTI, "Rework");
        substitute(1, "Whole emmer", "teff", "150");
        waitForText("[data-testid=substitution]", "The share is 150 %; it must be at most 100 %.");
        type("input[aria-label='Share 1']", "half");
        waitForText("[data-testid=substitution]", "The share is not a number");
        type("input[aria-label='Share 1']", "50");
        waitForText("[data-testid=different-lines]", "90 g");
        new Select(seen("[aria-label='Line 1']"))
                .getOptions().stream()
                        .filter(option -> option.getText().startsWith("Salt"))
                        .findFirst()
                        .orElseThrow()
                        .click();
        new Select(seen("[aria-label='Basis 1']")).selectByValue("role");
        waitForText("[data-testid=substitution]", "What stays the same");
    }

    /** Guards against a field that selects itself a moment after it has the focus: the second key replaced the first. */
    @Test
    public void whatIsTypedAtOnceStays() {
        station(ROTI, "Rework");
        Object selected = driver().executeAsyncScript("""
                const done = arguments[0];
                const field = document.querySelector("[aria-label='Share 1']");
                field.focus();
                Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, '1');
                field.dispatchEvent(new Event('input', { bubbles: true }));
                requestAnimationFrame(() => requestAnimationFrame(() => done(field.selectionEnd - field.selectionStart)));
                """);
        assertEquals(((Number) selected).intValue(), 0);
    }

    @Test
    public void itIsDoneWithTheKeyboardAlone() {
        station(ROTI, "Balance");
        pressWith(Keys.ALT, "e");
        settled("Rework");
        for (int tab = 0; tab < 30 && !label().equals("Line 1"); tab++) {
            press(Keys.TAB);
        }
        assertEquals(label(), "Line 1");
        type("Whole");
        press(Keys.TAB);
        type("sorghum");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
        press(Keys.ENTER);
        press(Keys.TAB);
        press(Keys.TAB);
        assertEquals(label(), "Share 1");
        type("25");
        waitForText("[data-testid=different-lines]", "Sorghum");
        settled("Rework");
        for (int tab = 0; tab < 20 && !focused().getText().equals("Take it into the formula"); tab++) {
            press(Keys.TAB);
        }
        press(Keys.ENTER);
        waitForText("body", "the note is written");
    }

    private WebElement focused() {
        return driver().switchTo().activeElement();
    }

    private String label() {
        String label = focused().getAttribute("aria-label");
        return label == null ? "" : label;
    }

    private void press(Keys key) {
        focused().sendKeys(key);
    }

    private void type(String text) {
        focused().sendKeys(text);
    }
}
