package verdamen.core.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a kitchen's measures hold. */
public class KitchenMeasuresTest {

    private static final Pantry BOOK = ReferenceTables.load();

    @DataProvider
    Object[][] portions() {
        return new Object[][] {
            {"g", "wheat-atta", 1.0, 0.005, MeasureWeight.Source.MASS},
            {"lb", "water", 453.592, 0.01, MeasureWeight.Source.MASS},
            {"cup", "water", 240.0, 0.08, MeasureWeight.Source.BOOK},
            {"cup", "wheat-atta", 127.2 * 1.08, 0.10, MeasureWeight.Source.BOOK},
            {"tbsp", "wheat-atta", 7.95, 0.08, MeasureWeight.Source.BOOK},
            {"tsp", "salt-fine", 6.1, 0.10, MeasureWeight.Source.BOOK},
            {"piece", "garlic-raw", 4.0, 0.20, MeasureWeight.Source.PIECE},
            {"bunch", "chard-raw", 300.0, 0.30, MeasureWeight.Source.PIECE},
            {"stick", "butter", 113.4, 0.01, MeasureWeight.Source.MASS},
        };
    }

    @Test(dataProvider = "portions")
    public void theBooksMeasuresHold(
            String measure, String code, double grams, double sd, MeasureWeight.Source source) {
        MeasureWeight portion = book().weightOf(measure, ingredient(code)).orElseThrow();
        assertEquals(portion.grams(), grams, 1e-9);
        assertEquals(portion.relativeSd(), sd, 1e-9);
        assertEquals(portion.source(), source);
        assertEquals(portion.weighIns(), 0);
    }

    @Test
    public void someMeasuresMeanNothingForAnIngredient() {
        assertFalse(book().weightOf("stick", ingredient("water")).isPresent());
        assertFalse(book().weightOf("piece", ingredient("water")).isPresent());
        assertFalse(book().weightOf("hogshead", ingredient("water")).isPresent());
    }

    @Test
    public void oneWeighInGivesTheMeanAndKeepsTheTypicalError() {
        MeasureWeight one = weighed(new WeighIn("handful", "kale-raw", 20, 1))
                .weightOf("handful", kale())
                .orElseThrow();
        assertEquals(one.grams(), 20, 1e-9);
        assertEquals(one.relativeSd(), 0.30, 1e-9);
        assertEquals(one.source(), MeasureWeight.Source.WEIGHED_IN);
    }

    @Test
    public void furtherWeighInsMoveTheErrorToWhatTheHandDoes() {
        WeighIn twenty = new WeighIn("handful", "kale-raw", 20, 1);
        double last = 0.31;
        for (int count = 1; count <= 6; count++) {
            MeasureWeight portion = weighed(
                            java.util.Collections.nCopies(count, twenty).toArray(WeighIn[]::new))
                    .weightOf("handful", kale())
                    .orElseThrow();
            assertTrue(portion.relativeSd() < last, count + " weigh-ins");
            assertEquals(portion.weighIns(), count);
            last = portion.relativeSd();
        }
        MeasureWeight unsteady = weighed(
                        new WeighIn("handful", "kale-raw", 10, 1),
                        new WeighIn("handful", "kale-raw", 30, 1),
                        new WeighIn("handful", "kale-raw", 20, 1))
                .weightOf("handful", kale())
                .orElseThrow();
        assertEquals(unsteady.grams(), 20, 1e-9);
        assertTrue(unsteady.relativeSd() > 0.4, "an unsteady hand stays unsure");
    }

    @Test
    public void severalAtOnceCountAsTheirMean() {
        assertEquals(
                weighed(new WeighIn("handful", "kale-raw", 66, 3))
                        .weightOf("handful", kale())
                        .orElseThrow()
                        .grams(),
                22,
                1e-9);
    }

    @Test
    public void aVesselFilledWithWaterTellsItsVolumeForEverything() {
        KitchenMeasures own = weighed(new WeighIn("glass", null, 230, 1), new WeighIn("glass", "water", 230, 1));
        assertEquals(own.weightOf("glass", BOOK.plainWater()).orElseThrow().grams(), 230, 1e-9);
        MeasureWeight atta = own.weightOf("glass", ingredient("wheat-atta")).orElseThrow();
        assertEquals(atta.grams(), 230 * 0.53, 1e-9);
        assertEquals(atta.source(), MeasureWeight.Source.OWN_VESSEL);
        assertEquals(atta.relativeSd(), 0.05, 1e-9, "a spooned glass differs from another one");
    }

    /** Each row: how the kitchen fills a cup, its factor and the relative sd of one. */
    @DataProvider
    Object[][] fillings() {
        return new Object[][] {
            {CupFilling.SPOONED, 1.0, 0.05}, {CupFilling.SCOOPED, 1.15, 0.05}, {CupFilling.NOT_TOLD, 1.08, 0.10},
        };
    }

    @Test(dataProvider = "fillings")
    public void aCupOfFlourWeighsAsItIsFilled(CupFilling filling, double factor, double sd) {
        KitchenMeasures own = new KitchenMeasures(BOOK, List.of(), Map.of(), List.of(), filling);
        MeasureWeight rye = own.weightOf("cup", ingredient("rye-whole")).orElseThrow();
        assertEquals(
                rye.grams(),
                book().weightOf("cup", ingredient("rye-whole")).orElseThrow().grams() / 1.08 * factor,
                1e-9);
        assertEquals(rye.relativeSd(), sd, 1e-9);
        assertEquals(own.weightOf("cup", BOOK.plainWater()).orElseThrow().grams(), 240, 1e-9);
        assertEquals(own.weightOf("tsp", ingredient("rye-whole")).orElseThrow().relativeSd(), 0.10, 1e-9);
    }

    @Test
    public void oneWeighedCupTeachesAllFlours() {
        double heavy = 240 * 0.53 * 1.20;
        WeighIn atta = new WeighIn("cup", "wheat-atta", heavy, 1);
        KitchenMeasures own = new KitchenMeasures(BOOK, List.of(), Map.of(), List.of(atta), CupFilling.SPOONED);
        assertEquals(
                own.weightOf("cup", ingredient("wheat-atta")).orElseThrow().grams(), heavy, 1e-9, "its own measure");
        // prior 1/0.08², weigh-in 1/0.04²: four parts of five of the way, in logarithms
        assertEquals(own.flourByTheCup().factor(), Math.pow(1.20, 0.8), 1e-9);
        MeasureWeight rye = own.weightOf("cup", ingredient("rye-whole")).orElseThrow();
        MeasureWeight spooned = new KitchenMeasures(BOOK, List.of(), Map.of(), List.of(), CupFilling.SPOONED)
                .weightOf("cup", ingredient("rye-whole"))
                .orElseThrow();
        assertEquals(rye.grams() / spooned.grams(), Math.pow(1.20, 0.8), 1e-9);
        assertEquals(
                own.weightOf("cup", ingredient("salt-fine")).orElseThrow().grams(),
                book().weightOf("cup", ingredient("salt-fine")).orElseThrow().grams(),
                1e-9);
    }

    @Test
    public void weighedCupsMakeAnUntoldKitchenSurer() {
        WeighIn spoon = new WeighIn("tbsp", "wheat-atta", 30, 1);
        WeighIn cup = new WeighIn("cup", "wheat-atta", 140, 1);
        double sd = 0.11;
        for (int count = 0; count < 5; count++) {
            List<WeighIn> all = new java.util.ArrayList<>(java.util.Collections.nCopies(count, cup));
            all.add(spoon);
            FlourByTheCup learned =
                    new KitchenMeasures(BOOK, List.of(), Map.of(), all, CupFilling.NOT_TOLD).flourByTheCup();
            assertEquals(learned.weighIns(), count, "a spoon says nothing of a cup");
            assertTrue(learned.relativeSd() < sd);
            sd = learned.relativeSd();
        }
    }

    @Test
    public void weighInsOfOneIngredientSayNothingOfAnother() {
        KitchenMeasures own = weighed(new WeighIn("handful", "kale-raw", 20, 1));
        assertEquals(
                own.weightOf("handful", ingredient("chard-raw")).orElseThrow().source(), MeasureWeight.Source.BOOK);
    }

    @Test
    public void vesselsAndCupsOfTheKitchenStandBesideTheBooks() {
        Measure ladle = new Measure("ladle", "Soup ladle", "Soup ladles", "volume", 110.0, null, 0.15, "");
        KitchenMeasures own =
                new KitchenMeasures(BOOK, List.of(ladle), Map.of("cup", 250.0), List.of(), CupFilling.SPOONED);
        assertEquals(own.weightOf("cup", BOOK.plainWater()).orElseThrow().grams(), 250, 1e-9);
        assertEquals(own.weightOf("ladle", BOOK.plainWater()).orElseThrow().grams(), 110, 1e-9);
        assertEquals(own.vesselNamed("soup ladles").orElse(""), "ladle");
        assertFalse(own.vesselNamed("cup").isPresent());
        assertEquals(own.all().size(), BOOK.measures().size(), "a ladle of the kitchen stands for the book's");
    }

    private static KitchenMeasures book() {
        return KitchenMeasures.ofBook(BOOK);
    }

    private static KitchenMeasures weighed(WeighIn... weighIns) {
        return new KitchenMeasures(BOOK, List.of(), Map.of(), List.of(weighIns), CupFilling.SPOONED);
    }

    private static Ingredient kale() {
        return ingredient("kale-raw");
    }

    private static Ingredient ingredient(String code) {
        return BOOK.ingredient(code).orElseThrow();
    }
}
