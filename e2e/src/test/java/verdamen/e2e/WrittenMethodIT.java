package verdamen.e2e;

import static org.testng.Assert.assertEquals;

import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What the words of a recipe's method say, taken into the formula; and water that was left to the dough. */
public class WrittenMethodIT extends BrowserTest {

    private static final String RECIPE = "Evening griddle bread\n400 g atta\nwater\n7 g salt\n\n"
            + "Knead for 6 minutes. Cover and rest for 35 minutes. Divide into 9 balls of 70 g each.\n"
            + "Roll to 2 mm, 18 cm across. Cook 50 seconds a side.\n";

    @BeforeMethod
    public void fresh() {
        forget();
    }

    @Test
    public void itsSettingsAreTakenTogetherAndOneIsLeft() {
        IntakePage page = read();
        By left = By.cssSelector("[data-said='piece-grams'] input");
        hand().press(left);
        page.press("Take what is ticked");
        patience()
                .until(ExpectedConditions.numberOfElementsToBe(
                        By.cssSelector("[data-said] [aria-label='in the formula']"), 6));
        assertEquals(field("Pieces"), "9");
        assertEquals(field("Weight of a piece"), "");
        assertEquals(field("Diameter"), "18");
        assertEquals(field("Seconds a side"), "50");
        page.press("To the balance");
        patience().until(ExpectedConditions.attributeToBe(By.cssSelector("input[aria-label^='Rest']"), "value", "35"));
    }

    @Test
    public void whatNoDoughCanHaveIsShownAndNotTaken() {
        IntakePage page =
                read(RECIPE.replace("6 minutes", "600 minutes").replace("rest for", "let it double, then rest for"));
        page.waitForText("Cannot be: kneaded by hand 60 min at most.");
        page.waitForText("Nothing in this dough makes it rise.");
        page.press("Take what is ticked");
        patience()
                .until(ExpectedConditions.numberOfElementsToBe(
                        By.cssSelector("[data-said] [aria-label='in the formula']"), 6));
        assertEquals(
                driver().findElements(By.cssSelector("[data-said] [aria-label='cannot be taken']"))
                        .size(),
                2);
        assertEquals(field("Diameter"), "18", "each is the one that was ticked");
    }

    @Test
    public void waterLeftToTheDoughFollowsUntilItIsTyped() {
        IntakePage page = read();
        page.press("take what the dough needs");
        page.waitForGrams(1, grams -> grams.matches("\\d{3}"));
        String before = page.grams(1);
        page.weigh(0, "600");
        page.waitForGrams(
                1, grams -> grams.matches("\\d{3}") && Integer.parseInt(grams) > Integer.parseInt(before) + 80);
        pressWith(Keys.CONTROL, "z");
        page.waitForGrams(1, before::equals);
        assertEquals(page.grams(0), "400", "both are undone at once");
        page.weigh(1, "250");
        page.weigh(0, "500");
        page.waitForText("dough 757 g");
        assertEquals(page.grams(1), "250");
    }

    @Test
    public void theRecipeAsItCameStaysWithItsFormula() {
        IntakePage page = read();
        page.press("take what the dough needs");
        page.waitForGrams(1, grams -> grams.matches("\\d{3}"));
        pressWith(Keys.CONTROL, "s");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("dialog textarea")));
        pressWith(Keys.CONTROL, String.valueOf(Keys.ENTER.charAt(0)));
        patience().until(ExpectedConditions.urlMatches("/formulas/\\d+/intake"));
        driver().navigate().refresh();
        intake().waitForLines(3);
        assertEquals(
                driver().findElement(By.cssSelector("textarea[aria-label=Recipe]"))
                        .getAttribute("value")
                        .strip(),
                RECIPE.strip());
    }

    private IntakePage read() {
        return read(RECIPE);
    }

    private IntakePage read(String recipe) {
        open("/formulas/new/intake");
        IntakePage page = intake();
        page.paste(recipe);
        page.waitForLines(3);
        return page;
    }

    private String field(String label) {
        return driver().findElement(By.cssSelector("input[aria-label='" + label + "']"))
                .getAttribute("value");
    }
}
