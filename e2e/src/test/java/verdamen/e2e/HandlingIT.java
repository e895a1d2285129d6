package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** The Handling and Method stations, the feel guide and the model's page. */
public class HandlingIT extends BrowserTest {

    @AfterMethod
    public void forgetEdits() {
        forget();
    }

    private void handling(String formula) {
        openBalance(formula);
        driver().findElement(By.linkText("Handling")).click();
        settled("handling");
    }

    private void settled(String station) {
        css("[data-testid=" + station + "][data-current=true]");
    }

    private WebElement css(String selector) {
        return patience().until(ExpectedConditions.presenceOfElementLocated(By.cssSelector(selector)));
    }

    private WebElement click(String selector) {
        WebElement found = css(selector);
        ((JavascriptExecutor) driver()).executeScript("arguments[0].scrollIntoView({block: 'center'})", found);
        patience().until(ExpectedConditions.elementToBeClickable(found)).click();
        return found;
    }

    private void button(String words) {
        By place = By.xpath("//button[normalize-space()='" + words + "' or @aria-label='" + words + "']");
        WebElement found = patience().until(ExpectedConditions.elementToBeClickable(place));
        ((JavascriptExecutor) driver()).executeScript("arguments[0].scrollIntoView({block: 'center'})", found);
        found.click();
    }

    private void type(String selector, String value) {
        WebElement field = css(selector);
        ((JavascriptExecutor) driver()).executeScript("arguments[0].scrollIntoView({block: 'center'})", field);
        field.click();
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), value);
    }

    private void waitForText(String selector, String text) {
        patience().until(ExpectedConditions.textToBePresentInElementLocated(By.cssSelector(selector), text));
    }

    @Test
    public void aRestOnTheTimeAxisMovesTheCurve() {
        handling("Pumpkin and emmer roti");
        assertTrue(css("[data-testid=window-words]").getText().startsWith("Roll"));
        int first = Integer.parseInt(css("[data-testid=window-shade]").getAttribute("data-first"));
        button("knead again");
        settled("handling");
        patience()
                .until(driver ->
                        Integer.parseInt(css("[data-testid=window-shade]").getAttribute("data-first")) > first);
        assertEquals(
                driver().findElements(By.cssSelector("[data-field=phase-minutes]"))
                        .size(),
                2);
    }

    @Test
    public void aFigureOpensToItsLinesAndItsHelps() {
        handling("Courgette and barley tortilla");
        click("[data-figure=tear] button");
        assertFalse(driver().findElements(By.cssSelector("[data-figure=tear] [data-help]"))
                .isEmpty());
        waitForText("[data-figure=tear]", "What moved it");
        assertTrue(driver().findElements(By.cssSelector("[data-figure=tear] [data-help]"))
                        .size()
                <= 3);
    }

    @Test
    public void theThicknessOfTheDiscIsDragged() {
        handling("Courgette and barley tortilla");
        String before = css("[data-testid=disc-diameter]").getText();
        WebElement edge = css("[data-testid=drag-thickness]");
        ((JavascriptExecutor) driver()).executeScript("arguments[0].scrollIntoView({block: 'center'})", edge);
        new Actions(driver()).dragAndDropBy(edge, 0, -40).perform();
        patience().until(driver -> !css("[data-testid=disc-diameter]").getText().equals(before));
        button("Roll it so");
        css("[data-testid=unsaved]");
        settled("handling");
    }

    @Test
    public void whatDoIDoNowIsKeptOnTheBatch() {
        handling("Pumpkin and emmer roti");
        type("[data-field=minutesAgo]", "14");
        button("Start a batch");
        css("[data-testid=now-line]");
        click("input[name=feel][value=stiff]");
        click("[data-testid=what-now] form button");
        css("[data-testid=advice][data-action=add-water]");
        waitForText("[data-testid=advice]", "water on flour");
        button("Keep on the batch");
        css("[data-correction=add-water]");
        assertTrue(
                driver().findElements(By.cssSelector("[data-testid=unsaved]")).isEmpty(), "the formula stays");
        button("Throw the batch away");
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("[data-testid=now-line]")));
    }

    @Test
    public void aMinuteThatCannotBeIsNamed() {
        handling("Pumpkin and emmer roti");
        type("[data-testid=what-now] [data-field=minute]", "900");
        click("input[name=feel][value=soft]");
        click("[data-testid=what-now] form button");
        waitForText("[data-testid=what-now]", "The minute is 900; it must be at most 180.");
    }

    @Test
    public void somethingForgottenAndSomethingGoneWrong() {
        handling("Courgette and barley tortilla");
        new Select(css("[aria-label='What was spilled or forgotten']")).selectByVisibleText("Salt, fine");
        click("[data-testid=spill] form button");
        waitForText("[data-testid=spill-answer]", "Put in 3 g salt");
        click("[data-symptom=tears-at-pieces]");
        List<WebElement> causes = patience()
                .until(ExpectedConditions.presenceOfAllElementsLocatedBy(
                        By.cssSelector("[data-testid=causes] [data-cause]")));
        assertTrue(causes.get(0).getText().contains("Check:"), causes.get(0).getText());
        assertTrue(causes.get(0).getText().contains("Then:"));
    }

    @Test
    public void anAcknowledgedCautionComesBackWhenItsCauseChanges() {
        openBalance("Pumpkin and emmer roti");
        driver().findElement(By.linkText("Method")).click();
        settled("method");
        button("Acknowledge: Raw flour and raw dough");
        type("[aria-label='Who has read it']", "Bench");
        button("I have read it");
        css("[data-caution-read=raw-flour]");
        driver().findElement(By.linkText("Balance")).click();
        BalancePage page = balance();
        page.addLine("whole rye", "20");
        page.settled();
        driver().findElement(By.linkText("Method")).click();
        settled("method");
        waitForText("[data-caution=raw-flour]", "rye-whole");
    }

    @Test
    public void aSchoolIsChosenWithItsEffectInView() {
        openBalance("Pumpkin and emmer roti");
        driver().findElement(By.linkText("Method")).click();
        settled("method");
        String rubbed = "[data-question=fat-timing] [data-school=coat-first]";
        assertTrue(css(rubbed).getText().contains("less water"), css(rubbed).getText());
        click(rubbed);
        css(rubbed + "[aria-pressed=true]");
        settled("method");
        button("Undo");
        css("[data-question=fat-timing] [data-school=with-water][aria-pressed=true]");
    }

    @Test
    public void theWaterTemperatureSaysWhatElseToCool() {
        openBalance("Yellow-pea pita");
        driver().findElement(By.linkText("Method")).click();
        settled("method");
        type("[data-testid=water-temperature] [data-field=doughC]", "50");
        waitForText("[data-testid=verdict]", "harms the yeast");
        type("[data-testid=water-temperature] [data-field=doughC]", "26");
        waitForText("[data-testid=verdict]", "Mix");
    }

    @Test
    public void theDrillTellsWhy() {
        open("/guide");
        css("[data-feel=soft]");
        assertEquals(driver().findElements(By.cssSelector("[data-end-point]")).size(), 5);
        click("[data-choice=very-soft]");
        click("[data-choice=wait]");
        assertEquals(css("[data-testid=drill-answer]").getAttribute("data-right"), "true");
        button("The next dough");
        click("[data-choice=slack]");
        click("[data-choice=roll]");
        assertEquals(css("[data-testid=drill-answer]").getAttribute("data-right"), "false");
        waitForText("[data-testid=drill-answer]", "Rather: crumbly, add water.");
    }

    @Test
    public void anOpenedFigureLeadsToItsPlaceInTheModel() {
        handling("Pumpkin and emmer roti");
        click("[data-figure=gluten] button");
        click("[data-figure=gluten] a[href='/model#GLUTEN']");
        waitForText("[data-rule=GLUTEN]", "strong white flour");
    }
}
