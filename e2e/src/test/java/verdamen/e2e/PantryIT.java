package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** The pantry: finding, own figures, own ingredients, lots, vessels, names, files. */
public class PantryIT extends BrowserTest {

    @BeforeMethod
    public void fresh() {
        forget();
    }

    @Test
    public void findsFiltersAndSorts() {
        open("/pantry");
        waitForRow("wheat-atta");
        press("/");
        press("pumpkin");
        patience().until(driver -> rows() == 2);
        driver().findElement(By.cssSelector("input[aria-label='Search the pantry']"))
                .sendKeys(Keys.chord(Keys.CONTROL, "a"), "gravel");
        waitForText("main", "Nothing in the pantry matches");
        driver().findElement(By.cssSelector("input[aria-label='Search the pantry']"))
                .sendKeys(Keys.chord(Keys.CONTROL, "a"), Keys.BACK_SPACE);
        click("//button[normalize-space()='flours']");
        click("//th/button[normalize-space()='drinks']");
        patience()
                .until(driver -> driver.findElement(By.cssSelector("tr[data-ingredient]"))
                        .getAttribute("data-ingredient")
                        .equals("soy-flour-defatted"));
    }

    @Test
    public void lotsAreSearchedAndSorted() {
        open("/pantry/lots");
        patience().until(ExpectedConditions.numberOfElementsToBeMoreThan(By.cssSelector("tbody tr"), 1));
        click("//th/button[normalize-space()='moisture']");
        String first = driver().findElement(By.cssSelector("tbody tr")).getText();
        click("//th/button[normalize-space()='moisture']");
        patience()
                .until(driver -> !driver.findElement(By.cssSelector("tbody tr"))
                        .getText()
                        .equals(first));
        press("/");
        press("no such sack");
        waitForText("main", "No lot matches “no such sack”.");
    }

    @Test
    public void anOwnFigureStandsOverTheBooksWithItsSourceAndChangesTheBalance() {
        BalancePage balance = openBalance("Semolina and chard round");
        String before = balance.waterNeeded();
        open("/pantry/ingredients");
        openRow("semolina-medium");
        own("drinks, at the usual moisture", "500");
        waitForText("tr[data-ingredient=semolina-medium]", "own figures");
        WebElement figure = field("Own drinks, at the usual moisture");
        assertEquals(figure.getAttribute("value"), "500.0");
        waitForText("main", "pack says");
        balance = openBalance("Semolina and chard round");
        assertTrue(!balance.waterNeeded().equals(before), balance.waterNeeded());
        open("/pantry/ingredients");
        openRow("semolina-medium");
        own("water", "90");
        waitForText("main", "adds up to");
        own("drinks, at the usual moisture", "");
        patience()
                .until(driver -> !driver.findElement(By.cssSelector("tr[data-ingredient=semolina-medium]"))
                        .getText()
                        .contains("own figures"));
        assertEquals(openBalance("Semolina and chard round").waterNeeded(), before);
    }

    @Test
    public void anIngredientOfOurOwnIsRefusedByFieldThenAddedAndPriced() {
        open("/pantry/ingredients");
        waitForRow("wheat-atta");
        press("n");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("dialog")));
        press("Gate mix");
        click("//button[normalize-space()='Add to the pantry']");
        waitForText("dialog", "values must be changed");
        new Select(driver().findElement(By.xpath("//dialog//label[contains(., 'start from the figures of')]/select")))
                .selectByVisibleText("Whole rye flour");
        click("//button[normalize-space()='Add to the pantry']");
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("dialog")));
        openRow("own-gate-mix");
        into("Price of Gate mix").sendKeys("2,50", Keys.ENTER);
        waitForText("tr[data-ingredient=own-gate-mix]", "2.50 / kg");
        click("//button[normalize-space()='Remove' or normalize-space()='Delete']");
        patience()
                .until(ExpectedConditions.invisibilityOfElementLocated(
                        By.cssSelector("tr[data-ingredient=own-gate-mix]")));
    }

    @Test
    public void aLotIsMadeWithItsMoistureByDrying() {
        open("/pantry/lots");
        click("//button[contains(., 'New lot')]");
        WebElement flour = into("Flour of the lot");
        flour.sendKeys("spelt whole");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
        flour.sendKeys(Keys.ENTER);
        driver().findElement(By.xpath("//dialog//label[contains(., 'what you call it')]/input"))
                .sendKeys("Spelt, east barn");
        click("//button[normalize-space()='dry a sample']");
        type("Sample before", "20");
        type("Sample dried", "25");
        click("//button[normalize-space()='Work it out']");
        waitForText("dialog", "it must be at most 20");
        type("Sample dried", "17.5");
        click("//button[normalize-space()='Work it out']");
        patience()
                .until(driver ->
                        field("Moisture of the lot").getAttribute("value").equals("12.5"));
        click("//button[normalize-space()='Save the lot']");
        waitForText("main", "Spelt, east barn");
        waitForText("main", "by drying");
        click("//button[@aria-label='Change Spelt, east barn']");
        click("//button[normalize-space()='Remove' or normalize-space()='Delete']");
        patience()
                .until(driver ->
                        !driver.findElement(By.tagName("main")).getText().contains("Spelt, east barn"));
    }

    @Test
    public void aVesselAndANameAreAddedAndUnderstood() {
        open("/pantry/measures");
        WebElement name = field("Name of the vessel");
        name.sendKeys("blue bowl");
        type("Volume of the vessel", "450");
        click("//button[normalize-space()='Add vessel']");
        waitForText("main", "blue bowl");
        open("/pantry/names");
        field("Name").sendKeys("the red sack");
        WebElement ingredient = into("Ingredient");
        ingredient.sendKeys("einkorn");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
        ingredient.sendKeys(Keys.ENTER);
        click("//button[normalize-space()='Remember']");
        waitForText("main", "the red sack");
        open("/formulas/new/intake");
        IntakePage page = intake();
        page.paste("1 blue bowl of the red sack");
        page.waitForLines(1);
        assertEquals(page.ingredient(0), "Whole einkorn flour");
        page.waitForGrams(0, grams -> grams.matches("2[01]\\d"));
    }

    @Test
    public void aCsvIsShownFirstAndTakenWhole() throws IOException {
        Path file = Files.createTempFile("pantry", ".csv");
        try {
            open("/pantry/ingredients");
            waitForRow("wheat-atta");
            Files.writeString(file, "code,priceAmount,waterPct\nfava-flour,3.5,\noat-flour,,400\n");
            give(file);
            waitForText("dialog", "1 refused");
            assertTrue(!driver().findElement(By.xpath("//button[normalize-space()='Import all']"))
                    .isEnabled());
            click("//button[normalize-space()='Cancel']");
            Files.writeString(file, "code,priceAmount\nfava-flour,3.5\n");
            give(file);
            waitForText("dialog", "price none → 3.5/kg");
            click("//button[normalize-space()='Import all']");
            waitForText("dialog", "Imported");
            press(Keys.ESCAPE);
            waitForText("tr[data-ingredient=fava-flour]", "3.50 / kg");
        } finally {
            Files.delete(file);
        }
    }

    private void give(Path file) {
        patience()
                .until(Waits.there(By.cssSelector("input[aria-label='A file of the pantry']")))
                .sendKeys(file.toString());
    }

    private void own(String figure, String value) {
        type("Own " + figure, value);
        field("Own " + figure).sendKeys(Keys.ENTER);
    }

    private void type(String label, String value) {
        into(label).sendKeys(Keys.chord(Keys.CONTROL, "a"), Keys.BACK_SPACE, value);
    }

    private WebElement into(String label) {
        return hand().into(By.cssSelector("input[aria-label='" + label + "']"));
    }

    private WebElement field(String label) {
        return patience()
                .until(ExpectedConditions.visibilityOfElementLocated(
                        By.cssSelector("input[aria-label='" + label + "']")));
    }

    private void openRow(String code) {
        waitForRow(code);
        hand().press(By.cssSelector("tr[data-ingredient=" + code + "] button"));
    }

    private void waitForRow(String code) {
        patience().until(Waits.there(By.cssSelector("tr[data-ingredient=" + code + "]")));
    }

    private int rows() {
        return driver().findElements(By.cssSelector("tr[data-ingredient]")).size();
    }

    private void click(String xpath) {
        hand().press(By.xpath(xpath));
    }

    private void waitForText(String css, String words) {
        patience().until(Waits.says(By.cssSelector(css), words));
    }
}
