package verdamen.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.pantry.CupFilling;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** Amounts, titles and sentences as people say them rather than write them. */
public class SpokenWordsTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final IngredientIndex INDEX = IngredientIndex.of(BOOK, Synonyms.ofBook(), Map.of());
    private static final KitchenMeasures MEASURES =
            new KitchenMeasures(BOOK, List.of(), Map.of(), List.of(), CupFilling.SPOONED);

    private static ParsedRecipe read(String text) {
        return RecipeReader.read(text, null, INDEX, MEASURES);
    }

    /** Each row: a line with what a label says of protein; grams of flour; protein, %. */
    @DataProvider
    Object[][] proteins() {
        return new Object[][] {
            {"350 grams strong white flour (13.7 g protein)", 350.0, 13.7},
            {"350 g strong white flour (13.7% protein)", 350.0, 13.7},
            {"350 g strong white flour, 13.7 grams protein", 350.0, 13.7},
            {"350 g strong white flour (protein 13.7 g per 100 g)", 350.0, 13.7},
            {"350 g strong white flour (13.7 g protein per 100 g)", 350.0, 13.7},
            {"350 g strong white flour; with 13.7 g of protein", 350.0, 13.7},
            {"350 g strong white flour, 13.7 g protein / 100 g", 350.0, 13.7},
            {"350 g strong white flour", 350.0, null},
        };
    }

    @Test(dataProvider = "proteins")
    public void proteinNeverReplacesTheWeight(String line, double grams, @Nullable Double protein) {
        List<ParsedLine> lines = read(line.replace(";", ",")).lines();
        assertEquals(lines.size(), 1, lines.toString());
        assertEquals(lines.get(0).ingredient(), "wheat-strong-white");
        assertEquals(lines.get(0).grams(), grams);
        assertEquals(lines.get(0).measured().proteinPct(), protein);
        assertEquals(lines.get(0).status(), LineStatus.READ);
    }

    @Test
    public void gramsOfProteinThatNoFlourHasAreAskedAboutAndReplaceNothing() {
        ParsedLine line =
                read("350 g strong white flour (80 g protein)").lines().get(0);
        assertEquals(line.grams(), 350.0);
        assertNull(line.measured().proteinPct());
        assertTrue(line.status() != LineStatus.READ, line.toString());
    }

    @Test
    public void aPowderOfProteinIsAnIngredientAndNoLabel() {
        ParsedLine powder = read("20 g protein powder").lines().get(0);
        assertEquals(powder.quantity(), 20.0);
        assertNull(powder.measured().proteinPct());
        assertEquals(
                read("2 cups plain flour (250 g)").lines().get(0).grams(), 250.0, "a bracket that says the amount");
    }

    /** Each row: the first line; whether it is the title when lines with amounts follow. */
    @DataProvider
    Object[][] firstLines() {
        return new Object[][] {
            {"Turnip griddle cakes", true},
            {"Nettle wraps", true},
            {"Beet flats", true},
            {"Sunday supper cakes", true},
            {"Salt", false},
            {"Flour, sifted", false},
            {"Kale", false},
            {"Warm water as needed", false},
            {"Enough warm water", false},
            {"A pinch of salt", false},
            {"Salt to taste", false},
            {"150 g rye flour", false},
        };
    }

    @Test(dataProvider = "firstLines")
    public void aFirstLineThatIsNoAmountIsATitle(String first, boolean title) {
        ParsedRecipe recipe = read(first + "\n200 g plain flour\n100 ml water");
        assertEquals(recipe.title(), title ? first : null);
        assertEquals(recipe.lines().size(), title ? 2 : 3);
        ParsedRecipe between = read(first + "\n\nMakes 6\n200 g plain flour\n100 ml water");
        assertEquals(between.title(), title ? first : null, "with how many it makes between");
    }

    @Test
    public void withoutAmountsBelowNothingIsMadeATitleOfAnIngredient() {
        assertNull(read("Turnip griddle cakes").title());
        assertEquals(read("Turnip griddle cakes\nKale\nSalt").lines().size(), 3);
    }

    /** Each row: an amount in words; its measure, or g; its least and most in that measure. */
    @DataProvider
    Object[][] amounts() {
        return new Object[][] {
            {"one eighth of a cup of oil", "cup", 0.125},
            {"two-thirds of a cup of water", "cup", 2.0 / 3},
            {"three quarters of a cup of water", "cup", 0.75},
            {"one third of a cup of water", "cup", 1.0 / 3},
            {"half a teaspoon up to a teaspoon of salt", "tsp", 0.75},
            {"one cup up to two cups of water", "cup", 1.5},
            {"a smidgen of salt", "pinch", 1.0},
            {"a tad of sugar", "pinch", 1.0},
            {"50 mils of milk", "ml", 50.0},
            {"six hundred grams of plain flour", "g", 600.0},
            {"two hundred and fifty grams of atta", "g", 250.0},
            {"a hundred and twenty grams of atta", "g", 120.0},
            {"one thousand two hundred grams of atta", "g", 1200.0},
            {"two thousand grams of atta", "g", 2000.0},
            {"ninety grams of atta", "g", 90.0},
            {"twenty-five grams of butter", "g", 25.0},
            {"thirty five grams of butter", "g", 35.0},
            {"nineteen grams of butter", "g", 19.0},
            {"two to three hundred grams of atta", "g", 250.0},
            {"a dozen grams of butter", "g", 12.0},
        };
    }

    @Test(dataProvider = "amounts")
    public void amountsInWordsAreRead(String line, String measure, double quantity) {
        ParsedLine read = read(line).lines().get(0);
        assertEquals(read.measure(), measure);
        assertEquals(read.quantity(), quantity, 1e-9);
        assertEquals(read.status(), LineStatus.READ, read.findings().toString());
    }

    /** Words for kinds that the model makes no difference of. */
    @DataProvider
    Object[][] kinds() {
        return new Object[][] {
            {"100 g medium grain semolina", "semolina-medium"},
            {"a couple of mugs of spelt, coarse stone-milled whole flour", "spelt-whole"},
            {"1 tsp turmeric powder", "turmeric-ground"},
            {"200 g organic atta", "wheat-atta"},
        };
    }

    @Test(dataProvider = "kinds")
    public void wordsThatMakeNoDifferenceLeaveNoLineUnread(String line, String ingredient) {
        ParsedLine read = read(line).lines().get(0);
        assertEquals(read.ingredient(), ingredient, read.findings().toString());
    }

    @Test
    public void aSentenceIsTakenApartWithoutLosingItsFirst() {
        List<ParsedLine> lines =
                read("milk, a tablespoon of baking powder, six hundred grams of plain flour and two tablespoons of ghee")
                        .lines();
        assertEquals(
                lines.stream().map(ParsedLine::ingredient).toList(),
                List.of("milk-whole", "baking-powder", "wheat-plain-white", "ghee"));
        assertEquals(lines.get(0).status(), LineStatus.UNKNOWN_AMOUNT, "its amount is asked for");
        assertEquals(lines.get(2).grams(), 600.0);
        assertTrue(lines.get(3).grams() > 20);
    }

    @Test
    public void waterWithADashOfSomethingIsTwoLines() {
        List<ParsedLine> lines =
                read("Water with a dash of rose water, as needed").lines();
        assertEquals(lines.size(), 2);
        assertEquals(lines.get(0).ingredient(), "water");
        assertNull(lines.get(0).grams());
        assertEquals(lines.get(1).measure(), "dash");
    }
}
