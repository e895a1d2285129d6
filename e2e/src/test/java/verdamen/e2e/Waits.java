package verdamen.e2e;

import org.jspecify.annotations.Nullable;
import org.openqa.selenium.By;
import org.openqa.selenium.By.Remotable;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.ExpectedCondition;

/**
 * What is waited for, by the page itself: it looks again and again for a while, so that nobody has to ask it again and again, and
 * nothing is redrawn between two questions of one condition.
 */
final class Waits {

    /** Looks every so many ms, and answers null after so many ms. */
    private static final String LOOK = """
            const [using, value, words] = arguments;
            const link = says => [...document.querySelectorAll('a')].find(({ innerText }) => says(innerText.trim()));
            const ways = {
              'xpath': () =>
                document.evaluate(value, document, null, XPathResult.FIRST_ORDERED_NODE_TYPE, null).singleNodeValue,
              'link text': () => link(text => text === value),
              'partial link text': () => link(text => text.includes(value)),
            };
            const find = ways[using] ?? (() => document.querySelector(value));
            const look = found => { %s };
            const end = performance.now() + 1000;
            return new Promise(resolve => {
              const again = () => {
                const seen = look(find());
                if (seen || performance.now() > end) {
                  resolve(seen || null);
                } else {
                  setTimeout(again, 20);
                }
              };
              again();
            });
            """;

    private static final String THERE = LOOK.formatted("return found");
    private static final String IN_THE_MIDDLE = LOOK.formatted("""
            found?.scrollIntoView({block: 'center'});
            return found;
            """);
    private static final String SAYS =
            LOOK.formatted("return Boolean(found?.checkVisibility() && found.innerText.includes(words))");
    private static final String TEXT = LOOK.formatted("return found?.innerText.trim()");
    private static final String PRESSABLE = LOOK.formatted("""
            if (!found?.checkVisibility({opacityProperty: true, visibilityProperty: true}) || found.disabled
              || found.hasAttribute('aria-disabled') || found.closest('[inert]')) {
              return null;
            }
            found.scrollIntoView({block: 'center'});
            return found;
            """);

    private Waits() {}

    /** An element. */
    static ExpectedCondition<WebElement> there(By place) {
        return driver -> (WebElement) ask((JavascriptExecutor) driver, THERE, place, null);
    }

    /** An element, brought into the middle of the screen. */
    static ExpectedCondition<WebElement> inTheMiddle(By place) {
        return driver -> (WebElement) ask((JavascriptExecutor) driver, IN_THE_MIDDLE, place, null);
    }

    /** Something that may be pressed, brought there too: what acts on a figure waits for the current one. */
    static ExpectedCondition<WebElement> mayBePressed(By place) {
        return driver -> (WebElement) ask((JavascriptExecutor) driver, PRESSABLE, place, null);
    }

    /** Words that stand in an element. */
    static ExpectedCondition<Boolean> says(By place, String words) {
        return driver -> Boolean.TRUE.equals(ask((JavascriptExecutor) driver, SAYS, place, words));
    }

    /** The words of an element, once there are any. */
    static ExpectedCondition<String> textOf(By place) {
        return driver -> (String) ask((JavascriptExecutor) driver, TEXT, place, null);
    }

    private static @Nullable Object ask(JavascriptExecutor driver, String script, By place, @Nullable String words) {
        Remotable.Parameters found = ((Remotable) place).getRemoteParameters();
        return driver.executeScript(script, found.using(), found.value(), words);
    }
}
