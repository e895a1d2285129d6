package verdamen.core.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.MethodSpec.TemperaturesSpec;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.prep.LiquidUse;

/** How the method of a formula is read: what is usual, and what is refused. */
public class MethodReaderTest {

    @Test
    public void nothingSaidIsTheUsualWay() {
        Formula formula = Doughs.read(Doughs.roti(250));
        Method method = formula.method();
        assertEquals(method.pressedLiquid(), LiquidUse.DISCARDED);
        assertNull(method.sticking());
        assertEquals(method.pickupGrams(), 0.0);
        assertEquals(method.waterAddition(), WaterAddition.AT_ONCE);
        assertEquals(method.seal(), Seal.SEALED);
        assertEquals(method.heat(), Heat.HOT_DRY);
        assertTrue(formula.stages().isEmpty());
        assertEquals(method.temperatures().kneadMinutes(), 10.0);
        assertEquals(formula.timeline().end(), 30.0);
        assertFalse(formula.timeline().chills());
    }

    @Test
    public void theStyleDecidesHowAFillingIsEnclosed() {
        FormulaSpec layered = new FormulaSpec(
                "layered-paratha",
                null,
                null,
                null,
                null,
                null,
                null,
                Doughs.roti(250).lines());
        assertEquals(Doughs.read(layered).method().seal(), Seal.IN_LAYERS);
    }

    /** Each row: a method, the field at fault, why. */
    @DataProvider
    Object[][] faults() {
        return new Object[][] {
            {with(null, "magic", null, null, null, null), "sticking", FaultCode.UNKNOWN_CODE},
            {with("drunk", null, null, null, null, null), "pressedLiquid", FaultCode.UNKNOWN_CODE},
            {with(null, "oiled", -1.0, null, null, null), "pickupGrams", FaultCode.TOO_SMALL},
            {with(null, null, null, "brioche", 60.0, null), "firstStage", FaultCode.UNKNOWN_CODE},
            {with(null, null, null, "sponge", 9000.0, null), "standingMinutes", FaultCode.TOO_LARGE},
            {phases(new PhaseSpec("nap", 5.0, null)), "phases[0].kind", FaultCode.UNKNOWN_CODE},
            {phases(new PhaseSpec("rest", null, null)), "phases[0].minutes", FaultCode.MISSING},
            {
                phases(new PhaseSpec("rest", 5.0, null), new PhaseSpec("chill", 5.0, 30.0)),
                "phases[1].temperatureC",
                FaultCode.TOO_LARGE
            },
            {
                temperatures(new TemperaturesSpec(90.0, null, null, null, null, null)),
                "temperatures.doughC",
                FaultCode.TOO_LARGE
            },
            {
                temperatures(new TemperaturesSpec(null, null, null, 30.0, 25.0, null)),
                "temperatures.hotC",
                FaultCode.IMPOSSIBLE_TEMPERATURES
            },
            {
                temperatures(new TemperaturesSpec(null, Double.NaN, null, null, null, null)),
                "temperatures.flourC",
                FaultCode.NOT_A_NUMBER
            },
        };
    }

    private static MethodSpec with(
            String liquid, String sticking, Double pickup, String stage, Double standing, String heat) {
        return new MethodSpec(
                liquid, sticking, pickup, null, null, null, null, heat, stage, standing, null, null, null);
    }

    private static MethodSpec phases(PhaseSpec... phases) {
        return MethodSpec.NONE.withPhases(List.of(phases));
    }

    private static MethodSpec temperatures(TemperaturesSpec temperatures) {
        return new MethodSpec(null, null, null, null, null, null, null, null, null, null, null, null, temperatures);
    }

    @Test(dataProvider = "faults")
    public void namesWhatIsWrongByItsPlace(MethodSpec method, String field, FaultCode code) {
        RefusedException refused = expectThrows(
                RefusedException.class, () -> Doughs.read(Doughs.roti(250).withMethod(method)));
        Fault fault = refused.faults().get(0);
        assertEquals(fault.field(), "method." + field);
        assertEquals(fault.code(), code);
    }

    @Test
    public void aChangeKeepsEverythingElse() {
        MethodSpec full = new MethodSpec(
                "kept",
                "oiled",
                5.0,
                null,
                null,
                "in-additions",
                "sealed",
                "covered",
                "soaker",
                60.0,
                24.0,
                List.of(new PhaseSpec("rest", 10.0, null)),
                new TemperaturesSpec(25.0, null, null, null, null, null));
        MethodSpec changed = full.withHeat("hot-dry").withSeal("in-layers").withPressedLiquid("discarded");
        assertEquals(changed.withHeat("covered").withSeal("sealed").withPressedLiquid("kept"), full);
        assertNull(full.withSticking("sheets").pickupGrams(), "what was weighed was of something else");
    }

    @Test
    public void aStageThatIsNoneIsRefused() {
        FormulaSpec spec = Doughs.spec("roti", LineSpec.of("wheat-atta", 300).withStage(1), LineSpec.of("water", 200));
        RefusedException refused = expectThrows(RefusedException.class, () -> Doughs.read(spec));
        assertEquals(refused.faults().get(0).field(), "stage");
    }

    @Test
    public void acknowledgementsNeedSomebody() {
        RecipeNotes notes = RecipeNotes.NONE.withRemarks(
                null, List.of(new RecipeNotes.Acknowledged("machine", "machine", " ", null)));
        FormulaSpec spec = new FormulaSpec(
                "roti", null, null, null, null, null, null, Doughs.roti(250).lines(), notes);
        RefusedException refused = expectThrows(RefusedException.class, () -> Doughs.read(spec));
        assertEquals(refused.faults().get(0).field(), "who");
    }
}
