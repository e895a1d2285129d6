package verdamen.e2e;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.openqa.selenium.support.ui.WebDriverWait;

/** The Prep station. */
final class PrepPage {

    private final WebDriver driver;
    private final WebDriverWait wait;
    private final Hand hand;

    PrepPage(WebDriver driver, WebDriverWait wait) {
        this.driver = driver;
        this.wait = wait;
        hand = new Hand(wait);
        settled();
    }

    /** Waits until the page shows what it holds, worked out. */
    PrepPage settled() {
        css("[data-testid=prep][data-current=true]");
        return this;
    }

    void prepare(String words) {
        hand.type(By.cssSelector("[data-action=add-chain] input"), words);
        wait.until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
        new Actions(driver).sendKeys(Keys.ENTER).perform();
        css("[data-chain]");
        settled();
    }

    void bought(int chain, String grams) {
        type("[data-chain='" + chain + "'] [data-field=bought]", grams);
    }

    void addStep(int chain, String kind) {
        int before = steps(chain);
        new Select(seen("[data-chain='" + chain + "'] [aria-label='Add a step']")).selectByValue(kind);
        wait.until(driver -> steps(chain) == before + 1);
        settled();
    }

    int steps(int chain) {
        return driver.findElements(By.cssSelector("[data-chain='" + chain + "'] [data-step]"))
                .size();
    }

    /** Types into a field of a step and waits until it is worked out. */
    void step(int chain, int step, String field, String value) {
        typeStep(chain, step, field, value);
        settled();
    }

    /** Types into a field of a step, whatever the server says to it. */
    void typeStep(int chain, int step, String field, String value) {
        type("[data-chain='" + chain + "'] [data-step='" + step + "'] [data-field=" + field + "]", value);
    }

    void liquid(String use) {
        new Select(css("[aria-label='What happens to the liquid']")).selectByValue(use);
        settled();
    }

    void need(String grams) {
        type("[data-field=need]", grams);
        settled();
    }

    String text(String testId) {
        return wait.until(Waits.textOf(By.cssSelector("[data-testid=" + testId + "]")));
    }

    void waitForText(String testId, String text) {
        wait.until(Waits.says(By.cssSelector("[data-testid=" + testId + "]"), text));
    }

    void press(String button) {
        hand.pressButton(button);
    }

    List<String> alerts() {
        Object found = ((JavascriptExecutor) driver)
                .executeScript("return [...document.querySelectorAll('[role=alert]')].map(e => e.innerText)");
        return ((List<?>) found).stream().map(String::valueOf).toList();
    }

    void waitForAlert(String words) {
        wait.until(driver -> alerts().stream().anyMatch(alert -> alert.contains(words)));
    }

    void waitForNoAlert() {
        wait.until(driver -> alerts().isEmpty());
        settled();
    }

    private void type(String selector, String value) {
        hand.type(By.cssSelector(selector), value);
    }

    private WebElement seen(String selector) {
        return wait.until(Waits.inTheMiddle(By.cssSelector(selector)));
    }

    private WebElement css(String selector) {
        return wait.until(Waits.there(By.cssSelector(selector)));
    }
}
