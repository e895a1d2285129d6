package verdamen.core.prep;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.prep.StepSpec.AddedSpec;
import verdamen.core.prep.StepSpec.CoolingSpec;

/** What is refused in a chain as it is typed: each fault with its place and its limit. */
public class ChainFaultsTest {

    private static ChainSpec chain(String key, String name, String ingredient, Double grams, String liquid) {
        return new ChainSpec(key, name, ingredient, grams, liquid, List.of());
    }

    /** Each row: a chain, the field at fault, why. */
    @DataProvider
    Object[][] chains() {
        String long41 = "k".repeat(41);
        String long61 = "n".repeat(61);
        return new Object[][] {
            {chain(null, null, "carrot-raw", 100.0, null), "key", FaultCode.MISSING},
            {chain("  ", null, "carrot-raw", 100.0, null), "key", FaultCode.MISSING},
            {chain(long41, null, "carrot-raw", 100.0, null), "key", FaultCode.TOO_LONG},
            {chain("k", long61, "carrot-raw", 100.0, null), "name", FaultCode.TOO_LONG},
            {chain("k", null, "carrot-raw", null, null), "grams", FaultCode.MISSING},
            {chain("k", null, "carrot-raw", -1.0, null), "grams", FaultCode.TOO_SMALL},
            {chain("k", null, "carrot-raw", 2e6, null), "grams", FaultCode.TOO_LARGE},
            {chain("k", null, "carrot-raw", Double.NaN, null), "grams", FaultCode.NOT_A_NUMBER},
            {chain("k", null, "carrot-raw", 100.0, "drunk"), "liquid", FaultCode.UNKNOWN_CODE},
            {chain("k", null, null, 100.0, null), "ingredient", FaultCode.MISSING},
            {chain("k", null, "", 100.0, null), "ingredient", FaultCode.MISSING},
            {chain("k", null, "moon-rock", 100.0, null), "ingredient", FaultCode.UNKNOWN_CODE},
            {chain("k", null, "wheat-atta", 100.0, null), "ingredient", FaultCode.NOT_FOR_THIS_STEP},
            {chain("k", null, "water", 100.0, null), "ingredient", FaultCode.NOT_FOR_THIS_STEP},
            {chain("k", null, "milk-whole", 100.0, null), "ingredient", FaultCode.NOT_FOR_THIS_STEP},
            {chain("k", null, "salt-fine", 100.0, null), "ingredient", FaultCode.NOT_FOR_THIS_STEP},
        };
    }

    @Test(dataProvider = "chains")
    public void aFaultOfTheChainIsNamedByItsField(ChainSpec spec, String field, FaultCode code) {
        List<Fault> faults = Chains.faults(spec);
        assertEquals(faults.size(), 1, faults.toString());
        assertEquals(faults.get(0).field(), "preps[0]." + field);
        assertEquals(faults.get(0).code(), code);
    }

    private static StepSpec step(String kind, Double before, Double after, Double liquid, Double mm) {
        return new StepSpec(kind, before, after, liquid, mm, null, null, null);
    }

    private static StepSpec adding(String ingredient, Double grams) {
        return new StepSpec("roast", null, null, null, null, null, List.of(new AddedSpec(ingredient, grams)), null);
    }

    private static StepSpec cooling(Double from, Double room, Double target, Double minute, Double read) {
        return StepSpec.of(StepKind.COOL).cooling(new CoolingSpec(from, room, target, null, minute, read));
    }

    /** Each row: a step done to 100 g of carrot, the field at fault, why. */
    @DataProvider
    Object[][] steps() {
        return new Object[][] {
            {step(null, null, null, null, null), "kind", FaultCode.MISSING},
            {step("sing", null, null, null, null), "kind", FaultCode.UNKNOWN_CODE},
            {step("grate", -1.0, null, null, null), "beforeGrams", FaultCode.TOO_SMALL},
            {step("grate", null, 2e6, null, null), "afterGrams", FaultCode.TOO_LARGE},
            {step("press", null, null, Double.NaN, null), "liquidGrams", FaultCode.NOT_A_NUMBER},
            {step("grate", null, null, 5.0, null), "liquidGrams", FaultCode.NOT_FOR_THIS_STEP},
            {step("grate", null, null, null, 0.01), "pieceMm", FaultCode.TOO_SMALL},
            {step("grate", null, null, null, 51.0), "pieceMm", FaultCode.TOO_LARGE},
            {adding(null, 5.0), "added[0].ingredient", FaultCode.MISSING},
            {adding("moon-rock", 5.0), "added[0].ingredient", FaultCode.UNKNOWN_CODE},
            {adding("wheat-atta", 5.0), "added[0].ingredient", FaultCode.NOT_FOR_THIS_STEP},
            {adding("sourdough-starter", 5.0), "added[0].ingredient", FaultCode.NOT_FOR_THIS_STEP},
            {adding("salt-fine", null), "added[0].grams", FaultCode.MISSING},
            {adding("salt-fine", -2.0), "added[0].grams", FaultCode.TOO_SMALL},
            {cooling(151.0, null, null, null, null), "cooling.fromC", FaultCode.TOO_LARGE},
            {cooling(80.0, 61.0, null, null, null), "cooling.roomC", FaultCode.TOO_LARGE},
            {cooling(80.0, null, -1.0, null, null), "cooling.targetC", FaultCode.TOO_SMALL},
            {cooling(80.0, null, null, 0.0, 50.0), "cooling.readMinute", FaultCode.TOO_SMALL},
            {cooling(80.0, null, null, 10.0, -31.0), "cooling.readC", FaultCode.TOO_SMALL},
            {cooling(80.0, null, null, 10.0, null), "cooling.readC", FaultCode.MISSING},
            {cooling(80.0, null, null, null, 50.0), "cooling.readMinute", FaultCode.MISSING},
        };
    }

    @Test(dataProvider = "steps")
    public void aFaultOfAStepIsNamedByItsPlace(StepSpec step, String field, FaultCode code) {
        List<Fault> faults = Chains.faults(Chains.spec("carrot-raw", 100, StepSpec.of(StepKind.TRIM), step));
        assertEquals(faults.size(), 1, faults.toString());
        assertEquals(faults.get(0).field(), "preps[0].steps[1]." + field);
        assertEquals(faults.get(0).code(), code);
    }

    @Test
    public void moreStepsThanAnyKitchenTakesAreRefused() {
        List<StepSpec> many = new ArrayList<>(Collections.nCopies(30, StepSpec.of(StepKind.CHOP)));
        assertTrue(Chains.faults(new ChainSpec("k", null, "carrot-raw", 100.0, null, many))
                .isEmpty());
        many.add(StepSpec.of(StepKind.CHOP));
        List<Fault> faults = Chains.faults(new ChainSpec("k", null, "carrot-raw", 100.0, null, many));
        assertEquals(faults.get(0).field(), "preps[0].steps");
        assertEquals(faults.get(0).limit(), 30.0);
    }
}
