package verdamen.core.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.pantry.OwnValue.Field;

/** Sheets of ingredients and own figures, over every ingredient of the book and every figure. */
public class OwnFiguresTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final Ingredient ATTA = BOOK.ingredient("wheat-atta").orElseThrow();

    /** Limits as the product knows them: figure, least, most. */
    @DataProvider
    Object[][] limits() {
        return new Object[][] {
            {Field.WATER_PCT, 0.0, 100.0},
            {Field.PROTEIN_PCT, 0.0, 100.0},
            {Field.FAT_PCT, 0.0, 100.0},
            {Field.CARB_PCT, 0.0, 100.0},
            {Field.FIBRE_PCT, 0.0, 100.0},
            {Field.SUGARS_PCT, 0.0, 100.0},
            {Field.SODIUM_MG, 0.0, 40_000.0},
            {Field.BULK_DENSITY, 0.03, 3.0},
            {Field.PIECE_GRAMS, 0.01, 20_000.0},
            {Field.ABSORPTION_PCT, 20.0, 1500.0},
            {Field.ABSORPTION_SD_PCT, 0.0, 500.0},
            {Field.UPTAKE_TAU_MIN, 0.1, 120.0},
            {Field.GLUTEN_QUALITY, 0.0, 1.0},
        };
    }

    @Test
    public void everyFigureHasItsLimits() {
        Set<Object> tested =
                Set.copyOf(Arrays.stream(limits()).map(row -> row[0]).toList());
        assertEquals(tested, Set.of(Field.values()));
    }

    @Test(dataProvider = "limits")
    public void refusesFiguresBeyondTheirLimitsAndTellsThem(Field field, double least, double most) {
        Fault low = first(new OwnValue(field, least - 0.001, "scale"));
        assertEquals(low.code(), FaultCode.TOO_SMALL);
        assertEquals(low.limit(), least);
        Fault high = first(new OwnValue(field, most + 1, "scale"));
        assertEquals(high.code(), FaultCode.TOO_LARGE);
        assertEquals(high.limit(), most);
        assertEquals(first(new OwnValue(field, Double.NaN, "scale")).code(), FaultCode.NOT_A_NUMBER);
    }

    private static Fault first(OwnValue value) {
        List<Fault> faults = value.check(ATTA, Map.of()).all();
        assertEquals(faults.get(0).field(), value.field().code());
        return faults.get(0);
    }

    @Test(dataProvider = "limits")
    public void aFigureStandsInItsPlaceAndLeavesTheOthersAlone(Field field, double least, double most) {
        double middle = (least + Math.min(most, 90)) / 2;
        Ingredient changed = OwnValue.over(ATTA, Map.of(field, middle));
        for (Field each : Field.values()) {
            if (field == Field.ABSORPTION_PCT && each == Field.ABSORPTION_SD_PCT) {
                // How sure an absorption is goes with it.
                continue;
            }
            Double expected = each == field ? Double.valueOf(middle) : each.of(ATTA);
            assertEquals(each.of(changed), expected, each.code());
        }
        assertEquals(changed.code(), ATTA.code());
        assertEquals(changed.allergens(), ATTA.allergens());
    }

    @Test
    public void ownFiguresTogetherAreThoseOneAfterTheOther() {
        Map<Field, Double> all = new EnumMap<>(Field.class);
        all.put(Field.PROTEIN_PCT, 12.5);
        all.put(Field.ABSORPTION_PCT, 71.0);
        all.put(Field.SODIUM_MG, 3.0);
        Ingredient oneByOne = ATTA;
        for (Map.Entry<Field, Double> each : all.entrySet()) {
            oneByOne = OwnValue.over(oneByOne, Map.of(each.getKey(), each.getValue()));
        }
        assertEquals(OwnValue.over(ATTA, all), oneByOne);
        assertEquals(OwnValue.over(ATTA, Map.of()), ATTA);
    }

    @Test
    public void anOwnAbsorptionIsAsSureAsTheBooksUnlessItSaysHowSure() {
        double book = ATTA.behaviour().absorptionRelativeSd();
        Ingredient own = OwnValue.over(ATTA, Map.of(Field.ABSORPTION_PCT, 73.0));
        assertEquals(own.behaviour().absorptionRelativeSd(), book, 1e-12);
        Ingredient sure = OwnValue.over(ATTA, Map.of(Field.ABSORPTION_PCT, 73.0, Field.ABSORPTION_SD_PCT, 1.0));
        assertEquals(sure.behaviour().absorptionRelativeSd(), 1.0 / 73, 1e-12);
        FormulaSpec roti = Doughs.roti(250);
        double before = water(roti, ATTA);
        assertTrue(water(roti, sure) < before, "the range of the water narrows");
    }

    private static double water(FormulaSpec spec, Ingredient atta) {
        List<Ingredient> pantry = new ArrayList<>(Doughs.BOOK.ingredients());
        pantry.replaceAll(each -> each.code().equals(atta.code()) ? atta : each);
        return Balance.water(Dough.of(FormulaReader.read(spec, Doughs.BOOK.withIngredients(pantry))))
                .sd();
    }

    @Test
    public void whatMovesTheSumIsJudgedWithTheOtherOwnFigures() {
        OwnValue water = new OwnValue(Field.WATER_PCT, ATTA.composition().waterPct() + 4, "oven");
        assertEquals(fields(water, Map.of()), List.of("composition"));
        Map<Field, Double> lessStarch =
                Map.of(Field.CARB_PCT, ATTA.composition().carbPct() - 4);
        assertEquals(fields(water, lessStarch), List.of());
    }

    @Test
    public void fibreAndSugarsArePartOfTheCarbohydrate() {
        double carb = ATTA.composition().carbPct();
        assertEquals(fields(new OwnValue(Field.FIBRE_PCT, carb + 1, "pack"), Map.of()), List.of("fibrePct"));
        assertEquals(fields(new OwnValue(Field.SUGARS_PCT, carb + 1, "pack"), Map.of()), List.of("sugarsPct"));
    }

    private static List<String> fields(OwnValue value, Map<Field, Double> others) {
        return value.check(ATTA, others).all().stream().map(Fault::field).toList();
    }

    @DataProvider
    Object[][] book() {
        return BOOK.ingredients().stream().map(each -> new Object[] {each}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "book")
    public void theSheetOfAnIngredientMakesItAgain(Ingredient ingredient) {
        IngredientSpec sheet = IngredientSpec.of(ingredient);
        assertTrue(sheet.check().none(), sheet.check().all().toString());
        Ingredient again = sheet.read(ingredient.code());
        assertEquals(again.name(), ingredient.name());
        assertEquals(again.role(), ingredient.role());
        assertEquals(again.group(), ingredient.group());
        assertEquals(again.composition(), ingredient.composition());
        assertEquals(again.allergens(), ingredient.allergens());
        assertEquals(again.fatState(), ingredient.fatState());
        assertEquals(again.pieceGrams(), ingredient.pieceGrams());
        if (ingredient.behaviour() == null) {
            assertNull(again.behaviour());
        } else {
            assertNotNull(again.behaviour());
            assertEquals(
                    again.behaviour().absorptionPct(), ingredient.behaviour().absorptionPct());
            assertEquals(
                    again.behaviour().uptakeTauMin(), ingredient.behaviour().uptakeTauMin());
            assertEquals(
                    again.behaviour().glutenQuality(), ingredient.behaviour().glutenQuality());
        }
    }

    @Test(dataProvider = "book")
    public void everyFigureOfTheBookIsWithinItsLimits(Ingredient ingredient) {
        for (Field field : Field.values()) {
            Double value = field.of(ingredient);
            if (value != null) {
                OwnValue same = new OwnValue(field, value, "the book itself");
                assertTrue(
                        same.check(ingredient, Map.of()).none(),
                        ingredient.code() + " "
                                + same.check(ingredient, Map.of()).all());
            }
        }
    }
}
