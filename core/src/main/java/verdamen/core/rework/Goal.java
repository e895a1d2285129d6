package verdamen.core.rework;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Part;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.pantry.Role;

/**
 * Of what the most is looked for, or the least.
 *
 * @param figure the figure
 * @param of code or group of the inclusions that are meant; null for all of them, and for any other figure
 * @param meant which lines are inclusions of the dough, and of those which are meant, by their index
 */
record Goal(FormulaFigure figure, @Nullable String of, Map<Integer, Boolean> meant) {

    /** A goal as asked; null, with its fault, when it is none. */
    static @Nullable Goal read(@Nullable String code, @Nullable String of, BaseFormula base, Faults faults) {
        FormulaFigure figure = faults.choice("goal", code, FormulaFigure.class);
        if (figure == null || of == null) {
            return figure == null ? null : new Goal(figure, null, Map.of());
        }
        boolean inclusions = figure == FormulaFigure.INCLUSION_GRAMS || figure == FormulaFigure.INCLUSION;
        faults.require(inclusions, "of", FaultCode.CONTRADICTS, of);
        List<Line> lines = base.formula().askedLines().stream()
                .filter(line -> line.part() == Part.DOUGH && line.ingredient().role() == Role.INCLUSION)
                .toList();
        Map<Integer, Boolean> meant = lines.stream().collect(Collectors.toMap(Line::index, line -> isOf(line, of)));
        faults.require(!inclusions || meant.containsValue(true), "of", FaultCode.UNKNOWN_CODE, of);
        return new Goal(figure, of, meant);
    }

    private static boolean isOf(Line line, String of) {
        return line.ingredient().code().equals(of) || line.ingredient().group().equals(of);
    }

    /** What a formula comes to; null when it lacks the figure. */
    @Nullable
    Double value(FormulaSpec formula, FormulaFigures figures) {
        Double all = figures.value(figure);
        if (all == null || of == null) {
            return all;
        }
        double inclusions = 0;
        double wanted = 0;
        for (Map.Entry<Integer, Boolean> each : meant.entrySet()) {
            LineSpec line = formula.lineOrNull(each.getKey());
            double grams = line == null || line.grams() == null ? 0 : line.grams();
            inclusions += grams;
            wanted += each.getValue() ? grams : 0;
        }
        return inclusions > 0 ? all * wanted / inclusions : 0;
    }

    /** Its worth: the more the better; far below anything when the figure is lacking. */
    double worth(FormulaSpec formula, FormulaFigures figures) {
        Double value = value(formula, figures);
        return value == null ? Double.NEGATIVE_INFINITY : figure.lessIsBetter() ? -value : value;
    }
}
