package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Predicate;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import verdamen.server.testing.TestHttp;

/** From a messy recipe to a saved formula, and what the kitchen knows better than the book. */
public class IntakeIT extends BrowserTest {

    private static final By WEIGHED_WHAT = By.cssSelector("input[aria-label='What was weighed']");

    private static final String MESSY = "Harbour roti\n3 to 3½ cups atta\na handful of kale, choped\n2 tbsp salt\n"
            + "2 tbsp golden stuff\nwarm water\nMethod\nKnead with the yogurt.\n";

    @BeforeMethod
    public void fresh() {
        forget();
    }

    @Test
    public void aMessyRecipeIsCorrectedFilledFromTheModelAndSaved() {
        IntakePage page = pasted();
        assertEquals(page.marks(), List.of("read", "to confirm", "read", "not understood", "amount not known"));
        assertEquals(page.grams(0), "453", "as this kitchen, which weighed one, fills a cup");
        assertTrue(page.range(0).matches("4\\d\\d–[45]\\d\\d"), page.range(0));
        page.waitForSlip("much-salt", true);
        page.waitForSlip("not-in-the-list", true);

        page.pick(3, "date syrup");
        page.waitForGrams(3, "41"::equals);
        page.press("Remember “golden stuff” as Date syrup");
        page.waitForText("will be read as Date syrup from now on");
        page.chooseMeasure(2, "teaspoon");
        page.waitForSlip("much-salt", false);
        page.press("take what the dough needs");
        page.waitForGrams(4, grams -> grams.matches("\\d{3}"));

        page.press("set aside");
        driver().findElement(By.cssSelector("input[aria-label='Why it does not apply']"))
                .sendKeys("left out on purpose", Keys.ENTER);
        page.waitForSlip("not-in-the-list", false);

        page.weigh(0, "450");
        patience()
                .until(ExpectedConditions.numberOfElementsToBe(
                        By.cssSelector("tr[data-line='0'] [data-field=range]"), 0));
        pressWith(Keys.CONTROL, "s");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("dialog textarea")));
        press("As it came to us");
        pressWith(Keys.CONTROL, String.valueOf(Keys.ENTER.charAt(0)));
        patience().until(ExpectedConditions.urlMatches("/formulas/\\d+/intake"));
        driver().navigate().refresh();
        IntakePage again = intake();
        again.waitForLines(5);
        assertEquals(again.grams(0), "450");
        assertEquals(again.ingredient(3), "Date syrup");
        again.waitForText("1 set aside");
        again.press("To the balance");
        assertEquals(balance().feel(), "soft");
    }

    @Test
    public void whatIsNotKnownCanBeSavedAsItIs() {
        IntakePage page = pasted(MESSY.replace("golden", "silver"));
        pressWith(Keys.CONTROL, "s");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("dialog textarea")));
        pressWith(Keys.CONTROL, String.valueOf(Keys.ENTER.charAt(0)));
        patience().until(ExpectedConditions.urlMatches("/formulas/\\d+/intake"));
        driver().navigate().refresh();
        IntakePage again = intake();
        again.waitForLines(5);
        assertEquals(again.marks().get(3), "not understood");
        assertEquals(again.marks().get(4), "amount not known");
        again.waitForText("2 tbsp silver stuff");
    }

    @Test
    public void aCalibratedHandfulHasANarrowerRange() {
        IntakePage page = pasted();
        double before = spread(page.range(1));
        open("/pantry/measures");
        for (String grams : List.of("24", "26", "25")) {
            weighIn("Kale", grams);
        }
        patience().until(Waits.says(By.cssSelector("[data-calibration='handful kale-raw']"), "25 g"));
        forget();
        IntakePage again = pasted();
        assertEquals(again.grams(1), "25");
        assertTrue(spread(again.range(1)) / 25 < 0.75 * before / 8.4, again.range(1));
    }

    @Test
    public void anotherLotChangesTheWater() {
        BalancePage page = openBalance("Pumpkin and emmer roti");
        String before = page.waterNeeded();
        hand().press(By.cssSelector("[aria-label='More about, line 2']"));
        hand().press(By.xpath("//label[contains(., 'Atta, spring milling')]"));
        patience().until(driver -> !page.waterNeeded().equals(before));
        page.settled();
        assertNotEquals(page.waterNeeded(), before);
        page.press("Undo");
        page.waitForNeeded(before);
    }

    @Test
    public void aFormulaIsTakenToAnotherKitchen() throws IOException {
        String list = TestHttp.fetch(server().url() + "/api/files/formulas");
        Path file = Files.createTempFile("formulas", ".json");
        Files.writeString(file, list);
        try {
            OneBrowser.open("about:blank");
            OneBrowser.freshData(false);
            open("/formulas");
            give("A formula file", file);
            patience().until(Waits.says(By.tagName("dialog"), "New here"));
            press(Keys.ESCAPE);
            patience().until(Waits.says(By.tagName("main"), "Courgette and barley tortilla"));
            give("A formula file", file);
            patience().until(Waits.says(By.tagName("dialog"), "Already here, unchanged"));
            press(Keys.ESCAPE);
            Files.writeString(file, list.substring(0, list.length() / 2));
            give("A formula file", file);
            patience().until(Waits.says(By.tagName("dialog"), "broken or cut off"));
            press(Keys.ESCAPE);
        } finally {
            beginAfresh();
            Files.delete(file);
        }
    }

    @Test
    public void aFormulaStartsFromAStyleFromPercentagesAndFromAnotherOne() {
        open("/formulas/new/intake");
        IntakePage page = intake();
        new Select(driver().findElement(By.xpath("//label[contains(., 'usual dough')]/select")))
                .selectByVisibleText("Pita");
        page.press("Start");
        page.waitForLines(6);
        assertEquals(page.ingredient(0), "Strong white bread flour");
        page.press("Baker’s percentages");
        WebElement flour = hand().into(By.cssSelector("dialog input[aria-label='Ingredient 1']"));
        flour.sendKeys("emmer");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("dialog [role=option]")));
        flour.sendKeys(Keys.ENTER);
        By water = By.cssSelector("dialog input[aria-label='Percentage 2']");
        hand().type(water, "-5");
        page.press("Make the lines");
        patience().until(Waits.says(By.tagName("dialog"), "it must be at least 0"));
        hand().type(water, "60");
        driver().findElement(By.cssSelector("dialog input[aria-label='Percentage 3']"))
                .sendKeys("1.8");
        page.press("Make the lines");
        page.waitForLines(3);
        page.waitForGrams(0, "618"::equals);
        new Select(driver().findElement(By.xpath("//label[contains(., 'a formula you have')]/select")))
                .selectByVisibleText("Nettle and rye tortilla, version 2");
        page.waitForLines(7);
        assertEquals(page.ingredient(2), "Nettle tops, raw");
        pressWith(Keys.CONTROL, "z");
    }

    @Test
    public void aRecipeFileOfAnotherProgramIsRead() throws IOException {
        Path file = Files.createTempFile("recipe", ".jsonld");
        try {
            Files.writeString(
                    file,
                    "{\"@type\":\"Recipe\",\"name\":\"From afar\",\"recipeYield\":\"6\","
                            + "\"recipeIngredient\":[\"300 g atta\",\"1 pinch salt\"],\"recipeInstructions\":\"Knead.\"}");
            open("/formulas/new/intake");
            give("A recipe file", file);
            IntakePage page = intake();
            page.waitForLines(2);
            assertEquals(
                    driver().findElement(By.cssSelector("input[aria-label=Pieces]"))
                            .getAttribute("value"),
                    "6");
            assertEquals(
                    driver().findElement(By.cssSelector("textarea[aria-label=Method]"))
                            .getAttribute("value"),
                    "Knead.");
            Files.writeString(file, "{\"@type\":\"Rec");
            give("A recipe file", file);
            page.waitForText("broken or cut off");
            assertEquals(page.grams(0), "300", "what was there stays");
        } finally {
            Files.delete(file);
        }
    }

    @Test
    public void anUnknownAmountIsFoundFromTheDoughAndFromAJug() {
        open("/formulas/new/intake");
        IntakePage page = intake();
        page.paste("400 g atta; 8 g salt; water");
        page.waitForLines(3);
        page.press("from a jug");
        type("jug before", "500");
        type("jug after", "620");
        page.press("Work it out");
        page.waitForText("it must be at most 500");
        type("jug after", "240");
        page.press("Work it out");
        page.waitForGrams(2, "260"::equals);
        pressWith(Keys.CONTROL, "z");
        patience().until(driver -> page.marks().get(2).equals("amount not known"));
        page.press("from the dough’s weight");
        type("dough weighed", "650");
        page.press("Work it out");
        page.waitForGrams(2, "252"::equals);
    }

    private void type(String label, String value) {
        hand().type(By.cssSelector("input[aria-label='" + label + "']"), value);
    }

    private IntakePage pasted() {
        return pasted(MESSY);
    }

    private IntakePage pasted(String recipe) {
        open("/formulas/new/intake");
        IntakePage page = intake();
        page.paste(recipe);
        page.waitForLines(5);
        return page;
    }

    private void give(String label, Path file) {
        patience()
                .until(Waits.there(By.cssSelector("input[aria-label='" + label + "']")))
                .sendKeys(file.toString());
    }

    private void weighIn(String ingredient, String grams) {
        WebElement field = patience().until(Waits.there(WEIGHED_WHAT));
        if (!field.getAttribute("value").contains(ingredient)) {
            new Select(driver().findElement(By.cssSelector("select[aria-label='Measure weighed']")))
                    .selectByVisibleText("handful");
            hand().press(WEIGHED_WHAT);
            field.sendKeys(ingredient);
            patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
            field.sendKeys(Keys.ENTER);
        }
        WebElement weighed = hand().into(By.cssSelector("input[aria-label=Weighed]"));
        weighed.sendKeys(grams, Keys.ENTER);
        patience().until(driver -> weighed.getAttribute("value").isEmpty());
    }

    private static double spread(String range) {
        String[] ends = range.split("–");
        return Double.parseDouble(ends[1]) - Double.parseDouble(ends[0]);
    }

    /** Presses a key until the focus is on something; answers how often that took. */
    private int pressUntil(Runnable press, int most, Predicate<WebElement> there) {
        for (int pressed = 0; pressed <= most; pressed++) {
            if (there.test(driver().switchTo().activeElement())) {
                return pressed;
            }
            press.run();
        }
        throw new AssertionError("not reached within " + most);
    }

    @Test
    public void aWholeRecipeIsPastedConfirmedAndSavedWithoutAMouse() {
        open("/formulas/new/intake");
        intake();
        patience()
                .until(driver ->
                        "Recipe".equals(driver.switchTo().activeElement().getAttribute("aria-label")));
        press("Barley wraps\n300 g flour\n100 g barley flour\n220 g water\n40 g lard\n7 g salt\n\nMix, rest and roll.");
        pressWith(Keys.CONTROL, String.valueOf(Keys.ENTER.charAt(0)));
        IntakePage page = intake();
        page.waitForLines(5);
        patience()
                .until(driver ->
                        !"Recipe".equals(driver.switchTo().activeElement().getAttribute("aria-label")));
        int back = pressUntil(
                () -> pressWith(Keys.SHIFT, String.valueOf(Keys.TAB.charAt(0))),
                10,
                focused -> "intake-style".equals(focused.getAttribute("data-testid")));
        assertTrue(back <= 10, "the style is " + back + " tabs away");
        press("Wheat t");
        patience()
                .until(ExpectedConditions.attributeToBe(
                        By.cssSelector("[data-testid=intake-style]"), "value", "tortilla"));
        pressUntil(() -> press(Keys.TAB), 15, focused -> focused.getText().equals("that is right"));
        press(Keys.ENTER);
        patience().until(driver -> page.marks().get(0).equals("read"));
        pressWith(Keys.CONTROL, "s");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("dialog input")));
        pressWith(Keys.CONTROL, String.valueOf(Keys.ENTER.charAt(0)));
        patience().until(ExpectedConditions.urlMatches("/formulas/\\d+/intake"));
        patience()
                .until(ExpectedConditions.attributeToBe(
                        By.cssSelector("[aria-label='Name of the formula']"), "value", "Barley wraps"));
    }

    @Test
    public void aRecipeIsTakenForTheBreadThatItSpeaksOfAndReplacesNothingUnasked() {
        open("/formulas/new/intake");
        IntakePage page = intake();
        page.paste("Skillet naan\n300 g plain flour\n190 g water\n5 g salt");
        page.waitForLines(3);
        patience()
                .until(Waits.says(
                        By.cssSelector("[data-testid=spoken-style]"), "Taken for skillet naan, by its title."));
        By style = By.cssSelector("[data-testid=intake-style]");
        patience().until(ExpectedConditions.attributeToBe(style, "value", "skillet-naan"));
        page.press("That is right");
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("[data-testid=spoken-style]")));

        page.paste("Supper cakes\n200 g atta\n110 g water");
        By where = By.cssSelector("[data-testid=where]");
        patience().until(Waits.says(where, "There is something in the bowl already"));
        page.press("Leave all as it is");
        patience().until(ExpectedConditions.invisibilityOfElementLocated(where));
        page.waitForLines(3);
        page.press("Read it");
        page.press("Into a new formula");
        page.waitForLines(2);
        By name = By.cssSelector("[aria-label='Name of the formula']");
        patience().until(ExpectedConditions.attributeToBe(name, "value", "Supper cakes"));
        patience().until(Waits.says(By.cssSelector("[data-testid=spoken-style]"), "does not say which bread it is"));
        new Select(driver().findElement(By.cssSelector("[aria-label='Which bread it is']")))
                .selectByVisibleText("Wheat tortilla");
        patience().until(ExpectedConditions.attributeToBe(style, "value", "tortilla"));
        everybodyCanUseIt();
    }

    @Test
    public void aTextFileIsDroppedAndSaltTakesAUsualAmount() {
        open("/formulas/new/intake");
        IntakePage page = intake();
        drop("image/png", "no words");
        patience().until(Waits.says(By.tagName("body"), "A picture cannot be read"));
        drop("text/plain", "300 g atta\n190 g water\nsalt to taste");
        page.waitForLines(3);
        page.press("take a usual amount");
        page.waitForGrams(2, "5.4"::equals);
    }

    /** Drops a file on the recipe. */
    private void drop(String type, String text) {
        driver().executeScript(
                        "const dropped = new DataTransfer();"
                                + "dropped.items.add(new File([arguments[1]], 'recipe', {type: arguments[0]}));"
                                + "document.querySelector('textarea[aria-label=Recipe]').dispatchEvent("
                                + "new DragEvent('drop', {bubbles: true, cancelable: true, dataTransfer: dropped}))",
                        type,
                        text);
    }
}
