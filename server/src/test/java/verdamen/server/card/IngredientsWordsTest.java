package verdamen.server.card;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Names in a list of ingredients. */
public class IngredientsWordsTest {

    @DataProvider
    Object[][] names() {
        return new Object[][] {
            {"Carrot, raw", "Carrot (raw)"},
            {"Chickpeas, cooked, drained", "Chickpeas (cooked, drained)"},
            {"Whole emmer flour", "Whole emmer flour"},
        };
    }

    @Test(dataProvider = "names")
    public void aCommaOfANameDoesNotPartTheList(String name, String declared) {
        assertEquals(IngredientsWords.declared(name), declared);
    }
}
