package verdamen.e2e;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.WebDriverWait;

/** The list of formulas. */
final class FormulasPage {

    private static final By NAMES = By.cssSelector("tbody tr td:first-child a");

    private final WebDriver driver;
    private final WebDriverWait wait;
    private final Hand hand;

    FormulasPage(WebDriver driver, WebDriverWait wait) {
        this.driver = driver;
        this.wait = wait;
        hand = new Hand(wait);
    }

    void open(String name) {
        hand.press(By.linkText(name));
    }

    /** The names in the list as it was asked for last. */
    List<String> names() {
        wait.until(Waits.there(By.cssSelector("[data-testid=formulas][data-current=true]")));
        wait.until(Waits.there(NAMES));
        return wait.until(driver ->
                driver.findElements(NAMES).stream().map(WebElement::getText).toList());
    }

    void search(String words) {
        WebElement field = driver.findElement(By.cssSelector("input[type=search]"));
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), Keys.DELETE);
        field.sendKeys(words);
    }

    void sortBy(String column) {
        hand.press(By.xpath("//th//button[normalize-space()='" + column + "']"));
    }

    void waitForNames(List<String> expected) {
        wait.until(driver -> names().equals(expected));
    }

    void waitForText(String text) {
        wait.until(Waits.says(By.tagName("main"), text));
    }
}
