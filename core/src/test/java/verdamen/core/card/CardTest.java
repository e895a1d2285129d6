package verdamen.core.card;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.RandomFormulas;
import verdamen.core.bench.BenchStep;
import verdamen.core.bench.BenchStep.Kind;
import verdamen.core.bench.RunSheet;
import verdamen.core.bench.WeighedBowl;
import verdamen.core.card.Declaration.Declared;
import verdamen.core.cooking.CookQuestion;
import verdamen.core.cooking.Cooking;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.Facts;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.Openness;
import verdamen.core.pantry.Nutrition;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** What of a formula goes on paper. */
public class CardTest {

    private static final double EPSILON = 1e-9;

    private static final ChainSpec COURGETTE = new ChainSpec(
            "c",
            "Squeezed courgette",
            "courgette-raw",
            300.0,
            "dough-water",
            List.of(
                    StepSpec.of(StepKind.SALT_STAND).adding("salt-fine", 4).running(0),
                    StepSpec.of(StepKind.PRESS).running(100)));

    private static RunSheet run(FormulaSpec spec) {
        Formula formula = Doughs.read(spec);
        return RunSheet.of(formula, Evaluation.of(formula).balance().water(), null);
    }

    private static List<Kind> kinds(FormulaSpec spec) {
        return run(spec).steps().stream().map(BenchStep::kind).toList();
    }

    private static WeighedBowl bowl(FormulaSpec spec, WeighedBowl.Kind kind) {
        return run(spec).bowls().stream()
                .filter(bowl -> bowl.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static List<String> names(WeighedBowl bowl) {
        return bowl.weighed().stream().map(WeighedBowl.Weighed::name).toList();
    }

    private static FormulaSpec roti(LineSpec... more) {
        LineSpec[] lines = new LineSpec[3 + more.length];
        lines[0] = line("wheat-atta", 400);
        lines[1] = line("water", 250);
        lines[2] = line("salt-fine", 7);
        System.arraycopy(more, 0, lines, 3, more.length);
        return Doughs.spec("roti", lines);
    }

    @DataProvider
    Object[][] ways() {
        FormulaSpec oiled = roti(line("olive-oil", 20));
        FormulaSpec late = oiled.withSettings("machine", "last", null, 45.0);
        return new Object[][] {
            {roti(), "SET_UP MIX_DRY POUR HOLD_BACK KNEAD_BY_HAND REST DIVIDE ROLL COOK KEEP"},
            {
                oiled.withSettings("just-combined", "coat-first", null, null),
                "SET_UP MIX_DRY RUB_IN_FAT POUR HOLD_BACK JUST_COMBINE REST DIVIDE ROLL COOK KEEP"
            },
            {late, "SET_UP MIX_DRY POUR HOLD_BACK KNEAD_BY_MACHINE KNEAD_IN_FAT REST DIVIDE ROLL COOK KEEP"},
            {
                oiled.withSettings(null, "surface", null, null),
                "SET_UP MIX_DRY POUR HOLD_BACK KNEAD_BY_HAND REST DIVIDE ROLL COOK FINISH KEEP"
            },
            {
                Doughs.phased(
                        roti(),
                        new PhaseSpec("rest", 20.0, null),
                        new PhaseSpec("knead", 1.0, null),
                        new PhaseSpec("chill", 600.0, null),
                        new PhaseSpec("warm", 30.0, null)),
                "SET_UP MIX_DRY POUR HOLD_BACK KNEAD_BY_HAND REST KNEAD_AGAIN CHILL WARM DIVIDE ROLL COOK KEEP"
            },
            {
                roti(Doughs.filling("parsnip-raw", 200, "mash")),
                "SET_UP MIX_DRY POUR HOLD_BACK KNEAD_BY_HAND REST DIVIDE FILL ROLL COOK KEEP"
            },
            {
                roti(LineSpec.ofPrep("c")).withPreps(List.of(COURGETTE)),
                "SET_UP PREPARE MIX_DRY POUR ADD_INCLUSIONS HOLD_BACK KNEAD_BY_HAND REST DIVIDE ROLL COOK KEEP"
            },
            {
                roti(line("rye-whole", 100).withStage(0)).withMethod(MethodSpec.NONE.withFirstStage("soaker", 120.0)),
                "SET_UP SOAKER MIX_DRY POUR HOLD_BACK KNEAD_BY_HAND REST DIVIDE ROLL COOK KEEP"
            },
        };
    }

    @Test(dataProvider = "ways")
    public void theStepsFollowTheMethod(FormulaSpec spec, String expected) {
        assertEquals(String.join(" ", kinds(spec).stream().map(Kind::name).toList()), expected);
    }

    @Test
    public void whatIsWeighedStandsInItsBowl() {
        FormulaSpec spec =
                roti(line("olive-oil", 20), line("milk-whole", 50), line("honey", 10), line("pumpkin-cooked", 80));
        assertEquals(bowl(spec, WeighedBowl.Kind.DRY).weighed().size(), 2);
        assertEquals(bowl(spec, WeighedBowl.Kind.WET).weighed().size(), 3);
        assertEquals(bowl(spec, WeighedBowl.Kind.FAT).grams(), 20, EPSILON);
        assertEquals(bowl(spec, WeighedBowl.Kind.INCLUSIONS).grams(), 80, EPSILON);
        WeighedBowl.Weighed flour = bowl(spec, WeighedBowl.Kind.DRY).weighed().get(0);
        assertEquals(Objects.requireNonNull(flour.bakersPct()), 100, EPSILON);
        WeighedBowl.Weighed water = bowl(spec, WeighedBowl.Kind.WET).weighed().get(0);
        assertTrue(water.plainWater() && !water.prepared());
        assertNull(water.celsius());
    }

    @Test
    public void whatWasPreparedIsWeighedAsOneAndItsLiquidByItself() {
        FormulaSpec spec = roti(LineSpec.ofPrep("c")).withPreps(List.of(COURGETTE));
        assertEquals(names(bowl(spec, WeighedBowl.Kind.INCLUSIONS)), List.of("Squeezed courgette"));
        assertEquals(
                bowl(spec, WeighedBowl.Kind.INCLUSIONS).weighed().get(0).grams()
                        + bowl(spec, WeighedBowl.Kind.WET).weighed().get(1).grams(),
                304,
                1);
        FormulaSpec filled = roti(LineSpec.ofPrep("c").withPart("filling")).withPreps(List.of(COURGETTE));
        assertEquals(names(bowl(filled, WeighedBowl.Kind.FILLING)), List.of("Squeezed courgette"));
        assertEquals(bowl(filled, WeighedBowl.Kind.WET).weighed().size(), 2, "its liquid goes into the dough");
        assertEquals(bowl(filled, WeighedBowl.Kind.DRY).weighed().size(), 2, "the salt in it is not weighed once more");
    }

    @Test(dataProvider = "random")
    public void nothingIsLostOnTheWayToThePaper(FormulaSpec spec) {
        Formula formula = Doughs.read(spec);
        double all = formula.lines().stream().mapToDouble(Line::grams).sum();
        double weighed = RunSheet.of(formula, Evaluation.of(formula).balance().water(), null).bowls().stream()
                .mapToDouble(WeighedBowl::grams)
                .sum();
        assertEquals(weighed, all, 1e-9 * (1 + all), spec.toString());
        Declaration declared = Declaration.of(formula);
        assertEquals(
                declared.ingredients().stream().mapToDouble(Declared::grams).sum(), all, 1e-9 * (1 + all));
        double before = Double.MAX_VALUE;
        for (Declared each : declared.ingredients()) {
            assertTrue(each.grams() <= before, "the heaviest first");
            before = each.grams();
            if (!each.of().isEmpty()) {
                assertEquals(each.of().stream().mapToDouble(Declared::grams).sum(), each.grams(), 1e-9 * (1 + all));
            }
        }
        assertEquals(declared.allergens(), Facts.of(formula, Map.of()).allergens());
    }

    @DataProvider
    Object[][] random() {
        return RandomFormulas.rows(200);
    }

    @Test
    public void noMoreIsPouredThanIsWeighedAndWhatIsReadyReachesToTheBalancesEnd() {
        for (double present : List.of(0.0, 150.0, 250.0, 400.0)) {
            Formula formula = Doughs.read(Doughs.roti(present));
            var water = Evaluation.of(formula).balance().water();
            List<BenchStep> steps = RunSheet.of(formula, water, null).steps();
            double poured = grams(steps, Kind.POUR);
            assertEquals(poured, Math.min(present, water.firstPour()), EPSILON);
            assertEquals(poured + grams(steps, Kind.HOLD_BACK), water.firstPour() + water.holdBack(), EPSILON);
        }
    }

    private static double grams(List<BenchStep> steps, Kind kind) {
        return Objects.requireNonNull(steps.stream()
                .filter(step -> step.kind() == kind)
                .findFirst()
                .orElseThrow()
                .grams());
    }

    @Test
    public void compoundsAreOpenedAndAFillingIsOne() {
        Declaration declared = Declaration.of(Doughs.read(roti(
                        line("sourdough-starter", 60),
                        LineSpec.ofPrep("c"),
                        Doughs.filling("parsnip-raw", 200, "mash"),
                        line("butter", 15).withPart("filling"))
                .withPreps(List.of(COURGETTE))));
        assertEquals(
                declared.ingredients().stream().map(Declared::kind).toList(),
                List.of(
                        Declaration.Kind.INGREDIENT,
                        Declaration.Kind.PREPARED,
                        Declaration.Kind.INGREDIENT,
                        Declaration.Kind.FILLING,
                        Declaration.Kind.INGREDIENT,
                        Declaration.Kind.INGREDIENT));
        Declared filling = declared.ingredients().get(3);
        assertEquals(filling.allergens(), List.of("milk"));
        assertEquals(filling.of().size(), 2);
        assertEquals(
                declared.ingredients().get(1).of().stream()
                        .map(Declared::name)
                        .toList()
                        .size(),
                2,
                "courgette and salt");
        Declared starter = declared.ingredients().get(4);
        assertEquals(starter.of().stream().mapToDouble(Declared::grams).sum(), 60, EPSILON);
        assertEquals(declared.allergens(), List.of("gluten", "milk"));
    }

    @Test
    public void theSameInSeveralPlacesIsDeclaredOnce() {
        Declaration declared = Declaration.of(
                Doughs.read(roti(line("salt-fine", 1), line("wheat-atta", 20).withPart("surface"))));
        assertEquals(declared.ingredients().size(), 3);
        assertEquals(declared.ingredients().get(0).grams(), 420, EPSILON);
        assertEquals(declared.ingredients().get(0).pct(), 100 * 420 / 678.0, EPSILON);
    }

    @Test
    public void whatIsNotWeighedYetIsNamedAndItsAllergensCount() {
        Declaration declared = Declaration.of(Doughs.read(roti(LineSpec.open("butter", Openness.UNKNOWN_AMOUNT))));
        assertEquals(declared.undecided().size(), 1);
        assertEquals(declared.allergens(), List.of("gluten", "milk"));
    }

    @Test
    public void onlyWaterLeavesInCooking() {
        FormulaSpec spec = roti(line("olive-oil", 20));
        Cooking cooking = Cooking.of(new CookQuestion(spec, null, null, null, null, null, null), Doughs.BOOK);
        Facts facts = Facts.of(Doughs.read(spec), Map.of());
        TypicalNutrition holds = Objects.requireNonNull(TypicalNutrition.of(facts, cooking));
        Nutrition mixed = Objects.requireNonNull(facts.per100Grams());
        double loss = 1 - cooking.cookLossPct() / 100;
        assertEquals(holds.per100Grams().proteinGrams(), mixed.proteinGrams() / loss, EPSILON);
        assertEquals(holds.perPiece().energyKcal(), mixed.energyKcal() * cooking.pieceGrams() / 100, EPSILON);
        assertFalse(holds.perPiece().energyKj() < 4 * holds.perPiece().energyKcal());
    }
}
