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
import verdamen.core.formula.Part;
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
 * from the dough itself with a flour that takes up one per cent more.
 *
 * @param x by code of the flour, g
 * @param y g
 * @param sd standard deviation of ε, g: a share of brings ÷ felt softness
 */
record FeltBatch(Map<String, Double> x, double y, double sd) {

    private static final double ONE_PER_CENT = Share.ofPct(1).fraction();

    /** What a batch says; nothing when it cannot be worked out, was not felt after kneading, or has no flour that could be learned. */
    static Optional<FeltBatch> of(Batch batch, Pantry pantry, double errorShare) {
        try {
            Dough dough = Dough.of(FormulaReader.read(batch.formula(), pantry));
            double brings = dough.bringsGrams(batch.minute());
            Feel felt = feel(batch.feel(), pantry);
            boolean kneaded = batch.minute() >= dough.formula().kneading().endMinute();
            if (felt == null || brings <= 0 || !kneaded) {
                return Optional.empty();
            }
            double softness = felt.of(dough.formula().style()).softnessMid();
            double drinks = dough.drinksGrams(batch.minute());
            Map<String, Double> x = new LinkedHashMap<>();
            double rest = drinks;
            for (Ingredient flour : flours(dough.formula())) {
                double more = thirstier(batch.formula(), flour, pantry).drinksGrams(batch.minute());
                double slope = (more - drinks) / ONE_PER_CENT;
                if (slope > 0) {
                    x.put(flour.code(), slope);
                    rest -= slope * FlourLearned.bookAbsorption(flour);
                }
            }
            double drunk = brings / softness;
            return x.isEmpty() ? Optional.empty() : Optional.of(new FeltBatch(x, drunk - rest, errorShare * drunk));
        } catch (RefusedException refused) {
            return Optional.empty();
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
