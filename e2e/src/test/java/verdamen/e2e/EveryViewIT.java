package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What must hold for every view, in both themes, on a laptop and on a small tablet. */
public class EveryViewIT extends BrowserTest {

    private static final String WIDER = "return document.documentElement.scrollWidth - window.innerWidth";

    private static final String KEYS = """
            return [...document.querySelectorAll('dialog[open] kbd')].map(each => each.textContent);
            """;

    /** Stations that show the server's answer to the formula at hand. */
    private static final Set<String> ANSWERING =
            Set.of("balance", "prep", "method", "handling", "rework", "portion", "card", "scorecard");

    private static final List<String> PATHS = List.of(
            "/formulas",
            "/formulas/1/balance",
            "/formulas/3/intake",
            "/formulas/new/intake",
            "/formulas/6/prep",
            "/formulas/3/prep",
            "/formulas/6/method",
            "/formulas/6/handling",
            "/formulas/6/rework",
            "/formulas/6/rework?view=most",
            "/formulas/2/rework?view=match",
            "/formulas/2/rework?view=blend",
            "/formulas/1/rework?view=trials&series=2",
            "/formulas/6/portion",
            "/formulas/6/portion?view=cooking",
            "/formulas/6/portion?view=shapes",
            "/formulas/6/portion?view=scale",
            "/formulas/2/portion?view=keeping",
            "/formulas/3/card",
            "/formulas/1/card?kind=comparison",
            "/formulas/order?item=1:24:Pumpkin&item=3:12:Parsnip",
            "/plan",
            "/plan/days",
            "/bench",
            "/bench?formula=6",
            "/bench/6",
            "/bench/devices",
            "/notebook",
            "/notebook/4",
            "/notebook/compare?items=b1,b2,v2-2",
            "/notebook/scorecard",
            "/notebook/formulas/3",
            "/guide",
            "/model",
            "/pantry/ingredients",
            "/pantry/lots",
            "/pantry/measures",
            "/pantry/names",
            "/pantry/learned",
            "/kitchen");

    @DataProvider
    Object[][] paths() {
        return PATHS.stream().map(path -> new Object[] {path}).toArray(Object[][]::new);
    }

    @AfterMethod
    public void backToALaptop() {
        size(1280, 800);
    }

    @BeforeClass
    public void anyView() {
        open("/kitchen");
    }

    @Test(dataProvider = "paths")
    public void fitsIsNamedCanBeReadAndHasNoKeyForTwoThings(String path) {
        run("localStorage.setItem('verdamen.theme', 'day')");
        open(path);
        calm(path);
        look(path, "day", false);
        driver().findElement(By.cssSelector("[aria-label='Dark theme']")).click();
        calm(path);
        look(path, "night", true);
        size(1024, 768);
        assertEquals(((Number) run(WIDER)).intValue(), 0, path + ": nothing sticks out on a small screen");
        keysDiffer(path);
    }

    /** What differs between the themes is their colours: all else is looked for in one of them. */
    private void look(String path, String theme, boolean onlyColours) {
        String view = path + " in " + theme + ": ";
        assertEquals(driver().findElement(By.tagName("html")).getAttribute("data-theme"), theme, view);
        assertEquals(String.join("\n", findings(onlyColours)), "", view + "everybody can use it");
        assertEquals(((Number) run(WIDER)).intValue(), 0, view + "nothing sticks out sideways");
    }

    /** Waits until the view is there with the answer to what it holds, and nothing in it moves or fades any more. */
    private void calm(String path) {
        patience().until(Waits.there(By.cssSelector("main input, main table, main button")));
        String station = path.substring(path.lastIndexOf('/') + 1);
        if (ANSWERING.contains(station)) {
            patience().until(Waits.there(By.cssSelector("[data-testid=" + station + "][data-current=true]")));
        }
        patience().until(driver -> Boolean.TRUE.equals(run("return " + Axe.CALM)));
    }

    private void keysDiffer(String path) {
        driver().findElement(By.cssSelector("[aria-label='Keyboard shortcuts']"))
                .click();
        patience().until(Waits.there(By.cssSelector("dialog[open] kbd")));
        List<?> keys = (List<?>) run(KEYS);
        assertEquals(keys.size(), new HashSet<>(keys).size(), path + " " + keys);
    }

    @Test
    public void theLooksFindWhatTheyLookFor() {
        open("/kitchen");
        patience().until(Waits.there(By.cssSelector("main input")));
        run("document.querySelector('main').insertAdjacentHTML('beforeend',"
                + "'<p style=\"color:#777;background:#888;width:3000px\">faint words</p><button></button>')");
        List<String> found = findings(false);
        assertEquals(found.size(), 2, found.toString());
        assertTrue(
                found.toString().contains("color-contrast") && found.toString().contains("button-name"));
        assertTrue(((Number) run(WIDER)).intValue() > 1000);
        assertTrue(findings(true).toString().startsWith("[color-contrast"), "colours alone are looked for too");
    }

    private List<String> findings(boolean onlyColours) {
        return Axe.findings(driver(), onlyColours);
    }

    private Object run(String script) {
        return ((JavascriptExecutor) driver()).executeScript(script);
    }
}
