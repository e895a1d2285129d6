package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.Test;

/** Method and what belongs to it: bench and hands, two stages, exchanges, the water, what is saved; units of the kitchen. */
public class MethodIT extends StationTest {

    private String needed() {
        hand().press(By.linkText("Balance"));
        String needed = balance().waterNeeded();
        go("Method");
        return needed;
    }

    @Test
    public void whatTheDoughTakesUpIsWeighedBeforeAndAfter() {
        station("Pumpkin and emmer roti", "Method");
        String before = needed();
        click("[data-question=sticking] [data-school=bench-flour]");
        waitForText("[data-testid=pickup]", "a typical value");
        type("[data-field=pickupBeforeGrams]", "80");
        type("[data-field=pickupAfterGrams]", "40");
        waitForText("[data-testid=pickup]", "40 g of flour, as weighed");
        assertFalse(needed().equals(before), "flour from the bench drinks");
        type("[data-field=pickupAfterGrams]", "90");
        waitForText("[data-testid=method]", "nothing can come out of nothing");
        type("[data-field=pickupAfterGrams]", "80");
        patience().until(driver -> css("[data-testid=pickup]").getText().matches("(?s).*\\b0 g of flour.*"));
    }

    @Test
    public void aSoakerHasItsOwnLinesAndTime() {
        station("Pumpkin and emmer roti", "Method");
        String before = needed();
        new Select(seen("[aria-label='First stage']")).selectByValue("soaker");
        settled("Method");
        type("[data-field=standingMinutes]", "480");
        click("[aria-label='Whole emmer flour, line 1, belongs to the soaker']");
        settled("Method");
        String after = needed();
        assertTrue(grams(after) >= grams(before), "what has stood has drunk: " + before + " then " + after);
        type("[data-field=standingMinutes]", "-5");
        waitForText("[data-testid=method]", "it must be at least 0");
    }

    @Test
    public void aSpongeIsMadeAndRisesOnItsOwn() {
        station("Yellow-pea pita", "Method");
        waitForText("[data-question=yeast]", "risen at minute");
        click("[data-question=sponge] [data-school=sponge]");
        css("[data-question=sponge] [data-school=sponge][aria-pressed=true]");
        settled("Method");
        waitForText("[data-testid=sponge]", "After 180 min it has risen to");
        String told = css("[data-testid=sponge]").getText();
        type("[aria-label='Where the first stage stands']", "8");
        settled("Method");
        patience().until(ExpectedConditions.not(Waits.says(By.cssSelector("[data-testid=sponge]"), told)));
        button("Undo");
        button("Undo");
        css("[data-question=sponge] [data-school=one-dough][aria-pressed=true]");
    }

    private static double grams(String mass) {
        return Double.parseDouble(mass.replaceAll("[^0-9.]", ""));
    }

    @Test
    public void theWaterIsSetToItsTemperature() {
        station("Yellow-pea pita", "Method");
        String before = css("[data-testid=water-c]").getText();
        type("[data-testid=water-temperature] [data-field=doughC]", "27");
        patience().until(driver -> !css("[data-testid=water-c]").getText().equals(before));
        settled("Method");
        String degrees = css("[data-testid=water-c]").getText();
        waitForText("[data-testid=verdict]", "Mix");
        click("[data-testid=water-temperature] .btn-primary");
        waitForText("[role=status]", "Water set to " + degrees);
        hand().press(By.linkText("Balance"));
        balance();
        String field = css("[data-field=waterTemperatureC]").getAttribute("value");
        assertEquals(field + " °C", degrees);
    }

    @Test
    public void nothingActsOnAnOldFigure() {
        station("Yellow-pea pita", "Method");
        String before = css("[data-testid=water-c]").getText();
        // Answers are held back, so that the page goes on showing the one it has.
        ((JavascriptExecutor) driver()).executeScript("""
                const asked = window.fetch.bind(window);
                window.held = [];
                window.fetch = request => request.url.endsWith('/api/method')
                  ? new Promise(done => window.held.push(() => done(asked(request)))) : asked(request);
                """);
        type("[data-testid=water-temperature] [data-field=doughC]", "27");
        css("[data-testid=method][data-current=false]");
        WebElement use = seen("[data-testid=water-temperature] .btn-primary");
        assertEquals(use.getAttribute("aria-disabled"), "true");
        use.sendKeys(Keys.ENTER);
        assertEquals(css("[data-testid=water-c]").getText(), before, "the old answer stays, and cannot be used");
        assertTrue(driver().findElements(By.cssSelector("[data-stale=true]")).size() >= 2, "and fades");
        patience().until(driver -> {
            ((JavascriptExecutor) driver).executeScript("window.held.splice(0).forEach(go => go())");
            return !css("[data-testid=water-c]").getText().equals(before);
        });
        settled("Method");
        assertEquals(css("[data-testid=water-temperature] .btn-primary").getAttribute("aria-disabled"), null);
    }

    @Test
    public void theSchoolFollowedIsThatOfTheChainsAndShowsTheFormulaAsItIs() {
        station("Courgette and barley tortilla", "Method");
        String question = "[data-question=pressed-liquid] ";
        css(question + "[data-school=dough-water][aria-pressed=true]");
        String hand = css("[data-question=kneading] [data-school=hand] [data-testid=effect]")
                .getText();
        String water = hand.split(" g of water")[0];
        waitForText(question + "[data-school=dough-water] [data-testid=effect]", water + " g of water");
        waitForText(question + "[data-school=discarded] [data-testid=effect]", "more water");
    }

    @Test
    public void oneYeastStandsForAnother() {
        BalancePage page = openBalance("Yellow-pea pita");
        page.press("More about, line 5");
        page.press("Use instead: Fresh compressed yeast");
        patience().until(driver -> page.field(4, "ingredient").equals("Fresh compressed yeast"));
        page.settled();
        assertEquals(page.field(4, "grams"), "15");
    }

    @Test
    public void chosenSchoolsPhasesAndCautionsAreSaved() {
        station("Semolina and chard round", "Method");
        click("[data-question=heat] [data-school=covered]");
        css("[data-question=heat] [data-school=covered][aria-pressed=true]");
        settled("Method");
        click("[data-question=rest] [data-school=overnight]");
        css("[data-question=rest] [data-school=overnight][aria-pressed=true]");
        settled("Method");
        click("[data-caution=raw-dough-dated] button");
        type("[aria-label='Who has read it']", "Schools desk");
        click("[data-caution=raw-dough-dated] form .btn-primary");
        css("[data-caution-read=raw-dough-dated]");
        ((JavascriptExecutor) driver()).executeScript("scrollTo(0, 0)");
        hand().press(By.xpath("//button[normalize-space()='Save']"));
        css("dialog textarea").sendKeys("chilled overnight, covered");
        hand().press(By.xpath("//dialog//button[starts-with(normalize-space(), 'Save version')]"));
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.tagName("dialog")));
        waitForText("header", "version 3");
        driver().navigate().refresh();
        settled("Method");
        css("[data-question=heat] [data-school=covered][aria-pressed=true]");
        css("[data-question=rest] [data-school=overnight][aria-pressed=true]");
        WebElement read = css("[data-caution-read=raw-dough-dated]");
        assertTrue(read.getAttribute("textContent").contains("read by Schools desk"), read.getAttribute("textContent"));
        hand().press(By.linkText("Handling"));
        css("[data-testid=handling][data-current=true]");
        assertEquals(
                driver().findElements(By.cssSelector("[data-field=phase-minutes]"))
                        .size(),
                1);
    }

    @Test
    public void stationsSpeakTheKitchensUnits() {
        open("/kitchen");
        patience().until(Waits.there(By.cssSelector("main input")));
        api("""
                const kitchen = await (await fetch('/api/kitchen')).json();
                await fetch('/api/kitchen', {method: 'PUT', headers: {'Content-Type': 'application/json'},
                  body: JSON.stringify({...kitchen, massUnit: 'oz', lengthUnit: 'in', temperatureUnit: 'F',
                    decimalMark: 'comma'})});
                """);
        try {
            open("/formulas");
            formulas().open("Parsnip-filled paratha");
            balance();
            hand().press(By.linkText("Prep"));
            PrepPage page = new PrepPage(driver(), patience());
            assertTrue(page.text("result-grams").endsWith("oz"), page.text("result-grams"));
            assertTrue(page.text("result-grams").contains(","), "a decimal comma");
            assertEquals(css("[data-step='2'] [data-field=fromC]").getAttribute("value"), "194", "90 °C in Fahrenheit");
            hand().press(By.linkText("Method"));
            settled("Method");
            assertTrue(css("[data-testid=water-c]").getText().endsWith("°F"));
            hand().press(By.linkText("Portion"));
            settled("Portion");
            type("[aria-label=Diameter]", "7 1/2\"");
            waitForText("[data-testid=pieces]", "7,5 in across");
            hand().press(By.linkText("Intake"));
            intake();
            assertEquals(css("[aria-label=Diameter]").getAttribute("value"), "7,5", "the recipe's figures too");
        } finally {
            api("""
                    const kitchen = await (await fetch('/api/kitchen')).json();
                    await fetch('/api/kitchen', {method: 'PUT', headers: {'Content-Type': 'application/json'},
                      body: JSON.stringify({...kitchen, massUnit: 'g', lengthUnit: 'cm', temperatureUnit: 'C',
                        decimalMark: 'point'})});
                    """);
        }
    }

    private void api(String script) {
        driver().executeAsyncScript("const done = arguments[0]; (async () => {" + script + "})().then(done, done);");
    }
}
