package verdamen.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.DoughTotals;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Scale;
import verdamen.core.pantry.Pantry;

/**
 * The lines of plain water of a formula's dough. Set to what is needed, the one of the dough itself takes what the others,
 * such as a soaker's, leave, on a new line when it has none; when these alone are more than that, all of them shrink in their
 * ratio.
 */
public final class WaterLines {

    private static final int NONE = -1;

    private WaterLines() {}

    /** The formula with as much plain water as its balance asks for; none when it has too much without any. */
    static FormulaSpec set(FormulaSpec spec, Formula formula, Pantry pantry) {
        return set(spec, formula, pantry, Scale::shown);
    }

    /** The same, to the last digit and not as a scale shows it. */
    public static FormulaSpec exactly(FormulaSpec spec, Formula formula, Pantry pantry) {
        return set(spec, formula, pantry, grams -> grams);
    }

    private static FormulaSpec set(FormulaSpec spec, Formula formula, Pantry pantry, DoubleUnaryOperator shown) {
        double needed = shown.applyAsDouble(Math.max(0, DoughTotals.of(formula).waterNeeded()));
        List<Integer> lines = lines(spec, pantry);
        Optional<Integer> ofDough = lines.stream()
                .filter(index -> spec.isOfDoughItself(line(spec, index)))
                .findFirst();
        double inStages =
                lines.stream().mapToDouble(index -> grams(spec, index)).sum();
        if (ofDough.isEmpty() && (lines.isEmpty() || needed > inStages)) {
            List<@Nullable LineSpec> all = new ArrayList<>(spec.linesOrNone());
            all.add(LineSpec.of(pantry.plainWater().code(), shown.applyAsDouble(needed - inStages)));
            return spec.withLines(all);
        }
        int main = ofDough.orElse(NONE);
        double others = lines.stream()
                .filter(index -> index != main)
                .mapToDouble(index -> grams(spec, index))
                .sum();
        FormulaSpec set = main == NONE
                ? spec
                : spec.withLine(main, line(spec, main).weighed(shown.applyAsDouble(Math.max(0, needed - others))));
        if (others <= needed) {
            return set;
        }
        for (int index : lines) {
            if (index != main) {
                double less = grams(spec, index) * needed / others;
                set = set.withLine(index, line(spec, index).weighed(shown.applyAsDouble(less)));
            }
        }
        return set;
    }

    private static List<Integer> lines(FormulaSpec spec, Pantry pantry) {
        List<Integer> found = new ArrayList<>();
        for (int index = 0; index < spec.linesOrNone().size(); index++) {
            LineSpec line = spec.lineOrNull(index);
            if (line != null && line.isDoughWater(pantry)) {
                found.add(index);
            }
        }
        return found;
    }

    private static LineSpec line(FormulaSpec spec, int index) {
        LineSpec line = spec.lineOrNull(index);
        if (line == null) {
            throw new IllegalStateException("a line of water is there");
        }
        return line;
    }

    private static double grams(FormulaSpec spec, int index) {
        Double grams = line(spec, index).grams();
        return grams == null ? 0 : grams;
    }
}
