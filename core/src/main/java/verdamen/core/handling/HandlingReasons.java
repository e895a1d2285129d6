package verdamen.core.handling;

import static verdamen.core.model.Symbol.*;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.balance.SheetPiece;
import verdamen.core.formula.FilledPiece;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Style;

/**
 * Explains the handling figures: the step that gives each, and how much each line moved it, found by leaving the line
 * out and looking again.
 */
final class HandlingReasons {

    private static final double UNMOVED = 1e-9;

    private final Dough dough;
    private final double minute;
    private final Formula formula;
    private final Handling handling;

    HandlingReasons(RolledDough rolled) {
        this.dough = rolled.dough();
        this.minute = rolled.minute();
        this.formula = rolled.formula();
        this.handling = rolled.handling();
    }

    List<Reason> reasons() {
        List<Without> withouts = withouts();
        List<Reason> reasons = new ArrayList<>();
        for (HandlingFigure figure : HandlingFigure.values()) {
            Double value = handling.value(figure);
            if (value != null) {
                reasons.add(new Reason(figure, steps(figure, value), influences(figure, value, withouts)));
            }
        }
        return reasons;
    }

    /** The handling without one line. */
    private record Without(Line line, Handling handling) {}

    private List<Without> withouts() {
        List<Without> withouts = new ArrayList<>();
        dough.lines()
                .forEach((index, line) -> withouts.add(new Without(line, Handling.at(dough.without(index), minute))));
        return withouts;
    }

    private static List<Influence> influences(HandlingFigure figure, double value, List<Without> withouts) {
        List<Influence> influences = new ArrayList<>();
        for (Without without : withouts) {
            Double other = without.handling().value(figure);
            if (other != null && Math.abs(value - other) > UNMOVED) {
                Line line = without.line();
                influences.add(new Influence(line.index(), line.ingredient().code(), value - other));
            }
        }
        influences.sort(Comparator.comparingDouble((Influence influence) -> Math.abs(influence.change()))
                .reversed());
        return influences;
    }

    private List<ExplanationStep> steps(HandlingFigure figure, double value) {
        return switch (figure) {
            case THINNEST_SHEET -> thinnest();
            case TEAR -> tear(value);
            default -> List.of(step(figure, value));
        };
    }

    private List<ExplanationStep> thinnest() {
        List<ExplanationStep> steps = new ArrayList<>();
        dough.totals().coarsest().map(this::cover).ifPresent(steps::add);
        steps.add(step(HandlingFigure.THINNEST_SHEET, handling.minSheetMm()));
        dough.totals().filledPiece().ifPresent(filled -> {
            double least = FilledPiece.leastWallMm(handling.minSheetMm());
            steps.add(ExplanationStep.of(
                    Rule.LEAST_WALL, least, Unit.MILLIMETRES, Term.millimetres(THINNEST_SHEET, handling.minSheetMm())));
            steps.add(filled.wallStep(formula.sheetMm()));
            steps.add(ExplanationStep.of(
                    Rule.THINNEST_FILLED,
                    handling.thinnestMm(),
                    Unit.MILLIMETRES,
                    Term.millimetres(LEAST_WALL, least),
                    Term.millimetres(SHEET, formula.sheetMm()),
                    Term.millimetres(FILLED_WALL, filled.wallMm(formula.sheetMm()))));
        });
        return steps;
    }

    private List<ExplanationStep> tear(double value) {
        return dough.totals()
                .filledPiece()
                .map(filled -> List.of(
                        filled.wallStep(formula.sheetMm()),
                        percent(
                                Rule.FILLED_TEAR,
                                value,
                                Term.millimetres(THINNEST_SHEET, handling.minSheetMm()),
                                Term.millimetres(FILLED_WALL, filled.wallMm(formula.sheetMm())))))
                .orElseGet(() -> List.of(step(HandlingFigure.TEAR, value)));
    }

    private ExplanationStep cover(SheetPiece piece) {
        return ExplanationStep.of(
                Rule.PIECE_COVER,
                handling.pieceCoverMm(),
                Unit.MILLIMETRES,
                Term.of(COVER, piece.factor()),
                Term.millimetres(PIECE_MM, piece.mm()),
                Term.factor(DOUGH_SHARE, piece.grams() / dough.grams()));
    }

    private ExplanationStep step(HandlingFigure figure, double value) {
        Style style = formula.style();
        Term gluten = Term.gluten(GLUTEN, handling.gluten());
        Term strength = Term.gluten(SHEET_STRENGTH, handling.sheetStrength());
        Term pieceShare = Term.factor(PIECE_SHARE, handling.pieceShare());
        Term tear = Term.percent(TEAR, handling.tear());
        Term stick = Term.percent(STICK, orZero(handling.stick()));
        Term sheet = Term.millimetres(SHEET, formula.sheetMm());
        return switch (figure) {
            case GLUTEN -> {
                Gluten parts = Gluten.of(dough.totals());
                yield ExplanationStep.of(
                        Rule.GLUTEN,
                        value,
                        Unit.GLUTEN_POINTS,
                        Term.grams(GLUTEN_PROTEIN, parts.proteinGrams()),
                        Term.grams(SOLIDS, parts.solidsGrams()),
                        pieceShare,
                        Term.factor(FAT_PER_FLOUR, parts.fatPerFlour()));
            }
            case SHEET_STRENGTH ->
                ExplanationStep.of(
                        Rule.SHEET_STRENGTH,
                        value,
                        Unit.GLUTEN_POINTS,
                        gluten,
                        Term.factor(GEL_SHARE, handling.gelShare()));
            case THINNEST_SHEET ->
                ExplanationStep.of(
                        Rule.THINNEST_SHEET,
                        value,
                        Unit.MILLIMETRES,
                        strength,
                        Term.millimetres(PIECE_COVER, handling.pieceCoverMm()));
            case STICK -> percent(Rule.STICK, value, softness(), Term.softness(WINDOW_HIGH, style.softnessHigh()));
            case CRACK ->
                percent(Rule.CRACK, value, softness(), Term.softness(WINDOW_LOW, style.softnessLow()), strength);
            case TEAR -> percent(Rule.TEAR, value, Term.millimetres(THINNEST_SHEET, handling.minSheetMm()), sheet);
            case SPRING_BACK ->
                percent(
                        Rule.SPRING_BACK,
                        value,
                        gluten,
                        Term.minutes(
                                MINUTES_AFTER_KNEADING,
                                minute - formula.timeline().kneadedBefore(minute)));
            case ROLLABILITY ->
                percent(
                        Rule.ROLLABILITY,
                        value,
                        stick,
                        Term.percent(CRACK, orZero(handling.crack())),
                        tear,
                        Term.percent(SPRING_BACK, handling.springBackPct()),
                        Term.percent(SPRING_LIMIT, style.springLimitPct()));
            case PUFF ->
                percent(
                        Rule.PUFF,
                        value,
                        strength,
                        sheet,
                        Term.millimetres(STYLE_SHEET, style.sheetMm()),
                        pieceShare,
                        Term.factor(LEGUME_SHARE, handling.pulseShare()),
                        tear,
                        stick);
        };
    }

    private Term softness() {
        return Term.softness(SOFTNESS, orZero(handling.softness()));
    }

    private static double orZero(@Nullable Double value) {
        return value == null ? 0 : value;
    }

    private static ExplanationStep percent(Rule rule, double value, Term... inputs) {
        return ExplanationStep.of(rule, value, Unit.PERCENT, inputs);
    }
}
