package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.openqa.selenium.By;
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
}
