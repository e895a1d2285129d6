package verdamen.core;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static verdamen.core.prep.StepKind.CLARIFY;
import static verdamen.core.prep.StepKind.COOL;
import static verdamen.core.prep.StepKind.GRATE;
import static verdamen.core.prep.StepKind.MASH;
import static verdamen.core.prep.StepKind.PRESS;
import static verdamen.core.prep.StepKind.SOAK_BOIL;
import static verdamen.core.prep.StepKind.WASH;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.LedgerRow;
import verdamen.core.cooking.CookQuestion;
import verdamen.core.cooking.Cooking;
import verdamen.core.cooking.Keeping;
import verdamen.core.cooking.KeepingQuestion;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.FilledSpec;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Part;
import verdamen.core.handling.BenchAdvice;
import verdamen.core.handling.FormulaHandling;
import verdamen.core.handling.RolledDough;
import verdamen.core.method.WaterTemperature;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Rule;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.LearnedTogether;
import verdamen.core.portion.Portion;
import verdamen.core.portion.PortionQuestion;
import verdamen.core.portion.Shapes;
import verdamen.core.portion.ShapesQuestion;
import verdamen.core.portion.ShapesQuestion.LayeredSpec;
import verdamen.core.prep.ChainReader;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.ChainUse;
import verdamen.core.prep.Chains;
import verdamen.core.prep.LiquidUse;
import verdamen.core.prep.StepSpec;
import verdamen.core.prep.StepSpec.CoolingSpec;

/**
 * Every explanation, recomputed from its own inputs with the formula that the screen shows. The formulas are text, worked
 * out by a library; the figures come from the code that the product runs.
 */
public class ExplanationsTest {

    private static final double EPSILON = 1e-9;
    private static final int FORMULAS = 200;
    private static final int CHAINS = 300;

    private final List<FormulaSpec> specs = new ArrayList<>();
    private final Map<Rule, List<ExplanationStep>> steps = new EnumMap<>(Rule.class);

    @BeforeClass
    public void collect() {
        System.out.println("explanations from seed " + RandomFormulas.SEED + " (-Dverdamen.seed)");
        RandomFormulas random = new RandomFormulas(RandomFormulas.SEED);
        for (int tried = 0; specs.size() < FORMULAS; tried++) {
            assertTrue(tried < 20 * FORMULAS, "most random formulas are refused");
            FormulaSpec spec = random.whole();
            try {
                ofFormula(spec, FormulaReader.read(spec, Doughs.BOOK));
                specs.add(spec);
            } catch (RefusedException refused) {
                continue;
            }
        }
        keep(Balance.water(Dough.of(FormulaReader.read(
                Doughs.spec("roti", Doughs.line("wheat-atta", 240), Doughs.line("rye-whole", 160)),
                Doughs.BOOK.withLearnedTogether(List.of(new LearnedTogether("wheat-atta", "rye-whole", -0.8)))))));
        Random chains = new Random(RandomFormulas.SEED);
        for (int at = 0; at < CHAINS; at++) {
            ofChain(Chains.random(chains));
        }
        ofChain(chain("chickpea-dry", StepSpec.of(SOAK_BOIL), StepSpec.of(MASH)));
        ofChain(chain("butter", StepSpec.of(CLARIFY)));
        ofChain(chain("spinach-raw", StepSpec.of(WASH).leaving(330)));
        ofChain(chain("courgette-raw", StepSpec.of(GRATE), StepSpec.of(PRESS).running(60)));
        ofChain(chain(
                "potato-raw",
                StepSpec.of("boil"),
                StepSpec.of(COOL).cooling(new CoolingSpec(90.0, 20.0, 30.0, null, 12.0, 61.0))));
    }

    private void ofFormula(FormulaSpec spec, Formula formula) {
        keep(Evaluation.of(formula));
        keep(FormulaHandling.of(RolledDough.of(formula)));
        keep(WaterTemperature.of(formula));
        keep(verdamen.core.balance.Filling.of(Dough.of(formula)).orElse(null));
        if (formula.sheetMm() >= Limit.COOKED_SHEET_MM.least()) {
            keep(Cooking.of(new CookQuestion(spec, null, null, null, null, null, null), Doughs.BOOK));
            keep(Keeping.of(new KeepingQuestion(spec, null, null), Doughs.BOOK));
            keep(Portion.of(new PortionQuestion(spec, null), Doughs.BOOK));
            keep(Shapes.of(
                    new ShapesQuestion(spec, null, new LayeredSpec("letter", 2, null, null), null), Doughs.BOOK));
            keep(Shapes.of(
                    new ShapesQuestion(spec, null, new LayeredSpec("coil", null, 15.0, 4.0), null), Doughs.BOOK));
            if (formula.lines().stream().anyMatch(line -> line.part() == Part.FILLING && line.grams() > 0)) {
                FilledSpec filled = new FilledSpec(50.0, 5.0, null);
                keep(Shapes.of(new ShapesQuestion(spec.withSheet(4.0), filled, null, null), Doughs.BOOK));
            }
        }
        for (Feel feel : Doughs.BOOK.feels()) {
            keep(BenchAdvice.of(spec, Doughs.BOOK, 12, feel.code(), null));
        }
    }

    private void ofChain(ChainSpec spec) {
        keep(ChainReader.read(spec, ChainUse.of(LiquidUse.DISCARDED), Doughs.BOOK, new Faults(), "preps[0]")
                .orElse(null));
    }

    private static ChainSpec chain(String ingredient, StepSpec... steps) {
        return new ChainSpec("chain", null, ingredient, 300.0, null, List.of(steps));
    }

    private void keep(Object answer) {
        Answers.visit("", answer, (place, value) -> {
            if (value instanceof ExplanationStep step) {
                steps.computeIfAbsent(step.rule(), rule -> new ArrayList<>()).add(step);
            }
        });
    }

    @DataProvider
    Object[][] rules() {
        return java.util.Arrays.stream(Rule.values())
                .map(rule -> new Object[] {rule})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "rules")
    public void everyStepRecomputesToItsValue(Rule rule) {
        List<ExplanationStep> ofRule = steps.getOrDefault(rule, List.of());
        assertTrue(!ofRule.isEmpty(), "no answer explained anything by " + rule);
        for (ExplanationStep step : ofRule) {
            double again = FormulaText.value(step);
            assertEquals(again, step.value(), EPSILON * (1 + Math.abs(again)), step.toString());
        }
    }

    @Test(dataProvider = "rules")
    public void aStepHasTheInputsOfItsFormulaAndItsCoefficients(Rule rule) {
        for (ExplanationStep step : steps.getOrDefault(rule, List.of())) {
            Set<Symbol> inputs = step.inputs().stream()
                    .map(Term::symbol)
                    .collect(Collectors.toCollection(() -> EnumSet.noneOf(Symbol.class)));
            assertTrue(inputs.containsAll(rule.symbols()), step.toString());
            rule.coefficients()
                    .forEach(coefficient -> assertTrue(
                            step.coefficients().stream()
                                    .anyMatch(used -> used.code().equals(coefficient.name())
                                            && used.value() == coefficient.value()
                                            && used.unit() == coefficient.unit()),
                            coefficient.name()));
        }
    }

    @Test
    public void theLastStepOfAFigureIsTheFigure() {
        for (FormulaSpec spec : specs) {
            Balance balance =
                    Evaluation.of(FormulaReader.read(spec, Doughs.BOOK)).balance();
            for (LedgerRow row : balance.ledger()) {
                last(row.bringsSteps(), row.bringsGrams());
                last(row.drinksSteps(), row.drinksGrams());
            }
            last(balance.water().steps(), balance.water().needed());
            last(balance.softnessSteps(), balance.softness());
        }
    }

    private static void last(List<ExplanationStep> steps, double value) {
        double last = steps.isEmpty() ? 0 : steps.get(steps.size() - 1).value();
        assertEquals(last, value, EPSILON * (1 + Math.abs(value)));
    }

    @Test
    public void theVarianceOfAllLinesIsThatOfTheWater() {
        for (FormulaSpec spec : specs) {
            Balance balance =
                    Evaluation.of(FormulaReader.read(spec, Doughs.BOOK)).balance();
            double variance = balance.water().variances().stream()
                    .flatMap(part -> part.steps().stream())
                    .mapToDouble(ExplanationStep::value)
                    .sum();
            assertEquals(
                    Math.sqrt(variance),
                    balance.water().sd(),
                    EPSILON * (1 + balance.water().sd()));
        }
    }
}
