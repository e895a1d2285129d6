package verdamen.core.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.line;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.RandomFormulas;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.DoughRow;
import verdamen.core.bench.BenchStep;
import verdamen.core.bench.MadeFormula;
import verdamen.core.bench.StageStep;
import verdamen.core.bench.WeighedBowl;
import verdamen.core.edit.WaterLines;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.evaluation.Warning;
import verdamen.core.leavening.RiseCurve;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;

/** Doughs that are made in stages. */
public class StagesTest {

    private static final StageSpec DOUGH = StageSpec.NONE;

    /** Flakes scalded, cooled for an hour, then flour. */
    private static final FormulaSpec SCALDED = Doughs.spec(
                    "potato-flatbread",
                    line("potato-flakes", 180).withStage(0),
                    line("water", 640).withStage(0),
                    line("wheat-plain-white", 190),
                    line("salt-fine", 4))
            .withStages(List.of(StageSpec.standing(95.0, 60), DOUGH));

    private static final FormulaSpec SPONGE = Doughs.spec(
                    "pita",
                    line("rye-whole", 80).withStage(0),
                    line("water", 70).withStage(0),
                    line("spelt-whole", 120).withStage(1),
                    line("water", 110).withStage(1),
                    line("yeast-instant", 3).withStage(1),
                    line("wheat-strong-white", 200),
                    line("water", 90),
                    line("salt-fine", 8))
            .withStages(List.of(StageSpec.standing(18.0, 720), StageSpec.standing(30.0, 45), DOUGH));

    @DataProvider
    Object[][] staged() {
        RandomFormulas random = new RandomFormulas(RandomFormulas.SEED);
        Object[][] rows = new Object[200][];
        for (int at = 0; at < rows.length; at++) {
            rows[at] = new Object[] {random.staged()};
        }
        return rows;
    }

    @Test(dataProvider = "staged")
    public void massAndWaterAreTheSameInHoweverManyStages(FormulaSpec spec) {
        Dough dough = Dough.of(Doughs.read(spec));
        FormulaSpec flat = inOne(spec);
        Dough one = Dough.of(Doughs.read(flat));
        assertEquals(dough.grams(), one.grams(), 1e-9);
        assertEquals(dough.waterShare(), one.waterShare(), 1e-12);
        double rows = dough.rows().stream().mapToDouble(DoughRow::grams).sum();
        assertEquals(rows, dough.grams(), 1e-9);
        assertEquals(
                Balance.of(dough).hydration().bakersPct(),
                Balance.of(one).hydration().bakersPct());
    }

    @Test(dataProvider = "staged")
    public void onlyTheDoughItselfIsTheSameAsNoStages(FormulaSpec spec) {
        FormulaSpec flat = inOne(spec);
        FormulaSpec one = flat.withStages(List.of(StageSpec.standing(null, 0)))
                .withLines(flat.linesOrNone().stream()
                        .map(line -> line.withStage(0))
                        .toList());
        assertEquals(Balance.of(Doughs.read(one)), Balance.of(Doughs.read(flat)));
    }

    /** A line that brings no water, moved between stages of no minutes that are mixed in one way, drinks as before. */
    @Test(dataProvider = "staged")
    public void aDryLineIsWhereItIsWhenNoStageStands(FormulaSpec spec) {
        List<StageSpec> stages = new ArrayList<>(spec.stages());
        String mixing = spec.kneading();
        stages.replaceAll(each -> new StageSpec(null, mixing, 0.0, null, null));
        FormulaSpec still = spec.withStages(stages);
        List<LineSpec> lines = new ArrayList<>(still.linesOrNone());
        int flour = lines.size() - 1;
        for (int stage = 0; stage < stages.size(); stage++) {
            lines.set(flour, lines.get(flour).withStage(stage));
            Balance moved = Balance.of(Doughs.read(still.withLines(lines)));
            assertEquals(
                    moved.water().needed(),
                    Balance.of(Doughs.read(still)).water().needed(),
                    1e-9);
        }
    }

    private static FormulaSpec inOne(FormulaSpec spec) {
        return spec.withStages(null)
                .withLines(spec.linesOrNone().stream()
                        .map(line -> line.withStage(null))
                        .toList());
    }

    @Test
    public void aSoakerAndItsMinutesAreReadAsTwoStages() {
        FormulaSpec flat = Doughs.spec(
                "roti",
                line("rye-whole", 200).withStage(0),
                line("water", 160).withStage(0),
                line("wheat-atta", 200),
                line("water", 100));
        Formula method = Doughs.read(flat.withMethod(MethodSpec.NONE.withFirstStage("soaker", 480.0)));
        Formula stages = Doughs.read(flat.withStages(List.of(StageSpec.standing(null, 480), DOUGH)));
        assertEquals(method.stages(), stages.stages());
        assertEquals(Balance.of(method), Balance.of(stages));
        assertEquals(stages.stages().get(0).stage().kind(), StageKind.SOAKER);
    }

    @Test
    public void heatIsBalancedInEachStageAndLostOverTheMinutesBetween() {
        MixedStage scald = Doughs.read(SCALDED).stages().get(0);
        double flakes = 180 * 1.8;
        double water = 640 * 4.18;
        double mixed = (flakes * 20 + water * 95) / (flakes + water) + 3 * 0.1;
        assertEquals(scald.mixedC(), mixed, 1e-9);
        double rate = 0.016 * Math.cbrt(500 / 820.0);
        assertEquals(scald.laterC(), 20 + (mixed - 20) * Math.exp(-rate * 60), 1e-9);
        double rest = 194 * 1.8;
        double stands = flakes + water;
        assertEquals(
                Doughs.read(SCALDED).timeline().temperature().startC(),
                (stands * scald.laterC() + rest * 20) / (stands + rest) + 10 * 0.1,
                1e-9,
                "no water of its own: what stands, and flour from the kitchen");
        MixedStage cold = Doughs.read(
                        SCALDED.withStages(List.of(new StageSpec(95.0, null, 60.0, "fridge", null), DOUGH)))
                .stages()
                .get(0);
        assertEquals(cold.laterC(), 4 + (mixed - 4) * Math.exp(-1.3 * rate * 60), 1e-9);
    }

    @Test
    public void theDoughsOwnWaterBringsItToTheTemperatureWanted() {
        assertEquals(Doughs.read(SPONGE).timeline().temperature().startC(), 26, 1e-9);
    }

    @Test
    public void yeastGrowsFromTheStageInWhichItGoesIn() {
        RiseCurve.Sponge sponge = RiseCurve.Sponge.of(Doughs.read(SPONGE));
        assertEquals(sponge.standingMinutes(), 45.0);
        assertEquals(sponge.yeastPct(), 1.5, 1e-9, "of the 200 g that stand");
        assertTrue(sponge.ratio() > 1.2, sponge + "");
        assertTrue(RiseCurve.Sponge.of(Doughs.read(SCALDED)) == null);
    }

    @Test
    public void theRunSheetHasEachStageOnceWithItsBowlAndItsWater() {
        MadeFormula made = MadeFormula.of(SPONGE, Doughs.BOOK);
        List<BenchStep> stages =
                made.run().steps().stream().filter(step -> step.stage() != null).toList();
        assertEquals(
                stages.stream().map(BenchStep::kind).toList(), List.of(BenchStep.Kind.SOAKER, BenchStep.Kind.SPONGE));
        assertEquals(stages.stream().map(BenchStep::minutes).toList(), List.of(720.0, 45.0));
        StageStep second = stages.get(1).stage();
        assertEquals(second.liquidC(), 30.0);
        List<WeighedBowl> bowls =
                made.run().bowls().stream().filter(bowl -> bowl.stage() != null).toList();
        assertEquals(bowls.stream().map(WeighedBowl::grams).toList(), List.of(150.0, 233.0));
        assertEquals(bowls.get(1).weighed().get(1).celsius(), 30.0);
        double water = made.evaluation().balance().water().told().firstPour();
        double poured = made.run().steps().stream()
                .filter(step -> step.kind() == BenchStep.Kind.POUR)
                .findFirst()
                .orElseThrow()
                .grams();
        assertEquals(poured, Math.min(90, water - 180), 1e-9, "what the stages have had is not poured again");
    }

    @Test
    public void whatIsLeftOfTheWholeWaterGoesIntoTheDough() {
        FormulaSpec set = WaterLines.exactly(SCALDED, Doughs.read(SCALDED), Doughs.BOOK);
        double needed = Balance.of(Doughs.read(SCALDED)).water().needed();
        assertEquals(set.linesOrNone().get(1).grams(), 640.0);
        assertEquals(set.linesOrNone().get(4).grams(), needed - 640, 1e-9);
    }

    /** Each row: what is changed of the scalded dough; the field that is refused, and why. */
    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {
                stages(StageSpec.standing(95.0, 60), StageSpec.standing(20.0, 10), DOUGH),
                "stages[1].lines",
                FaultCode.MISSING
            },
            {stages(new StageSpec(95.0, null, null, null, null), DOUGH), "stages[0].minutes", FaultCode.MISSING},
            {stages(StageSpec.standing(95.0, -1), DOUGH), "stages[0].minutes", FaultCode.TOO_SMALL},
            {stages(StageSpec.standing(95.0, 4321), DOUGH), "stages[0].minutes", FaultCode.TOO_LARGE},
            {stages(StageSpec.standing(101.0, 60), DOUGH), "stages[0].waterTemperatureC", FaultCode.TOO_LARGE},
            {stages(StageSpec.standing(95.0, 60), StageSpec.standing(null, 5)), "stages[1].minutes", FaultCode.TOO_LARGE
            },
            {stages(new StageSpec(95.0, "blender", 60.0, null, null), DOUGH), "stages[0].mixing", FaultCode.UNKNOWN_CODE
            },
            {stages(new StageSpec(95.0, null, 60.0, "moon", null), DOUGH), "stages[0].place", FaultCode.UNKNOWN_CODE},
            {stages(new StageSpec(95.0, null, 60.0, null, 200.0), DOUGH), "stages[0].placeC", FaultCode.TOO_LARGE},
            {stages(DOUGH, DOUGH, DOUGH, DOUGH, DOUGH, DOUGH, DOUGH), "stages", FaultCode.TOO_MANY},
            {change(spec -> spec.withLine(1, line("salt-fine", 5).withStage(0))), "stages[0].liquid", FaultCode.MISSING
            },
            {change(spec -> spec.withLine(1, line("water", 0).withStage(0))), "stages[0].liquid", FaultCode.MISSING},
            {change(spec -> spec.withLine(1, line("water", 600).withStage(5))), "stage", FaultCode.UNKNOWN_CODE},
            {change(spec -> spec.withLines(allIn(spec, 0))), "stages[1].lines", FaultCode.MISSING},
            {
                change(spec -> spec.withLine(3, line("yeast-instant", 2).withStage(0))),
                "stages[0].waterTemperatureC",
                FaultCode.KILLS_YEAST
            },
            {
                change(spec -> spec.withSettings(null, null, 60.0, null).withLine(3, line("yeast-instant", 2))),
                "stages[1].waterTemperatureC",
                FaultCode.KILLS_YEAST
            },
            {
                change(spec -> spec.withMethod(MethodSpec.NONE.withFirstStage("soaker", 30.0))),
                "method.firstStage",
                FaultCode.CONTRADICTS
            },
        };
    }

    private static FormulaSpec stages(StageSpec... stages) {
        return SCALDED.withStages(List.of(stages));
    }

    private static FormulaSpec change(UnaryOperator<FormulaSpec> change) {
        return change.apply(SCALDED);
    }

    private static List<@Nullable LineSpec> allIn(FormulaSpec spec, int stage) {
        List<@Nullable LineSpec> lines = new ArrayList<>();
        spec.linesOrNone().forEach(line -> lines.add(line.withStage(stage)));
        return lines;
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByStageAndField(FormulaSpec spec, String field, FaultCode code) {
        RefusedException refused = expectThrows(RefusedException.class, () -> Doughs.read(spec));
        assertTrue(
                refused.faults().stream().anyMatch(fault -> fault.field().equals(field) && fault.code() == code),
                refused.faults().stream().map(Fault::toString).toList().toString());
    }

    @Test
    public void warmLiquidOnYeastIsWarnedOf() {
        FormulaSpec warm =
                SPONGE.withStages(List.of(StageSpec.standing(18.0, 720), StageSpec.standing(48.0, 45), DOUGH));
        assertTrue(kinds(warm).contains(Warning.Kind.WARM_FOR_YEAST));
        assertTrue(!kinds(SPONGE).contains(Warning.Kind.WARM_FOR_YEAST));
    }

    private static List<Warning.Kind> kinds(FormulaSpec spec) {
        return Evaluation.of(Doughs.read(spec)).warnings().stream()
                .map(Warning::kind)
                .toList();
    }
}
