package verdamen.e2e;

import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.WebDriverWait;

/** The hand of a user, who presses and types where that can be done. */
final class Hand {

    private final WebDriverWait wait;

    Hand(WebDriverWait wait) {
        this.wait = wait;
    }

    void press(By place) {
        wait.until(Waits.mayBePressed(place)).click();
    }

    /** Presses a button by its words or its label. */
    void pressButton(String words) {
        press(By.xpath("//button[normalize-space()='" + words + "' or @aria-label='" + words + "']"));
    }

    /** Goes into a field, as with a pointer. */
    WebElement into(By place) {
        WebElement field = wait.until(Waits.mayBePressed(place));
        field.click();
        return field;
    }

    /** Types into a field, in place of what stands there. */
    void type(By place, CharSequence... keys) {
        into(place).sendKeys(Keys.chord(Keys.CONTROL, "a"), String.join("", keys));
    }
}
