package verdamen.core.rework;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.Formula;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Unit;

/**
 * A limit that a reworked formula is to keep.
 *
 * @param figure the figure
 * @param unit its unit
 * @param atLeast the least that is good enough; null when there is only a most
 * @param atMost the most that is good enough; null when there is only a least
 */
public record FigureLimit(
        FormulaFigure figure,
        Unit unit,
        @Nullable Double atLeast,
        @Nullable Double atMost) {

    private static FigureLimit atLeast(FormulaFigure figure, double least) {
        return new FigureLimit(figure, figure.unit(), least, null);
    }

    private static FigureLimit atMost(FormulaFigure figure, double most) {
        return new FigureLimit(figure, figure.unit(), null, most);
    }

    /** What is usually kept: it rolls, the sheet holds as thin as it is, there is time to roll, and no water too much. */
    static List<FigureLimit> usual(Formula base) {
        return List.of(
                atLeast(FormulaFigure.ROLLABILITY, Coefficient.REWORK_ROLLABILITY_LEAST.value()),
                atMost(FormulaFigure.THINNEST_SHEET, base.sheetMm()),
                atLeast(FormulaFigure.WINDOW, Coefficient.REWORK_WINDOW_LEAST.value()),
                atLeast(FormulaFigure.WATER_NEEDED, 0));
    }

    /** Limits as asked; the usual ones when none are given. */
    static List<FigureLimit> read(@Nullable List<LimitSpec> asked, Formula base, Faults faults) {
        if (asked == null) {
            return usual(base);
        }
        List<FigureLimit> limits = new ArrayList<>();
        List<LimitSpec> all = faults.atMost("limits", asked, Limit.FIGURE_LIMITS);
        for (int at = 0; at < all.size(); at++) {
            FigureLimit limit = read(all.get(at), "limits[" + at + "].", faults);
            if (limit != null) {
                limits.add(limit);
            }
        }
        return limits;
    }

    private static @Nullable FigureLimit read(LimitSpec asked, String field, Faults faults) {
        int before = faults.count();
        FormulaFigure figure = faults.choice(field + "figure", asked.figure(), FormulaFigure.class);
        faults.number(field + "atLeast", asked.atLeast(), Limit.FIGURE);
        faults.number(field + "atMost", asked.atMost(), Limit.FIGURE);
        boolean none = asked.atLeast() == null && asked.atMost() == null;
        boolean both = asked.atLeast() != null && asked.atMost() != null;
        faults.require(!none, field + "atLeast", FaultCode.MISSING, null);
        faults.require(
                !both || asked.atLeast() <= asked.atMost(), field + "atMost", FaultCode.CONTRADICTS, asked.atMost());
        return figure == null || faults.count() > before
                ? null
                : new FigureLimit(figure, figure.unit(), asked.atLeast(), asked.atMost());
    }

    /** What is to spare before it breaks, in the unit of the figure; below 0 when it is broken, null without the figure. */
    public @Nullable Double slack(FormulaFigures figures) {
        Double value = figures.value(figure);
        if (value == null) {
            return null;
        }
        double above = atLeast == null ? Double.POSITIVE_INFINITY : value - atLeast;
        double below = atMost == null ? Double.POSITIVE_INFINITY : atMost - value;
        return Math.min(above, below);
    }

    /** How much of its end is missing, as a share of it, or of one unit where the end is 0; 0 when it is kept. */
    double shortBy(FormulaFigures figures) {
        Double slack = slack(figures);
        if (slack == null) {
            return 1;
        }
        return slack >= 0 ? 0 : -slack / (end() == 0 ? 1 : end());
    }

    /** It, made easier by a share of its end, or by one unit where the end is 0. */
    FigureLimit eased(double share) {
        double step = end() == 0 ? 1 : share * end();
        return new FigureLimit(
                figure,
                unit,
                atLeast == null ? null : Double.valueOf(atLeast - step),
                atMost == null ? null : Double.valueOf(atMost + step));
    }

    private double end() {
        return Math.max(atLeast == null ? 0 : Math.abs(atLeast), atMost == null ? 0 : Math.abs(atMost));
    }

    /** The figures of the limits that a formula does not keep. */
    static List<FormulaFigure> broken(List<FigureLimit> limits, FormulaFigures figures) {
        return limits.stream()
                .filter(limit -> !limit.isKept(figures))
                .map(FigureLimit::figure)
                .toList();
    }

    /** Whether a formula keeps it; one that lacks the figure does not. */
    boolean isKept(FormulaFigures figures) {
        Double value = figures.value(figure);
        return value != null && (atLeast == null || value >= atLeast) && (atMost == null || value <= atMost);
    }
}
