package verdamen.core.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ReferenceTablesTest {

    private static final Pantry BOOK = ReferenceTables.load();

    @Test
    public void readsTheWholeBook() {
        assertEquals(BOOK.ingredients().size(), 166);
        assertEquals(
                BOOK.ingredients().stream()
                        .filter(each -> each.behaviour() != null)
                        .count(),
                57);
        assertEquals(BOOK.styles().size(), 15);
        assertEquals(BOOK.forms().size(), 12);
        assertEquals(BOOK.measures().size(), 25);
    }

    @Test
    public void everyCompositionAddsUpToNoMoreThanAHundred() {
        for (Ingredient ingredient : BOOK.ingredients()) {
            Composition holds = ingredient.composition();
            double sum = holds.waterPct() + holds.proteinPct() + holds.fatPct() + holds.carbPct();
            assertTrue(sum <= 102, ingredient.code() + " adds up to " + sum);
        }
    }

    @DataProvider
    Object[][] feels() {
        return new Object[][] {
            {0.0, "crumbly"}, {0.8, "stiff"}, {0.9699, "firm"}, {0.97, "soft"}, {1.34, "slack"}, {50.0, "sticky"}
        };
    }

    @Test(dataProvider = "feels")
    public void hasAWordForEverySoftness(double softness, String word) {
        assertEquals(BOOK.feel(softness, BOOK.style("roti").orElseThrow()).code(), word);
    }

    @Test
    public void refusesACodeTwice() {
        Ingredient water = BOOK.plainWater();
        expectThrows(
                IllegalArgumentException.class,
                () -> new Pantry(List.of(water, water), List.of(), List.of(), List.of(), List.of()));
    }

    @Test
    public void onlyTheThreeOilsAreLiquidFats() {
        assertEquals(
                BOOK.ingredients().stream()
                        .filter(each -> each.fatState() == FatState.LIQUID)
                        .map(Ingredient::code)
                        .toList(),
                List.of("olive-oil", "neutral-oil", "sesame-oil"));
    }
}
