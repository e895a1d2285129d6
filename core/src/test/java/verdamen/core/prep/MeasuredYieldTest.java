package verdamen.core.prep;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.BOOK;

import java.util.List;
import org.testng.annotations.Test;
import verdamen.core.model.Faults;

/** What steps gave, on one base: what went in, without the water that was taken up. */
public class MeasuredYieldTest {

    private static Chain chain(String ingredient, double grams, StepSpec... steps) {
        ChainSpec spec = new ChainSpec("c", null, ingredient, grams, null, List.of(steps));
        return ChainReader.read(spec, ChainUse.of(LiquidUse.DISCARDED), BOOK, new Faults(), "preps[0]")
                .orElseThrow();
    }

    @Test
    public void whatTakesUpWaterGivesMoreThanWentIn() {
        Chain chain = chain("chickpea-dry", 200, StepSpec.of(StepKind.SOAK_BOIL));
        assertEquals(chain.steps().get(0).yield(), 2.11, 1e-9);
        assertEquals(chain.yield(), 2.11, 1e-9, "and the whole chain is on the same base");
    }

    @Test
    public void whatIsPutInCountsAsGoneIn() {
        Chain chain = chain("potato-boiled", 400, StepSpec.of(StepKind.MASH).adding("butter", 50));
        assertEquals(chain.steps().get(0).yield(), 1, 1e-9);
    }

    @Test
    public void onlyWhatWasWeighedIsKept() {
        Chain chain = chain(
                "courgette-raw",
                300,
                StepSpec.of(StepKind.TRIM).leaving(276),
                StepSpec.of(StepKind.GRATE).leaving(270),
                StepSpec.of(StepKind.PRESS));
        assertEquals(MeasuredYield.of(chain), List.of(new MeasuredYield(StepKind.TRIM, "courgette-raw", 0.92)));
    }

    @Test
    public void aStepIsKnownByWhatItBeganWith() {
        Chain chain = chain(
                "potato-raw",
                500,
                StepSpec.of(StepKind.BOIL).leaving(480),
                StepSpec.of(StepKind.COOK_DOWN).leaving(400));
        List<MeasuredYield> yields = MeasuredYield.of(chain);
        assertEquals(yields.get(0).ingredient(), "potato-raw");
        assertEquals(yields.get(1).ingredient(), "potato-boiled");
        assertTrue(yields.get(1).share() < yields.get(0).share());
    }
}
