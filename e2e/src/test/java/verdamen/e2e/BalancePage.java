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

    BalancePage(WebDriver driver, WebDriverWait wait) {
        this.driver = driver;
        this.wait = wait;
        settled();
    }

    /** Waits until the page shows the balance of what it holds. */
    BalancePage settled() {
        wait.until(ExpectedConditions.presenceOfElementLocated(
                By.cssSelector("[data-testid=balance][data-current=true]")));
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
        css("tr[data-ledger='" + ingredient + "'] button").click();
        String reason = text("tr[data-ledger='" + ingredient + "'] + tr");
        css("tr[data-ledger='" + ingredient + "'] button").click();
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
        WebElement input = inLine(line, field);
        input.click();
        input.sendKeys(Keys.chord(Keys.CONTROL, "a"), value);
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
        css("[data-action=add-line]").click();
        wait.until(driver -> lineCount() == count + 1);
        pick(count, words);
        type(count, "grams", grams);
    }

    void pick(int line, String words) {
        WebElement input = inLine(line, "ingredient");
        input.click();
        input.sendKeys(Keys.chord(Keys.CONTROL, "a"), words);
        wait.until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
        input.sendKeys(Keys.ENTER);
        wait.until(driver -> !field(line, "ingredient").equals(words));
    }

    void chooseForm(int line, String name) {
        new Select(inLine(line, "form")).selectByVisibleText(name);
    }

    void press(String button) {
        By place = By.xpath("//button[normalize-space()='" + button + "' or @aria-label='" + button + "']");
        wait.until(Waits.mayBePressed(place)).click();
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

    private WebElement inLine(int line, String field) {
        return css("li[data-line='" + line + "'] [data-field=" + field + "]");
    }

    private WebElement css(String selector) {
        return wait.until(ExpectedConditions.presenceOfElementLocated(By.cssSelector(selector)));
    }

    private String text(String selector) {
        By place = By.cssSelector(selector);
        wait.until(ExpectedConditions.presenceOfElementLocated(place));
        return wait.until(driver -> driver.findElement(place).getText());
    }
}
