package verdamen.core.balance;

import java.util.ArrayList;
import java.util.List;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSource;
import verdamen.core.formula.Part;

/** The plain water of a formula's dough: the lines that the balance answers. */
public final class PlainWater {

    private PlainWater() {}

    /** How much there is, g. */
    public static double grams(Formula formula) {
        return formula.lines().stream()
                .filter(PlainWater::is)
                .mapToDouble(Line::grams)
                .sum();
    }

    /** The formula with so much of it, whatever it has now: on its first line of water, or on a new one. */
    public static Formula set(Formula formula, double grams) {
        List<Line> lines = new ArrayList<>();
        boolean poured = false;
        for (Line line : formula.lines()) {
            boolean plain = is(line);
            lines.add(plain ? line.withGrams(poured ? 0 : grams) : line);
            poured |= plain;
        }
        if (!poured && grams > 0) {
            lines.add(line(formula, grams));
        }
        return formula.withLines(lines);
    }

    /** A new line of so much of it. */
    static Line line(Formula formula, double grams) {
        return Line.of(formula.lineCount(), formula.pantry().plainWater(), grams, Part.DOUGH, LineSource.ASKED);
    }

    static boolean is(Line line) {
        return line.isAsked() && line.part() == Part.DOUGH && line.ingredient().isPlainWater();
    }
}
