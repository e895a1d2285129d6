package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.Test;

/** Batches that were made, found and judged. */
public class NotebookIT extends StationTest {

    private static final String ROWS = "[data-testid=notebook][data-current=true] tbody tr";

    private List<String> rows() {
        return driver().findElements(By.cssSelector(ROWS)).stream()
                .map(WebElement::getText)
                .toList();
    }

    private void shown(int count) {
        patience().until(driver -> rows().size() == count);
    }

    private void openBatch(String words) {
        open("/notebook");
        css(ROWS);
        type("[aria-label='Search the notebook']", words);
        shown(1);
        click(ROWS + " a");
        css("[data-testid=notebook-batch]");
    }

    @Test
    public void batchesAreFoundByWordsVerdictFlourAndTagAndAFilterIsKept() {
        open("/notebook");
        shown(12);
        button("badly");
        shown(1);
        assertTrue(rows().get(0).contains("Nettle and rye tortilla"), rows().get(0));
        type("[aria-label='Name for this filter']", "What failed");
        button("Keep");
        button("all");
        shown(12);
        new Select(driver().findElement(By.xpath("//label[contains(., 'Tag')]//select")))
                .selectByVisibleText("boat club");
        shown(3);
        type("[aria-label='Search the notebook']", "squeez");
        shown(1);
        type("[aria-label='Search the notebook']", "moss");
        patience().until(Waits.says(By.tagName("main"), "No batch matches."));
        button("What failed");
        shown(1);
        driver().navigate().refresh();
        shown(1);
        button("Forget What failed");
        patience()
                .until(driver -> driver.findElements(By.xpath("//button[.='What failed']"))
                        .isEmpty());
    }

    @Test
    public void aBatchIsTaggedAndWhatIsNextStartsTheNextVersion() {
        openBatch("edges cracked");
        WebElement water = css("[data-line=water]");
        assertTrue(water.getText().startsWith("Water"), water.getText());
        type("[aria-label='Add a tag']", "thin" + Keys.ENTER);
        waitForText("[data-testid=tags]", "thin");
        button("Remove the tag thin");
        patience().until(driver -> !css("[data-testid=tags]").getText().contains("thin"));
        type("[aria-label='What the next one shall change']", "Roll it at minute 20" + Keys.ENTER);
        waitForText("[data-testid=changes]", "Roll it at minute 20");
        click("[data-testid=changes] li:last-child .btn");
        settled("Balance");
        balance().type(0, "grams", "401");
        css("[data-testid=unsaved]");
        pressWith(Keys.CONTROL, "s");
        assertEquals(css("dialog[open] textarea").getAttribute("value"), "Roll it at minute 20");
    }

    @Test
    public void aVerdictIsChangedAndTheOldOneStaysInTheRecord() {
        openBatch("even walls");
        button("came out middling");
        patience()
                .until(driver -> driver.findElement(By.xpath("//button[.='came out middling']"))
                        .getAttribute("aria-pressed")
                        .equals("true"));
        click("[data-testid=notebook-batch] details summary");
        waitForText("[data-testid=record]", "Came out well");
        waitForText("[data-testid=record]", "Came out middling");
    }

    @Test
    public void aMarkThatIsNoneIsSaidAndWhatWasTypedStays() {
        long batch = Long.parseLong(server().post(
                        "/api/formulas/" + server().formulaId("Pumpkin and emmer roti") + "/batches",
                        "{\"version\": 4, \"minutesAgo\": 60}")
                .replaceFirst("(?s).*?\"id\":(\\d+).*", "$1"));
        server().post("/api/batches/" + batch + "/finish", "{}");
        open("/notebook/" + batch);
        type("[data-tasting=now] [aria-label='Softness, fresh']", "eleven");
        button("Note the marks");
        waitForText("[data-tasting=now]", "is not a number");
        assertEquals(css("[data-tasting=now] [aria-label='Softness, fresh']").getAttribute("value"), "eleven");
        type("[data-tasting=now] [aria-label='Softness, fresh']", "8");
        button("Note the marks");
        waitForText("[data-tasting=now]", "softness 8 of 9");
        button("Delete the batch");
        button("Delete it");
        css(ROWS);
    }
}
