package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** The list of formulas with the demo data. */
public class FormulasIT extends BrowserTest {

    @BeforeMethod
    public void list() {
        forget();
        open("/formulas");
    }

    @Test
    public void findsByNameFlourVegetableAndStyle() {
        FormulasPage page = formulas();
        assertEquals(page.names().size(), 8);
        page.search("rye");
        page.waitForNames(List.of("Nettle and rye tortilla"));
        page.search("tortilla courgette");
        page.waitForNames(List.of("Courgette and barley tortilla"));
        page.search("emmer");
        page.waitForNames(List.of("Pumpkin and emmer roti"));
        page.search("chocolate");
        page.waitForText("No formula matches “chocolate”");
    }

    @Test
    public void sortsByAnyColumnBothWays() {
        FormulasPage page = formulas();
        page.sortBy("Formula");
        List<String> names = page.names();
        assertEquals(names, names.stream().sorted().toList());
        page.sortBy("Formula");
        assertEquals(page.names().get(0), names.get(7));
        page.sortBy("Hydration");
        assertEquals(page.names().get(0), "Pumpkin and emmer roti");
    }

    @Test
    public void aSmallScreenShowsItAllWithoutScrollingSideways() {
        size(1024, 768);
        for (String path : List.of("/formulas", "/formulas/5/balance")) {
            open(path);
            formulas().waitForText(path.endsWith("balance") ? "In the bowl" : "Formulas");
            Object overflow = driver().executeScript("return document.documentElement.scrollWidth - innerWidth");
            assertTrue(((Number) overflow).intValue() <= 0, path + " is " + overflow + " px too wide");
        }
        size(1280, 800);
        assertEquals(driver().findElements(By.cssSelector("nav")).size(), 2, "the kitchen's bar and the formula's");
    }

    private void name(String name) {
        By field = By.cssSelector("[aria-label='Name of the formula']");
        patience().until(Waits.there(field)).sendKeys(name);
        patience().until(ExpectedConditions.attributeToBe(field, "value", name));
    }

    private void begin(String name) {
        open("/formulas");
        click(By.xpath("//button[normalize-space()='New formula']"));
        patience().until(ExpectedConditions.urlContains("/formulas/new/intake"));
        name(name);
        patience().until(Waits.says(By.tagName("main"), "kept on this machine"));
    }

    private void click(By place) {
        hand().press(place);
    }

    private void waitForDrafts(String... names) {
        By drafts = By.cssSelector("[data-testid=drafts] li > button:first-child");
        patience()
                .until(driver -> driver.findElements(drafts).stream()
                        .map(WebElement::getText)
                        .toList()
                        .equals(List.of(names)));
    }

    @Test
    public void everyNewFormulaIsADraftOfItsOwn() {
        begin("First try");
        begin("Second try");
        open("/formulas");
        waitForDrafts("Second try", "First try");
        click(By.xpath("//button[normalize-space()='First try']"));
        By field = By.cssSelector("[aria-label='Name of the formula']");
        patience().until(ExpectedConditions.attributeToBe(field, "value", "First try"));
        driver().navigate().refresh();
        patience().until(ExpectedConditions.attributeToBe(field, "value", "First try"));
        open("/formulas");
        click(By.cssSelector("[aria-label='Throw away Second try']"));
        waitForDrafts("First try");
        click(By.xpath("//button[normalize-space()='Undo']"));
        patience().until(ExpectedConditions.numberOfElementsToBe(By.cssSelector("[data-testid=drafts] li"), 2));
    }

    @Test
    public void aFormulaIsDuplicatedDeletedAndRestored() {
        formulas().open("Semolina and chard round");
        click(By.cssSelector("[aria-label='Duplicate this formula']"));
        By field = By.cssSelector("[aria-label='Name of the formula']");
        patience().until(ExpectedConditions.attributeToBe(field, "value", "Semolina and chard round (copy)"));
        assertTrue(driver().getCurrentUrl().contains("/formulas/new/"), driver().getCurrentUrl());
        open("/formulas");
        formulas().open("Semolina and chard round");
        click(By.cssSelector("[aria-label='Delete this formula']"));
        patience().until(ExpectedConditions.urlMatches("/formulas$"));
        patience().until(driver -> !formulas().names().contains("Semolina and chard round"));
        click(By.cssSelector("[data-testid=bin] summary"));
        click(By.xpath("//button[normalize-space()='Restore']"));
        patience().until(driver -> formulas().names().contains("Semolina and chard round"));
    }
}
