package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
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
        WebElement finder = css("input[aria-label='Serve a formula']");
        finder.sendKeys(formula.substring(0, 7));
        patience()
                .until(ExpectedConditions.elementToBeClickable(
                        By.xpath("//li/button[contains(normalize-space(), '" + formula + "')]")));
        finder.sendKeys(Keys.ENTER);
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
        button("Compare with other ways");
        patience()
                .until(driver -> texts("[data-testid=alternatives] tbody tr[data-planned=true]")
                                .size()
                        == 6);
        List<String> ways = texts("[data-testid=alternatives] tbody tr");
        assertTrue(ways.get(4).contains("the day before") && ways.get(4).contains("litres"), ways.toString());
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
        // By the keyboard it is moved, looked at, and put back or pinned.
        css(PLANNED + ROLL).sendKeys(Keys.ARROW_LEFT, Keys.ARROW_LEFT, Keys.ARROW_LEFT);
        waitForText("[data-testid=moved]", "if nothing else moved:");
        assertTrue(
                css("[data-testid=moved]").getText().contains("too far from Cook"),
                css("[data-testid=moved]").getText());
        css(PLANNED + ROLL).sendKeys(Keys.ESCAPE);
        waitForText("[data-testid=moved]", "Drag a task to pin it");
        assertEquals(css(PLANNED + ROLL).getAttribute("aria-label"), dragged, "it was put back");
        css(PLANNED + ROLL).sendKeys(Keys.ARROW_LEFT, Keys.ENTER);
        patience()
                .until(driver -> !css(PLANNED + ROLL).getAttribute("aria-label").equals(dragged));
        button("Let go of Roll of Pumpkin and emmer roti");
        patience()
                .until(driver -> css(PLANNED + ROLL).getAttribute("aria-label").equals(before));
    }

    @Test
    public void aDayHasListsOfWhatIsTakenWeighedAndKept() {
        open("/plan");
        serve("Pumpkin and emmer roti", "12:00");
        css(PLANNED);
        button("To have ready");
        waitForText("[data-testid=needs]", "Salt, fine");
        fill("In hand of Salt, fine", "plenty");
        waitForText("[data-testid=needs] [role=alert]", "is not a number");
        fill("In hand of Salt, fine", "1");
        patience().until(driver -> !rowOf("Salt, fine").contains("enough"));
        fill("Shelf: Salt, fine", "top shelf");
        css("select[aria-label='What the list is for']").sendKeys("to buy");
        waitForText("[data-testid=needs]", "Salt, fine");
        assertTrue(rowOf("Salt, fine").contains(" g"), rowOf("Salt, fine"));
        assertTrue(!css("[data-testid=needs]").getText().contains("Water"), "water is not bought");
        everybodyCanUseIt();
        button("To weigh");
        waitForText("[data-testid=bowls]", "Dry bowl");
        everybodyCanUseIt();
        button("Put some aside of Pumpkin and emmer roti");
        fill("Put aside 1 of Pumpkin and emmer roti: pieces", "a few");
        waitForText("[data-testid=plan-form]", "is not a number");
        fill("Put aside 1 of Pumpkin and emmer roti: pieces", "3");
        css(PLANNED);
        button("To keep");
        waitForText(
                "[data-testid=day-lists][data-current=true] [data-testid=labels]", "3 pieces, in a closed bag, frozen");
        assertEquals(texts("[data-testid=kept] tbody tr").size(), 2);
        everybodyCanUseIt();
    }

    private String rowOf(String ingredient) {
        return css("[data-testid=needs]")
                .findElement(By.xpath(".//tr[td[starts-with(., '" + ingredient + "')]]"))
                .getText();
    }

    @Test
    public void fewerPiecesAreTakenWhereTheyHelp() {
        open("/plan");
        serve("Pumpkin and emmer roti", "12:00");
        fill("Pieces of Pumpkin and emmer roti", "many");
        waitForText("[data-testid=plan-form] [role=alert]", "is not a number");
        fill("Pieces of Pumpkin and emmer roti", "200");
        waitForText(PLANNED + "[data-testid=clash]", "instead of 200 pieces of Pumpkin and emmer roti");
        button(css(PLANNED + "[data-testid=clash] li:last-child button").getText());
        waitForText(PLANNED + "[data-testid=plan-words]", "everything is ready when it is served");
        assertEquals(texts("[data-testid=clash]"), List.of());
    }

    @Test
    public void aTrayMoreIsTakenWhereTheBallsHaveNoRoom() {
        open("/plan");
        serve("Pumpkin and emmer roti", "12:00");
        waitForText(PLANNED + "[data-testid=plan-words]", "at most 1 tray at a time");
        css(PLANNED + "[data-testid=on-trays][aria-label*='Pumpkin and emmer roti on 1 tray: balls']");
        fill("Trays for balls of dough", "some");
        waitForText("[data-testid=plan-form] [role=alert]", "The number of trays is not a number");
        fill("Trays for balls of dough", "0");
        fill("Longer side of a tray", "4");
        waitForText("[data-testid=plan-form]", "The longer side is 4 cm");
        fill("Longer side of a tray", "40");
        waitForText(PLANNED + "[data-testid=clash]", "there are only as many trays as you say");
        everybodyCanUseIt();
        button("1 tray more");
        waitForText(PLANNED + "[data-testid=plan-words]", "everything is ready when it is served");
        assertEquals(css("input[aria-label='Trays for balls of dough']").getAttribute("value"), "1");
    }

    @Test
    public void aDoughIsMadeTheEveningBeforeAndTheDayGivenToCalendars() {
        open("/plan");
        serve("Pumpkin and emmer roti", "12:00");
        fill("When Bench comes", "18:00 the day before");
        click("input[aria-label^='Dough of Pumpkin and emmer roti made the evening before']");
        waitForText("[data-testid=plan-form]", "food safety advice count before this plan");
        waitForText(PLANNED + "[data-testid=plan-words]", "the day before");
        waitForText(PLANNED + "[data-testid=plan-words]", "litres in the fridge");
        hand().press(By.linkText("Saved days"));
        button("Make an address");
        assertTrue(css("input[aria-label='Address of the feed']")
                .getAttribute("value")
                .endsWith(".ics"));
        everybodyCanUseIt();
        button("Revoke it");
        patience()
                .until(ExpectedConditions.invisibilityOfElementLocated(
                        By.cssSelector("input[aria-label='Address of the feed']")));
    }

    @Test
    public void whatIsTypedWrongIsSaidBesideItAndNothingIsLost() {
        open("/plan");
        serve("Pumpkin and emmer roti", "noonish");
        waitForText("[data-testid=plan-form]", "No time: type it as 12:30");
        assertEquals(
                css("input[aria-label='When Pumpkin and emmer roti is served']").getAttribute("value"), "noonish");
        fill("Pieces of Pumpkin and emmer roti", "half a dozen");
        waitForText("[data-testid=plan-form]", "The number of pieces is not a number");
        assertFalse(css("[data-testid=plan-form]").getText().contains("missing"), "a time is asked for, not missed");
        fill("Pieces of Pumpkin and emmer roti", "8");
        fill("When Pumpkin and emmer roti is served", "12");
        waitForText(PLANNED + "[data-testid=plan-words]", "everything is ready");
        hand().press(By.xpath("//label[normalize-space()='cook']/input"));
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

    @Test
    public void aDayIsSavedFoundAgainAndRunWithAStepThatIsLate() {
        open("/plan");
        serve("Pumpkin and emmer roti", "12:00");
        button("Save");
        waitForText("[data-testid=day-bar]", "The name is missing");
        fill("Name of the day", "Fair");
        button("Save");
        css("[data-testid=day-bar][data-saved=true]");
        fill("Pans", "2");
        css("[data-testid=day-bar][data-saved=false]");
        pressWith(Keys.CONTROL, "s");
        css("[data-testid=day-bar][data-saved=true]");
        hand().press(By.linkText("Saved days"));
        css("input[aria-label='Search saved days']").sendKeys("fair");
        waitForText("[data-testid=days][data-current=true] tbody", "Fair");
        everybodyCanUseIt();
        hand().press(By.linkText("Fair"));
        css(PLANNED);
        assertEquals(css("input[aria-label=Pans]").getAttribute("value"), "2");

        // Planned backwards from an hour from now: its first steps should have been begun by now.
        open("/plan?day=" + lateDay());
        css(PLANNED);
        button("Run this day");
        waitForText("[data-testid=run-words]", "steps that follow move with it.");
        waitForText("[data-testid=better]", "This would change:");
        everybodyCanUseIt();
        button("Go on like this");
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("[data-testid=better]")));
        WebElement begin = css("[data-testid=in-hand] button[aria-label^=Begin]");
        String what = begin.getAttribute("aria-label").substring("Begin ".length());
        click("[data-testid=in-hand] button[aria-label^=Begin]");
        waitForText("[data-testid=in-hand]", "since");
        button("Done: " + what);
        patience()
                .until(ExpectedConditions.invisibilityOfElementLocated(
                        By.cssSelector("button[aria-label='Done: " + what + "']")));
        hand().press(By.linkText("Bench"));
        waitForText("[aria-label='Being made']", what.substring(what.indexOf(" of ") + 4));
        hand().press(By.partialLinkText("Late lunch"));
        button("End the day");
        css(PLANNED);
    }

    /** A day of today that was to begin half an hour ago; past midnight its minutes go on. */
    private String lateDay() {
        LocalDateTime time = LocalDateTime.now();
        int now = time.toLocalTime().toSecondOfDay() / 60;
        String worker = "{\"name\": \"%s\", \"comes\": %d, \"goes\": %d,"
                + " \"roles\": [\"prep\", \"dough\", \"shape\", \"cook\"]}";
        String saved = server().post(
                        "/api/days",
                        ("{\"key\": \"%s\", \"name\": \"Late lunch\", \"day\": \"%s\", \"spec\": {\"servings\":"
                                        + " [{\"formula\": 1, \"pieces\": 24, \"due\": %d}, {\"formula\": 5, \"pieces\": 12, \"due\": %d}],"
                                        + " \"workers\": [%s, %s], \"pans\": 3, \"ovens\": 1, \"mixers\": 0, \"fridgeLitres\": 40}}")
                                .formatted(
                                        UUID.randomUUID(),
                                        time.toLocalDate(),
                                        now + 60,
                                        now + 60,
                                        worker.formatted("Bench", now - 400, now + 400),
                                        worker.formatted("Mill", now - 400, now + 400)));
        return saved.replaceAll("^\\{\"id\":(\\d+).*", "$1");
    }
}
