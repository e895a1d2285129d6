package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.InputStream;
import java.net.URI;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Map;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.Test;

/** A version on paper. */
public class CardIT extends StationTest {

    private static final String ROTI = "Pumpkin and emmer roti";
    private static final String SHEET = "[data-testid=card-sheet]";

    private void choose(String label, String option) {
        new Select(driver().findElement(
                                By.xpath("//label[normalize-space()='" + label + "']/following-sibling::select")))
                .selectByVisibleText(option);
    }

    private String sheet() {
        settled("card");
        return css(SHEET).getText();
    }

    @Test
    public void theWholeWayFromAFormulaToItsCards() throws Exception {
        station(ROTI, "Balance");
        pressWith(Keys.ALT, "c");
        settled("card");
        waitForText(SHEET, "only as the dough asks for it");
        assertTrue(sheet().contains("Pan 230 °C. Sized for: Wide griddle."), sheet());
        choose("Kind of card", "Specification");
        waitForText(SHEET, "makes no claim");
        assertEquals(
                css(SHEET)
                        .findElements(By.xpath(".//strong[contains(., 'gluten')]"))
                        .isEmpty(),
                false);
        choose("Weights", "ounces");
        waitForText(SHEET, "oz of dough");
        choose("Kind of card", "Label");
        waitForText(SHEET, "Keep in a closed bag, frozen");
        String href = driver().findElement(By.linkText("PDF")).getAttribute("href");
        assertTrue(href.contains("kind=label") && href.contains("massUnit=oz"), href);
        URL pdf = URI.create(href).toURL();
        try (InputStream in = pdf.openStream()) {
            assertEquals(new String(in.readNBytes(5), StandardCharsets.US_ASCII), "%PDF-");
        }
    }

    @Test
    public void whatIsLeftOutIsNotThereAndStaysLeftOut() {
        station(ROTI, "Card");
        assertFalse(css(SHEET)
                .findElements(By.cssSelector("svg[aria-label^='QR code']"))
                .isEmpty());
        hand().press(By.xpath("//label[contains(., 'QR code')]/input"));
        hand().press(By.xpath("//label[contains(., 'percentages')]/input"));
        patience().until(driver -> !css(SHEET).getText().contains("on flour"));
        settled("card");
        assertTrue(css(SHEET)
                .findElements(By.cssSelector("svg[aria-label^='QR code']"))
                .isEmpty());
        driver().navigate().refresh();
        assertFalse(sheet().contains("on flour"));
    }

    @Test
    public void editsAreNotOnTheCardAndAreSaidSo() {
        station(ROTI, "Portion");
        type("[aria-label='Number of pieces']", "9");
        waitForText("[data-testid=count]", "9 pieces");
        go("Card");
        waitForText("[data-testid=card]", "is not on it");
        assertFalse(sheet().contains("9 ×"), sheet());
    }

    @Test
    public void aNewFormulaHasToBeSavedFirst() {
        open("/formulas/new/card");
        waitForText("[data-testid=card-empty]", "Save this formula first");
    }

    @Test
    public void twoVersionsAreComparedAndAnOlderOneHasItsOwnCard() {
        station(ROTI, "Card");
        choose("Kind of card", "Comparison");
        waitForText(SHEET, "version 3");
        new Select(driver().findElement(
                                By.xpath("//label[normalize-space()='Compared with']/following-sibling::select")))
                .selectByValue("1");
        waitForText(SHEET, "version 1");
        open(formula(ROTI) + "/card?version=2");
        assertTrue(sheet().contains("version 2 of"), sheet());
    }

    @Test
    public void onlyTheCardIsPrintedAndItIsPaperInTheDark() {
        open("/kitchen");
        driver().executeScript("localStorage.setItem('verdamen.theme', 'night')");
        station(ROTI, "Card");
        Map<String, Object> printed = driver().executeCdpCommand("Page.printToPDF", Map.of("preferCSSPageSize", true));
        String pdf = new String(Base64.getDecoder().decode((String) printed.get("data")), StandardCharsets.ISO_8859_1);
        int pages = pdf.split("/Type /Page\\b").length - 1;
        assertTrue(pages >= 1 && pages <= 2, pages + " pages");
        assertTrue(pdf.contains("/MediaBox [0 0 59"), "A4");
        driver().executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", "print"));
        assertFalse(css("header").isDisplayed());
        assertFalse(css("[data-testid=card-form]").isDisplayed());
        assertTrue(css(SHEET).isDisplayed());
        assertEquals(css(SHEET).getCssValue("background-color"), "rgba(255, 255, 255, 1)");
        driver().executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", ""));
        driver().executeScript("localStorage.setItem('verdamen.theme', 'day')");
    }

    @Test
    public void aCautionForWhoeverEatsItIsReadHere() {
        station(ROTI, "Card");
        click("[data-caution=not-gluten-free] button");
        type("[data-caution=not-gluten-free] input", "Schools desk");
        click("[data-caution=not-gluten-free] form .btn-primary");
        css("[data-caution-read=not-gluten-free]");
        go("Balance");
        assertTrue(driver().findElements(By.cssSelector("[data-caution]")).isEmpty());
    }
}
