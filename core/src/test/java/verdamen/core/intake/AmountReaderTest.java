package verdamen.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.ReferenceTables;

/** Amounts as recipes write them. */
public class AmountReaderTest {

    private static final KitchenMeasures MEASURES = KitchenMeasures.ofBook(ReferenceTables.load());

    @DataProvider
    Object[][] amounts() {
        return new Object[][] {
            // in figures
            {"3 cups", 3, 3, "cup"},
            {"2.5 cups", 2.5, 2.5, "cup"},
            {"2,5 cups", 2.5, 2.5, "cup"},
            {"1,500 g", 1500, 1500, "g"},
            {"0,125 kg", 0.125, 0.125, "kg"},
            {"½ cup", 0.5, 0.5, "cup"},
            {"1½ cups", 1.5, 1.5, "cup"},
            {"1 ½ cups", 1.5, 1.5, "cup"},
            {"1 1/2 cups", 1.5, 1.5, "cup"},
            {"1-1/2 cups", 1.5, 1.5, "cup"},
            {"3/4 cup", 0.75, 0.75, "cup"},
            {"⅔ cup", 2.0 / 3, 2.0 / 3, "cup"},
            {"2 and 1/2 cups", 2.5, 2.5, "cup"},
            {"200g", 200, 200, "g"},
            {"1½tsp", 1.5, 1.5, "tsp"},
            // in words
            {"half a cup", 0.5, 0.5, "cup"},
            {"half of a cup", 0.5, 0.5, "cup"},
            {"one and a half cups", 1.5, 1.5, "cup"},
            {"three quarters of a cup", 0.75, 0.75, "cup"},
            {"a third of a cup", 1.0 / 3, 1.0 / 3, "cup"},
            {"a couple of cups", 2, 2, "cup"},
            {"a few handfuls", 3, 3, "handful"},
            {"half a dozen cloves", 6, 6, "piece"},
            {"two dozen cloves", 24, 24, "piece"},
            {"a cup", 1, 1, "cup"},
            {"a heaped tablespoon", 1, 1, "tbsp"},
            {"a generous handful", 1, 1, "handful"},
            // ranges
            {"3 to 3½ cups", 3, 3.5, "cup"},
            {"2-3 tbsp", 2, 3, "tbsp"},
            {"1–2 tsp", 1, 2, "tsp"},
            {"2 or 3 cups", 2, 3, "cup"},
            {"between 2 and 3 cups", 2, 3, "cup"},
            {"200 g to 250 g", 200, 250, "g"},
            {"1 to 1 1/2 cups", 1, 1.5, "cup"},
            {"3-2 cups", 2, 3, "cup"},
            // measures
            {"1 T", 1, 1, "tbsp"},
            {"1 t", 1, 1, "tsp"},
            {"2 tbsp.", 2, 2, "tbsp"},
            {"1 fl oz", 1, 1, "fl-oz"},
            {"1 fluid ounce", 1, 1, "fl-oz"},
            {"2 lbs", 2, 2, "lb"},
            {"3 litres", 3, 3, "l"},
            {"2 large handfuls", 2, 2, "handful"},
            {"2 x 400 g", 800, 800, "g"},
            {"2 (400 g) tins", 800, 800, "g"},
        };
    }

    @Test(dataProvider = "amounts")
    public void reads(String text, double low, double high, String measure) {
        List<StatedAmount> amounts = read(text);
        assertEquals(amounts.size(), 1, text + " " + amounts);
        assertEquals(amounts.get(0).low(), low, 1e-9, text);
        assertEquals(amounts.get(0).high(), high, 1e-9, text);
        assertEquals(amounts.get(0).measure(), measure, text);
    }

    @DataProvider
    Object[][] none() {
        return new Object[][] {
            {"whole wheat"},
            {"100 % whole"},
            {"at 40 °C"},
            {"a 2.5 cm"},
            {"“00” flour"},
            {""},
            {"an onion"},
            {"()"},
            {"--"},
        };
    }

    @Test(dataProvider = "none")
    public void figuresThatAreNoAmountsAreLeft(String text) {
        assertTrue(read(text).isEmpty(), text + " " + read(text));
    }

    @Test
    public void aBareNumberHasNoMeasure() {
        assertNull(read("2 onions").get(0).measure());
    }

    @Test
    public void bracketsAndWordsOfVaguenessAreNoted() {
        List<StatedAmount> amounts = read("2 cups (about 260 g)");
        assertEquals(amounts.size(), 2);
        assertTrue(!amounts.get(0).inBrackets() && amounts.get(1).inBrackets());
        assertEquals(amounts.get(0).vagueness(), 0.0);
        assertEquals(amounts.get(1).vagueness(), 0.1, 1e-9);
        assertEquals(read("a couple of cups").get(0).vagueness(), 0.1, 1e-9);
        assertTrue(read("1 cup / 240 g").get(1).inBrackets());
    }

    @Test
    public void aMeasureWithoutANumberIsOne() {
        assertEquals(read("pinch of salt").get(0).likely(), 1.0);
        assertEquals(read("salt, pinch").get(0).measure(), "pinch");
    }

    private static List<StatedAmount> read(String text) {
        List<Token> tokens = Token.of(text);
        return new AmountReader(tokens, new boolean[tokens.size()], Vocabulary.book(), MEASURES).read();
    }
}
