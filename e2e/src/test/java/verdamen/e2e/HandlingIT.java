package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.Test;

/** The Handling and Method stations, the feel guide and the model's page. */
public class HandlingIT extends StationTest {

    @Test
    public void aRestOnTheTimeAxisMovesTheCurve() {
        station("Pumpkin and emmer roti", "Handling");
        assertTrue(css("[data-testid=window-words]").getText().startsWith("Roll"));
        int first = Integer.parseInt(css("[data-testid=window-shade]").getAttribute("data-first"));
        button("knead again");
        patience()
                .until(driver ->
                        Integer.parseInt(css("[data-testid=window-shade]").getAttribute("data-first")) > first);
        assertEquals(
                driver().findElements(By.cssSelector("[data-field=phase-minutes]"))
                        .size(),
                2);
    }

    @Test
    public void theEndOfARestIsDraggedAndMovedByKeys() {
        station("Pumpkin and emmer roti", "Handling");
        new Actions(driver())
                .dragAndDropBy(seen("[data-testid=phase-end]"), 120, 0)
                .perform();
        settled("Handling");
        int dragged = minutes("[data-field=restMinutes]");
        assertTrue(dragged > 30, "rest of " + dragged);
        seen("[data-testid=phase-end]").sendKeys(Keys.chord(Keys.SHIFT, Keys.ARROW_LEFT), Keys.ARROW_RIGHT);
        assertEquals(minutes("[data-field=restMinutes]"), dragged - 9);
        button("chill");
        patience().until(ExpectedConditions.numberOfElementsToBe(By.cssSelector("[data-testid=phase-end]"), 2));
        settled("Handling");
        List<WebElement> ends = driver().findElements(By.cssSelector("[data-testid=phase-end]"));
        new Actions(driver()).dragAndDropBy(ends.get(1), 60, 0).perform();
        settled("Handling");
        List<WebElement> fields = driver().findElements(By.cssSelector("[data-field=phase-minutes]"));
        assertTrue(Integer.parseInt(fields.get(1).getAttribute("value")) > 60);
        button("Undo");
        patience()
                .until(driver -> driver.findElements(By.cssSelector("[data-field=phase-minutes]"))
                        .get(1)
                        .getAttribute("value")
                        .equals("60"));
    }

    @Test
    public void theMomentsOfALongChillStayInsideTheChart() {
        station("Parsnip-filled paratha", "Method");
        click("[data-question=rest] [data-school=overnight]");
        css("[data-question=rest] [data-school=overnight][aria-pressed=true]");
        go("Handling");
        waitForText("[aria-label='Rolling window']", "chilled");
        Object outside = driver().executeScript("""
                const chart = document.querySelector('[aria-label="Rolling window"] svg').getBoundingClientRect();
                return [...document.querySelectorAll('[aria-label="Rolling window"] svg text.halo')]
                  .filter(text => text.getBoundingClientRect().right > chart.right + 1).map(text => text.textContent);
                """);
        assertEquals(outside, List.of());
    }

    @Test
    public void aYeastedDoughIsRolledWhenItHasRisen() {
        station("Yellow-pea pita", "Handling");
        waitForText("[data-testid=window-words]", "Roll from minute 59 on.");
        css("[data-testid=rise]");
        type("[aria-label='Warm place, phase 1']", "34");
        settled("Handling");
        int warm = Integer.parseInt(css("[data-testid=window-shade]").getAttribute("data-first"));
        assertTrue(warm < 59, "warmer is sooner: " + warm);
        type("[data-field=ready-minutes]", "240");
        css("[data-testid=ready][data-current=true]");
        type("[data-field=ready-minutes]", "9000");
        waitForText("[data-testid=handling]", "it must be at most");
        assertTrue(
                driver().findElements(By.cssSelector("[data-testid=ready]")).isEmpty(),
                "no answer to another number stands there");
        type("[data-field=ready-minutes]", "three hours");
        waitForText("[data-testid=handling]", "Give it in minutes");
        type("[data-field=ready-minutes]", "240");
        css("[data-testid=ready][data-current=true]");
        button("Take this much yeast");
        patience()
                .until(ExpectedConditions.attributeToBe(By.cssSelector("[data-field=phase-minutes]"), "value", "240"));
        settled("Handling");
        int risen = Integer.parseInt(css("[data-testid=window-shade]").getAttribute("data-first"));
        assertTrue(risen <= 246, "kneaded at minute 6, risen within four hours: " + risen);
        assertTrue(risen > 200, "a tenth of a gram of yeast is the least that is weighed, no more is taken: " + risen);
    }

    private int minutes(String field) {
        return Integer.parseInt(css(field).getAttribute("value"));
    }

    @Test
    public void aDoughThatCannotBeRolledIsHelpedAtOnce() {
        station("Pumpkin and emmer roti", "Balance");
        int line = balance().ingredients().indexOf("Water");
        type("li[data-line='" + line + "'] [data-field=grams]", "300");
        balance().settled();
        go("Handling");
        waitForText("[data-testid=window-words]", "no time at which");
        hand().press(By.xpath("//button[starts-with(normalize-space(), 'Set water to')]"));
        waitForText("[data-testid=window-words]", "Roll");
    }

    @Test
    public void aFigureOpensToItsLinesAndItsHelps() {
        station("Courgette and barley tortilla", "Handling");
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
        station("Courgette and barley tortilla", "Handling");
        String before = css("[data-testid=disc-diameter]").getText();
        WebElement edge = seen("[data-testid=drag-thickness]");
        new Actions(driver()).dragAndDropBy(edge, 0, -40).perform();
        patience().until(driver -> !css("[data-testid=disc-diameter]").getText().equals(before));
        button("Use this thickness");
        css("[data-testid=unsaved]");
        settled("Handling");
    }

    @Test
    public void whatDoIDoNowIsKeptOnTheBatch() {
        station("Pumpkin and emmer roti", "Handling");
        type("[data-field=minutesAgo]", "soon");
        button("Start a batch");
        waitForText("[data-testid=batch]", "How long ago water met flour is not a number");
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
        String first = css("[data-testid=bowl]").getText();
        click("[data-testid=what-now] form button");
        css("[data-testid=advice-range]");
        type("[data-field=given]", "10");
        button("Use this amount");
        patience()
                .until(driver -> driver.findElements(By.xpath("//tr[td[1]='dough']")).stream()
                        .anyMatch(row -> grams(row, 3) == grams(row, 2) + 10));
        button("Keep on the batch");
        patience().until(driver -> !css("[data-testid=bowl]").getText().equals(first));
        waitForText("[data-testid=batch]", "water added: 10 g");
        button("Finish");
        css("[data-testid=came-out]");
        button("Finish");
        button("Delete the batch");
        waitForText("[data-testid=batch]", "cannot be undone");
        button("Keep the batch");
        css("[data-testid=now-line]");
        button("Delete the batch");
        button("Delete it");
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("[data-testid=now-line]")));
    }

    @Test
    public void aBatchIsAskedHowItCameOutBeforeItIsFinished() {
        station("Courgette and barley tortilla", "Handling");
        type("[data-field=minutesAgo]", "40");
        button("Start a batch");
        css("[data-testid=now-line]");
        button("Finish");
        click("[data-testid=came-out] input[value=middling]");
        type("[aria-label='What there is to say about it']", "two of six tore");
        button("Finish, and keep it");
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("[data-testid=now-line]")));
    }

    private static double grams(WebElement row, int column) {
        return Double.parseDouble(
                row.findElement(By.xpath("td[" + column + "]")).getText().replace(" g", ""));
    }

    @Test
    public void whatWasPutInIsTakenIntoTheFormula() {
        station("Pumpkin and emmer roti", "Handling");
        type("[data-testid=what-now] [data-field=minute]", "20");
        click("input[name=feel][value=stiff]");
        click("[data-testid=what-now] form button");
        type("[data-field=given]", "-4");
        button("Use this amount");
        waitForText("[data-testid=advice]", "What you put in is −4 g; it must be at least 0");
        type("[data-field=given]", "20");
        button("Use this amount");
        waitForText("[data-testid=advice]", "Add to the formula");
        double before = balanceWater();
        station("Pumpkin and emmer roti", "Handling");
        type("[data-testid=what-now] [data-field=minute]", "20");
        click("input[name=feel][value=stiff]");
        click("[data-testid=what-now] form button");
        type("[data-field=given]", "20");
        button("Use this amount");
        button("Add to the formula");
        waitForText("[data-testid=advice]", "undo removes it");
        assertEquals(balanceWater(), before + 20, 0.5);
    }

    /** Grams of water in the bowl, as the balance has them. */
    private double balanceWater() {
        go("Balance");
        int line = balance().ingredients().indexOf("Water");
        return Double.parseDouble(balance().field(line, "grams"));
    }

    @Test
    public void aMinuteThatCannotBeIsNamed() {
        station("Pumpkin and emmer roti", "Handling");
        type("[data-testid=what-now] [data-field=minute]", "900");
        click("input[name=feel][value=soft]");
        click("[data-testid=what-now] form button");
        waitForText("[data-testid=what-now]", "The minute is 900; it must be at most 180.");
    }

    @Test
    public void somethingForgottenAndSomethingGoneWrong() {
        station("Courgette and barley tortilla", "Handling");
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
        station("Pumpkin and emmer roti", "Method");
        button("Acknowledge: Raw flour and raw dough");
        type("[aria-label='Who has read it']", "Bench");
        button("I have read it");
        css("[data-caution-read=raw-flour]");
        hand().press(By.linkText("Balance"));
        BalancePage page = balance();
        page.addLine("whole rye", "20");
        page.settled();
        go("Method");
        waitForText("[data-caution=raw-flour]", "Whole rye flour");
    }

    @Test
    public void aSchoolIsChosenWithItsEffectInView() {
        station("Pumpkin and emmer roti", "Method");
        String rubbed = "[data-question=fat-timing] [data-school=coat-first]";
        assertTrue(css(rubbed).getText().contains("less water"), css(rubbed).getText());
        click(rubbed);
        css(rubbed + "[aria-pressed=true]");
        settled("Method");
        button("Undo");
        css("[data-question=fat-timing] [data-school=with-water][aria-pressed=true]");
    }

    @Test
    public void theWaterTemperatureSaysWhatElseToCool() {
        station("Yellow-pea pita", "Method");
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
        button("Next dough");
        click("[data-choice=slack]");
        click("[data-choice=roll]");
        assertEquals(css("[data-testid=drill-answer]").getAttribute("data-right"), "false");
        waitForText("[data-testid=drill-answer]", "Better: crumbly, add water.");
    }

    @Test
    public void anOpenedFigureLeadsToItsPlaceInTheModel() {
        station("Pumpkin and emmer roti", "Handling");
        click("[data-figure=gluten] button");
        click("[data-figure=gluten] a[href='/model#GLUTEN']");
        waitForText("[data-rule=GLUTEN]", "strong white flour");
    }
}
