package verdamen.core.evaluation;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.cooking.Keeping;
import verdamen.core.formula.Facts;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.formula.Pieces;
import verdamen.core.handling.Handling;
import verdamen.core.handling.RolledDough;
import verdamen.core.handling.RollingWindow;
import verdamen.core.pantry.Nutrition;
import verdamen.core.pantry.Price;
import verdamen.core.pantry.Role;

/** The figures of a formula when it is rolled. What is said of a piece counts no piece as part of one. */
public final class FormulaFigures {

    private static final double HUNDRED_GRAMS = 100;

    private final EnumMap<FormulaFigure, Double> values = new EnumMap<>(FormulaFigure.class);

    private FormulaFigures() {}

    /** The figures of a formula that was evaluated. */
    public static FormulaFigures of(Evaluation evaluation, Facts facts) {
        return of(evaluation.dough(), evaluation.handling(), evaluation.window(), facts);
    }

    /**
     * The figures of a dough that is rolled, without the rest of its evaluation.
     *
     * @param prices by ingredient code
     */
    public static FormulaFigures of(RolledDough rolled, Map<String, Price> prices) {
        return of(rolled.dough(), rolled.handling(), rolled.window(), Facts.of(rolled.formula(), prices));
    }

    private static FormulaFigures of(Dough dough, Handling handling, @Nullable RollingWindow window, Facts facts) {
        FormulaFigures figures = new FormulaFigures();
        figures.handling(handling);
        figures.put(FormulaFigure.WINDOW, window == null ? 0 : window.last() - window.first() + 1.0);
        figures.dough(dough);
        Double pieces = Pieces.exactCount(dough.formula());
        if (pieces != null) {
            figures.piece(dough.formula(), facts, pieces);
        }
        return figures;
    }

    /** A figure, in its unit; null where it does not apply. */
    public @Nullable Double value(FormulaFigure figure) {
        return values.get(figure);
    }

    /** All that apply, by their codes. */
    public Map<String, Double> byCode() {
        Map<String, Double> all = new LinkedHashMap<>();
        values.forEach((figure, value) -> all.put(figure.code(), value));
        return all;
    }

    private void put(FormulaFigure figure, @Nullable Double value) {
        if (value != null) {
            values.put(figure, value);
        }
    }

    private void handling(Handling handling) {
        put(FormulaFigure.SOFTNESS, handling.softness());
        put(FormulaFigure.SHEET_STRENGTH, handling.sheetStrength());
        put(FormulaFigure.THINNEST_SHEET, handling.thinnestMm());
        put(FormulaFigure.ROLLABILITY, handling.rollability());
        put(FormulaFigure.STICK, handling.stick());
        put(FormulaFigure.CRACK, handling.crack());
        put(FormulaFigure.TEAR, handling.tear());
        put(FormulaFigure.SPRING_BACK, handling.springBackPct());
        put(FormulaFigure.PUFF, handling.puff());
    }

    private void dough(Dough dough) {
        Formula formula = dough.formula();
        Contents contents = Contents.of(formula);
        put(FormulaFigure.WATER_NEEDED, dough.waterNeeded());
        put(FormulaFigure.SHEET, formula.sheetMm());
        put(FormulaFigure.REST, formula.restMinutes());
        put(FormulaFigure.SOFT_HOURS, Keeping.usualSoftHours(dough));
        put(FormulaFigure.SALT, dough.flourGrams() > 0 ? dough.saltPct() : null);
        put(FormulaFigure.WHOLE_GRAIN, contents.wholeGrainPct());
        put(FormulaFigure.LEGUME, contents.legumePct());
        put(FormulaFigure.INCLUSION, contents.inclusionPct());
    }

    private void piece(Formula formula, Facts facts, double pieces) {
        put(FormulaFigure.PIECE, Pieces.of(formula).doughGrams());
        put(
                FormulaFigure.INCLUSION_GRAMS,
                sum(
                                formula,
                                line -> line.part() == Part.DOUGH
                                                && line.ingredient().role() == Role.INCLUSION
                                        ? line.grams()
                                        : 0)
                        / pieces);
        put(
                FormulaFigure.LEGUME_PROTEIN,
                sum(
                                formula,
                                line -> line.ingredient().legume()
                                        ? Nutrition.of(line.grams(), line.ingredient())
                                                .proteinGrams()
                                        : 0)
                        / pieces);
        Nutrition holds = facts.per100Grams();
        if (holds != null) {
            double grams = Pieces.of(formula).doughGrams() * (1 + Pieces.fillingPerDough(formula));
            Nutrition each = holds.times(grams / HUNDRED_GRAMS);
            put(FormulaFigure.PROTEIN, each.proteinGrams());
            put(FormulaFigure.FIBRE, each.fibreGrams());
            put(FormulaFigure.FAT, each.fatGrams());
            put(FormulaFigure.ENERGY, each.energyKcal());
        }
        put(FormulaFigure.COST, facts.cost() == null ? null : facts.cost() / pieces);
    }

    private static double sum(Formula formula, ToDoubleFunction<Line> each) {
        return formula.lines().stream().mapToDouble(each).sum();
    }
}
