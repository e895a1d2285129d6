package verdamen.e2e;

import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
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
        hand().press(By.linkText(name));
        settled(name);
    }

    void settled(String station) {
        css("[data-testid=" + station.toLowerCase(java.util.Locale.ROOT) + "][data-current=true]");
    }

    WebElement css(String selector) {
        return patience().until(Waits.there(By.cssSelector(selector)));
    }

    /** An element, brought into the middle of the screen. */
    WebElement seen(String selector) {
        return patience().until(Waits.inTheMiddle(By.cssSelector(selector)));
    }

    void click(String selector) {
        hand().press(By.cssSelector(selector));
    }

    /** Presses a button by its words or its label. */
    void button(String words) {
        hand().pressButton(words);
    }

    void type(String selector, String value) {
        hand().type(By.cssSelector(selector), value);
    }

    void waitForText(String selector, String text) {
        patience().until(Waits.says(By.cssSelector(selector), text));
    }
}
