package verdamen.e2e;

import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
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
        return patience().until(Waits.inTheMiddle(By.cssSelector(selector)));
    }

    void click(String selector) {
        patience().until(Waits.mayBePressed(By.cssSelector(selector))).click();
    }

    /** Presses a button by its words or its label. */
    void button(String words) {
        By place = By.xpath("//button[normalize-space()='" + words + "' or @aria-label='" + words + "']");
        patience().until(Waits.mayBePressed(place)).click();
    }

    void type(String selector, String value) {
        WebElement field = seen(selector);
        field.click();
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), value);
    }

    void waitForText(String selector, String text) {
        patience().until(Waits.says(By.cssSelector(selector), text));
    }
}
