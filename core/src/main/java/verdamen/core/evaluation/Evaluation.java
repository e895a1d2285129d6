package verdamen.core.evaluation;

import static verdamen.core.model.Symbol.*;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Filling;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.formula.PhaseKind;
import verdamen.core.formula.Stage;
import verdamen.core.handling.Handling;
import verdamen.core.handling.Reason;
import verdamen.core.handling.RolledDough;
import verdamen.core.handling.RollingWindow;
import verdamen.core.handling.SoftnessCurve;
import verdamen.core.leavening.SodaAndPowder;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Term;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Style;

/**
 * Everything the model says of a formula: its balance and how it handles. The dough is worked out once and shared.
 *
 * @param formula the formula
 * @param dough its dough
 * @param balance who brings and drinks, and the water needed
 * @param feel the word for its softness when rolled; null when nothing drinks
 * @param handling how it handles when rolled
 * @param handlingReasons why
 * @param window when it can be rolled; null when never
 * @param curve softness and spring-back over three hours
 * @param bakersPct baker's percentage of each line as asked; null for open lines and without flour
 * @param filling the balance of its filling; null without one
 * @param sodaAndPowder what soda and powder do; null without them
 * @param warnings what to mind
 */
public record Evaluation(
        Formula formula,
        Dough dough,
        Balance balance,
        @Nullable Feel feel,
        Handling handling,
        List<Reason> handlingReasons,
        @Nullable RollingWindow window,
        SoftnessCurve curve,
        List<@Nullable Double> bakersPct,
        @Nullable Filling filling,
        @Nullable SodaAndPowder sodaAndPowder,
        List<Warning> warnings) {

    private static final String COLD_MASH = "mash";

    /** The evaluation of a formula. */
    public static Evaluation of(Formula formula) {
        RolledDough rolled = RolledDough.of(formula);
        Dough dough = rolled.dough();
        Balance balance = Balance.of(dough);
        SodaAndPowder sodaAndPowder = SodaAndPowder.of(dough);
        return new Evaluation(
                formula,
                dough,
                balance,
                rolled.handling().feel(formula),
                rolled.handling(),
                rolled.reasons(),
                rolled.window(),
                SoftnessCurve.of(dough),
                BakersPercentages.of(formula),
                Filling.of(dough).orElse(null),
                sodaAndPowder.isThere() ? sodaAndPowder : null,
                warnings(formula, rolled.handling(), rolled.window()));
    }

    private static List<Warning> warnings(Formula formula, Handling handling, @Nullable RollingWindow window) {
        Style style = formula.style();
        List<Warning> warnings = new ArrayList<>();
        double target = formula.softnessTarget();
        if (target < style.softnessLow() || target > style.softnessHigh()) {
            warnings.add(new Warning(
                    Warning.Kind.TARGET_OUTSIDE_WINDOW,
                    List.of(
                            Term.softness(TARGET, target),
                            Term.softness(WINDOW_LOW, style.softnessLow()),
                            Term.softness(WINDOW_HIGH, style.softnessHigh()))));
        }
        if (formula.restMinutes() > style.restMaxMin()) {
            warnings.add(new Warning(
                    Warning.Kind.LONG_REST,
                    List.of(Term.minutes(REST, formula.restMinutes()), Term.minutes(REST_LIMIT, style.restMaxMin()))));
        }
        if (!formula.openLines().isEmpty()) {
            warnings.add(new Warning(
                    Warning.Kind.OPEN_LINES,
                    List.of(Term.count(OPEN_LINES, formula.openLines().size()))));
        }
        warmForYeast(formula, warnings);
        double rollAt = formula.rollAtMinute();
        double coldEnough = Coefficient.COOL_ENOUGH_TO_ROLL_C.value();
        double rolledC = formula.timeline().celsius(rollAt);
        boolean chilled = formula.timeline().phases().stream().anyMatch(phase -> phase.kind() == PhaseKind.CHILL);
        if (chilled && hasColdMash(formula) && rolledC > coldEnough) {
            warnings.add(new Warning(
                    Warning.Kind.WARM_TO_ROLL,
                    List.of(Term.celsius(DOUGH_TEMPERATURE, rolledC), Term.celsius(LIMIT, coldEnough))));
        }
        if (window != null && (rollAt < window.first() || rollAt > window.last())) {
            warnings.add(new Warning(Warning.Kind.ROLLED_OUTSIDE_WINDOW, List.of(Term.minutes(MINUTE, rollAt))));
        }
        if (handling.wallMm() != null && handling.leastWallMm() != null) {
            if (handling.wallMm() < handling.leastWallMm()) {
                warnings.add(new Warning(
                        Warning.Kind.WALL_TOO_THIN,
                        List.of(
                                Term.millimetres(FILLED_WALL, handling.wallMm()),
                                Term.millimetres(LEAST_WALL, handling.leastWallMm()))));
            }
        } else if (formula.sheetMm() < handling.minSheetMm()) {
            warnings.add(new Warning(
                    Warning.Kind.SHEET_TOO_THIN,
                    List.of(
                            Term.millimetres(SHEET, formula.sheetMm()),
                            Term.millimetres(THINNEST_SHEET, handling.minSheetMm()))));
        }
        return warnings;
    }

    private static boolean hasColdMash(Formula formula) {
        return formula.lines().stream()
                .anyMatch(line -> line.part() == Part.DOUGH
                        && line.form() != null
                        && line.form().code().equals(COLD_MASH));
    }

    /** The warmest of what yeast goes into, its liquid or the stage itself. */
    private static void warmForYeast(Formula formula, List<Warning> warnings) {
        double limit = Coefficient.YEAST_LIMIT_C.value();
        double warmest = 0;
        for (Line line : formula.lines()) {
            if (line.part() == Part.DOUGH && line.ingredient().isAlive()) {
                Double liquid = formula.waterTemperatureC(line);
                Stage stage = line.stage();
                double mixed = stage == null
                        ? formula.timeline().temperature().startC()
                        : formula.stages().get(stage.number()).mixedC();
                warmest = Math.max(warmest, Math.max(mixed, liquid == null ? 0 : liquid));
            }
        }
        if (warmest > limit) {
            warnings.add(new Warning(
                    Warning.Kind.WARM_FOR_YEAST,
                    List.of(Term.celsius(WATER_TEMPERATURE, warmest), Term.celsius(LIMIT, limit))));
        }
    }
}
