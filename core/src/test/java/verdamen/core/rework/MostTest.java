package verdamen.core.rework;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.line;
import static verdamen.core.Doughs.read;
import static verdamen.core.Doughs.spec;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.Facts;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.handling.RolledDough;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Price;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** As much as a dough can take, against a search through everything. */
public class MostTest {

    private static final Set<Carried> ALL = EnumSet.noneOf(Carried.class);
    private static final Stock STOCK = new Stock(
            BOOK,
            Map.of(
                    "wheat-atta", new Price(2.0, Price.Per.KILOGRAM),
                    "emmer-whole", new Price(5.0, Price.Per.KILOGRAM),
                    "chickpea-flour", new Price(3.0, Price.Per.KILOGRAM)));
    private static final FormulaSpec ROTI = spec(
            "roti",
            line("wheat-atta", 300),
            line("chickpea-flour", 100),
            line("water", 260),
            line("salt-fine", 7),
            line("pumpkin-cooked", 100).withForm("puree"),
            line("potato-boiled", 60).withForm("mash"));
    private static final FormulaSpec TORTILLA = spec(
            "tortilla",
            line("wheat-plain-white", 400),
            line("pearl-millet-flour", 60),
            line("water", 240),
            line("salt-fine", 8),
            line("olive-oil", 40),
            line("spinach-raw", 50));

    private static final LimitSpec SHEET = new LimitSpec("minSheetMm", null, 1.5);
    private static final LimitSpec WATER = new LimitSpec("waterNeeded", 40.0, null);
    private static final LimitSpec ROLLS = new LimitSpec("rollability", 60.0, null);
    private static final LimitSpec STRENGTH = new LimitSpec("sheetStrength", 45.0, null);

    private static FreeSpec free(int line, double low, double high) {
        return new FreeSpec(line, low, high);
    }

    private static Most most(
            FormulaSpec spec, @Nullable String goal, @Nullable List<LimitSpec> limits, FreeSpec... free) {
        return Most.of(new MostQuestion(spec, goal, null, List.of(free), limits, ALL), STOCK);
    }

    /** Questions of one, two and three free amounts. */
    @DataProvider
    Object[][] questions() {
        return new Object[][] {
            {ROTI, "inclusionGrams", List.of(ROLLS, WATER), new FreeSpec[] {free(4, 0, 600)}},
            {ROTI, "legumeProteinGrams", List.of(SHEET), new FreeSpec[] {free(1, 0, 400)}},
            {ROTI, "costPerPiece", List.of(new LimitSpec("proteinGrams", 4.0, null)), new FreeSpec[] {free(1, 0, 300)}},
            {TORTILLA, "wholeGrainPct", List.of(STRENGTH), new FreeSpec[] {free(1, 0, 500)}},
            {ROTI, "inclusionGrams", List.of(ROLLS, SHEET, WATER), new FreeSpec[] {free(4, 0, 300), free(5, 0, 300)}},
            {ROTI, "fibreGrams", List.of(SHEET, ROLLS), new FreeSpec[] {free(0, 100, 400), free(1, 0, 300)}},
            {TORTILLA, "wholeGrainPct", List.of(STRENGTH, ROLLS), new FreeSpec[] {free(1, 0, 400), free(5, 0, 200)}},
            {
                ROTI,
                "inclusionGrams",
                List.of(ROLLS, SHEET, WATER),
                new FreeSpec[] {free(1, 0, 200), free(4, 0, 300), free(5, 0, 300)}
            },
        };
    }

    /** As many further questions as {@code -Dverdamen.questions} says: other goals, limits and free amounts. */
    @DataProvider
    Object[][] furtherQuestions() {
        List<String> goals =
                List.of("inclusionGrams", "fibreGrams", "wholeGrainPct", "proteinGrams", "saltPct", "energyKcal");
        List<List<LimitSpec>> limits = List.of(List.of(ROLLS, WATER), List.of(SHEET, ROLLS), List.of(STRENGTH, WATER));
        List<List<FreeSpec>> free = List.of(
                List.of(free(1, 0, 300)),
                List.of(free(5, 0, 250)),
                List.of(free(1, 0, 300), free(5, 0, 250)),
                List.of(free(0, 150, 500), free(1, 0, 300)),
                List.of(free(0, 150, 500), free(1, 0, 300), free(5, 0, 250)));
        Object[][] rows = new Object[Integer.getInteger("verdamen.questions", 2)][];
        for (int at = 0; at < rows.length; at++) {
            rows[at] = new Object[] {
                at % 2 == 0 ? ROTI : TORTILLA,
                goals.get(at / 2 % goals.size()),
                limits.get(at / 3 % limits.size()),
                free.get(at % free.size()).toArray(FreeSpec[]::new)
            };
        }
        return rows;
    }

    @Test(dataProvider = "furtherQuestions")
    public void soItIsOfOtherQuestions(FormulaSpec spec, String goal, List<LimitSpec> limits, FreeSpec[] free) {
        Most most = most(spec, goal, limits, free);
        double grid = best(spec, most.goal(), limits, free, free.length == 1 ? 400 : free.length == 2 ? 30 : 9);
        if (most.possible()) {
            double found = (most.goal().lessIsBetter() ? -1 : 1) * most.value();
            assertTrue(found >= grid - 0.005 * Math.abs(grid), goal + ": " + found + " where the grid has " + grid);
            most.limits().forEach(kept -> assertTrue(kept.slack() >= 0, kept.toString()));
        } else {
            assertEquals(grid, Double.NEGATIVE_INFINITY, "nothing on the grid keeps them either");
        }
    }

    /** The best of all amounts on a grid, worked out without the search. */
    private static double best(
            FormulaSpec spec, FormulaFigure goal, List<LimitSpec> limits, FreeSpec[] free, int steps) {
        BaseFormula base = BaseFormula.of(spec, BOOK);
        int all = (int) Math.pow(steps + 1.0, free.length);
        double best = Double.NEGATIVE_INFINITY;
        for (int at = 0; at < all; at++) {
            FormulaSpec tried = spec;
            int rest = at;
            for (FreeSpec each : free) {
                double grams = each.low() + (each.high() - each.low()) * (rest % (steps + 1)) / steps;
                tried = tried.withLine(
                        each.line(), tried.lineOrNull(each.line()).weighed(grams));
                rest /= steps + 1;
            }
            FormulaFigures figures = FormulaFigures.of(
                    RolledDough.of(read(Along.with(tried, base, ALL).formula())), STOCK.prices());
            boolean keeps = limits.stream().allMatch(limit -> {
                Double value = figures.value(figure(limit.figure()));
                return value != null
                        && (limit.atLeast() == null || value >= limit.atLeast())
                        && (limit.atMost() == null || value <= limit.atMost());
            });
            if (keeps) {
                best = Math.max(best, (goal.lessIsBetter() ? -1 : 1) * figures.value(goal));
            }
        }
        return best;
    }

    private static FormulaFigure figure(String code) {
        for (FormulaFigure figure : FormulaFigure.values()) {
            if (figure.code().equals(code)) {
                return figure;
            }
        }
        throw new IllegalArgumentException(code);
    }

    @Test(dataProvider = "questions")
    public void nothingOnAFineGridIsBetterAndNoLimitIsBroken(
            FormulaSpec spec, String goal, List<LimitSpec> limits, FreeSpec[] free) {
        Most most = most(spec, goal, limits, free);
        assertTrue(most.possible());
        Evaluation evaluation = Evaluation.of(read(most.formula()));
        FormulaFigures figures = FormulaFigures.of(evaluation, Facts.of(evaluation.formula(), STOCK.prices()));
        assertEquals(figures.byCode(), most.figures().byCode(), "it is checked by working it out once more");
        assertEquals(figures.value(most.goal()), most.value());
        most.limits().forEach(kept -> assertTrue(kept.slack() >= 0, kept.toString()));
        int steps = free.length == 1 ? 400 : free.length == 2 ? 30 : 9;
        double grid = best(spec, most.goal(), limits, free, steps);
        double found = (most.goal().lessIsBetter() ? -1 : 1) * most.value();
        assertTrue(found >= grid - 0.005 * Math.abs(grid), goal + ": " + found + " where the grid has " + grid);
    }

    @Test
    public void theSameQuestionHasTheSameAnswer() {
        Most one = most(ROTI, "inclusionGrams", List.of(ROLLS, SHEET), free(4, 0, 900), free(5, 0, 900));
        Most other = most(ROTI, "inclusionGrams", List.of(ROLLS, SHEET), free(4, 0, 900), free(5, 0, 900));
        assertEquals(other.formula(), one.formula());
        assertEquals(other.curve(), one.curve());
        assertEquals(other.limits(), one.limits());
    }

    @Test
    public void theBindingLimitIsTheOneWhoseEasingBuysMost() {
        Most most = most(ROTI, "legumeProteinGrams", List.of(SHEET, WATER), free(1, 0, 400));
        assertEquals(most.binding(), FormulaFigure.THINNEST_SHEET);
        Most.Kept sheet = most.limits().get(0);
        assertEquals(sheet.slack(), 0, 0.01, "it is used up");
        Most eased = most(
                ROTI,
                "legumeProteinGrams",
                List.of(new LimitSpec("minSheetMm", null, 1.5 * 1.01), WATER),
                free(1, 0, 400));
        assertEquals(sheet.easing(), eased.value() - most.value(), 0.02 * most.value());
        assertTrue(sheet.easing() > 0);
        assertEquals(most.limits().get(1).easing(), 0.0, "there is water to spare");
    }

    @Test
    public void waterThatIsUsedUpBindsToo() {
        LimitSpec noWater = new LimitSpec("waterNeeded", 0.0, null);
        Most most = most(ROTI, "inclusionGrams", List.of(noWater), free(4, 0, 600));
        assertEquals(most.figures().value(FormulaFigure.WATER_NEEDED), 0, 0.1);
        assertEquals(most.binding(), FormulaFigure.WATER_NEEDED);
        assertTrue(most.limits().get(0).easing() > 0, "a gram buys something");
    }

    @Test
    public void theMoreItIsToRollTheLessItTakes() {
        List<Most.Reached> curve =
                most(ROTI, "inclusionGrams", List.of(SHEET), free(4, 0, 600)).curve();
        for (int at = 1; at < curve.size(); at++) {
            assertTrue(curve.get(at).value() <= curve.get(at - 1).value());
            assertTrue(curve.get(at).rollability() > curve.get(at - 1).rollability());
        }
        assertFalse(curve.isEmpty());
    }

    @Test
    public void whereNothingKeepsTheLimitsTheNearestIsTold() {
        Most most = most(
                ROTI,
                "inclusionGrams",
                List.of(new LimitSpec("sheetStrength", 90.0, null), new LimitSpec("inclusionPct", 30.0, null)),
                free(4, 0, 300));
        assertFalse(most.possible());
        assertTrue(most.limits().stream().anyMatch(kept -> kept.slack() < 0));
        assertTrue(most.limits().stream().allMatch(kept -> kept.easing() == null));
    }

    @Test
    public void anAmountWithoutEndsMayBeNothingOrTwiceWhatItIs() {
        Most most = most(ROTI, "inclusionGrams", List.of(), new FreeSpec(4, null, null));
        assertEquals(most.free(), List.of(new FreeAmount(4, 0, 200)));
        assertEquals(most.formula().lineOrNull(4).grams(), 200.0, 1e-3, "nothing holds it back");
    }

    @Test
    public void ofWhatIsPreparedThereIsNoMoreThanItsChainGives() {
        ChainSpec courgette = new ChainSpec(
                "courgette",
                null,
                "courgette-raw",
                300.0,
                null,
                List.of(StepSpec.of(StepKind.PRESS).running(100)));
        FormulaSpec prepared = spec(
                        "roti",
                        line("wheat-atta", 400),
                        line("water", 150),
                        LineSpec.ofPrep("courgette").weighed(120),
                        LineSpec.ofPrep("courgette").withPart("filling").weighed(50))
                .withPreps(List.of(courgette));
        Most most = most(prepared, "inclusionGrams", List.of(), new FreeSpec(2, null, null));
        assertEquals(most.free(), List.of(new FreeAmount(2, 0, 150)));
        assertEquals(most.formula().lineOrNull(2).grams(), 150, 1e-3);
        RefusedException refused =
                expectThrows(RefusedException.class, () -> most(prepared, "inclusionGrams", null, free(2, 0, 151)));
        assertEquals(refused.faults().get(0).field(), "free[0].high");
        assertEquals(refused.faults().get(0).limit(), 150.0, 1e-9);
    }

    @Test
    public void aGoalThatNoneOfItsFormulasHasIsRefused() {
        RefusedException refused =
                expectThrows(RefusedException.class, () -> most(TORTILLA, "puff", null, free(1, 0, 300)));
        assertEquals(refused.faults().get(0).field(), "goal");
        assertEquals(refused.faults().get(0).code(), FaultCode.OUT_OF_REACH);
    }

    @DataProvider
    Object[][] wrong() {
        FreeSpec good = free(4, 0, 300);
        return new Object[][] {
            {null, List.of(good), "goal", FaultCode.MISSING},
            {"beauty", List.of(good), "goal", FaultCode.UNKNOWN_CODE},
            {"puff", List.of(), "free", FaultCode.MISSING},
            {"puff", List.of(free(4, 300, 300)), "free[0].high", FaultCode.TOO_SMALL},
            {"puff", List.of(free(4, 300, 100)), "free[0].high", FaultCode.TOO_SMALL},
            {"puff", List.of(free(4, -1, 100)), "free[0].low", FaultCode.TOO_SMALL},
            {"puff", List.of(free(9, 0, 100)), "free[0].line", FaultCode.UNKNOWN_CODE},
            {"puff", List.of(free(2, 0, 100)), "free[0].line", FaultCode.NOT_FOR_THIS_INGREDIENT},
            {"puff", List.of(good, good), "free[1].line", FaultCode.TAKEN},
            {"puff", List.of(new FreeSpec(null, 0.0, 100.0)), "free[0].line", FaultCode.MISSING},
        };
    }

    @Test(dataProvider = "wrong")
    public void whatCannotBeLookedForIsRefusedByName(
            @Nullable String goal, List<FreeSpec> free, String field, FaultCode code) {
        RefusedException refused = expectThrows(
                RefusedException.class, () -> Most.of(new MostQuestion(ROTI, goal, null, free, null, ALL), STOCK));
        assertEquals(refused.faults().get(0).field(), field);
        assertEquals(refused.faults().get(0).code(), code);
    }

    private static Most of(String of, SearchProgress progress) {
        List<FreeSpec> free = List.of(free(4, 0, 900), free(5, 0, 900));
        List<LimitSpec> limits = List.of(ROLLS, WATER);
        return Most.prepared(new MostQuestion(ROTI, "inclusionGrams", of, free, limits, ALL), STOCK)
                .find(progress);
    }

    /** Of one kind, the other makes room for it: as much as when the other is not there at all. */
    @Test
    public void theMostOfOneVegetableIsNotTheMostOfAll() {
        Most potato = of("potato-boiled", SearchProgress.NONE);
        Most all = most(ROTI, "inclusionGrams", List.of(ROLLS, WATER), free(4, 0, 900), free(5, 0, 900));
        FormulaSpec without = ROTI.withLine(4, ROTI.lineOrNull(4).weighed(0));
        Most alone = most(without, "inclusionGrams", List.of(ROLLS, WATER), free(5, 0, 900));
        assertTrue(potato.possible());
        assertEquals(potato.value(), alone.value(), 0.01 * alone.value());
        assertTrue(of("pumpkin-cooked", SearchProgress.NONE).value() < all.value());
        // All of it as potato is what it can take most of: the two searches find the same to their tolerance.
        assertTrue(potato.value() < 1.001 * all.value());
        double grams = potato.formula().lineOrNull(5).grams();
        double pieces = grams / potato.value();
        double inclusions = potato.figures().value(FormulaFigure.INCLUSION_GRAMS);
        assertEquals((grams + potato.formula().lineOrNull(4).grams()) / pieces, inclusions, 1e-6);
    }

    @Test
    public void aSearchSaysHowFarItIsAndCanBeStopped() {
        List<Integer> tried = new ArrayList<>();
        List<Double> best = new ArrayList<>();
        Most heard = of("potato-boiled", (now, planned, value) -> {
            assertTrue(now <= planned, now + " of " + planned);
            tried.add(now);
            if (value != null) {
                best.add(value);
            }
            return true;
        });
        assertEquals(tried, tried.stream().sorted().toList());
        assertEquals(best, best.stream().sorted().toList(), "the best so far becomes no worse");
        assertTrue(best.get(best.size() - 1) <= heard.value() + 1e-9);
        assertEquals(
                heard.formula(), of("potato-boiled", SearchProgress.NONE).formula(), "who listens changes nothing");
        int[] calls = new int[1];
        expectThrows(SearchStoppedException.class, () -> of("potato-boiled", (now, planned, value) -> ++calls[0] < 3));
        assertEquals(calls[0], 3);
    }

    @Test
    public void aKindIsOfInclusionsThatAreThere() {
        for (String[] wrong : new String[][] {{"inclusionGrams", "kale-raw"}, {"puff", "potato-boiled"}}) {
            RefusedException refused = expectThrows(
                    RefusedException.class,
                    () -> Most.prepared(
                            new MostQuestion(ROTI, wrong[0], wrong[1], List.of(free(4, 0, 300)), null, ALL), STOCK));
            assertEquals(refused.faults().get(0).field(), "of");
        }
    }
}
