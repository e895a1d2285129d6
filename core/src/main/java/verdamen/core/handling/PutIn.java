package verdamen.core.handling;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;

/**
 * Something put into a dough at the bench.
 *
 * @param ingredient its code
 * @param grams how much, g, weighed
 */
public record PutIn(String ingredient, double grams) {

    /**
     * A formula with what was put in: on the line of the dough that has the ingredient already, else on a new one. What a
     * preparation chain fills, a filling, and the stages before the dough itself stay as they are.
     */
    public static FormulaSpec into(FormulaSpec spec, List<PutIn> all) {
        List<@Nullable LineSpec> lines = new ArrayList<>(spec.lines() == null ? List.of() : spec.lines());
        for (PutIn each : all) {
            int at = line(spec, lines, each.ingredient);
            LineSpec there = at < 0 ? null : lines.get(at);
            if (there == null) {
                lines.add(LineSpec.of(each.ingredient, each.grams));
            } else {
                lines.set(at, each.onto(there));
            }
        }
        return spec.withLines(lines);
    }

    private static int line(FormulaSpec spec, List<@Nullable LineSpec> lines, String ingredient) {
        for (int at = 0; at < lines.size(); at++) {
            LineSpec line = lines.get(at);
            if (line != null
                    && ingredient.equals(line.ingredient())
                    && line.grams() != null
                    && (line.part() == null || line.part().equals("dough"))
                    && line.open() == null
                    && line.prep() == null
                    && spec.isOfDoughItself(line)) {
                return at;
            }
        }
        return -1;
    }

    /** The masses add up; so do the squares of what is not known about them. */
    private LineSpec onto(LineSpec line) {
        double before = line.grams() == null ? 0 : line.grams();
        Double sd = line.sd() == null ? null : Double.valueOf(Math.hypot(line.sd(), Line.weighedSdGrams(grams)));
        return line.withGrams(before + grams).withSd(sd);
    }
}
