package verdamen.core;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static verdamen.core.model.Symbol.*;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.balance.Balance;
import verdamen.core.balance.LedgerRow;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.handling.Reason;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** Recomputes every explanation from its own inputs, with the formulas written down a second time from the model. */
public class ExplanationsTest {

    private static final double EPSILON = 1e-9;
    private static final Pantry BOOK = ReferenceTables.load();
    private static final Map<Rule, ToDoubleFunction<In>> FORMULAS = formulas();

    /** The inputs of a step. */
    private record In(Map<Symbol, Double> values) {
        double get(Symbol symbol) {
            assertTrue(values.containsKey(symbol), "input " + symbol);
            return values.get(symbol);
        }
    }

    @DataProvider
    Object[][] formulas300() {
        return RandomFormulas.rows(200);
    }

    @DataProvider
    Object[][] rules() {
        return java.util.Arrays.stream(Rule.values())
                .map(rule -> new Object[] {rule})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "rules")
    public void everyRuleHasItsFormulaHere(Rule rule) {
        assertTrue(FORMULAS.containsKey(rule));
    }

    @Test(dataProvider = "formulas300")
    public void everyStepRecomputesToItsValue(FormulaSpec spec) {
        Evaluation sheet = Evaluation.of(FormulaReader.read(spec, BOOK));
        Balance balance = sheet.balance();
        for (LedgerRow row : balance.ledger()) {
            recompute(row.bringsSteps(), row.bringsGrams());
            recompute(row.drinksSteps(), row.drinksGrams());
        }
        recompute(balance.water().steps(), balance.water().needed());
        recompute(balance.softnessSteps(), balance.softness());
        balance.water().variances().forEach(variance -> variance.steps().forEach(ExplanationsTest::recompute));
        for (Reason reason : sheet.handlingReasons()) {
            reason.steps().forEach(ExplanationsTest::recompute);
        }
    }

    @Test(dataProvider = "formulas300")
    public void theVarianceOfAllLinesIsThatOfTheWater(FormulaSpec spec) {
        Balance balance = Evaluation.of(FormulaReader.read(spec, BOOK)).balance();
        double variance = balance.water().variances().stream()
                .flatMap(part -> part.steps().stream())
                .mapToDouble(ExplanationStep::value)
                .sum();
        assertEquals(
                Math.sqrt(variance),
                balance.water().sd(),
                EPSILON * (1 + balance.water().sd()));
    }

    @Test
    public void everyCoefficientSaysWhatItIs() {
        for (Coefficient coefficient : Coefficient.values()) {
            assertTrue(coefficient.rationale().length() > 10, coefficient.name());
            assertTrue(coefficient.unit() != null && coefficient.value() > 0, coefficient.name());
        }
    }

    private static void recompute(List<ExplanationStep> steps, double value) {
        steps.forEach(ExplanationsTest::recompute);
        double last = steps.isEmpty() ? 0 : steps.get(steps.size() - 1).value();
        assertEquals(last, value, EPSILON * (1 + Math.abs(value)));
    }

    private static void recompute(ExplanationStep step) {
        Map<Symbol, Double> values = new EnumMap<>(Symbol.class);
        for (Term term : step.inputs()) {
            values.put(term.symbol(), term.value());
        }
        double again = FORMULAS.get(step.rule()).applyAsDouble(new In(values));
        assertEquals(
                again,
                step.value(),
                EPSILON * (1 + Math.abs(again)),
                step.rule().name());
    }

    private static Map<Rule, ToDoubleFunction<In>> formulas() {
        Map<Rule, ToDoubleFunction<In>> f = new EnumMap<>(Rule.class);
        f.put(Rule.FLOUR_DRINKS, in -> in.get(MASS) * in.get(ABSORPTION) * in.get(COATING) * in.get(UPTAKE));
        f.put(Rule.DRY_ADDITION_DRINKS, in -> in.get(MASS) * in.get(ABSORPTION) * in.get(UPTAKE));
        f.put(
                Rule.ABSORPTION_AT_MOISTURE,
                in -> (1 - in.get(FLOUR_MOISTURE)) / 0.86 * (in.get(BOOK_ABSORPTION) * in.get(HOT_WATER) + 0.14)
                        - in.get(FLOUR_MOISTURE));
        f.put(Rule.ABSORPTION_IN_WATER, in -> in.get(BOOK_ABSORPTION) * in.get(HOT_WATER));
        f.put(Rule.UPTAKE, in -> 1 - 0.4 * Math.exp(-in.get(MINUTE) / in.get(UPTAKE_TAU)));
        f.put(Rule.COATING, in -> 1 - Math.min(0.12, 0.8 * in.get(FAT_PER_FLOUR)));
        f.put(
                Rule.INCLUSION_BRINGS,
                in -> in.get(MASS) * in.get(WATER_SHARE) * in.get(RELEASE)
                        + in.get(SOFTENING) * in.get(MASS) * in.get(FAT_SHARE));
        f.put(
                Rule.INCLUSION_HOLDS,
                in -> in.get(MASS) * Math.max(0, 1 - in.get(WATER_SHARE) - in.get(FAT_SHARE)) * in.get(HOLD));
        f.put(
                Rule.RELEASE,
                in -> in.get(RELEASE_START)
                        + (in.get(RELEASE_END) - in.get(RELEASE_START))
                                * (1 - Math.exp(-in.get(MINUTE) / in.get(RELEASE_TAU))));
        f.put(Rule.RELEASE_WITH_SALT, in -> Math.min(1, in.get(RELEASE_END) * (1 + 0.10 * in.get(SALT_PCT))));
        f.put(
                Rule.WATER_AND_FAT_BRING,
                in -> in.get(MASS) * in.get(WATER_SHARE) + in.get(SOFTENING) * in.get(MASS) * in.get(FAT_SHARE));
        f.put(
                Rule.SWEETENER_BRINGS,
                in -> in.get(MASS) * in.get(WATER_SHARE) + in.get(SOFTENING) * in.get(MASS) * in.get(SUGAR_SHARE));
        f.put(Rule.SALT_BRINGS, in -> in.get(SOFTENING) * in.get(MASS));
        f.put(Rule.WATER_BRINGS, in -> in.get(MASS) * in.get(WATER_SHARE));
        f.put(Rule.WATER_NEEDED, in -> in.get(TARGET) * in.get(DRINKS) - in.get(BRINGS));
        f.put(Rule.SOFTNESS, in -> in.get(BRINGS) / in.get(DRINKS));
        f.put(Rule.VARIANCE_FROM_WEIGHING, in -> Math.pow(in.get(PER_GRAM) * in.get(DEVIATION), 2));
        f.put(Rule.VARIANCE_FROM_ABSORPTION, in -> Math.pow(in.get(TARGET) * in.get(DRINKS) * in.get(DEVIATION), 2));
        f.put(
                Rule.GLUTEN,
                in -> 100
                        * (in.get(GLUTEN_PROTEIN) / in.get(SOLIDS))
                        / 0.14
                        * (1 - 0.6 * in.get(PIECE_SHARE))
                        * (1 - Math.min(0.5, 0.9 * in.get(FAT_PER_FLOUR))));
        f.put(
                Rule.THINNEST_SHEET,
                in -> Math.max(
                        0.6 + 90 / (in.get(GLUTEN) + 22),
                        Math.max(0.9 * in.get(HARD_PIECE), 0.5 * in.get(SOFT_PIECE))));
        f.put(Rule.STICK, in -> 100 * sigma((in.get(SOFTNESS) - in.get(WINDOW_HIGH)) / 0.035));
        f.put(
                Rule.CRACK,
                in -> 100 * sigma((in.get(WINDOW_LOW) - in.get(SOFTNESS)) / 0.05 + (40 - in.get(GLUTEN)) / 25 - 1));
        f.put(Rule.TEAR, in -> 100 * sigma((in.get(THINNEST_SHEET) / in.get(SHEET) - 1.25) / 0.12));
        f.put(Rule.SPRING_BACK, in -> {
            double g = Math.min(1.3, in.get(GLUTEN) / 90);
            double tau = 4 + 10 * Math.min(1, in.get(GLUTEN) / 90);
            return 30 * Math.pow(g, 1.3) * (0.1 + 0.9 * Math.exp(-in.get(MINUTES_AFTER_KNEADING) / tau));
        });
        f.put(
                Rule.ROLLABILITY,
                in -> 100
                        * (1 - in.get(STICK) / 100)
                        * (1 - in.get(CRACK) / 100)
                        * (1 - in.get(TEAR) / 100)
                        * (1 - Math.min(1, Math.max(0, in.get(SPRING_BACK) - in.get(SPRING_LIMIT)) / 20)));
        f.put(
                Rule.PUFF,
                in -> 100
                        * sigma((in.get(GLUTEN) - 35) / 12)
                        * Math.exp(-Math.pow((in.get(SHEET) - in.get(STYLE_SHEET)) / 1.2, 2))
                        * Math.max(0, 1 - 1.5 * in.get(PIECE_SHARE))
                        * (1 - in.get(TEAR) / 100));
        f.put(Rule.PREP_SHARE, in -> in.get(BEFORE) * in.get(SHARE));
        f.put(Rule.PRESSED, in -> (in.get(OWN_WATER) - 0.95 * in.get(LIQUID)) / in.get(AFTER));
        f.put(Rule.DRY_MATTER_KEPT, in -> 1 - in.get(OWN_SOLIDS) / in.get(AFTER));
        f.put(Rule.SOAKED, in -> 1 - in.get(KEPT_SOLIDS) * in.get(OWN_SOLIDS) / in.get(AFTER));
        f.put(Rule.WATER_ADDED, in -> (in.get(OWN_WATER) + in.get(ADDED)) / in.get(AFTER));
        f.put(Rule.CLARIFIED, in -> 0.98 * in.get(FAT));
        f.put(
                Rule.COOLING,
                in -> Math.log((in.get(START_TEMPERATURE) - in.get(ROOM_TEMPERATURE))
                                / (in.get(TARGET_TEMPERATURE) - in.get(ROOM_TEMPERATURE)))
                        / in.get(COOLING_RATE));
        f.put(
                Rule.COOLING_RATE,
                in -> Math.log((in.get(START_TEMPERATURE) - in.get(ROOM_TEMPERATURE))
                                / (in.get(READ_TEMPERATURE) - in.get(ROOM_TEMPERATURE)))
                        / in.get(READ_MINUTE));
        f.put(
                Rule.FILLING_FREE_WATER,
                in -> 100 * Math.max(0, in.get(FREE_WATER) - in.get(FILLING_DRINKS)) / in.get(FILLING));
        f.put(
                Rule.WATER_TEMPERATURE,
                in -> in.get(DOUGH_TEMPERATURE)
                        + (in.get(OTHER_HEAT) * (in.get(DOUGH_TEMPERATURE) - in.get(OTHER_HEAT_TEMPERATURE))
                                        - in.get(FRICTION) * (in.get(OTHER_HEAT) + in.get(WATER_HEAT)))
                                / in.get(WATER_HEAT));
        f.put(
                Rule.HOT_WATER_OF_MIX,
                in -> in.get(WATER_GRAMS)
                        * (in.get(TARGET_TEMPERATURE) - in.get(COLD_TEMPERATURE))
                        / (in.get(HOT_TEMPERATURE) - in.get(COLD_TEMPERATURE)));
        f.put(Rule.SOFTNESS_FROM_FEEL, in -> in.get(FELT_SOFTNESS) * in.get(SOFTNESS_LATER) / in.get(SOFTNESS_NOW));
        f.put(Rule.BENCH_WATER, in -> (in.get(TARGET) - in.get(SOFTNESS)) * in.get(DRINKS));
        f.put(
                Rule.BENCH_FLOUR,
                in -> (in.get(SOFTNESS) - in.get(TARGET))
                        * in.get(DRINKS)
                        / (in.get(TARGET) * in.get(FLOUR_DRINKS_PER_GRAM)));
        f.put(
                Rule.PIECE_MASS,
                in -> in.get(DENSITY) * Math.PI / 4 * Math.pow(in.get(DIAMETER) / 10, 2) * in.get(SHEET) / 10);
        return f;
    }

    private static double sigma(double z) {
        return 1 / (1 + Math.exp(-z));
    }
}
