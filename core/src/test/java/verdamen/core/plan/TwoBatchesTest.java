package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.Portioning.SplitSpec;
import verdamen.core.plan.PlanQuestion.Wanted;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.portion.Tray;

/** A serving that is too large for one window is made in two batches. */
public class TwoBatchesTest {

    private static Wanted roti(String key, int pieces) {
        ServingSpec asked = new ServingSpec(1L, 1, pieces, 780, null, null, null);
        return new Wanted(
                key,
                MadeFormula.of(
                        WantedFormula.of(
                                Doughs.spec("roti", line("wheat-atta", 300), line("water", 195), line("salt-fine", 5)),
                                asked,
                                null,
                                Doughs.BOOK),
                        Doughs.BOOK),
                780,
                false);
    }

    private static PlanQuestion asked(int from, Wanted... wanted) {
        return new PlanQuestion(
                List.of(wanted),
                List.of(new Worker("Bench", from, 800, EnumSet.allOf(Role.class))),
                Map.of(Place.PAN, 2),
                false,
                Map.of(),
                Tray.USUAL);
    }

    /** The fewest pieces that are too many for the window of one dough, with all the time there is. */
    private static int tooMany() {
        int pieces = 16;
        while (canBeMet(asked(-600, roti("s1", pieces)))) {
            pieces += 8;
        }
        return pieces;
    }

    private static boolean canBeMet(PlanQuestion question) {
        PlanDay day = PlanDay.of(question);
        return new Solver(day, progress -> {}).canMeet(day);
    }

    private static List<TwoBatches> of(PlanQuestion asked) {
        return TwoBatches.of(new WaysOut(
                PlanSpec.USUAL, asked, Doughs.BOOK, new Solver(PlanDay.of(asked), progress -> {})::canMeet));
    }

    @Test
    public void whatIsTooMuchForOneWindowIsHalved() {
        int pieces = tooMany() + 1;
        PlanQuestion asked = asked(-600, roti("s1", pieces));
        List<TwoBatches> halved = of(asked);
        assertEquals(halved, List.of(new TwoBatches("s1", (pieces + 1) / 2, pieces / 2)));
        assertTrue(canBeMet(asked(-600, roti("s1", (pieces + 1) / 2), roti("s2", pieces / 2))));
    }

    @Test
    public void whereThereIsNoTimeHalvesDoNotHelp() {
        assertEquals(of(asked(770, roti("s1", 8))), List.of());
        assertEquals(of(asked(770, roti("s1", 1))), List.of());
    }

    @Test
    public void theSecondBatchIsPutAtTheEndAndTheOthersStayAsTheyAre() {
        List<SplitSpec> aside = List.of(new SplitSpec("bag", 3));
        ServingSpec roti = new ServingSpec(3L, 2, 25, 720, true, null, aside);
        ServingSpec pita = new ServingSpec(4L, null, 8, 730, null, null, null);
        PlanSpec spec = new PlanSpec(List.of(roti, pita), List.of(), 1, 0, 0, 0, null, null, null, null);
        assertEquals(
                new TwoBatches("s1", 13, 12).taken(spec).servings(),
                List.of(
                        new ServingSpec(3L, 2, 13, 720, true, null, aside),
                        pita,
                        new ServingSpec(3L, 2, 12, 720, true, null, List.of())));
    }
}
