package verdamen.core.formula;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/**
 * Baker's percentages: every line as grams per 100 g of the dough's flour. A starter's flour half counts as flour.
 */
public final class BakersPercentages {

    private static final double STARTER_FLOUR_SHARE = Coefficient.STARTER_FLOUR_SHARE.value();
    private static final double WHOLE_PCT = 100;
    private static final double ROUNDING_GRAMS = 1e-6;

    private BakersPercentages() {}

    /** The 100 % of baker's percentages: grams of flour in the dough, a starter's half included. */
    public static double flourGrams(List<Line> lines) {
        return lines.stream().mapToDouble(BakersPercentages::flourGrams).sum();
    }

    /** The percentage of each line as asked, in their order; null for open lines, and for all without flour. */
    public static List<@Nullable Double> of(Formula formula) {
        double flour = flourGrams(formula.lines());
        @Nullable Double[] percentages = new Double[formula.lineCount()];
        for (Line line : formula.askedLines()) {
            percentages[line.index()] = flour > 0 ? WHOLE_PCT * line.grams() / flour : null;
        }
        return Arrays.asList(percentages);
    }

    /**
     * The grams of all lines after one line is set to a percentage. The flour stays as much as it is: for a flour line
     * the other flour lines share the rest in their present ratio, for any other line only that line changes.
     *
     * @param formula the formula
     * @param index the line to set
     * @param pct the percentage asked for, at least 0
     * @return the grams of each line as asked, in order; null for open lines
     * @throws RefusedException when there is no flour to refer to, the line is a starter (its percentage is half
     *     flour: set its grams), or the other flours cannot make up the rest
     */
    public static List<@Nullable Double> set(Formula formula, int index, double pct) {
        List<Line> lines = formula.askedLines();
        double flour = flourGrams(lines);
        Line asked = lines.stream()
                .filter(line -> line.index() == index)
                .findFirst()
                .orElseThrow(() -> refused(null, "line", FaultCode.UNKNOWN_CODE, String.valueOf(index), null));
        if (!Double.isFinite(pct)) {
            throw refused(index, "pct", FaultCode.NOT_A_NUMBER, String.valueOf(pct), null);
        }
        if (pct < 0) {
            throw refused(index, "pct", FaultCode.TOO_SMALL, String.valueOf(pct), 0.0);
        }
        if (flour <= 0) {
            throw refused(null, "lines", FaultCode.NO_FLOUR, null, null);
        }
        Ingredient ingredient = asked.ingredient();
        if (ingredient.isStarter() && asked.part() == Part.DOUGH) {
            throw refused(index, "pct", FaultCode.NOT_FOR_THIS_INGREDIENT, String.valueOf(pct), null);
        }
        double grams = flour * pct / WHOLE_PCT;
        if (!isFlourLine(asked)) {
            return gramsWith(formula, index, grams, 1);
        }
        double others = lines.stream()
                .filter(line -> isFlourLine(line) && line.index() != index)
                .mapToDouble(Line::grams)
                .sum();
        double rest = asked.grams() + others - grams;
        if (rest < -ROUNDING_GRAMS) {
            double mostPct = WHOLE_PCT * (asked.grams() + others) / flour;
            throw refused(index, "pct", FaultCode.TOO_LARGE, String.valueOf(pct), mostPct);
        }
        if (others <= 0) {
            return alone(formula, index, grams, rest);
        }
        return gramsWith(formula, index, grams, Math.max(0, rest) / others);
    }

    private static List<@Nullable Double> alone(Formula formula, int index, double grams, double rest) {
        if (rest > ROUNDING_GRAMS) {
            double flour = flourGrams(formula.lines());
            throw refused(
                    index,
                    "pct",
                    FaultCode.TOO_SMALL,
                    String.valueOf(WHOLE_PCT * grams / flour),
                    WHOLE_PCT * (grams + rest) / flour);
        }
        return gramsWith(formula, index, grams, 1);
    }

    private static List<@Nullable Double> gramsWith(Formula formula, int index, double grams, double otherFlourFactor) {
        @Nullable Double[] each = new Double[formula.lineCount()];
        for (Line line : formula.askedLines()) {
            double factor = isFlourLine(line) ? otherFlourFactor : 1;
            each[line.index()] = line.index() == index ? grams : line.grams() * factor;
        }
        return Arrays.asList(each);
    }

    private static boolean isFlourLine(Line line) {
        return line.isAsked() && line.part() == Part.DOUGH && line.ingredient().role() == Role.FLOUR;
    }

    /** Grams of flour in a line of the dough: all of a flour, half of a starter, none of anything else. */
    static double flourGrams(Line line) {
        if (isFlourLine(line)) {
            return line.grams();
        }
        boolean starter = line.part() == Part.DOUGH && line.ingredient().isStarter();
        return starter ? line.grams() * STARTER_FLOUR_SHARE : 0;
    }

    private static RefusedException refused(
            @Nullable Integer line, String field, FaultCode code, @Nullable String value, @Nullable Double limit) {
        return new RefusedException(List.of(new Fault(line, field, code, value, limit)));
    }
}
