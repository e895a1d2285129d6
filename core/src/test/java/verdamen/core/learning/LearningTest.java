package verdamen.core.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.line;
import static verdamen.core.Doughs.read;
import static verdamen.core.Doughs.roti;
import static verdamen.core.Doughs.spec;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.Test;
import verdamen.core.balance.Dough;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.learning.Batch.Counts;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.Pantry;

/** What finished batches teach about flours, against sums worked out apart. */
public class LearningTest {

    private static final double MINUTE = 30;
    private static final String SOFT = "soft";

    private static Batch felt(long id, FormulaSpec formula, String feel) {
        return new Batch(id, formula, MINUTE, feel, Counts.NOT_SAID);
    }

    private static FlourLearned learned(List<Batch> batches, String flour) {
        return Learning.of(batches, BOOK).flours().stream()
                .filter(each -> each.ingredient().equals(flour))
                .findFirst()
                .orElseThrow();
    }

    private static double softness(String feel, FormulaSpec formula) {
        return BOOK.feels().stream()
                .filter(each -> each.code().equals(feel))
                .findFirst()
                .map(each -> each.of(read(formula).style()))
                .map(Feel::softnessMid)
                .orElseThrow();
    }

    /** m · c · u, of a plain dough at the table's moisture: with a = k = 1 it is D ÷ A₁₄ but for what bran drinks. */
    @Test
    public void oneBatchOfOneFlourIsTheTextbooksWeighedMean() {
        FormulaSpec formula = spec("roti", line("wheat-plain-white", 400), line("water", 250), line("salt-fine", 7));
        Dough dough = Dough.of(read(formula));
        double absorption = BOOK.ingredient("wheat-plain-white")
                .orElseThrow()
                .behaviour()
                .absorption()
                .fraction();
        double drinks = dough.drinksGrams(MINUTE);
        double x = drinks / absorption;
        double drunk = dough.bringsGrams(MINUTE) / softness(SOFT, formula);
        double prior = absorption
                * BOOK.ingredient("wheat-plain-white").orElseThrow().behaviour().absorptionRelativeSd();
        double error = 0.04 * drunk;
        double precision = 1 / (prior * prior) + x * x / (error * error);
        double mean = (absorption / (prior * prior) + x * drunk / (error * error)) / precision;
        FlourLearned learned = learned(List.of(felt(1, formula, SOFT)), "wheat-plain-white");
        assertEquals(learned.learnedPct(), 100 * mean, 0.05);
        assertEquals(learned.learnedSdPct(), 100 / Math.sqrt(precision), 0.01);
        assertEquals(learned.bookPct(), 100 * absorption, 1e-9);
        assertTrue(learned.learnedSdPct() < learned.bookSdPct());
        assertEquals(learned.batches(), 1);
    }

    @Test
    public void aFlourThatDrinksMoreIsFoundOut() {
        double truth = 1.12;
        Pantry kitchen = thirstier("wheat-atta", truth);
        List<Batch> batches = new ArrayList<>();
        Random random = new Random(7);
        for (int id = 0; id < 12; id++) {
            double water = 210 + random.nextInt(90);
            FormulaSpec formula = roti(water);
            Double real = Dough.of(FormulaReader.read(formula, kitchen)).softness(MINUTE);
            String word = kitchen.feel(real, read(formula).style()).code();
            batches.add(felt(id, formula, word));
        }
        double book = BOOK.ingredient("wheat-atta").orElseThrow().behaviour().absorptionPct();
        FlourLearned learned = learned(batches, "wheat-atta");
        assertEquals(learned.learnedPct(), truth * book, 0.03 * book);
        assertTrue(learned.learnedSdPct() < learned.bookSdPct() / 2);
    }

    private static Pantry thirstier(String flour, double times) {
        List<Ingredient> others = new ArrayList<>(BOOK.ingredients());
        others.replaceAll(each -> each.code().equals(flour)
                ? OwnValue.over(
                        each,
                        Map.of(
                                OwnValue.Field.ABSORPTION_PCT,
                                times * each.behaviour().absorptionPct()))
                : each);
        return BOOK.withIngredients(others);
    }

    @Test
    public void twoFloursOfOneBatchShareWhatItTeachesByHowUnsureTheyAre() {
        FormulaSpec formula = spec(
                "roti",
                line("wheat-strong-white", 200),
                line("rye-whole", 200),
                line("water", 210),
                line("salt-fine", 7));
        Learning learning = Learning.of(List.of(new Batch(1, formula, MINUTE, "firm", Counts.YES)), BOOK);
        assertEquals(learning.flours().size(), 2);
        for (FlourLearned each : learning.flours()) {
            assertTrue(each.learnedSdPct() < each.bookSdPct(), each.toString());
        }
    }

    @Test
    public void theOrderOfBatchesMakesNoDifference() {
        List<Batch> batches = List.of(felt(1, roti(240), SOFT), felt(2, roti(260), SOFT), felt(3, roti(225), "firm"));
        List<Batch> turned = List.of(batches.get(2), batches.get(0), batches.get(1));
        FlourLearned one = learned(batches, "wheat-atta");
        FlourLearned other = learned(turned, "wheat-atta");
        assertEquals(one.learnedPct(), other.learnedPct(), 1e-9);
        assertEquals(one.learnedSdPct(), other.learnedSdPct(), 1e-9);
    }

    @Test
    public void aBatchFarOffIsAskedAboutAndCountsOnlyWhenSomebodySaysSo() {
        String wettest = BOOK.feels().stream()
                .reduce((one, other) -> other)
                .orElseThrow()
                .code();
        Batch odd = felt(2, roti(200), wettest);
        Learning learning = Learning.of(List.of(felt(1, roti(250), SOFT), odd), BOOK);
        BatchVerdict verdict = learning.batches().get(1);
        assertTrue(verdict.farOff(), verdict.toString());
        assertFalse(verdict.counted());
        Batch confirmed = new Batch(2, odd.last().formula(), MINUTE, odd.last().feel(), Counts.YES);
        assertTrue(Learning.of(List.of(confirmed), BOOK).batches().get(0).counted());
    }

    @Test
    public void whatIsLeftOutTeachesNothing() {
        Batch left = new Batch(1, roti(250), MINUTE, SOFT, Counts.NO);
        Learning learning = Learning.of(List.of(left), BOOK);
        assertTrue(learning.flours().isEmpty());
        assertFalse(learning.batches().get(0).counted());
    }

    @Test
    public void aBatchThatCannotBeWorkedOutSaysNothing() {
        List<Batch> batches = List.of(
                felt(1, spec("roti", line("no-such-flour", 400)), SOFT),
                felt(2, spec("roti", line("water", 400)), SOFT),
                felt(3, roti(250), "no-such-word"),
                new Batch(4, roti(250), 2, SOFT, Counts.YES));
        Learning learning = Learning.of(batches, BOOK);
        assertTrue(learning.flours().isEmpty());
        learning.batches().forEach(each -> assertNull(each.off(), each.toString()));
    }
}
