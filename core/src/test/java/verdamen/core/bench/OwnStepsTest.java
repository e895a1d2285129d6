package verdamen.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.roti;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.caution.Caution;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.StepEdit;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Range;
import verdamen.core.model.RefusedException;

/** Steps that a formula makes otherwise, leaves out, or adds. */
public class OwnStepsTest {

    private static final RunSheet USUAL = sheet();

    private static FormulaSpec formula(StepEdit... edits) {
        return roti(262).withMethod(MethodSpec.NONE.withSteps(Arrays.asList(edits)));
    }

    private static RunSheet sheet(StepEdit... edits) {
        return MadeFormula.of(formula(edits), BOOK).run();
    }

    private static List<String> keys(RunSheet sheet) {
        return sheet.steps().stream().map(BenchStep::key).toList();
    }

    private static StepEdit out(String step) {
        return new StepEdit(step, null, true, null, null);
    }

    private static StepEdit added(String after, String words) {
        return new StepEdit(null, after, null, words, 4.0);
    }

    private static BenchStep step(RunSheet sheet, String key) {
        return sheet.steps().stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void aFormulaThatSaysNothingHasTheUsualSteps() {
        assertTrue(USUAL.leftOut().isEmpty());
        assertTrue(USUAL.steps().stream().allMatch(each -> each.ownWords() == null));
    }

    @Test
    public void whatIsLeftOutStandsApartAndIsNotNeeded() {
        RunSheet sheet = sheet(out("divide"), out("keep"));
        assertEquals(sheet.leftOut().stream().map(BenchStep::key).toList(), List.of("divide", "keep"));
        List<String> expected = new ArrayList<>(keys(USUAL));
        expected.removeAll(List.of("divide", "keep"));
        assertEquals(keys(sheet), expected);
        assertFalse(sheet.needs().contains(Need.SCRAPER), "only dividing needs it");
    }

    @DataProvider
    Object[][] needed() {
        return new Object[][] {{"pour"}, {"mix-dry"}, {"knead-by-hand"}, {"rest"}, {"cook"}, {"hold-back"}};
    }

    @Test(dataProvider = "needed")
    public void whatPutsSomethingInOrFollowsFromTheMethodStays(String step) {
        assertTrue(keys(USUAL).contains(step), step);
        assertEquals(keys(sheet(out(step))), keys(USUAL));
        assertFalse(step(USUAL, step).canBeLeftOut());
    }

    @Test
    public void cautionsOfWhatIsLeftOutAreStillRead() {
        List<Caution> allergens = step(USUAL, "keep").cautions();
        assertFalse(allergens.isEmpty());
        RunSheet sheet = sheet(out("keep"));
        assertTrue(sheet.steps().get(0).cautions().containsAll(allergens));
    }

    @Test
    public void whatIsAddedComesAfterItsStep() {
        RunSheet sheet = sheet(
                added("rest", "Light the second burner."), added(null, "Wash hands."), added("rest", "Oil the tray."));
        List<String> expected = new ArrayList<>(keys(USUAL));
        expected.add(0, "own");
        int rest = expected.indexOf("rest");
        expected.addAll(rest + 1, List.of("own-2", "own-3"));
        assertEquals(keys(sheet), expected);
        assertEquals(step(sheet, "own").ownWords(), "Wash hands.");
        assertEquals(step(sheet, "own-2").ownWords(), "Light the second burner.");
        assertEquals(step(sheet, "own-2").takes(), new Range(4, 4));
    }

    @Test
    public void afterAStepThatIsNoLongerThereItComesFirst() {
        assertEquals(keys(sheet(added("warm", "Look at it."))).get(0), "own");
    }

    @Test
    public void aStepIsGivenWordsAndMinutesOfItsOwn() {
        RunSheet sheet = sheet(new StepEdit("divide", null, null, " By eye, then weigh. ", 12.0));
        assertEquals(step(sheet, "divide").ownWords(), "By eye, then weigh.");
        assertEquals(step(sheet, "divide").takes(), new Range(12, 12));
        assertEquals(step(sheet, "divide").cautions(), step(USUAL, "divide").cautions());
        assertEquals(keys(sheet), keys(USUAL));
    }

    @Test
    public void aRestTakesAsLongAsTheMethodSays() {
        RunSheet sheet = sheet(new StepEdit("rest", null, null, null, 3.0));
        assertEquals(step(sheet, "rest").takes(), step(USUAL, "rest").takes());
    }

    @Test
    public void aStepThatTheSheetDoesNotHaveSaysNothing() {
        assertEquals(keys(sheet(out("chill"))), keys(USUAL));
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {new StepEdit(null, "rest", null, null, null), "words", FaultCode.MISSING},
            {new StepEdit(null, "rest", null, "  ", null), "words", FaultCode.MISSING},
            {new StepEdit("rest", null, null, "x".repeat(501), null), "words", FaultCode.TOO_LONG},
            {new StepEdit("rest", null, null, null, -1.0), "minutes", FaultCode.TOO_SMALL},
            {new StepEdit("rest", null, null, null, 1441.0), "minutes", FaultCode.TOO_LARGE},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByItsField(StepEdit edit, String field, FaultCode code) {
        try {
            FormulaReader.read(formula(edit), BOOK);
        } catch (RefusedException refused) {
            Fault fault = refused.faults().get(0);
            assertEquals(fault.field(), "method.steps[0]." + field);
            assertEquals(fault.code(), code);
            return;
        }
        throw new AssertionError("it was taken");
    }
}
