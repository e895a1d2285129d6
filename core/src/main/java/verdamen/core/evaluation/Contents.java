package verdamen.core.evaluation;

import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.model.Share;
import verdamen.core.pantry.Role;

/**
 * What a developer puts into a dough, fillings not counted.
 *
 * @param wholeGrainPct whole-grain flour, % of the flour
 * @param legumePct pulse flour and pulses, % of the flour
 * @param inclusionPct vegetables, roots, greens and pulses as they go in, % of the flour
 */
record Contents(double wholeGrainPct, double legumePct, double inclusionPct) {

    /** What goes into the dough of a formula; nothing in one without flour. */
    static Contents of(Formula formula) {
        double flour = BakersPercentages.flourGrams(formula.lines());
        if (flour <= 0) {
            return new Contents(0, 0, 0);
        }
        double whole = 0;
        double legume = 0;
        double inclusions = 0;
        for (Line line : formula.lines()) {
            if (line.part() != Part.DOUGH) {
                continue;
            }
            whole += line.ingredient().role() == Role.FLOUR && line.ingredient().wholeGrain() ? line.grams() : 0;
            legume += line.ingredient().legume() ? line.grams() : 0;
            inclusions += line.ingredient().role() == Role.INCLUSION ? line.grams() : 0;
        }
        return new Contents(
                Share.of(whole, flour).pct(),
                Share.of(legume, flour).pct(),
                Share.of(inclusions, flour).pct());
    }
}
