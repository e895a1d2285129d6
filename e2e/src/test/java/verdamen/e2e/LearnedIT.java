package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

/** What finished batches teach: shown beside the book, used when it is taken, each batch left out or counted. */
public class LearnedIT extends BrowserTest {

    private static final String ROTI = """
            {"name": "Spelt roti", "formula": {"style": "roti", "lines": [
              {"ingredient": "spelt-whole", "grams": 400}, {"ingredient": "water", "grams": 240},
              {"ingredient": "salt-fine", "grams": 7}]}}
            """;
    private static final String SPELT_ROW = "tr[data-flour='spelt-whole']";
    private static final By SPELT = By.cssSelector(SPELT_ROW);

    @Test
    public void aBatchTeachesIsTakenAndLeftOut() {
        long formula = id(server().post("/api/formulas", ROTI), "/id");
        long batch = id(
                server().post("/api/formulas/" + formula + "/batches", "{\"version\": 1, \"minutesAgo\": 60}"),
                "/0/id");
        server().post(
                        "/api/batches/" + batch + "/corrections",
                        "{\"minute\": 30, \"feel\": \"soft\", \"action\": \"roll\"}");
        server().post("/api/batches/" + batch + "/finish", "{\"cameOut\": \"well\"}");
        open("/pantry/learned");
        String learned = cell("learned").split(" ")[0];
        assertNotEquals(cell("used"), learned + " %", "nothing is used before somebody takes it");
        hand().press(By.cssSelector(SPELT_ROW + " button"));
        patience().until(driver -> cell("used").equals(learned + " %"));
        assertEquals(cell("learned").split(" ")[0], learned, "it does not learn from what it has taught");
        By leave = By.cssSelector("tr[data-batch='" + batch + "'] button");
        patience().until(ExpectedConditions.textToBe(leave, "Leave it out"));
        hand().press(leave);
        patience().until(ExpectedConditions.numberOfElementsToBe(SPELT, 0));
        patience().until(ExpectedConditions.textToBe(leave, "Count it"));
    }

    private WebElement row() {
        return patience().until(Waits.there(SPELT));
    }

    private String cell(String name) {
        return row().findElement(By.cssSelector("[data-testid=" + name + "]")).getText();
    }

    private static long id(String answer, String at) {
        return new JsonMapper().readTree(answer).at(at).asLong();
    }
}
