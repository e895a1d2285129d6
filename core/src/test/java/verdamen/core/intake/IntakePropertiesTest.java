package verdamen.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.formula.Part;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.Measure;
import verdamen.core.pantry.MeasureWeight;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** What must hold for every measure of every ingredient. */
public class IntakePropertiesTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final IngredientIndex INDEX = IngredientIndex.of(BOOK, Synonyms.ofBook(), Map.of());
    private static final KitchenMeasures MEASURES = KitchenMeasures.ofBook(BOOK);

    @DataProvider
    Object[][] measures() {
        return BOOK.measures().stream().map(measure -> new Object[] {measure}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "measures")
    public void twiceAsManyWeighTwiceAsMuch(Measure measure) {
        for (Ingredient ingredient : BOOK.ingredients()) {
            ParsedLine one = line("1 " + measure.name() + " " + ingredient.name());
            ParsedLine three = line("3 " + measure.plural() + " " + ingredient.name());
            assertEquals(one.ingredient(), ingredient.code());
            assertEquals(three.ingredient(), ingredient.code());
            if (one.grams() != null && three.grams() != null) {
                assertEquals(three.grams(), 3 * one.grams(), 1e-6 * three.grams(), ingredient.name());
            } else {
                assertEquals(one.grams(), three.grams(), ingredient.name());
            }
        }
    }

    @Test(dataProvider = "measures")
    public void aLineWeighsWhatItsMeasureHolds(Measure measure) {
        for (Ingredient ingredient : BOOK.ingredients()) {
            MeasureWeight portion =
                    MEASURES.weightOf(measure.code(), ingredient).orElse(null);
            ParsedLine line = line("1 " + measure.name() + " " + ingredient.name());
            if (portion != null && line.grams() != null) {
                assertEquals(line.grams(), portion.grams(), 1e-6 * portion.grams(), ingredient.name());
            }
        }
    }

    @Test
    public void theRangeHoldsTheMiddleAndAStatedRangeIsWider() {
        for (Ingredient ingredient : BOOK.ingredients()) {
            ParsedLine exact = line("3 cups " + ingredient.name());
            ParsedLine range = line("2 to 4 cups " + ingredient.name());
            ParsedLine about = line("about 3 cups " + ingredient.name());
            assertTrue(exact.gramsLow() < exact.grams() && exact.grams() < exact.gramsHigh(), ingredient.name());
            assertEquals(range.grams(), exact.grams(), 1e-9);
            assertTrue(range.sd() > exact.sd(), ingredient.name());
            assertTrue(about.sd() > exact.sd(), ingredient.name());
        }
    }

    @Test
    public void heapedIsMoreThanLevelAndScantIsLess() {
        for (String what : List.of("baking powder", "besan", "salt", "atta")) {
            double plain = line("2 tbsp " + what).grams();
            assertTrue(line("2 heaped tbsp " + what).grams()
                    > line("2 rounded tbsp " + what).grams());
            assertTrue(line("2 rounded tbsp " + what).grams() > plain);
            assertTrue(line("2 scant tbsp " + what).grams() < plain);
            assertEquals(line("2 level tbsp " + what).grams(), plain, 1e-9);
            assertTrue(
                    line("2 level tbsp " + what).sd() < line("2 tbsp " + what).sd());
            assertTrue(
                    line("2 heaped tbsp " + what).sd() > line("2 tbsp " + what).sd());
        }
    }

    @Test
    public void capitalsBulletsAndWordOrderChangeNothing() {
        for (Corpus each : Corpus.lines()) {
            boolean capitalsMatter = each.text().contains(" T ") || each.text().contains(" t ");
            if (capitalsMatter || each.text().startsWith("-") || each.text().startsWith("•")) {
                continue;
            }
            same(each.text(), each.text().toUpperCase(Locale.ROOT).replace("°C", "°C"));
            same(each.text(), "* " + each.text());
        }
    }

    private static void same(String one, String other) {
        ParsedLine first = first(one);
        ParsedLine second = first(other);
        assertEquals(second.ingredient(), first.ingredient(), other);
        assertEquals(second.grams(), first.grams(), other);
        assertEquals(second.form(), first.form(), other);
    }

    private static ParsedLine first(String text) {
        return RecipeReader.read(text, null, INDEX, MEASURES).lines().get(0);
    }

    private static ParsedLine line(String text) {
        return RecipeReader.readLine(text, Part.DOUGH, INDEX, MEASURES);
    }
}
