package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.testng.annotations.Test;

/** What batches say: side by side, of the versions, of the flours and of the model; with photographs. */
public class CompareIT extends StationTest {

    private static final String COMPARISON = "[data-testid=comparison][data-current=true]";
    private static final String TREE = "[data-testid=version-tree]";

    private List<String> texts(String selector) {
        return driver().findElements(By.cssSelector(selector)).stream()
                .map(WebElement::getText)
                .toList();
    }

    private void tick(String label) {
        hand().press(By.cssSelector("input[aria-label^='" + label + "']"));
    }

    @Test
    public void twoBatchesTickedInTheNotebookSayWhatWasChangedAndWhatCameOfIt() {
        open("/notebook?formula=" + server().formulaId("Nettle and rye tortilla"));
        css("[data-testid=notebook][data-current=true] tbody tr:nth-child(2)");
        assertEquals(
                driver().findElements(By.cssSelector("tbody input[type=checkbox]"))
                        .size(),
                2);
        click("tbody tr:nth-child(2) input[type=checkbox]");
        waitForText("[data-testid=ticked]", "Tick one more");
        click("tbody tr:nth-child(1) input[type=checkbox]");
        click("[data-testid=ticked] a");
        css(COMPARISON);
        String said = css("[data-testid=sentences]").getText();
        assertTrue(said.contains("water 46 % instead of 51 %"), said);
        assertTrue(said.contains("felt soft instead of slack"), said);
        assertTrue(said.contains("came out middling"), said);
        assertEquals(css("[data-testid=compared-lines] tbody tr").getAttribute("data-line"), "water");
        assertEquals(
                css("[data-testid=compared-figures] tbody tr")
                        .getAttribute("class")
                        .contains("font-semibold"),
                true,
                "what differs comes first");
        assertEquals(texts("[data-testid=compared-curves] [data-curve]").size(), 2);
        assertEquals(
                driver().findElements(By.cssSelector("[data-testid=compared-photos] img"))
                        .size(),
                2);
        hand().press(By.linkText("measure by this one"));
        waitForText("[data-testid=sentences]", "water 51 % instead of 46 %");
    }

    @Test
    public void anAddressThatComparesNothingSaysSo() {
        open("/notebook/compare?items=b1");
        waitForText("main", "Two to four batches");
        open("/notebook/compare?items=b1,b987654");
        css("main [role=alert]");
    }

    @Test
    public void aVersionIsPromotedWithAReasonReleasedAndLocked() {
        long formula = server().formulaId("Red lentil and kale roti");
        open("/notebook/formulas/" + formula);
        css(TREE + " [data-version='2']");
        click("[data-version='2'] .btn:first-child");
        css("dialog[open] textarea");
        click("dialog[open] .btn-primary");
        waitForText("dialog[open]", "The reason");
        type("dialog[open] textarea", "Made every Friday since.");
        click("dialog[open] .btn-primary");
        waitForText("[data-version='2'] [data-testid=standing]", "released, locked");
        waitForText("[data-version='2'] [data-testid=steps]", "Made every Friday since.");
        assertEquals(texts("[data-version='2'] .btn"), List.of("Set aside"));
        open("/formulas/" + formula + "/balance");
        waitForText("header [data-testid=standing]", "released");
    }

    @Test
    public void aVersionAndABatchAreComparedFromTheTree() {
        open("/notebook/formulas/" + server().formulaId("Parsnip-filled paratha"));
        css(TREE);
        tick("Compare version 3");
        tick("Compare the batch of");
        hand().press(By.partialLinkText("Compare the 2 ticked"));
        css(COMPARISON);
        assertTrue(
                texts("[data-item]").get(0).contains("not made: as predicted"),
                texts("[data-item]").toString());
    }

    @Test
    public void whatIsLearnedMovesTheScorecardOnceItIsUsed() {
        open("/notebook/scorecard");
        css("[data-testid=scorecard][data-current=true]");
        String before = css("[data-scored=feel] [data-testid=bias]").getText();
        open("/pantry/learned");
        css("[data-course=wheat-plain-white] svg");
        String learned = css("[data-flour=barley-flour] [data-testid=learned]").getText();
        click("[data-flour=barley-flour] .btn");
        patience()
                .until(driver -> learned.startsWith(css("[data-flour=barley-flour] [data-testid=used]")
                        .getText()
                        .replace(" %", "")));
        open("/notebook/scorecard");
        css("[data-testid=scorecard][data-current=true]");
        assertNotEquals(css("[data-scored=feel] [data-testid=bias]").getText(), before);
        button("by the book alone");
        patience()
                .until(driver ->
                        css("[data-scored=feel] [data-testid=bias]").getText().equals(before));
    }

    @Test
    public void aPhotographIsKeptAndWhatIsNoneIsRefused() throws IOException {
        open("/notebook/4");
        css("[data-testid=photos]");
        int here = driver().findElements(By.cssSelector("[data-testid=photos] img"))
                .size();
        Path text = Files.createTempFile("no-photo", ".png");
        Files.writeString(text, "not a picture");
        upload(text);
        waitForText("[data-testid=photos]", "neither a PNG, a JPEG nor a WebP");
        Path picture = Files.createTempFile("photo", ".png");
        ImageIO.write(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        type("[aria-label='What is to be seen']", "the sealed edge");
        upload(picture);
        patience()
                .until(driver -> driver.findElements(By.cssSelector("[data-testid=photos] img"))
                                .size()
                        == here + 1);
        click("[aria-label='Open the photograph: the sealed edge']");
        patience()
                .until(
                        driver -> Boolean.TRUE.equals(
                                driver().executeScript(
                                                "const image = document.querySelector('dialog[open] img'); return image.complete && image.naturalWidth === 640")));
        button("Delete");
        button("Delete it for good");
        patience()
                .until(driver -> driver.findElements(By.cssSelector("[data-testid=photos] img"))
                                .size()
                        == here);
        Files.delete(text);
        Files.delete(picture);
    }

    private void upload(Path file) {
        driver().findElement(By.cssSelector("[data-testid=photos] input[type=file]"))
                .sendKeys(file.toString());
    }

    @Test
    public void aFormulaLeavesAStepOutAndAddsItsOwn() {
        open("/formulas/" + server().formulaId("Pumpkin and emmer roti") + "/method");
        settled("Method");
        hand().press(By.xpath("//summary[contains(., 'Run sheet')]"));
        css("[data-testid=run-sheet] [data-step=rest]");
        click("[aria-label='Leave out Divide']");
        waitForText("[data-testid=left-out]", "Divide");
        click("[aria-label='Change Rest']");
        type("[aria-label='Add a step after it']", "Light the second burner." + Keys.ENTER);
        waitForText("[data-step=own]", "Light the second burner.");
        pressWith(Keys.CONTROL, "s");
        click("dialog[open] .btn-primary");
        patience()
                .until(driver ->
                        driver.findElements(By.cssSelector("dialog[open]")).isEmpty());
        open("/formulas/" + server().formulaId("Pumpkin and emmer roti") + "/card");
        waitForText("[data-testid=card][data-current=true]", "Light the second burner.");
        assertFalse(css("[data-testid=card]").getText().contains("Divide it into"));
    }
}
