package verdamen.core.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;

/** Energy, salt and cost of single ingredients. */
public class NutritionTest {

    private static final Pantry BOOK = ReferenceTables.load();

    @Test
    public void pureFatSugarAndSaltAreKnownToTheCalorie() {
        assertEquals(of(100, "neutral-oil").energyKcal(), 900, 1);
        assertEquals(of(100, "sugar-white").energyKcal(), 400, 2);
        assertEquals(of(100, "salt-fine").energyKcal(), 0, 1);
        assertEquals(of(100, "salt-fine").saltGrams(), 97.5, 3);
        assertEquals(of(100, "water").energyKcal(), 0.0);
    }

    @Test
    public void amountsScaleAndAddUp() {
        Nutrition half = of(50, "wheat-atta");
        assertEquals(half.times(2), of(100, "wheat-atta"));
        assertEquals(half.plus(half).proteinGrams(), of(100, "wheat-atta").proteinGrams(), 1e-9);
        assertEquals(Nutrition.NONE.plus(half), half);
    }

    @Test
    public void everyFloursEnergyIsThatOfAFlour() {
        for (Ingredient ingredient : BOOK.ingredients()) {
            Nutrition holds = Nutrition.of(100, ingredient);
            assertTrue(holds.energyKcal() >= 0 && holds.energyKcal() <= 905, ingredient.code());
            assertTrue(holds.sugarsGrams() <= holds.carbohydrateGrams() + 1e-9, ingredient.code() + " sugars");
            if (ingredient.role() == Role.FLOUR) {
                assertTrue(
                        holds.energyKcal() > 250 && holds.energyKcal() < 480,
                        ingredient.code() + " " + holds.energyKcal());
            }
        }
    }

    @Test
    public void aPriceByTheLitreGoesByDensity() {
        Ingredient oil = BOOK.ingredient("olive-oil").orElseThrow();
        assertEquals(new Price(10, Price.Per.LITRE).of(915, oil), 10, 1e-9);
        assertEquals(new Price(10, Price.Per.KILOGRAM).of(915, oil), 9.15, 1e-9);
    }

    private static Nutrition of(double grams, String code) {
        return Nutrition.of(grams, BOOK.ingredient(code).orElseThrow());
    }
}
