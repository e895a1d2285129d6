package verdamen.core.learning;

import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.line;
import static verdamen.core.Doughs.spec;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.Reporter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Water;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.learning.Batch.Counts;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.OwnValue.Field;
import verdamen.core.pantry.Pantry;

/**
 * Kitchens whose flours take up something else than the book says, which nobody knows. Each batch is poured until it feels
 * soft, with an error of 3 %: it then lies anywhere in what the word covers, not at its middle. What they learn brings the
 * predicted water to what is really needed, and says rightly how sure that is.
 */
public class SimulatedKitchenTest {

    private static final long SEED = 4711;
    private static final int KITCHENS = 400;
    private static final double NOISE = 0.03;
    private static final String ONE = "wheat-atta";
    private static final String OTHER = "rye-whole";
    private static final double MINUTE = 30;

    private static FormulaSpec formula(double share, double water) {
        return spec(
                "roti",
                line(ONE, 400 * share),
                line(OTHER, 400 * (1 - share)),
                line("water", water),
                line("salt-fine", 7));
    }

    private static Pantry with(Map<String, Map<Field, Double>> own) {
        List<Ingredient> all = new ArrayList<>(BOOK.ingredients());
        all.replaceAll(each -> own.containsKey(each.code()) ? OwnValue.over(each, own.get(each.code())) : each);
        return BOOK.withIngredients(all);
    }

    private static double book(String flour) {
        return BOOK.ingredient(flour).orElseThrow().behaviour().absorptionPct();
    }

    private static double bookSd(String flour) {
        return BOOK.ingredient(flour).orElseThrow().behaviour().absorptionSdPct();
    }

    /** Water with which the flours of a pantry make the dough as soft as the word says. */
    private static double water(double share, Pantry pantry, double softness) {
        Dough dough = Dough.of(FormulaReader.read(formula(share, 0), pantry));
        return softness * dough.drinksGrams(MINUTE) - dough.bringsGrams(MINUTE);
    }

    private static Feel soft() {
        return BOOK.feels().stream()
                .filter(each -> each.code().equals("soft"))
                .findFirst()
                .map(each -> each.of(FormulaReader.read(formula(0.5, 100), BOOK).style()))
                .orElseThrow();
    }

    @DataProvider
    Object[][] batches() {
        return new Object[][] {{5, 0.02}, {20, 0.01}};
    }

    @Test(dataProvider = "batches")
    public void learningBringsThePredictedWaterToWhatIsNeeded(int batches, double most) {
        Random chance = new Random(SEED);
        Reporter.log("seed " + SEED);
        Feel soft = soft();
        double softness = soft.softnessMid();
        List<Double> errors = new ArrayList<>();
        int covered = 0;
        for (int kitchen = 0; kitchen < KITCHENS; kitchen++) {
            Pantry real = with(Map.of(
                    ONE, Map.of(Field.ABSORPTION_PCT, book(ONE) + bookSd(ONE) * chance.nextGaussian()),
                    OTHER, Map.of(Field.ABSORPTION_PCT, book(OTHER) + bookSd(OTHER) * chance.nextGaussian())));
            double share = 0.3 + 0.4 * chance.nextDouble();
            double needed = water(share, real, softness);
            List<Batch> made = new ArrayList<>();
            for (int batch = 0; batch < batches; batch++) {
                Dough dough = Dough.of(FormulaReader.read(formula(share, 0), real));
                double drinks = dough.drinksGrams(MINUTE) * (1 + NOISE * chance.nextGaussian());
                double within = soft.softnessFrom() + chance.nextDouble() * (soft.softnessTo() - soft.softnessFrom());
                double poured = within * drinks - dough.bringsGrams(MINUTE);
                made.add(new Batch(batch, formula(share, poured), MINUTE, "soft", Counts.YES));
            }
            Map<String, Map<Field, Double>> own = new HashMap<>();
            Learning learning = Learning.of(made, BOOK);
            learning.flours()
                    .forEach(flour -> own.put(
                            flour.ingredient(),
                            Map.of(
                                    Field.ABSORPTION_PCT, flour.learnedPct(),
                                    Field.ABSORPTION_SD_PCT, flour.learnedSdPct())));
            Pantry taught = with(own).withLearnedTogether(learning.together());
            double predicted = water(share, taught, softness);
            errors.add(Math.abs(predicted / needed - 1));
            Water range = Balance.water(Dough.of(FormulaReader.read(formula(share, 0), taught)));
            double off = needed - predicted;
            covered += Math.abs(off) <= 1.28 * range.sd() ? 1 : 0;
        }
        Collections.sort(errors);
        double median = errors.get(KITCHENS / 2);
        double coverage = covered / (double) KITCHENS;
        assertTrue(median <= most, "median error " + median);
        assertTrue(coverage >= 0.7 && coverage <= 0.9, "coverage " + coverage);
    }
}
