package verdamen.e2e;

import org.jspecify.annotations.Nullable;
import org.openqa.selenium.By;
import org.openqa.selenium.By.Remotable;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.ExpectedCondition;

/** What is waited for, asked of the page in one go: it may redraw between two questions, and each takes its time. */
final class Waits {

    private static final String FIND = """
            const [using, value, words] = arguments;
            const found = using === 'xpath'
              ? document.evaluate(value, document, null, XPathResult.FIRST_ORDERED_NODE_TYPE, null).singleNodeValue
              : document.querySelector(value);
            """;
    private static final String SHOW = """
            found?.scrollIntoView({block: 'center'});
            return found;
            """;
    private static final String PRESSABLE = """
            if (!found?.checkVisibility({opacityProperty: true, visibilityProperty: true}) || found.disabled
              || found.hasAttribute('aria-disabled') || found.closest('[inert]')) {
              return null;
            }
            """;
    private static final String SAYS = "return Boolean(found?.checkVisibility() && found.innerText.includes(words))";

    private Waits() {}

    /** An element, brought into the middle of the screen. */
    static ExpectedCondition<WebElement> inTheMiddle(By place) {
        return driver -> (WebElement) ask((JavascriptExecutor) driver, FIND + SHOW, place, null);
    }

    /** Something that may be pressed, brought there too: what acts on a figure waits for the current one. */
    static ExpectedCondition<WebElement> mayBePressed(By place) {
        return driver -> (WebElement) ask((JavascriptExecutor) driver, FIND + PRESSABLE + SHOW, place, null);
    }

    /** Words that stand in an element. */
    static ExpectedCondition<Boolean> says(By place, String words) {
        return driver -> Boolean.TRUE.equals(ask((JavascriptExecutor) driver, FIND + SAYS, place, words));
    }

    private static @Nullable Object ask(JavascriptExecutor driver, String script, By place, @Nullable String words) {
        Remotable.Parameters found = ((Remotable) place).getRemoteParameters();
        return driver.executeScript(script, found.using(), found.value(), words);
    }
}
