package verdamen.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.Line;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Share;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;

/**
 * What was planned of an ingredient, and what went in.
 *
 * @param ingredient its code
 * @param name its name
 * @param part where it belongs
 * @param plannedGrams planned, g
 * @param grams put in, g
 * @param plannedPct planned, % of the flour planned; null without flour
 * @param pct put in, % of the flour put in; null without flour
 */
public record MadeLine(
        String ingredient,
        String name,
        String part,
        double plannedGrams,
        double grams,
        @Nullable Double plannedPct,
        @Nullable Double pct) {

    /** Every ingredient of a batch, in the order of its formula, with what was put in beyond it. */
    public static List<MadeLine> of(MadeFormula made, BowlSoFar bowl, Pantry pantry) {
        Formula actual;
        try {
            actual = FormulaReader.read(bowl.spec(), pantry);
        } catch (RefusedException refused) {
            actual = made.formula();
        }
        Map<String, Line> all = new LinkedHashMap<>();
        Map<String, Double> planned = summed(made.formula(), all);
        Map<String, Double> there = summed(actual, all);
        double plannedFlour = BakersPercentages.flourGrams(made.formula().lines());
        double flour = BakersPercentages.flourGrams(actual.lines());
        List<MadeLine> lines = new ArrayList<>();
        all.forEach((key, line) -> {
            Ingredient ingredient = line.ingredient();
            double before = planned.getOrDefault(key, 0.0);
            double after = there.getOrDefault(key, 0.0);
            lines.add(new MadeLine(
                    ingredient.code(),
                    ingredient.name(),
                    line.part().code(),
                    before,
                    after,
                    pct(before, plannedFlour),
                    pct(after, flour)));
        });
        return List.copyOf(lines);
    }

    private static @Nullable Double pct(double grams, double flour) {
        return flour > 0 ? Double.valueOf(Share.of(grams, flour).pct()) : null;
    }

    private static String key(Line line) {
        return line.part().code() + " " + line.ingredient().code();
    }

    /** Grams by part and ingredient; the first line of each is kept in {@code all}. */
    private static Map<String, Double> summed(Formula formula, Map<String, Line> all) {
        Map<String, Double> grams = new LinkedHashMap<>();
        for (Line line : formula.lines()) {
            all.putIfAbsent(key(line), line);
            grams.merge(key(line), line.grams(), Double::sum);
        }
        return grams;
    }
}
