package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What must hold for every view, in both themes, on a laptop and on a small tablet. */
public class EveryViewIT extends BrowserTest {

    private static final String NAMELESS = """
            return [...document.querySelectorAll('input, select, textarea, button, a')]
              .filter(e => e.offsetParent !== null)
              .filter(e => !(e.getAttribute('aria-label') || e.innerText?.trim() || e.closest('label')?.innerText.trim()
                || e.title || e.getAttribute('aria-labelledby')))
              .map(e => e.outerHTML.slice(0, 120));
            """;
    private static final String TWICE = """
            const ids = [...document.querySelectorAll('[id]')].map(e => e.id);
            return ids.filter((id, at) => ids.indexOf(id) !== at);
            """;
    private static final String WIDER = "return document.documentElement.scrollWidth - window.innerWidth";

    /** The contrast of each text with what lies behind it, for texts below 4.5 (3 for large ones). */
    private static final String FAINT = """
            const canvas = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
            const rgba = colour => {
              canvas.clearRect(0, 0, 1, 1);
              canvas.fillStyle = colour;
              canvas.fillRect(0, 0, 1, 1);
              const [r, g, b, a] = canvas.getImageData(0, 0, 1, 1).data;
              return [r, g, b, a / 255];
            };
            const over = (top, below) => [0, 1, 2].map(i => top[i] * top[3] + below[i] * (1 - top[3])).concat(1);
            const behind = e => {
              const layers = [];
              for (let at = e; at; at = at.parentElement) layers.push(rgba(getComputedStyle(at).backgroundColor));
              return layers.reverse().reduce((below, top) => over(top, below), [255, 255, 255, 1]);
            };
            const light = c => [0, 1, 2].map(i => c[i] / 255).map(v => v <= 0.03928 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4)
              .reduce((sum, v, i) => sum + v * [0.2126, 0.7152, 0.0722][i], 0);
            return [...document.querySelectorAll('main p, main td, main th, main h1, main h2, main label, main button, nav a')]
              .filter(e => e.offsetParent !== null && e.innerText.trim() !== '' && !e.disabled && !e.closest('[disabled]'))
              .filter(e => !e.closest('[class*=opacity-]'))
              .map(e => {
                const style = getComputedStyle(e);
                const back = behind(e);
                const [a, b] = [light(over(rgba(style.color), back)), light(back)].sort((x, y) => y - x);
                const least = parseFloat(style.fontSize) >= 24 ? 3 : 4.5;
                return { text: e.innerText.trim().slice(0, 40), ratio: (a + 0.05) / (b + 0.05), least };
              })
              .filter(each => each.ratio < each.least)
              .map(each => each.text + ' ' + each.ratio.toFixed(2));
            """;

    @DataProvider
    Object[][] views() {
        List<String> paths = List.of(
                "/formulas",
                "/formulas/1/balance",
                "/formulas/3/intake",
                "/formulas/new/intake",
                "/formulas/6/prep",
                "/formulas/3/prep",
                "/formulas/6/method",
                "/formulas/6/handling",
                "/guide",
                "/model",
                "/pantry/ingredients",
                "/pantry/lots",
                "/pantry/measures",
                "/pantry/names",
                "/kitchen");
        return paths.stream()
                .flatMap(path -> List.of("bench", "oven").stream().map(theme -> new Object[] {path, theme}))
                .toArray(Object[][]::new);
    }

    @AfterMethod
    public void backToALaptop() {
        size(1280, 800);
    }

    @Test(dataProvider = "views")
    public void fitsIsNamedAndCanBeRead(String path, String theme) {
        open("/kitchen");
        run("localStorage.setItem('verdamen.theme', '" + theme + "')");
        open(path);
        patience()
                .until(ExpectedConditions.presenceOfElementLocated(
                        By.cssSelector("main input, main table, main button")));
        String view = path + " in " + theme + ": ";
        assertEquals(driver().findElement(By.tagName("html")).getAttribute("data-theme"), theme, view);
        assertEquals(run(NAMELESS), List.of(), view + "everything that can be used has a name");
        assertEquals(run(TWICE), List.of(), view + "no id twice");
        assertEquals(run(FAINT), List.of(), view + "text stands out from its ground");
        assertEquals(((Number) run(WIDER)).intValue(), 0, view + "nothing sticks out sideways");
        size(1024, 768);
        assertEquals(((Number) run(WIDER)).intValue(), 0, view + "nor on a small screen");
    }

    @Test
    public void theLooksFindWhatTheyLookFor() {
        open("/kitchen");
        patience().until(ExpectedConditions.presenceOfElementLocated(By.cssSelector("main input")));
        run(
                "document.querySelector('main').insertAdjacentHTML('beforeend',"
                        + "'<p id=\"root\" style=\"color:#777;background:#888;width:3000px\">faint words</p><button></button>')");
        assertEquals(((List<?>) run(FAINT)).size(), 1);
        assertEquals(((List<?>) run(NAMELESS)).size(), 1);
        assertEquals(run(TWICE), List.of("root"));
        assertTrue(((Number) run(WIDER)).intValue() > 1000);
    }

    private Object run(String script) {
        return ((JavascriptExecutor) driver()).executeScript(script);
    }
}
