package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.Test;

/** From a roti that works to a series of trials that says what a flour and a vegetable do to it. */
public class TrialsIT extends ReworkTest {

    private static final By RUNS = By.cssSelector("[data-testid=runs] [data-run]");

    /** Fills a field of a run and waits until it is kept. */
    private void fill(int run, String field, String value) {
        type("[aria-label='Run " + run + ", " + field + "']", value);
        kept(run);
    }

    private void kept(int run) {
        css("[data-run='" + run + "'][data-saved=true]");
    }

    /** Marks for rolling that fall with the first share and, less, with the second. */
    private void fillAll() {
        List<WebElement> runs = driver().findElements(RUNS);
        for (int run = 1; run <= runs.size(); run++) {
            List<WebElement> cells = driver().findElements(By.cssSelector("[data-run='" + run + "'] td"));
            double emmer = percent(cells.get(0));
            double purée = percent(cells.get(1));
            fill(run, "rolling, 1\u2060–\u20609", String.valueOf(9 - emmer / 10 - purée / 20));
        }
    }

    private static double percent(WebElement cell) {
        return Double.parseDouble(cell.getText().replace(" %", ""));
    }

    @Test
    public void aRotiIsReworkedTriedAndRead() {
        station(ROTI, "Rework");
        substitute(1, "Atta", "rye", "40");
        button("Another substitution");
        choose(2, "nothing", "pumpkin");
        new Select(seen("[aria-label='Form 2']")).selectByVisibleText("puréed");
        type("input[aria-label='Share 2']", "20");
        settled("Ladder");
        type("[aria-label='rollability at least']", "60");
        settled("Ladder");
        css("[data-rung]");
        button("Side by side");
        settled("Rework");
        click("[data-kind=rest] input, [data-kind=salt] input, [data-kind=water] input");
        settled("Rework");
        button("As much as it takes");
        new Select(seen("[aria-label=Goal]")).selectByVisibleText("fibre in a piece");
        seen("[data-testid=most-form]")
                .findElement(By.xpath(".//label[contains(., 'Whole emmer')]/input"))
                .click();
        button("Look for it");
        settled("Most");
        waitForText("[data-testid=best]", "fibre in a piece");
        button("Side by side");
        settled("Rework");
        button("Take it into the formula");
        waitForText("body", "the note is written");
        saveVersion();

        button("Trials");
        substitute(1, "Atta", "emmer", "40 %");
        button("Another substitution");
        choose(2, "nothing", "carrot");
        type("input[aria-label='Share 2']", "20");
        click("[data-testid=series-form] input[type=checkbox]");
        waitForText("[data-testid=runs-planned]", "5 runs");
        type("[aria-label='Name of the series']", "Emmer and carrot");
        css("[data-testid=series-form][data-current=true]");
        button("Make the series");
        waitForText("[data-testid=series]", "Emmer and carrot");
        assertEquals(driver().findElements(RUNS).size(), 5);
        waitForText("[data-testid=effects]", "Nothing yet");
        everybodyCanUseIt();
        fillAll();
        waitForText("[data-effects=rolling]", "−1.0 ± 0.00 for each 10 % of Whole emmer flour.");
        waitForText("[data-effects=rolling]", "−0.50 ± 0.00 for each 10 % of Carrot.");
        waitForText("[data-effects=rolling]", "No sign that they change each other's effect.");
        driver().navigate().refresh();
        waitForText("[data-effects=rolling]", "−1.0");
    }

    private void saveVersion() {
        pressWith(Keys.CONTROL, "s");
        WebElement note =
                patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("dialog textarea")));
        assertTrue(note.getAttribute("value").startsWith("40 % of Atta"), note.getAttribute("value"));
        button("Save version 5");
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.tagName("dialog")));
    }

    @Test
    public void rungsThatArePickedAreASeriesAndWrongResultsAreSaid() {
        station("Yellow-pea pita", "Rework");
        choose(1, "Strong white", "barley");
        settled("Ladder");
        WebElement ladder = seen("[role=slider][aria-label=Rung]");
        new Actions(driver())
                .moveToElement(ladder, 0, ladder.getSize().getHeight() / 2 - 5)
                .click()
                .perform();
        button("Pick it for trials");
        css("[role=slider] [data-for-trials]");
        button("Table");
        click("[aria-label='25 % for trials']");
        click("[aria-label='50 % for trials']");
        button("Make trials of 3 rungs");
        waitForText("[data-testid=picked-rungs]", "25 %");
        waitForText("[data-testid=runs-planned]", "3 runs");
        type("[aria-label='How many times']", "twice");
        waitForText("[data-testid=series-form]", "is not a number");
        type("[aria-label='How many times']", "1");
        css("[data-testid=series-form][data-current=true]");
        button("Make the series");
        css("[data-testid=series][data-current=true]");
        type("[aria-label='Run 1, torn pieces']", "many");
        waitForText("[data-testid=runs]", "The number of torn pieces is not a number");
        type("[aria-label='Run 1, torn pieces']", "1,5");
        kept(1);
        fill(2, "note", "tore in the hand");
        click("[aria-label='Run 2, failed']");
        kept(2);
        waitForText("[data-testid=effects]", "One run failed");
        // Who leaves while it is still typed loses nothing.
        type("[aria-label='Run 3, note']", "soft");
        button("Back to all series");
        waitForText("[data-testid=series-list]", "3 of 3 runs filled in");
        hand().press(By.cssSelector("[data-testid=series-list] button"));
        css("[data-testid=series][data-current=true]");
        assertEquals(seen("[aria-label='Run 2, note']").getAttribute("value"), "tore in the hand");
        button("Delete the series");
        button("Delete it with its results");
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("[data-testid=series]")));
        assertEquals(
                driver().findElements(By.cssSelector("[data-testid=series-list]"))
                        .size(),
                0);
    }
}
