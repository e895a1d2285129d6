package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.Test;

/** The Rework station: something in the place of something else, what goes along, and the version that comes of it. */
public class ReworkIT extends ReworkTest {

    /** The share at which a limit is crossed, %. */
    private double crossing(String figure) {
        return 100 * Double.parseDouble(css("[data-crossing='" + figure + "']").getAttribute("data-share"));
    }

    private WebElement rungs() {
        return seen("[role=slider][aria-label=Rung]");
    }

    @Test
    public void aFlourIsReplacedAndAllButOneThingGoesAlong() {
        station(ROTI, "Rework");
        substitute(1, "Whole emmer", "chickpea (gram)", "40");
        button("Side by side");
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
    public void aLadderSaysHowFarItGoesAndALimitMovesWithItsEnd() {
        station(ROTI, "Rework");
        choose(1, "Atta", "pearl millet");
        settled("Ladder");
        double usual = crossing("minSheetMm");
        assertEquals(driver().findElements(By.cssSelector("[data-rung]")).size(), 21);
        for (WebElement rung : driver().findElements(By.cssSelector("[data-rung]"))) {
            boolean above = 100 * Double.parseDouble(rung.getAttribute("data-rung")) > usual;
            assertEquals(rung.getAttribute("data-broken").contains("minSheetMm"), above, rung.getText());
        }
        type("[aria-label='thinnest sheet at most']", "1.6");
        patience().until(driver -> crossing("minSheetMm") < usual - 5);
        type("[aria-label='thinnest sheet at most']", "thin");
        waitForText("[data-testid=limits]", "not a number");
        type("[aria-label='thinnest sheet at most']", "1.6");
        type("[aria-label='Rungs']", "11");
        patience()
                .until(driver ->
                        driver.findElements(By.cssSelector("[data-rung]")).size() == 11);
        settled("Ladder");
        WebElement ladder = rungs();
        new Actions(driver())
                .moveToElement(ladder, 0, ladder.getSize().getHeight() / 2 - 5)
                .click()
                .perform();
        waitForText("[data-testid=rung]", "0 %");
        new Actions(driver())
                .sendKeys(Keys.ARROW_UP, Keys.ARROW_UP, Keys.ARROW_UP, Keys.ARROW_UP, Keys.ARROW_UP)
                .perform();
        waitForText("[data-testid=rung]", "50 %");
        assertEquals(seen("[aria-label='Share 1']").getAttribute("value"), "50");
        String water = seen("[data-testid=rung] strong").getText();
        button("Table");
        assertEquals(
                driver().findElements(By.cssSelector("[data-testid=ladder-table] tbody tr"))
                        .size(),
                11);
        button("Open this formula");
        settled("Rework");
        assertTrue(figure("water it needs").startsWith(water), "the rung is the formula that opens: " + water);
        everybodyCanUseIt();
    }

    @Test
    public void twoThingsAreRaisedAsAFieldAndSomethingIsAdded() {
        station(ROTI, "Rework");
        choose(1, "Atta", "pearl millet");
        settled("Ladder");
        everybodyCanUseIt();
        button("Another substitution");
        choose(2, "nothing", "carrot");
        new Select(seen("[aria-label='Raise beside it']")).selectByVisibleText("Carrot, raw");
        css("[data-cell='1 1']");
        settled("Ladder");
        assertFalse(css("[data-cell='1 1']").getAttribute("data-broken").isEmpty());
        assertTrue(css("[data-cell='0 0']").getAttribute("data-broken").isEmpty());
        everybodyCanUseIt();
        seen("[role=application]").click();
        new Actions(driver()).sendKeys(Keys.ARROW_LEFT).perform();
        waitForText("[data-testid=cell]", "rollability");
        assertFalse(seen("[aria-label='Share 2']").getAttribute("value").isEmpty(), "both shares are taken");
        button("Side by side");
        waitForText("[data-testid=different-lines]", "Carrot, raw");
    }

    @Test
    public void asMuchAsItTakesIsLookedForAndTaken() {
        open(formula(ROTI) + "/rework?view=most");
        new Select(seen("[aria-label=Goal]")).selectByVisibleText("inclusions in a piece");
        seen("[data-testid=most-form]")
                .findElement(By.xpath(".//label[contains(., 'Pumpkin')]/input"))
                .click();
        type("input[aria-label^=Pumpkin][aria-label$='at most']", "much");
        button("Look for it");
        waitForText("[data-testid=most-form]", "not a number");
        type("input[aria-label^=Pumpkin][aria-label$='at most']", "120");
        button("Look for it");
        settled("Most");
        waitForText("[data-testid=best]", "inclusions in a piece");
        everybodyCanUseIt();
        button("Take it into the formula");
        waitForText("body", "the note is written");
        go("Balance");
        assertEquals(balance().field(2, "grams"), "120", "up to its end, for nothing holds it back before");
    }

    @Test
    public void whatIsOutHasWaysBack() {
        open(formula("Nettle and rye tortilla") + "/rework?view=match");
        waitForText("[data-testid=match]", "Say what has to change");
        seen("[data-testid=match-form]")
                .findElement(By.xpath(".//label[contains(., 'Lard')]/input"))
                .click();
        settled("Match");
        waitForText("[data-way='1']", "for Lard");
        type("[aria-label='Whole rye flour, moisture']", "wet");
        waitForText("[data-testid=match-form]", "not a number");
        type("[aria-label='Whole rye flour, moisture']", "16");
        settled("Match");
        everybodyCanUseIt();
        button("Take it: way 1");
        waitForText("body", "the note is written");
        go("Balance");
        assertFalse(driver().getPageSource().contains("Lard"), "it is gone");
    }

    /** A figure of the blend, %. */
    private double blended(String figure) {
        return Double.parseDouble(css("[data-figure=" + figure + "]").getText().split(" ")[0]);
    }

    @Test
    public void floursAreBlendedToWhatIsWanted() {
        open(formula("Nettle and rye tortilla") + "/rework?view=blend");
        settled("Blend");
        type("[aria-label='whole grain, % at least']", "60");
        type("[aria-label='protein, % near to']", "a lot");
        waitForText("[data-testid=blend-wants]", "not a number");
        type("[aria-label='protein, % near to']", "12");
        type("[aria-label='At most so many flours']", "2");
        settled("Blend");
        patience().until(driver -> blended("wholeGrainPct") >= 60 && Math.abs(blended("proteinPct") - 12) < 0.5);
        assertTrue(driver().findElements(By.cssSelector("[data-testid=blend-parts] li"))
                        .size()
                <= 2);
        everybodyCanUseIt();
        button("Take it into the formula");
        waitForText("body", "the note is written");
        pressWith(Keys.CONTROL, "s");
        WebElement note =
                patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("dialog textarea")));
        assertTrue(note.getAttribute("value").startsWith("Flours blended:"), note.getAttribute("value"));
    }

    @Test
    public void aPlanStaysWithItsFormulaAndIsUndone() {
        station(ROTI, "Rework");
        substitute(1, "Atta", "rye", "30");
        settled("Ladder");
        go("Handling");
        hand().press(By.linkText("Rework"));
        settled("Ladder");
        assertEquals(seen("[aria-label='Share 1']").getAttribute("value"), "30");
        station("Parsnip-filled paratha", "Rework");
        assertEquals(seen("[aria-label='Share 1']").getAttribute("value"), "", "no plan of another formula");
        open(formula(ROTI) + "/rework?view=formula");
        waitForText("[data-testid=different-lines]", "rye");
        pressWith(Keys.CONTROL, "z");
        waitForText("[data-testid=rework]", "Choose a line");
    }

    @Test
    public void whatCannotBeIsSaidBesideIt() {
        station(ROTI, "Rework");
        substitute(1, "Whole emmer", "teff", "150");
        button("Side by side");
        waitForText("[data-testid=substitution]", "The share is 150 %; it must be at most 100 %.");
        assertEquals(driver().findElements(By.cssSelector("[role=alert]")).size(), 1, "it is said once");
        assertFalse(driver().getPageSource().contains("To the bowl"), "the bowl is not what is wrong");
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
        settled("Ladder");
        for (int tab = 0; tab < 30 && !label().equals("Rung"); tab++) {
            press(Keys.TAB);
        }
        assertEquals(label(), "Rung");
        for (int up = 0; up < 6; up++) {
            press(Keys.ARROW_UP);
        }
        patience().until(driver -> rungs().getAttribute("aria-valuenow").equals("25"));
        press(Keys.ENTER);
        waitForText("[data-testid=different-lines]", "Sorghum");
        settled("Rework");
        assertEquals(seen("[aria-label='Share 1']").getAttribute("value"), "25");
        for (int tab = 0; tab < 40 && !focused().getText().equals("Take it into the formula"); tab++) {
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
