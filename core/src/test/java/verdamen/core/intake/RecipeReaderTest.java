package verdamen.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.text.DecimalFormat;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.formula.Part;
import verdamen.core.pantry.CupFilling;
import verdamen.core.pantry.FatState;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.Measure;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.pantry.WeighIn;

public class RecipeReaderTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final IngredientIndex INDEX = IngredientIndex.of(BOOK, Synonyms.ofBook(), Map.of());
    private static final KitchenMeasures MEASURES = KitchenMeasures.ofBook(BOOK);

    private static final String WHOLE = """
            Kale and potato paratha

            Makes 8
            Ingredients
            - 3 to 3½ cups atta, plus extra for dusting
            - 1 tsp salt
            * a handful of kale, chopped
            2 medium potatoes, boiled and mashed
            water

            For the filling:
            200 g paneer-free mystery cubes
            1 tsp salt
            For cooking:
            ghee

            Method
            1. Knead everything with 200 ml water.
            2. Roll out and cook in ghee.
            """;

    /** Each row: a line of what a recipe makes; how many; its style; what else is read of it. */
    @DataProvider
    Object[][] made() {
        return new Object[][] {
            {"Makes 8", 8, null, List.of()},
            {"makes 12, 18 cm across", 12, null, List.of("diameter 180")},
            {"makes 12 paratha", 12, "stuffed-paratha", List.of()},
            {
                "Makes about 10 rotis, 7 inches across, rolled 2 mm thin",
                10,
                "roti",
                List.of("pieces 10", "diameter 177.8", "sheet 2")
            },
            {"Serves 4", 4, null, List.of()},
            {"Yield: 6 pitas of 80 g", 6, "pita", List.of("pieces 6", "piece-grams 80")},
        };
    }

    @Test(dataProvider = "made")
    public void whatItMakesSaysHowManyWhatAndHowLarge(
            String line, int pieces, @Nullable String style, List<String> settings) {
        ParsedRecipe recipe = read("Thursday's bread\n" + line + "\n300 g atta\n180 g water\n");
        assertEquals(recipe.pieces(), Integer.valueOf(pieces));
        assertEquals(recipe.style(), style == null ? null : new SpokenStyle(style, SpokenStyle.By.MADE));
        assertEquals(
                Instructions.of(recipe.method()).stream()
                        .map(said -> said.kind().code() + " " + new DecimalFormat("0.#").format(said.value()))
                        .toList(),
                settings);
        assertEquals(recipe.lines().size(), 2);
    }

    private static ParsedRecipe read(String text) {
        return RecipeReader.read(text, null, INDEX, MEASURES);
    }

    @Test
    public void readsTitleYieldPartsAndMethodAndDropsNothing() {
        ParsedRecipe recipe = read(WHOLE);
        assertEquals(recipe.title(), "Kale and potato paratha");
        assertEquals(recipe.pieces(), Integer.valueOf(8));
        assertEquals(
                recipe.lines().stream().map(ParsedLine::ingredient).toList(),
                java.util.Arrays.asList(
                        "wheat-atta", "salt-fine", "kale-raw", "potato-boiled", "water", null, "salt-fine", "ghee"));
        assertEquals(
                recipe.lines().stream().map(ParsedLine::part).toList(),
                List.of(
                        Part.DOUGH,
                        Part.DOUGH,
                        Part.DOUGH,
                        Part.DOUGH,
                        Part.DOUGH,
                        Part.FILLING,
                        Part.FILLING,
                        Part.SURFACE));
        assertEquals(recipe.lines().get(5).status(), LineStatus.UNREAD);
        assertEquals(recipe.lines().get(5).text(), "200 g paneer-free mystery cubes");
        assertEquals(recipe.method(), "1. Knead everything with 200 ml water.\n2. Roll out and cook in ghee.");
    }

    @Test
    public void readsLinesRunTogetherAndAMethodWithoutAHeading() {
        ParsedRecipe recipe = read(
                "300 g atta; 5 g salt; 180 ml water\nMix the flour and salt, then knead with the water until smooth.");
        assertEquals(recipe.lines().size(), 3);
        assertTrue(recipe.method().startsWith("Mix the flour"));
        assertEquals(read("300 g atta, 180 ml water, 5 g salt").lines().size(), 3);
        assertEquals(read("30 g cold butter, cubed").lines().size(), 1);
    }

    @Test
    public void aSettingWithoutHeadingOrFullStopIsMethodAndNoLineIsLostBelowIt() {
        ParsedRecipe recipe = read("300 g atta\n180 g water\n\nKnead 900 minutes, rest 20 minutes\nCover\n5 g salt");
        assertEquals(
                recipe.lines().stream().map(ParsedLine::ingredient).toList(),
                List.of("wheat-atta", "water", "salt-fine"));
        assertEquals(recipe.method(), "Knead 900 minutes, rest 20 minutes\nCover");
        for (String setting :
                List.of("rest 20 min", "Roll to 2 mm", "1. divide into 8 balls", "Cook 2 minutes a side")) {
            assertEquals(read("300 g atta; 180 ml water; " + setting).lines().size(), 2, setting);
        }
        assertEquals(read("300 g atta\nadd 180 ml water at 60 °C").lines().size(), 2);
    }

    @Test
    public void aFlourThatMayBeWholeOrWhiteIsToBeConfirmed() {
        for (String open : List.of("300 g spelt flour", "300 g rye flour")) {
            assertEquals(read(open).lines().get(0).findings().get(0).kind(), Finding.Kind.GENERIC, open);
        }
        for (String said : List.of("300 g whole spelt flour", "300 g white spelt flour", "300 g chickpea flour")) {
            assertEquals(read(said).lines().get(0).status(), LineStatus.READ, said);
        }
    }

    @Test
    public void takesTheFirmnessOfAFatFromItsWords() {
        assertEquals(read("30 g melted butter").lines().get(0).fatState(), FatState.LIQUID);
        assertEquals(read("30 g cold butter").lines().get(0).fatState(), FatState.SOLID);
        assertNull(read("30 g butter").lines().get(0).fatState());
    }

    @Test
    public void saysHowAnAmountWasMeasured() {
        assertEquals(read("2 medium potatoes").lines().get(0).measure(), "piece");
        assertEquals(read("3¼ cups atta").lines().get(0).quantity(), 3.25, 1e-9);
        assertEquals(read("200 g atta").lines().get(0).measure(), "g");
        assertNull(read("250 atta").lines().get(0).measure());
        assertNull(read("1 cup plus 2 tbsp atta").lines().get(0).measure());
    }

    @Test
    public void anAbsurdAmountOrNoneIsLeftOpen() {
        for (String text : List.of("99999999 kg ghee", "1/0 cup water", "0 g salt")) {
            ParsedLine line = read(text).lines().get(0);
            assertEquals(line.status(), LineStatus.UNKNOWN_AMOUNT, text);
            assertNull(line.grams(), text);
            assertNull(line.quantity(), text);
        }
    }

    @Test
    public void aSecondAmountForAnotherUseIsPointedOut() {
        ParsedLine line = read("200 g atta plus 20 g for dusting").lines().get(0);
        assertEquals(line.grams(), 200, 1e-9);
        assertEquals(line.status(), LineStatus.CHECK);
        assertEquals(line.findings().get(0).kind(), Finding.Kind.SECOND_AMOUNT);
    }

    @Test
    public void theKitchensOwnCupVesselsAndWeighInsCount() {
        Measure ladle = new Measure("ladle", "mill ladle", "mill ladles", "volume", 90.0, null, 0.1, "");
        KitchenMeasures own = new KitchenMeasures(
                BOOK,
                List.of(ladle),
                Map.of("cup", 200.0),
                List.of(
                        new WeighIn("handful", "kale-raw", 30, 1),
                        new WeighIn("handful", "kale-raw", 58, 2),
                        new WeighIn("handful", "kale-raw", 31, 1)),
                CupFilling.NOT_TOLD);
        assertEquals(one("1 cup water", own).grams(), 200, 1e-9);
        assertEquals(one("2 mill ladles of water", own).grams(), 180, 1e-9);
        ParsedLine handful = one("a handful of kale", own);
        assertEquals(handful.grams(), 30, 1e-9);
        ParsedLine typical = one("a handful of kale", MEASURES);
        assertNotNull(handful.sd());
        assertTrue(handful.sd() / handful.grams() < 0.6 * typical.sd() / typical.grams(), "the range shrinks");
        assertEquals(
                one("a handful of chard", own).grams(),
                one("a handful of chard", MEASURES).grams(),
                1e-9);
    }

    @Test
    public void aNameTaughtByTheKitchenGoesFirst() {
        IngredientIndex taught =
                IngredientIndex.of(BOOK, Synonyms.ofBook(), Map.of("the usual", "wheat-atta", "flour", "emmer-whole"));
        assertEquals(
                RecipeReader.read("200 g the usual", null, taught, MEASURES)
                        .lines()
                        .get(0)
                        .ingredient(),
                "wheat-atta");
        assertEquals(
                RecipeReader.read("200 g flour", null, taught, MEASURES)
                        .lines()
                        .get(0)
                        .ingredient(),
                "emmer-whole");
    }

    @Test
    public void everyNameOfThePantryIsReadAsItself() {
        for (Ingredient ingredient : BOOK.ingredients()) {
            ParsedLine line = one("100 g " + ingredient.name(), MEASURES);
            assertEquals(line.ingredient(), ingredient.code(), ingredient.name());
            // A dry pulse is read, too, but it has to be boiled first.
            LineStatus status = ingredient.group().equals("dry-pulse") ? LineStatus.CHECK : LineStatus.READ;
            assertTrue(line.status() == status, ingredient.name() + " " + line.findings());
        }
    }

    @Test
    public void everySynonymBelongsToAnIngredientAndIsFoundAgain() {
        Synonyms.ofBook().forEach((code, names) -> {
            assertTrue(BOOK.ingredient(code).isPresent(), code);
            for (String name : names) {
                ParsedLine line = one("100 g " + name, MEASURES);
                String found = line.ingredient();
                assertTrue(
                        code.equals(found) || isCookedOf(code, found) || line.status() == LineStatus.UNREAD,
                        name + " is read as " + found + ", not " + code);
            }
        });
    }

    private static boolean isCookedOf(String code, String found) {
        return found != null
                && BOOK.ingredient(found).orElseThrow().group().equals("cooked-veg")
                && found.split("-")[0].equals(code.split("-")[0]);
    }

    private static ParsedLine one(String text, KitchenMeasures measures) {
        return RecipeReader.read(text, null, INDEX, measures).lines().get(0);
    }

    @DataProvider
    Object[][] rows() {
        return new Object[][] {
            {"300 g atta, 180 g water and 5 g salt", List.of("wheat-atta 300", "water 180", "salt-fine 5")},
            {"Atta: 300 g, water: 180 g, salt", List.of("wheat-atta 300", "water 180", "salt-fine null")},
            {"100 g of atta + 50 g of water", List.of("wheat-atta 100", "water 50")},
            {"200 g atta, 5 g salt, 20 g ghee, water", List.of("wheat-atta 200", "salt-fine 5", "ghee 20", "water null")
            },
            {"200 g gravel, 100 g atta", List.of("null null", "wheat-atta 100")},
            {"200 g potato, boiled, peeled and mashed", List.of("potato-boiled 200")},
            {"between 100 and 120 g water", List.of("water 110")},
            {"100 g atta plus 20 g for dusting", List.of("wheat-atta 100")},
            {"300 g atta (200 g sifted, 100 g not)", List.of("wheat-atta 200")},
            {"2 onions, 2 cm slices", List.of("onion-raw 240")},
            {"No water", List.of()},
            {"Do not add salt", List.of()},
        };
    }

    @Test(dataProvider = "rows")
    public void aSentenceOfSeveralIngredientsIsAsManyLines(String row, List<String> expected) {
        List<String> lines = read(row).lines().stream()
                .map(line -> line.ingredient() + " " + (line.grams() == null ? null : Math.round(line.grams())))
                .toList();
        assertEquals(lines, expected);
    }

    @Test(timeOut = 60_000)
    public void aLineAsLongAsARecipeMayBeIsReadInTimeWithItsLength() {
        String absurd = "900000 kg salt" + ", 1 g salt".repeat(9_000);
        assertEquals(read(absurd).lines().size(), 9_000);
        assertEquals(
                read("300 g atta (" + "1 g salt and ".repeat(7_000)).lines().size(), 1);
    }

    @Test
    public void whatNamesNoIngredientStaysInTheMethod() {
        assertEquals(read("200 g atta\nNo water").method(), "No water");
    }

    @Test
    public void proteinTemperatureAndFineCuttingGoWhereTheyBelong() {
        assertEquals(
                one("400 g strong white flour (12.8 % protein)", MEASURES)
                        .measured()
                        .proteinPct(),
                12.8);
        assertEquals(one("300 g bread flour, protein 13 %", MEASURES).measured().proteinPct(), 13.0);
        assertNull(one("12 g salt (13 % protein)", MEASURES).measured().temperatureC());
        ParsedLine kale = one("60 g kale, finely chopped", MEASURES);
        assertEquals(
                kale.measured().pieceMm(),
                BOOK.form("raw-chopped").orElseThrow().pieceMm() / 2);
        assertNull(one("60 g kale, chopped", MEASURES).measured().pieceMm());
        assertEquals(one("200 ml water at 104 °F", MEASURES).measured().temperatureC(), 40, 1e-9);
        assertEquals(read("300 g atta\n150 ml boiling water\n20 ml warm milk").waterTemperatureC(), 95.0);
        assertEquals(read("300 g atta\n180 g water").waterTemperatureC(), null);
        assertEquals(read("300 g atta\nFor the dip:\n80 ml hot water").waterTemperatureC(), null);
    }

    @Test
    public void aCupsOwnSizeHoldsForItsWholeRecipe() {
        ParsedRecipe recipe = read("2 cups water (250 ml cup)\n1 cup milk");
        assertEquals(recipe.lines().get(0).grams(), 500, 1e-9);
        assertEquals(recipe.lines().get(1).grams(), 257.5, 1e-9);
        assertTrue(recipe.lines().get(0).findings().isEmpty());
        assertEquals(read("1 cup = 200 ml\n3 cups water").lines().size(), 1);
        assertEquals(read("1 cup = 200 ml\n3 cups water").lines().get(0).grams(), 600, 1e-9);
        assertEquals(read("2 cups water (900 ml cup)").lines().get(0).grams(), 480, 1e-9, "no cup is as large");
    }

    @Test
    public void wheatFlourIsWholeForAGriddleBreadAndPlainForOthers() {
        ParsedLine roti = RecipeReader.read("300 g wheat flour", "roti", INDEX, MEASURES)
                .lines()
                .get(0);
        assertEquals(roti.ingredient(), "wheat-atta");
        assertEquals(roti.findings().get(0).kind(), Finding.Kind.GENERIC);
        assertEquals(
                RecipeReader.read("300 g wheat flour", "pita", INDEX, MEASURES)
                        .lines()
                        .get(0)
                        .ingredient(),
                "wheat-plain-white");
        ParsedLine named = RecipeReader.read("300 g wheat flour (strong white bread flour)", "roti", INDEX, MEASURES)
                .lines()
                .get(0);
        assertEquals(named.ingredient(), "wheat-strong-white");
    }

    @Test
    public void aNameOfSeveralIsAsManyLinesWithEqualShares() {
        List<ParsedLine> paste = read("2 tsp ginger garlic paste").lines();
        assertEquals(paste.stream().map(ParsedLine::ingredient).toList(), List.of("ginger-raw", "garlic-raw"));
        assertEquals(paste.get(0).quantity(), Double.valueOf(1));
        assertEquals(paste.get(0).status(), LineStatus.CHECK);
        List<ParsedLine> mixed =
                read("300 g mixed flour (rye, spelt and barley)").lines();
        assertEquals(mixed.stream().map(ParsedLine::grams).toList(), List.of(100.0, 100.0, 100.0));
        assertEquals(mixed.get(2).ingredient(), "barley-flour");
        assertEquals(read("300 g mixed flour").lines().size(), 1);
    }

    /** Each row: a heading that does not say where its lines belong. */
    @DataProvider
    Object[][] headings() {
        return new Object[][] {{"For the dip"}, {"Tempering"}, {"To serve:"}, {"for the raita:"}, {"Chutney"}};
    }

    @Test(dataProvider = "headings")
    public void whatStandsUnderAnUnknownHeadingStandsBesideUntilItIsAsked(String heading) {
        List<ParsedLine> lines = read("300 g atta\n180 g water\n" + heading
                        + "\n200 g yogurt\nFor the filling:\n100 g kale")
                .lines();
        assertEquals(lines.size(), 4);
        assertEquals(lines.get(0).heading(), null);
        assertEquals(lines.get(2).part(), Part.BESIDE);
        assertEquals(lines.get(2).heading(), heading.replace(":", ""));
        assertEquals(lines.get(3).part(), Part.FILLING);
        assertEquals(lines.get(3).heading(), null);
    }
}
