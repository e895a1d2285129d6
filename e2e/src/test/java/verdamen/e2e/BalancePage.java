package verdamen.e2e;

import java.util.List;
import java.util.function.Predicate;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.openqa.selenium.support.ui.WebDriverWait;

/** The Balance station. */
final class BalancePage {

    private final WebDriver driver;
    private final WebDriverWait wait;
    private final Hand hand;

    BalancePage(WebDriver driver, WebDriverWait wait) {
        this.driver = driver;
        this.wait = wait;
        hand = new Hand(wait);
        settled();
    }

    /** Waits until the page shows the balance of what it holds. */
    BalancePage settled() {
        css("[data-testid=balance][data-current=true]");
        return this;
    }

    String waterNeeded() {
        return text("[data-testid=water-needed]");
    }

    String waterRange() {
        return text("[data-testid=water-range]");
    }

    String feel() {
        return text("[data-testid=feel]");
    }

    String window() {
        return text("[data-testid=window]");
    }

    /** Degrees by which the beam tips; positive to the wet side. */
    double tilt() {
        return Double.parseDouble(css("[data-testid=beam]").getAttribute("data-tilt"));
    }

    /** Grams of a block of the beam. */
    double block(String side, int line) {
        return Double.parseDouble(
                css("[data-block='" + side + " " + line + "']").getAttribute("data-grams"));
    }

    void dragBlock(String side, int line, int up) {
        new Actions(driver)
                .dragAndDropBy(css("[data-block='" + side + " " + line + "']"), 0, -up)
                .perform();
    }

    /** What the ledger says a row brings or drinks. */
    String ledger(String ingredient, String side) {
        return text("tr[data-ledger='" + ingredient + "'] [data-field=" + side + "]");
    }

    String reasonOf(String ingredient) {
        By why = By.cssSelector("tr[data-ledger='" + ingredient + "'] button");
        hand.press(why);
        String reason = text("tr[data-ledger='" + ingredient + "'] + tr");
        hand.press(why);
        return reason;
    }

    int lineCount() {
        return driver.findElements(By.cssSelector("li[data-line]")).size();
    }

    List<String> ingredients() {
        return read("[data-field=ingredient]", "value");
    }

    String field(int line, String field) {
        return inLine(line, field).getAttribute("value");
    }

    void type(int line, String field, String value) {
        hand.type(place(line, field), value);
    }

    void typePercentage(int line, String pct) {
        String before = field(line, "grams");
        type(line, "pct", pct);
        inLine(line, "pct").sendKeys(Keys.ENTER);
        wait.until(driver -> !field(line, "grams").equals(before));
        settled();
    }

    void addLine(String words, String grams) {
        int count = lineCount();
        hand.press(By.cssSelector("[data-action=add-line]"));
        wait.until(driver -> lineCount() == count + 1);
        pick(count, words);
        type(count, "grams", grams);
    }

    void pick(int line, String words) {
        hand.type(place(line, "ingredient"), words);
        wait.until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
        new Actions(driver).sendKeys(Keys.ENTER).perform();
        wait.until(driver -> !field(line, "ingredient").equals(words));
    }

    void chooseForm(int line, String name) {
        new Select(inLine(line, "form")).selectByVisibleText(name);
    }

    void press(String button) {
        hand.pressButton(button);
    }

    /** Saves with a note and waits for the page of the new version. */
    void save(String note, int version) {
        press("Save");
        By area = By.cssSelector("dialog textarea");
        wait.until(ExpectedConditions.visibilityOfElementLocated(area)).sendKeys(note);
        press("Save version " + version);
        waitForVersion(version);
    }

    void waitForVersion(int version) {
        wait.until(ExpectedConditions.invisibilityOfElementLocated(By.tagName("dialog")));
        wait.until(Waits.says(By.tagName("header"), "version " + version));
        settled();
    }

    boolean hasUnsavedEdits() {
        return !driver.findElements(By.cssSelector("[data-testid=unsaved]")).isEmpty();
    }

    List<String> alerts() {
        return read("[role=alert]", "innerText");
    }

    /** A property of all elements found, read in one go: the page may redraw between two questions. */
    private List<String> read(String selector, String property) {
        Object found = ((JavascriptExecutor) driver)
                .executeScript(
                        "return [...document.querySelectorAll(arguments[0])].map(e => e[arguments[1]])",
                        selector,
                        property);
        return ((List<?>) found).stream().map(String::valueOf).toList();
    }

    void waitForAlert(Predicate<String> alert) {
        wait.until(driver -> alerts().stream().anyMatch(alert));
    }

    void waitForNeeded(String mass) {
        wait.until(driver -> waterNeeded().equals(mass));
    }

    void waitForText(String css, String text) {
        wait.until(Waits.says(By.cssSelector(css), text));
    }

    private static By place(int line, String field) {
        return By.cssSelector("li[data-line='" + line + "'] [data-field=" + field + "]");
    }

    private WebElement inLine(int line, String field) {
        return wait.until(Waits.there(place(line, field)));
    }

    private WebElement css(String selector) {
        return wait.until(Waits.there(By.cssSelector(selector)));
    }

    private String text(String selector) {
        return wait.until(Waits.textOf(By.cssSelector(selector)));
    }
}
