package verdamen.core.rework;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.model.Share;

/**
 * What a dough is made of but for plain water, however much of it there is: what tells formulas apart that are poured by
 * feel.
 *
 * @param style code of the style
 * @param pct each ingredient on the flour, %
 */
record Makings(String style, Map<String, Double> pct) {

    /** The makings of a formula; none without flour. */
    static Makings of(Formula formula) {
        double flour = BakersPercentages.flourGrams(formula.lines());
        Map<String, Double> pct = new HashMap<>();
        for (Line line : formula.askedLines()) {
            if (flour > 0 && line.part() == Part.DOUGH && !line.ingredient().isPlainWater()) {
                pct.merge(
                        line.ingredient().code(), Share.of(line.grams(), flour).pct(), Double::sum);
            }
        }
        return new Makings(formula.style().code(), pct);
    }

    /** How far they are apart, on the flour and all ingredients together, %; without end when the styles differ. */
    double apart(Makings other) {
        if (!style.equals(other.style)) {
            return Double.POSITIVE_INFINITY;
        }
        Set<String> all = new HashSet<>(pct.keySet());
        all.addAll(other.pct.keySet());
        return all.stream()
                .mapToDouble(code -> Math.abs(pct.getOrDefault(code, 0.0) - other.pct.getOrDefault(code, 0.0)))
                .sum();
    }
}
