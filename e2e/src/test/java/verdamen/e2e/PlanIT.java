package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.testng.annotations.Test;

/** A day is planned, made impossible, mended, and moved about. */
public class PlanIT extends StationTest {

    private static final String PLANNED = "[data-testid=plan][data-current=true] ";
    private static final String ROLL = "g[role=button][aria-label*='Roll, Pumpkin']";

    private void serve(String formula, String time) {
        css("input[aria-label='Serve a formula']").sendKeys(formula.substring(0, 7));
        patience()
                .until(ExpectedConditions.elementToBeClickable(
                        By.xpath("//li/button[contains(normalize-space(), '" + formula + "')]")))
                .click();
        fill("When " + formula + " is served", time);
    }

    private void fill(String label, String text) {
        WebElement field = css("input[aria-label='" + label + "']");
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), text, Keys.TAB);
    }

    private List<String> texts(String selector) {
        return driver().findElements(By.cssSelector(selector)).stream()
                .map(WebElement::getText)
                .toList();
    }

    @Test
    public void aSchoolDayIsPlannedMadeImpossibleAndMendedByAProposal() {
        open("/plan");
        serve("Pumpkin and emmer roti", "12:00");
        waitForText(PLANNED + "[data-testid=plan-words]", "everything is ready when it is served");
        int rows = texts(PLANNED + "[data-testid=plan-tasks] tbody tr").size();
        assertTrue(rows >= 7, rows + " tasks");
        assertEquals(texts("[data-testid=clash]"), List.of());
        fill("When Bench comes", "11:00");
        waitForText(PLANNED + "[data-testid=clash]", "These cannot all hold");
        assertTrue(
                css("[data-testid=plan-words]").getText().contains("late in all"),
                css("[data-testid=plan-words]").getText());
        everybodyCanUseIt();
        click("[data-testid=clash] li:last-child button");
        waitForText(PLANNED + "[data-testid=plan-words]", "everything is ready when it is served");
        assertEquals(texts("[data-testid=clash]"), List.of());
    }

    @Test
    public void aTaskIsDraggedPinnedAndLetGoOf() {
        open("/plan");
        serve("Pumpkin and emmer roti", "12:00");
        String before = css(PLANNED + ROLL).getAttribute("aria-label");
        new Actions(driver()).dragAndDropBy(css(PLANNED + ROLL), -120, 0).perform();
        css(PLANNED + ROLL + "[aria-label$=pinned]");
        String dragged = css(PLANNED + ROLL).getAttribute("aria-label");
        assertTrue(!dragged.startsWith(before), dragged);
        assertEquals(texts("[data-testid=clash]"), List.of(), "the rest goes with it");
        driver().navigate().refresh();
        assertEquals(css(PLANNED + ROLL).getAttribute("aria-label"), dragged, "it is still there after a reload");
        css(PLANNED + ROLL).sendKeys(Keys.ARROW_LEFT);
        patience()
                .until(driver -> !css(PLANNED + ROLL).getAttribute("aria-label").equals(dragged));
        button("Let go of Roll of Pumpkin and emmer roti");
        patience()
                .until(driver -> css(PLANNED + ROLL).getAttribute("aria-label").equals(before));
    }

    @Test
    public void whatIsTypedWrongIsSaidBesideItAndNothingIsLost() {
        open("/plan");
        serve("Pumpkin and emmer roti", "noonish");
        waitForText("[data-testid=plan-form]", "No time: type it as 12:30");
        assertEquals(
                css("input[aria-label='When Pumpkin and emmer roti is served']").getAttribute("value"), "noonish");
        fill("When Pumpkin and emmer roti is served", "12");
        waitForText(PLANNED + "[data-testid=plan-words]", "everything is ready");
        driver().findElement(By.xpath("//label[normalize-space()='cook']/input"))
                .click();
        waitForText("[data-testid=plan-form]", "Nobody who is there can cook.");
        button("Somebody else is there");
        waitForText(PLANNED + "[data-testid=plan-tasks]", "Hand 2");
        fill("Pans", "two");
        waitForText("[data-testid=plan-form] [role=alert]", "The number of pans is not a number");
        fill("Pans", "1");
        fill("Pieces of Pumpkin and emmer roti", "0");
        waitForText("[data-testid=plan-form] [role=alert]", "The number of pieces is 0; it must be at least 1.");
        fill("Pieces of Pumpkin and emmer roti", "8");
        fill("When Hand 2 goes", "7:00");
        waitForText("[data-testid=plan-form]", "Nobody goes before coming.");
    }
}
