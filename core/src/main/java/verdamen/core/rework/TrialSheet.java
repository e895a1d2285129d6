package verdamen.core.rework;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;

/**
 * What is weighed for the runs of a series: what every run has as much of is said once, what differs run by run.
 *
 * @param same what every run has as much of, g by ingredient, in the order of the formula
 * @param different codes of the ingredients of which runs have more or less
 * @param runs what each run has of those, g by ingredient; 0 for none
 */
public record TrialSheet(Map<String, Double> same, List<String> different, List<Map<String, Double>> runs) {

    /** The sheet of a series. */
    public static TrialSheet of(TrialSeries series, Pantry pantry) {
        List<Map<String, Double>> all = series.runs().stream()
                .map(run -> amounts(run.formula(), pantry))
                .toList();
        Map<String, Double> same = new LinkedHashMap<>();
        List<String> different = new ArrayList<>();
        Set<String> ingredients = new LinkedHashSet<>();
        all.forEach(run -> ingredients.addAll(run.keySet()));
        for (String ingredient : ingredients) {
            List<Double> grams = all.stream()
                    .map(run -> run.getOrDefault(ingredient, 0.0))
                    .distinct()
                    .toList();
            if (grams.size() == 1) {
                same.put(ingredient, grams.get(0));
            } else {
                different.add(ingredient);
            }
        }
        List<Map<String, Double>> runs = all.stream()
                .map(run -> {
                    Map<String, Double> weighed = new LinkedHashMap<>();
                    different.forEach(ingredient -> weighed.put(ingredient, run.getOrDefault(ingredient, 0.0)));
                    return weighed;
                })
                .toList();
        return new TrialSheet(same, different, runs);
    }

    /** All of each ingredient, with what preparations give; as it is written when the pantry no longer has all of it. */
    private static Map<String, Double> amounts(FormulaSpec formula, Pantry pantry) {
        Map<String, Double> amounts = new LinkedHashMap<>();
        try {
            FormulaReader.read(formula, pantry)
                    .askedLines()
                    .forEach(line -> amounts.merge(line.ingredient().code(), line.grams(), Double::sum));
        } catch (RefusedException noLongerRead) {
            for (LineSpec line : formula.linesOrNone()) {
                if (line != null && line.ingredient() != null && line.grams() != null) {
                    amounts.merge(line.ingredient(), line.grams(), Double::sum);
                }
            }
        }
        return amounts;
    }
}
