package verdamen.e2e;

import java.util.List;
import java.util.function.Predicate;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;
import org.openqa.selenium.support.ui.WebDriverWait;

/** The Intake station as its user sees it. */
final class IntakePage {

    private static final By RECIPE = By.cssSelector("textarea[aria-label=Recipe]");

    private final WebDriver driver;
    private final WebDriverWait wait;
    private final Hand hand;

    IntakePage(WebDriver driver, WebDriverWait wait) {
        this.driver = driver;
        this.wait = wait;
        hand = new Hand(wait);
        wait.until(Waits.there(RECIPE));
    }

    void paste(String recipe) {
        WebElement text = driver.findElement(RECIPE);
        // As a user does it: a field that is cleared behind the page's back gets its text again when the page is drawn.
        text.sendKeys(Keys.chord(Keys.CONTROL, "a"), recipe);
        text.sendKeys(Keys.chord(Keys.CONTROL, Keys.ENTER));
    }

    void waitForLines(int count) {
        wait.until(
                driver -> driver.findElements(By.cssSelector("tr[data-line]")).size() == count);
    }

    /** How far each line is understood, by the name of its mark. */
    List<String> marks() {
        return ((List<?>) ((JavascriptExecutor) driver)
                        .executeScript(
                                "return [...document.querySelectorAll('tr[data-line] td:first-child [role=img]')]"
                                        + ".map(e => e.getAttribute('aria-label'))"))
                .stream().map(String::valueOf).toList();
    }

    String ingredient(int line) {
        return row(line, "[data-field=ingredient]").getAttribute("value");
    }

    String grams(int line) {
        return row(line, "[data-field=grams]").getAttribute("value");
    }

    String range(int line) {
        return wait.until(driver -> row(line, "[data-field=range]").getText());
    }

    void waitForGrams(int line, Predicate<String> grams) {
        wait.until(driver -> grams.test(grams(line)));
    }

    void pick(int line, String words) {
        hand.type(in(line, "[data-field=ingredient]"), words);
        wait.until(driver -> row(line, "[role=option]").isDisplayed());
        row(line, "[data-field=ingredient]").sendKeys(Keys.ENTER);
    }

    void chooseMeasure(int line, String name) {
        new Select(row(line, "select[aria-label^=Measure]")).selectByVisibleText(name);
    }

    void weigh(int line, String grams) {
        hand.type(in(line, "[data-field=grams]"), grams, Keys.TAB);
    }

    void press(String button) {
        hand.press(By.xpath("//*[self::button or self::a][contains(normalize-space(), '" + button + "')]"));
    }

    boolean hasSlip(String kind) {
        return !driver.findElements(By.cssSelector("[data-slip='" + kind + "']"))
                .isEmpty();
    }

    void waitForSlip(String kind, boolean there) {
        wait.until(driver -> hasSlip(kind) == there);
    }

    void waitForText(String words) {
        wait.until(Waits.says(By.tagName("main"), words));
    }

    private WebElement row(int line, String css) {
        return wait.until(Waits.there(in(line, css)));
    }

    private static By in(int line, String css) {
        return By.cssSelector("tr[data-line='" + line + "'] " + css);
    }
}
