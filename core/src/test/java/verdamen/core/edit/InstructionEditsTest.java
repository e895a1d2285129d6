package verdamen.core.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.line;
import static verdamen.core.Doughs.read;
import static verdamen.core.Doughs.roti;
import static verdamen.core.Doughs.spec;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.edit.OfferedInstruction.Possible;
import verdamen.core.edit.OfferedInstruction.State;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineOrigin;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.model.RefusedException;

/** What the method in words says, taken into the formula; and water that follows what the dough needs. */
public class InstructionEditsTest {

    private static FormulaSpec saying(String method) {
        return roti(250).withNotes(RecipeNotes.NONE.withMethod(method));
    }

    private static FormulaSpec take(FormulaSpec spec, Integer... said) {
        FormulaEdit edit = Asked.to("take-said").said(said).edit();
        return FormulaEdits.apply(spec, edit, BOOK).formula();
    }

    private static List<OfferedInstruction> offered(FormulaSpec spec) {
        return OfferedInstruction.of(spec, read(spec));
    }

    private static boolean stands(OfferedInstruction offered) {
        return offered.state() == State.STANDS;
    }

    @DataProvider
    Object[][] methods() {
        return new Object[][] {
            {"Knead for 8 minutes. Rest 30 minutes. Divide into 12 balls of 45 g. Roll to 2 mm, 18 cm across."},
            {"Knead by machine for 5 minutes. Chill overnight. Leave in a warm place for 40 minutes."},
            {"Add the boiling water. Cook 90 seconds a side at 240 °C."},
            {"Knead 5 minutes, rest 10 minutes, knead again for 2 minutes, rest 20 minutes."},
        };
    }

    @Test(dataProvider = "methods")
    public void allThatIsSaidStandsOnceTaken(String method) {
        FormulaSpec spec = saying(method);
        List<OfferedInstruction> before = offered(spec);
        assertTrue(before.stream().noneMatch(InstructionEditsTest::stands), before.toString());
        Integer[] all = new Integer[before.size()];
        for (int place = 0; place < all.length; place++) {
            all[place] = place;
        }
        List<OfferedInstruction> after = offered(take(spec, all));
        assertTrue(after.stream().allMatch(InstructionEditsTest::stands), after.toString());
        assertEquals(after.size(), before.size());
    }

    @Test
    public void oneRestIsThePlainRestAndSeveralArePhases() {
        FormulaSpec spec = saying("Rest 30 minutes. Chill for 2 hours.");
        assertEquals(take(spec, 0).restMinutes(), 30.0);
        assertNull(take(spec, 0).method());
        FormulaSpec both = take(take(spec, 0), 1);
        assertEquals(
                both.methodOrNone().phasesOrNone(),
                List.of(new PhaseSpec("rest", 30.0, null), new PhaseSpec("chill", 120.0, null)));
    }

    @Test
    public void whatIsLeftStaysAnOffer() {
        FormulaSpec spec = take(saying("Rest 30 minutes. Roll to 2 mm."), 1);
        assertEquals(spec.sheetMm(), 2.0);
        assertFalse(offered(spec).get(0).state() == State.STANDS);
        assertTrue(offered(spec).get(1).state() == State.STANDS);
    }

    @Test
    public void aRiseIsOfferedOnlyWhereThereIsOne() {
        assertEquals(offered(saying("Let it double.")).get(0).state(), State.NEVER_RISES);
        FormulaSpec yeasted = yeasted("Let it double.");
        assertEquals(offered(yeasted).size(), 1);
        assertTrue(offered(take(yeasted, 0)).get(0).state() == State.STANDS);
    }

    @Test
    public void itRestsWarmUntilItHasRisenAndThenAsLongAsIsSaid() {
        FormulaSpec spec = yeasted("Rest 10 minutes. Let it double in a warm place. Rest 15 minutes.");
        FormulaSpec all = take(spec, 0, 1, 2);
        List<PhaseSpec> phases = all.methodOrNone().phasesOrNone();
        assertEquals(phases.size(), 3);
        assertEquals(phases.get(1).kind(), "warm");
        assertTrue(
                offered(all).stream().allMatch(InstructionEditsTest::stands),
                offered(all).toString());
        double kitchen = take(yeasted("Let it double."), 0).restMinutes();
        assertTrue(phases.get(0).minutes() + phases.get(1).minutes() < kitchen, phases + " against " + kitchen);
        FormulaSpec more = all.withLine(2, all.lineOrNull(2).withGrams(8.0));
        assertFalse(offered(more).get(1).state() == State.STANDS, "with more yeast it has risen sooner");
        FormulaSpec oneByOne = take(take(take(spec, 2), 1), 0);
        assertEquals(oneByOne.methodOrNone().phasesOrNone(), phases);
    }

    private static FormulaSpec yeasted(String method) {
        return spec(
                        "pita",
                        line("wheat-strong-white", 500),
                        line("water", 320),
                        line("yeast-instant", 4),
                        line("salt-fine", 9))
                .withNotes(RecipeNotes.NONE.withMethod(method));
    }

    @Test
    public void whatNoDoughCanHaveIsShownAndCannotBeTaken() {
        FormulaSpec spec =
                saying("Knead 700 minutes. Rest 9000 minutes. Let it double. Roll to 200 mm thick, 18 cm across.");
        List<OfferedInstruction> offered = offered(spec);
        assertEquals(
                offered.stream().map(OfferedInstruction::state).toList(),
                List.of(State.IMPOSSIBLE, State.IMPOSSIBLE, State.NEVER_RISES, State.IMPOSSIBLE, State.OPEN));
        assertEquals(offered.get(0).possible(), new Possible(0, 60));
        assertNull(offered.get(4).possible());
        assertThrows(RefusedException.class, () -> take(spec, 0));
        assertThrows(RefusedException.class, () -> take(spec, 1));
        assertEquals(take(spec, 4).notesOrNone().diameterMm(), 180.0, "places count what cannot be taken too");
    }

    @Test
    public void whatTheMethodDoesNotSayIsRefused() {
        assertThrows(RefusedException.class, () -> take(saying("Rest 30 minutes."), 1));
        assertThrows(RefusedException.class, () -> take(roti(250), 0));
    }

    @Test
    public void waterLeftToTheDoughFollowsItsNeed() {
        FormulaSpec spec = roti(250);
        assertNull(following(spec), "water that somebody weighed stays");
        FormulaSpec left = following(spec, 1);
        FollowingWater behind = following(left);
        FormulaSpec set = left.withLine(1, left.lineOrNull(1).withGrams(behind.grams()));
        assertNull(following(set), "it needs no more of it");
        FormulaSpec more =
                set.withLine(0, set.lineOrNull(0).withGrams(set.lineOrNull(0).grams() + 100));
        assertTrue(following(more).grams() > behind.grams() + 40);
        FormulaSpec none = set.withLine(0, set.lineOrNull(0).withGrams(1.0));
        assertTrue(following(none).grams() < 5);
        assertNull(following(set.withLine(1, set.lineOrNull(1).weighed(100))), "it was typed");
    }

    private static FormulaSpec following(FormulaSpec spec, int line) {
        return spec.withLine(
                line, spec.lineOrNull(line).withOrigin(new LineOrigin("warm water", null, null, null, true)));
    }

    private static FollowingWater following(FormulaSpec spec) {
        return FollowingWater.of(spec, Balance.water(Dough.of(read(spec))));
    }
}
