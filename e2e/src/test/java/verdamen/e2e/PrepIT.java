package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import verdamen.core.balance.Balance;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** The Prep station: a pressed vegetable, its liquid as dough water, an impossible weight, a filling, an exchange. */
public class PrepIT extends BrowserTest {

    @AfterMethod
    public void forgetEdits() {
        forget();
    }

    private PrepPage prep() {
        return new PrepPage(driver(), patience());
    }

    private PrepPage newDough() {
        open("/formulas/new/balance");
        patience().until(Waits.there(By.cssSelector("[data-action=add-line]")));
        hand().press(By.cssSelector("[data-action=add-line]"));
        patience().until(Waits.there(By.cssSelector("li[data-line='0']")));
        BalancePage page = afterFirstLine();
        page.addLine("water", "150");
        page.settled();
        open("/formulas/new/prep");
        return prep();
    }

    private BalancePage afterFirstLine() {
        var ingredient = driver().findElement(By.cssSelector("li[data-line='0'] [data-field=ingredient]"));
        ingredient.sendKeys("atta");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
        ingredient.sendKeys(Keys.ENTER);
        driver().findElement(By.cssSelector("li[data-line='0'] [data-field=grams]"))
                .sendKeys("400");
        return balance();
    }

    @Test
    public void aPressedVegetableAndItsLiquidMoveTheBeamAndTheWindow() {
        PrepPage page = newDough();
        page.prepare("courgette");
        page.bought(0, "300");
        page.addStep(0, "grate");
        page.step(0, 0, "afterGrams", "296");
        page.addStep(0, "press");
        page.step(0, 1, "afterGrams", "190");
        page.step(0, 1, "liquidGrams", "100");
        page.waitForText("result-grams", "190 g");
        assertEquals(page.text("result-water"), "95 %");
        page.press("Put into the dough");
        page.settled();
        assertEquals(page.text("strip-water").split(" ")[0], needed("discarded"), "the page shows what the core says");
        String thrown = page.text("strip-water");
        String window = page.text("strip-window");

        open("/formulas/new/balance");
        double before = balance().tilt();
        open("/formulas/new/prep");
        page = prep();
        page.liquid("dough-water");
        assertEquals(page.text("strip-water").split(" ")[0], needed("dough-water"));
        assertFalse(page.text("strip-water").equals(thrown));
        open("/formulas/new/balance");
        BalancePage beam = balance();
        assertTrue(beam.tilt() > before, "the beam tips to the wet side: " + before + " then " + beam.tilt());
        assertTrue(beam.ingredients().size() == 2, "the linked line has no field for an ingredient");
        assertTrue(driver().findElement(By.cssSelector("[data-block='brings 2 pressed-liquid']"))
                .isDisplayed());
        open("/formulas/new/prep");
        assertFalse(prep().text("strip-window").equals(window), "the window moves");
    }

    /** Water needed by the core for the dough of this test, as the page writes it. */
    private static String needed(String liquid) {
        FormulaSpec spec = new FormulaSpec(
                        "roti",
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        List.of(LineSpec.of("wheat-atta", 400), LineSpec.of("water", 150), LineSpec.ofPrep("c")))
                .withPreps(List.of(new ChainSpec(
                        "c",
                        null,
                        "courgette-raw",
                        300.0,
                        liquid,
                        List.of(
                                StepSpec.of(StepKind.GRATE).leaving(296),
                                StepSpec.of(StepKind.PRESS).leaving(190).running(100)))));
        double grams = Balance.of(FormulaReader.read(spec, ReferenceTables.load()))
                .water()
                .needed();
        return String.valueOf(Math.round(Math.abs(grams)));
    }

    @Test
    public void anImpossibleWeightIsRefusedBesideItsFieldAndNothingIsLost() {
        PrepPage page = newDough();
        page.prepare("spinach");
        page.bought(0, "200");
        page.addStep(0, "wilt");
        page.typeStep(0, 0, "afterGrams", "lots");
        page.waitForAlert("The weight after is not a number");
        page.step(0, 0, "afterGrams", "240");
        page.waitForAlert("nothing can come out of nothing");
        assertFalse(
                driver().findElements(By.cssSelector("[data-step='0'] svg.opacity-40"))
                        .isEmpty(),
                "the picture of before stays, faded");
        page.step(0, 0, "afterGrams", "12");
        page.waitForAlert("would drive its water below zero; the limit is 17");
        open("/formulas/new/prep");
        page = prep();
        assertEquals(page.steps(0), 1, "the chain is still there after a reload");
        page.waitForAlert("below zero");
        page.step(0, 0, "afterGrams", "140");
        page.waitForNoAlert();
        assertEquals(page.text("result-grams"), "140 g");
        page.need("70");
        page.waitForText("buy", "100 g");
    }

    @Test
    public void hotMashIsFlaggedAndCoolingTellsWhen() {
        PrepPage page = newDough();
        page.prepare("potato, raw");
        page.addStep(0, "boil");
        page.addStep(0, "mash");
        patience().until(Waits.there(By.cssSelector("[data-remark=hot-mash]")));
        page.addStep(0, "cool");
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("[data-remark=hot-mash]")));
        page.step(0, 2, "fromC", "80");
        page.step(0, 2, "readMinute", "20");
        page.step(0, 2, "readC", "50");
        page.waitForText("cooling", "52 min");
    }

    @Test
    public void theFillingHasItsOwnBalance() {
        open("/formulas");
        formulas().open("Parsnip-filled paratha");
        balance();
        hand().press(By.linkText("Prep"));
        PrepPage page = prep();
        assertTrue(page.text("free-water").startsWith("0"), page.text("free-water"));
        page.prepare("courgette");
        page.addStep(1, "grate");
        page.press("Put into the filling");
        page.waitForText("filling", "over the limit of 4 %");
        page.waitForText("filling", "Press");
    }

    @Test
    public void aWayOutOfAWetFillingIsTakenAndUndone() {
        open("/formulas");
        formulas().open("Parsnip-filled paratha");
        balance();
        hand().press(By.linkText("Prep"));
        PrepPage page = prep();
        page.prepare("courgette");
        page.addStep(1, "grate");
        page.press("Put into the filling");
        page.waitForText("filling", "over the limit of 4 %");
        String wet = page.text("free-water");
        String flour = "Stir in";
        driver().findElements(By.cssSelector("[data-testid=filling] li")).stream()
                .filter(way -> way.getText().startsWith(flour))
                .findFirst()
                .orElseThrow()
                .findElement(By.tagName("button"))
                .click();
        page.waitForText("filling", "within the limit of 4 %");
        page.press("Undo");
        page.waitForText("filling", "over the limit");
        assertEquals(page.text("free-water"), wet);
    }

    @Test
    public void whatIsPutInOnTheWayCountsAndAnEmptyLineIsNoHindrance() {
        newDough();
        open("/formulas/new/balance");
        balance();
        hand().press(By.cssSelector("[data-action=add-line]"));
        patience().until(Waits.there(By.cssSelector("li[data-line='2']")));
        hand().press(By.linkText("Prep"));
        PrepPage page = prep();
        page.prepare("spinach");
        page.addStep(0, "wilt");
        hand().press(By.cssSelector("[data-step='0'] button[aria-label^='Put in something']"));
        page.typeStep(0, 0, "ingredient", "garlic");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
        press(Keys.ENTER);
        page.step(0, 0, "added", "12");
        page.press("Put into the dough");
        page.settled();
        assertTrue(page.text("strip-water").endsWith("g"), page.text("strip-water"));
        hand().press(By.linkText("Balance"));
        balance();
        assertEquals(driver().findElements(By.cssSelector("li[data-line]")).size(), 3);
        patience().until(Waits.there(By.cssSelector("[data-block='brings 2 garlic-raw']")));
    }

    @Test
    public void stepsAreAddedWithTheKeyboardOneAtATime() {
        PrepPage page = newDough();
        page.prepare("carrot");
        driver().executeScript("document.querySelector('[aria-label=\"Add a step\"]').focus()");
        press(Keys.ARROW_DOWN);
        press(Keys.ARROW_DOWN, Keys.ARROW_DOWN);
        assertEquals(page.steps(0), 0, "looking through the list adds nothing");
        press(Keys.ENTER);
        patience().until(driver -> page.steps(0) == 1);
        page.settled();
    }

    @Test
    public void anUndoTakesALinkBack() {
        PrepPage page = newDough();
        page.prepare("carrot");
        page.press("Put into the dough");
        page.settled();
        page.press("Undo");
        patience().until(Waits.there(By.xpath("//button[normalize-space()='Put into the dough']")));
    }

    @Test
    public void aChainFeedsDoughAndFillingInShares() {
        PrepPage page = newDough();
        page.prepare("potato, boiled");
        page.bought(0, "300");
        page.addStep(0, "mash");
        page.press("Put into the dough");
        page.settled();
        page.need("120");
        page.press("prepare 300 g and use 120 g of it");
        page.waitForText("left", "180 g is left over");
        page.press("The rest into the filling");
        page.settled();
        patience().until(ExpectedConditions.numberOfElementsToBe(By.cssSelector("[data-testid=left]"), 0));
        page.text("free-water");
        page.need("150");
        page.press("buy 150 g");
        page.waitForText("result-grams", "150 g");
    }

    @Test
    public void coolingInTheFridgeIsOneClick() {
        PrepPage page = newDough();
        page.prepare("potato, raw");
        page.addStep(0, "boil");
        page.addStep(0, "cool");
        int kitchen = minutes(page.text("cooling"));
        page.press("fridge");
        page.settled();
        patience().until(driver -> minutes(page.text("cooling")) < kitchen);
        page.press("kitchen");
        page.settled();
        patience().until(driver -> minutes(page.text("cooling")) == kitchen);
    }

    private static int minutes(String words) {
        return Integer.parseInt(words.replaceAll("\\D+", " ").strip().split(" ")[0]);
    }

    @Test
    public void whatThisKitchenWeighedIsOfferedNextTime() {
        PrepPage page = newDough();
        page.prepare("mushroom");
        page.bought(0, "200");
        page.addStep(0, "roast");
        page.step(0, 0, "afterGrams", "90");
        page.press("Put into the dough");
        page.settled();
        driver().findElement(By.cssSelector("[aria-label='Name of the formula']"))
                .sendKeys("Mushroom roti");
        page.settled();
        pressWith(Keys.CONTROL, "s");
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("dialog textarea")));
        pressWith(Keys.CONTROL, String.valueOf(Keys.ENTER.charAt(0)));
        patience().until(ExpectedConditions.urlMatches("/formulas/\\d+/prep"));
        PrepPage next = newDough();
        next.prepare("mushroom");
        next.bought(0, "300");
        next.addStep(0, "roast");
        next.waitForText("own-yield", "In this kitchen 45 %, weighed once");
        next.press("use 135 g");
        next.waitForText("result-grams", "135 g");
    }
}
