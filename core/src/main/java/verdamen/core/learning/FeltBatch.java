package verdamen.core.learning;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Share;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;

/**
 * What one batch says of the flours in it: y = Σ x_i θ_i + ε. θ_i is the water a flour takes up at 14 % moisture as a share of
 * its mass; x_i is how much more the whole dough drinks for each of that; y is what flours must have drunk, brings ÷ felt
 * softness, less all that is drunk whatever they are. A dough drinks in proportion to its flours' absorption, so x_i is told
 * from the dough itself with a flour that takes up one per cent more. Felt several times, what its words say together counts.
 *
 * @param x by flour, and by flour and lot, g
 * @param y g
 * @param sd standard deviation of ε, g: a share of brings ÷ felt softness
 */
record FeltBatch(Map<Taught, Double> x, double y, double sd) {

    private static final double ONE_PER_CENT = Share.ofPct(1).fraction();

    /**
     * What is taught of: a flour, or what a lot adds to it.
     *
     * @param flour code of the flour
     * @param lot id of the lot; null for the flour itself
     */
    record Taught(String flour, @Nullable Long lot) {}

    /** What a batch says; nothing when it cannot be worked out, was not felt after kneading, or has no flour that could be learned. */
    static Optional<FeltBatch> of(Batch batch, Pantry pantry, double errorShare) {
        try {
            Batch.Felt last = batch.last();
            Dough dough = Dough.of(FormulaReader.read(last.formula(), pantry));
            double brings = dough.bringsGrams(last.minute());
            Feel felt = feel(last.feel(), pantry);
            boolean kneaded = last.minute() >= dough.formula().kneading().endMinute();
            if (felt == null || brings <= 0 || !kneaded) {
                return Optional.empty();
            }
            double drinks = dough.drinksGrams(last.minute());
            Map<Taught, Double> x = new LinkedHashMap<>();
            double rest = drinks;
            for (Ingredient flour : flours(dough.formula())) {
                double more = thirstier(last.formula(), flour, pantry).drinksGrams(last.minute());
                double slope = (more - drinks) / ONE_PER_CENT;
                if (slope > 0) {
                    x.put(new Taught(flour.code(), null), slope);
                    lots(last.formula(), flour, slope, x);
                    rest -= slope * FlourLearned.bookAbsorption(flour);
                }
            }
            if (x.isEmpty()) {
                return Optional.empty();
            }
            List<FeltWords.Word> words = words(batch, pantry);
            if (words.size() > 1) {
                FeltWords said = FeltWords.of(words);
                double drunk = said.mean() * drinks;
                double sd = Math.hypot(said.sd() * drinks, Coefficient.LEARNING_BATCH.value() * drunk);
                return Optional.of(new FeltBatch(x, drunk - rest, sd));
            }
            double drunk = brings / felt.of(dough.formula().style()).softnessMid();
            return Optional.of(new FeltBatch(x, drunk - rest, errorShare * drunk));
        } catch (RefusedException refused) {
            return Optional.empty();
        }
    }

    /** What is said after kneading, each word with what was in the bowl and the minute at which it was felt. */
    private static List<FeltWords.Word> words(Batch batch, Pantry pantry) {
        List<FeltWords.Word> words = new ArrayList<>();
        for (Batch.Felt felt : batch.felt()) {
            Dough dough = Dough.of(FormulaReader.read(felt.formula(), pantry));
            Feel word = feel(felt.feel(), pantry);
            double brings = dough.bringsGrams(felt.minute());
            double drinks = dough.drinksGrams(felt.minute());
            if (word != null
                    && brings > 0
                    && drinks > 0
                    && felt.minute() >= dough.formula().kneading().endMinute()) {
                Feel here = word.of(dough.formula().style());
                words.add(new FeltWords.Word(brings, drinks, here.softnessFrom(), here.softnessTo()));
            }
        }
        return words;
    }

    /** What each lot of a flour has of it, by its weight. */
    private static void lots(FormulaSpec spec, Ingredient flour, double slope, Map<Taught, Double> x) {
        Map<Long, Double> grams = new LinkedHashMap<>();
        double all = 0;
        for (LineSpec line : spec.linesOrNone()) {
            if (line != null
                    && line.belongsToDough()
                    && line.grams() != null
                    && flour.code().equals(line.ingredient())) {
                all += line.grams();
                Long lot = line.origin() == null ? null : line.origin().lot();
                if (lot != null) {
                    grams.merge(lot, line.grams(), Double::sum);
                }
            }
        }
        double whole = all;
        if (whole > 0) {
            grams.forEach((lot, own) -> x.put(new Taught(flour.code(), lot), slope * own / whole));
        }
    }

    private static List<Ingredient> flours(Formula formula) {
        return formula.lines().stream()
                .filter(line -> line.part() == Part.DOUGH)
                .map(Line::ingredient)
                .filter(each -> each.role() == Role.FLOUR && each.behaviour() != null)
                .distinct()
                .toList();
    }

    private static Dough thirstier(FormulaSpec spec, Ingredient flour, Pantry pantry) {
        double pct = Share.ofFraction(FlourLearned.bookAbsorption(flour)).pct();
        List<Ingredient> others = new ArrayList<>(pantry.ingredients());
        others.replaceAll(each -> each.code().equals(flour.code())
                ? OwnValue.over(each, Map.of(OwnValue.Field.ABSORPTION_PCT, pct + 1))
                : each);
        return Dough.of(FormulaReader.read(spec, pantry.withIngredients(others)));
    }

    private static @Nullable Feel feel(String code, Pantry pantry) {
        return pantry.feels().stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElse(null);
    }
}
