package verdamen.e2e;

import static org.testng.Assert.assertEquals;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What a recipe leaves open is asked where it stands, and answered on the spot. */
public class IntakeQuestionsIT extends BrowserTest {

    @BeforeMethod
    public void fresh() {
        forget();
    }

    @Test
    public void aVesselThatNobodyKnowsIsDefinedOnTheSpot() {
        IntakePage page =
                read("Evening roti\n2 dippers atta\n1 dipper water\n5 g salt\nFor the dip\n1 dipper yogurt\n", 4);
        assertEquals(page.marks().get(0), "amount not known");
        By volume = By.cssSelector("input[aria-label='Volume of a dipper']");
        patience().until(ExpectedConditions.elementToBeClickable(volume)).sendKeys("plenty", Keys.ENTER);
        patience().until(Waits.says(By.cssSelector("[data-testid='vessel-question'] [role=alert]"), "is not a number"));
        driver().findElement(volume).sendKeys(Keys.chord(Keys.CONTROL, "a"), "180", Keys.ENTER);
        page.waitForGrams(1, "180"::equals);
        page.waitForGrams(0, grams -> grams.matches("\\d{3}"));
        page.waitForText("“For the dip”");
        assertEquals(driver().findElements(By.cssSelector("[data-testid='vessel-question']")), List.of());
        forget();
        assertEquals(read("3 dippers water\n", 1).grams(0), "540", "it is known from now on");
    }

    @Test
    public void aFlourThatIsOnlyNearIsProposedAndNotTaken() {
        IntakePage page =
                read("300 g atta\n60 g roasted barley flour\nhalf a cup of toasted millet flour\n200 ml water\n", 4);
        assertEquals(page.marks(), List.of("read", "not understood", "not understood", "read"));
        page.waitForText("flour 300 g");
        page.press("it is Barley flour");
        page.waitForGrams(1, "60"::equals);
        page.press("it is Pearl millet flour");
        page.waitForGrams(2, grams -> grams.matches("\\d{2}"));
        page.waitForText("flour " + (360 + Integer.parseInt(page.grams(2))) + " g");
    }

    private IntakePage read(String recipe, int lines) {
        open("/formulas/new/intake");
        IntakePage page = intake();
        page.paste(recipe);
        page.waitForLines(lines);
        return page;
    }
}
