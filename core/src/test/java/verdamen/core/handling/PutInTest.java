package verdamen.core.handling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static verdamen.core.Doughs.line;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.balance.Dough;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.Openness;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** What is put into a dough at the bench. */
public class PutInTest {

    private static final LineSpec ATTA = line("wheat-atta", 400);

    private static FormulaSpec with(LineSpec... lines) {
        return Doughs.spec("roti", lines).withMethod(MethodSpec.NONE.withFirstStage("soaker", 60.0));
    }

    private static List<LineSpec> after(FormulaSpec spec, String ingredient, double grams) {
        return PutIn.into(spec, List.of(new PutIn(ingredient, grams))).lines();
    }

    @Test
    public void goesOntoTheLineThatHasIt() {
        List<LineSpec> lines = after(with(ATTA, line("water", 200)), "water", 20);
        assertEquals(lines, List.of(ATTA, line("water", 220)));
    }

    @Test
    public void keepsWhatIsNotKnownAboutTheFirstPart() {
        LineSpec cups = line("water", 200).withSd(12.0);
        assertEquals(after(with(ATTA, cups), "water", 20).get(1).sd(), Math.hypot(12, 0.5), 1e-12);
        assertNull(after(with(ATTA, line("water", 200)), "water", 20).get(1).sd());
    }

    /** Lines that stay as they are although they are of the ingredient. */
    @DataProvider
    Object[][] others() {
        return new Object[][] {
            {line("water", 50).withPart("filling")},
            {line("water", 50).withPart("surface")},
            {line("water", 50).withStage(0)},
            {LineSpec.open("water", Openness.UNKNOWN_AMOUNT)},
        };
    }

    @Test(dataProvider = "others")
    public void leavesFillingSurfaceSpongeAndOpenLinesAlone(LineSpec other) {
        assertEquals(after(with(ATTA, other), "water", 20), List.of(ATTA, other, line("water", 20)));
        LineSpec dough = line("water", 200).withPart("dough");
        assertEquals(after(with(ATTA, other, dough), "water", 20).get(2).grams(), 220.0);
    }

    @Test
    public void leavesWhatAPreparationFillsAlone() {
        FormulaSpec spec = with(ATTA, line("water", 200), LineSpec.ofPrep("butter"))
                .withPreps(List.of(
                        new ChainSpec("butter", null, "butter", 30.0, null, List.of(StepSpec.of(StepKind.CLARIFY)))));
        String clarified = Doughs.read(spec).askedLines().get(2).ingredient().code();
        double before = Dough.of(Doughs.read(spec)).grams();
        FormulaSpec then = PutIn.into(spec, List.of(new PutIn(clarified, 5)));
        assertEquals(then.lines().size(), 4);
        assertEquals(Dough.of(Doughs.read(then)).grams(), before + 5, 1e-9);
    }

    @Test
    public void oneAfterTheOtherAddUp() {
        FormulaSpec spec = with(ATTA);
        List<LineSpec> lines = PutIn.into(spec, List.of(new PutIn("water", 20), new PutIn("water", 30)))
                .lines();
        assertEquals(lines, List.of(ATTA, line("water", 50)));
        assertEquals(PutIn.into(spec, List.of()), spec);
    }
}
