package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.Test;

/** A dough in pieces, in the pan, and how long it stays soft. */
public class PortionIT extends StationTest {

    private static final String ROTI = "Pumpkin and emmer roti";

    private void view(String name, String station) {
        button(name);
        settled(station);
    }

    /** Goes to a field by its label and types into it as one does. */
    private void fill(String label, String value) {
        type("[aria-label='" + label + "']", value);
    }

    private void kindOfPieces(String kind) {
        new Select(patience().until(Waits.there(By.xpath("//label[contains(., 'Kind of pieces')]/select"))))
                .selectByVisibleText(kind);
    }

    @Test
    public void anyTwoGiveTheThirdAndThreeThatDisagreeAreMended() {
        station(ROTI, "Portion");
        fill("Weight of a piece", "60 g");
        fill("Diameter", "20");
        waitForText("[data-testid=pieces]", "1.6 mm");
        waitForText("[data-testid=mends]", "roll it 1.6 mm thick");
        fill("Thickness", "3");
        waitForText("[data-testid=mends]", "do not belong together");
        button("roll it 14.7 cm wide");
        waitForText("[data-testid=pieces]", "14.7 cm across");
        patience()
                .until(driver -> driver.findElements(By.cssSelector("[data-testid=mends]"))
                        .isEmpty());
        settled("Portion");
        assertTrue(css("[data-testid=pieces]").getText().contains("3.0 mm thick"));
    }

    @Test
    public void thePanTheNumberAndSeveralSizesDivideTheDough() {
        station(ROTI, "Portion");
        fill("Pan, across", "24");
        waitForText("[data-testid=ways]", "as wide as the pan takes");
        waitForText("[data-testid=ways]", "23 cm across");
        fill("Number of pieces", "8");
        waitForText("[data-testid=count]", "8 pieces");
        button("Add a size");
        fill("Size 1: how many", "6");
        fill("Size 1: weight of each", "0");
        waitForText("[data-testid=pieces-form]", "must be at least 1 g");
        fill("Size 1: weight of each", "500");
        waitForText("[data-testid=sizes]", "are missing");
        fill("Size 1: weight of each", "40");
        waitForText("[data-testid=sizes]", "are left over");
        driver().navigate().refresh();
        waitForText("[data-testid=sizes]", "need 240 g");
        waitForText("[data-testid=count]", "8 pieces");
    }

    @Test
    public void itIsScaledAndWhatIsWeighedIsTaken() {
        station(ROTI, "Portion");
        button("Scale");
        fill("Scale to", "two");
        waitForText("[data-testid=scale-form]", "not a number");
        fill("Scale to", "2");
        waitForText("[data-testid=scaled]", "2.00 times the batch");
        settled("scale");
        String weighed =
                css("[data-testid=scaled-lines] tbody tr td:nth-of-type(3)").getText();
        button("Use these amounts");
        css("[data-testid=scale-empty]");
        pressWith(Keys.CONTROL, "z");
        waitForText("[data-testid=scaled]", "2.00 times the batch");
        button("Redo");
        css("[data-testid=scale-empty]");
        fill("Scale to", "1");
        waitForText("[data-testid=scaled]", "1.00 times the batch");
        assertEquals(css("[data-testid=scaled-lines] tbody tr td").getText(), weighed);
    }

    @Test
    public void filledLayeredAndCutPiecesAreWorkedOut() {
        station("Parsnip-filled paratha", "Portion");
        button("Filled, layered, cut");
        settled("shapes");
        waitForText("[data-testid=shaped]", "enough for the same number");
        fill("Dough of a piece", "20");
        fill("Filling of a piece", "45");
        waitForText("[data-testid=wall]", "it tears");
        fill("Filling of a piece", "4500");
        waitForText("[data-testid=shapes-form]", "it must be at most");
        kindOfPieces("in layers");
        fill("Times it is folded", "7");
        waitForText("[data-testid=shaped]", "they run together");
        kindOfPieces("cut from a sheet");
        fill("Each, across", "50");
        fill("Sheet, longer side", "40");
        fill("Sheet, shorter side", "30");
        waitForText("[data-testid=shapes-form]", "it must be at most");
        fill("Each, across", "7");
        waitForText("[data-testid=shaped]", "21 from a sheet");
    }

    @Test
    public void aWeakBurnerAndAColdPanAreSaid() {
        station(ROTI, "Portion");
        view("Cooking", "cooking");
        waitForText("[data-testid=per-hour]", "pieces");
        fill("Power of a burner", "500 W");
        waitForText("[data-testid=per-hour]", "cools faster than it recovers");
        fill("Pans at a time", "0");
        waitForText("[data-testid=cooking-form]", "must be at least 1");
        fill("Pans at a time", "2");
        patience().until(driver -> !css("[data-testid=cooking-form]").getText().contains("must be"));
        settled("cooking");
        String before = css("[data-testid=side-one]").getText();
        fill("Pan or oven", "180");
        patience().until(driver -> !css("[data-testid=side-one]").getText().equals(before));
        css("[data-caution=open-flame]");
    }

    @Test
    public void keepingIsLookedAtByWayAndHour() {
        station(ROTI, "Portion");
        view("Keeping", "keeping");
        waitForText("[data-testid=holds]", "Soft for");
        String inACloth = css("[data-testid=holds]").getText();
        hand().press(By.xpath("//label[contains(., 'refrigerated')]/input"));
        waitForText("[data-testid=keeping-words]", "refrigerated");
        settled("keeping");
        assertFalse(css("[data-testid=holds]").getText().equals(inACloth));
        fill("Hours after cooking", "900");
        waitForText("[data-testid=keeping-form]", "at most 720");
        fill("Hours after cooking", "30 h");
        waitForText("[data-testid=folds]", "after 30 h");
        assertTrue(css("[data-testid=keeping-levers]").getText().contains("h more"));
        assertEquals(
                driver().findElements(By.cssSelector("[data-testid=warming]")).size(), 1);
    }

    @Test
    public void allOfItIsDoneWithTheKeyboard() {
        station(ROTI, "Balance");
        pressWith(Keys.ALT, "o");
        settled("Portion");
        driver().findElement(By.cssSelector("[aria-label='Weight of a piece']")).sendKeys("55", Keys.TAB);
        waitForText("[data-testid=pieces]", "55 g");
        pressWith(Keys.CONTROL, "z");
        patience().until(driver -> !css("[data-testid=pieces]").getText().contains("of 55 g"));
    }

    @Test
    public void aPanOfTheKitchensOwnAndWhatIsPutAsideBelongToTheVersion() {
        station("Swede and wheat griddle flatbread", "Portion");
        view("Cooking", "cooking");
        new Select(css("[aria-label='Which of the kitchen’s own']")).selectByValue("Wide griddle");
        patience()
                .until(driver ->
                        "2500".equals(css("[aria-label='Power of a burner']").getAttribute("value")));
        view("Keeping", "keeping");
        button("Put some aside");
        waitForText("[data-testid=keeping-form]", "is missing");
        type("[aria-label='Put aside 1: pieces']", "200");
        waitForText("[data-testid=splits]", "more are put aside than the dough makes");
        type("[aria-label='Put aside 1: pieces']", "2");
        waitForText("[data-testid=splits]", "90 days");
        button("Save");
        button("Save version 3");
        // The dialog says "version 3", too: only without it the page is that of the new version.
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.tagName("dialog")));
        waitForText("header", "version 3");
        go("Card");
        waitForText("[data-testid=card-sheet]", "2 pieces, in a closed bag, frozen: use within 90 days");
        waitForText("[data-testid=card-sheet]", "Wide griddle");
    }

    @Test
    public void severalFormulasAreOrderedAndTheOrderStaysOnReload() {
        open("/formulas");
        hand().press(By.linkText("An order"));
        add("nettle", "Nettle and rye tortilla");
        fill("Pieces of Nettle and rye tortilla", "0");
        waitForText("[data-testid=order-form]", "must be at least 1");
        fill("Pieces of Nettle and rye tortilla", "24");
        waitForText("[data-testid=order]", "24 ×");
        add("pumpkin", ROTI);
        fill("Pieces of " + ROTI, "30");
        waitForText("[data-testid=order]", "30 ×");
        waitForText("[data-testid=order-needs]", "Whole emmer flour");
        driver().navigate().refresh();
        waitForText("[data-testid=order]", "24 ×");
        button("Remove " + ROTI);
        patience().until(driver -> !css("[data-testid=order]").getText().contains("30 ×"));
    }

    private void add(String search, String name) {
        type("[aria-label='Add a formula']", search);
        button(name);
    }

    @Test
    public void cutPiecesAreDrawnOnTheirSheet() {
        station(ROTI, "Portion");
        button("Filled, layered, cut");
        fill("Each, across", "7");
        fill("Sheet, longer side", "40");
        fill("Sheet, shorter side", "30");
        waitForText("[data-testid=shaped]", "21 from a sheet");
        assertEquals(
                css("[data-testid=cut-sheet]")
                        .findElements(By.tagName("circle"))
                        .size(),
                21);
    }

    @Test
    public void whatWasTimedAndFoldedIsNotedAndTakenBack() {
        station("Semolina and chard round", "Portion");
        view("Cooking", "cooking");
        hand().press(By.cssSelector("[data-testid=note-cooked] summary"));
        button("Note it");
        waitForText("[data-testid=note-cooked]", "is missing");
        fill("It weighed before", "60");
        fill("It weighed afterwards", "70");
        button("Note it");
        waitForText("[data-testid=note-cooked]", "it must be at most 60 g");
        fill("It weighed afterwards", "45 g");
        button("Note it");
        waitForText("[data-testid=cooked]", "25 %");
        fill("First side took", "40");
        fill("Second side took", "50");
        button("Note it");
        waitForText("[data-testid=cooking-words]", "So far one piece of this style was timed");
        takeBack("note-cooked", 2);
        takeBack("note-cooked", 1);
        waitForText("[data-testid=cooking-words]", "until the kitchen has timed its own.");
        view("Keeping", "keeping");
        waitForText("[data-testid=holds]", "Eaten hot, within the hour");
        station("Courgette and barley tortilla", "Portion");
        view("Keeping", "keeping");
        hand().press(By.cssSelector("[data-testid=note-fold] summary"));
        fill("Folded after", "1");
        new Select(css("[aria-label='What it did']")).selectByValue("breaks");
        button("Note it");
        waitForText("[data-testid=keeping-words]", "With 1 fold test of this kitchen");
        takeBack("note-fold", 1);
        waitForText("[data-testid=keeping-words]", "until the kitchen has folded its own");
    }

    /** Takes back the first of so many notes, once all of them stand there. */
    private void takeBack(String form, int noted) {
        By notes = By.cssSelector("[data-testid=" + form + "] li");
        patience().until(ExpectedConditions.numberOfElementsToBe(notes, noted));
        click("[data-testid=" + form + "] li button");
        patience().until(ExpectedConditions.numberOfElementsToBe(notes, noted - 1));
    }
}
