package verdamen.core.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.formula.Facts;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Fault;
import verdamen.core.pantry.OwnValue.Field;

/** A kitchen's own ingredients and figures, and what a formula costs and holds. */
public class OwnPantryTest {

    private static final Pantry BOOK = ReferenceTables.load();

    @DataProvider
    Object[][] ingredients() {
        return new Object[][] {
            {"sound", spec("Mill blend", "flour", 12.0, 13.0, 2.0, 71.5, 0.5, 65.0), List.of()},
            {"no name", spec(" ", "flour", 12.0, 13.0, 2.0, 71.5, 0.5, 65.0), List.of("name")},
            {"no such role", spec("X", "gravel", 12.0, 13.0, 2.0, 71.5, 0.5, 65.0), List.of("role")},
            {
                "a flour that says not how it drinks",
                spec("X", "flour", 12.0, 13.0, 2.0, 71.5, 0.5, null),
                List.of("absorptionPct")
            },
            {"over 100 % water", spec("X", "liquid", 120.0, 0.0, 0.0, 0.0, 0.5, null), List.of("waterPct")},
            {"adds up to 90", spec("X", "flour", 2.0, 13.0, 2.0, 71.5, 0.5, 65.0), List.of("composition")},
            {"adds up to 103", spec("X", "flour", 15.0, 13.0, 3.0, 71.5, 0.5, 65.0), List.of("composition")},
            {"heavier than lead", spec("X", "flour", 12.0, 13.0, 2.0, 71.5, 20.0, 65.0), List.of("bulkDensityGPerMl")},
            {"not a number", spec("X", "flour", Double.NaN, 13.0, 2.0, 71.5, 0.5, 65.0), List.of("waterPct")},
        };
    }

    @Test(dataProvider = "ingredients")
    public void refusesImpossibleIngredientsByField(String what, IngredientSpec spec, List<String> fields) {
        assertEquals(spec.check().all().stream().map(Fault::field).toList(), fields, what);
    }

    @Test
    public void anOwnIngredientCanBeBalancedWith() {
        Ingredient own =
                spec("Mill blend", "flour", 12.0, 13.0, 2.0, 71.5, 0.5, 65.0).read("own-mill-blend");
        assertEquals(own.behaviour().absorptionPct(), 65.0);
        assertEquals(IngredientSpec.codeOf(" Mill blend No. 2 "), "own-mill-blend-no-2");
    }

    @Test
    public void ownValuesStandOverTheBooksUntilTheyAreImpossible() {
        Ingredient atta = BOOK.ingredient("wheat-atta").orElseThrow();
        assertTrue(new OwnValue(Field.PROTEIN_PCT, 12.4, "pack says")
                .check(atta, Map.of())
                .none());
        assertEquals(
                OwnValue.over(atta, Map.of(Field.PROTEIN_PCT, 12.4))
                        .composition()
                        .proteinPct(),
                12.4);
        assertEquals(
                OwnValue.over(atta, Map.of(Field.ABSORPTION_PCT, 73.0))
                        .behaviour()
                        .absorptionPct(),
                73.0);
        assertEquals(fields(new OwnValue(Field.PROTEIN_PCT, 20, "pack says"), atta), List.of("composition"));
        assertEquals(fields(new OwnValue(Field.PROTEIN_PCT, 12.4, " "), atta), List.of("source"));
        Ingredient water = BOOK.plainWater();
        assertEquals(fields(new OwnValue(Field.ABSORPTION_PCT, 60, "x"), water), List.of("absorptionPct"));
    }

    @Test
    public void factsAddUpCostAllergensAndNutrition() {
        Formula formula = FormulaReader.read(
                new FormulaSpec(
                        "roti",
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        List.of(
                                LineSpec.of("wheat-atta", 400),
                                LineSpec.of("olive-oil", 91.5),
                                LineSpec.of("water", 260),
                                LineSpec.of("butter", 20))),
                BOOK);
        Map<String, Price> prices =
                Map.of("wheat-atta", new Price(1.5, Price.Per.KILOGRAM), "olive-oil", new Price(9, Price.Per.LITRE));
        Facts facts = Facts.of(formula, prices);
        assertEquals(facts.cost(), 0.6 + 0.9, 1e-9);
        assertEquals(facts.withoutPrice(), List.of("butter"));
        assertEquals(facts.allergens(), List.of("gluten", "milk"));
        assertEquals(facts.per100Grams().fatGrams() * 7.715, 400 * 0.017 + 91.5 + 20 * fat("butter"), 1e-6);
        assertTrue(facts.per100Grams().energyKcal() > 200 && facts.per100Grams().energyKcal() < 400);
    }

    private static double fat(String code) {
        return BOOK.ingredient(code).orElseThrow().composition().fatPct() / 100;
    }

    private static List<String> fields(OwnValue value, Ingredient ingredient) {
        return value.check(ingredient, Map.of()).all().stream()
                .map(Fault::field)
                .toList();
    }

    private static IngredientSpec spec(
            String name,
            String role,
            Double water,
            Double protein,
            Double fat,
            Double carb,
            Double density,
            Double absorbs) {
        return new IngredientSpec(
                name, role, null, water, protein, fat, carb, null, null, null, null, density, null, null, null, null,
                null, null, null, absorbs, null, null, null);
    }
}
