package verdamen.e2e;

import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.ExpectedCondition;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.testng.annotations.AfterMethod;

/** A browser test at the stations of one formula; every test forgets its edits. */
abstract class StationTest extends BrowserTest {

    @AfterMethod
    public void forgetEdits() {
        forget();
    }

    /** Opens a station of a formula and waits until it is worked out. */
    void station(String formula, String name) {
        open(formula(formula) + "/" + name.toLowerCase(java.util.Locale.ROOT));
        settled(name);
    }

    /** Goes to another station of the formula that is open. */
    void go(String name) {
        driver().findElement(By.linkText(name)).click();
        settled(name);
    }

    void settled(String station) {
        css("[data-testid=" + station.toLowerCase(java.util.Locale.ROOT) + "][data-current=true]");
    }

    WebElement css(String selector) {
        return patience().until(ExpectedConditions.presenceOfElementLocated(By.cssSelector(selector)));
    }

    /** An element, brought into the middle of the screen. */
    WebElement seen(String selector) {
        WebElement found = css(selector);
        scrollTo(found);
        return found;
    }

    void click(String selector) {
        patience().until(mayBePressed(By.cssSelector(selector)));
        seen(selector).click();
    }

    /** Presses a button by its words or its label. */
    void button(String words) {
        By place = By.xpath("//button[normalize-space()='" + words + "' or @aria-label='" + words + "']");
        WebElement found = patience().until(mayBePressed(place));
        scrollTo(found);
        found.click();
    }

    /** Something that may be pressed: what acts on a figure waits for the current one. */
    static ExpectedCondition<WebElement> mayBePressed(By place) {
        return driver -> {
            WebElement found = ExpectedConditions.elementToBeClickable(place).apply(driver);
            return found != null && found.getAttribute("aria-disabled") == null ? found : null;
        };
    }

    void type(String selector, String value) {
        WebElement field = seen(selector);
        field.click();
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), value);
    }

    void waitForText(String selector, String text) {
        patience().until(ExpectedConditions.textToBePresentInElementLocated(By.cssSelector(selector), text));
    }

    private void scrollTo(WebElement element) {
        ((JavascriptExecutor) driver()).executeScript("arguments[0].scrollIntoView({block: 'center'})", element);
    }
}
