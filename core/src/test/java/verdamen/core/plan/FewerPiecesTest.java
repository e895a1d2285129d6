package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.bench.MadeFormula;
import verdamen.core.plan.PlanQuestion.Wanted;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.portion.Tray;

/** So many pieces that everything can be met, and not one more. */
public class FewerPiecesTest {

    private static Wanted roti(String key, int pieces) {
        return new Wanted(
                key,
                MadeFormula.of(
                        WantedFormula.of(
                                Doughs.spec("roti", line("wheat-atta", 300), line("water", 195), line("salt-fine", 5)),
                                new ServingSpec(1L, 1, pieces, 720, null, null, null),
                                null,
                                Doughs.BOOK),
                        Doughs.BOOK),
                720,
                false);
    }

    private static PlanQuestion asked(int from, int first, int second) {
        return new PlanQuestion(
                List.of(roti("s1", first), roti("s2", second)),
                List.of(new Worker("Bench", from, 760, EnumSet.allOf(Role.class))),
                Map.of(Place.PAN, 1, Place.FRIDGE, 20),
                false,
                Map.of(),
                Tray.USUAL);
    }

    private static boolean canBeMet(PlanQuestion question) {
        PlanDay day = PlanDay.of(question);
        return new Solver(day, progress -> {}).canMeet(day);
    }

    @DataProvider
    public static Object[][] comings() {
        return new Object[][] {{560}, {575}, {590}};
    }

    @Test(dataProvider = "comings")
    public void oneMorePieceIsTooMany(int from) {
        PlanQuestion asked = asked(from, 30, 24);
        assertTrue(!canBeMet(asked), "it cannot be met as asked");
        Solver solver = new Solver(PlanDay.of(asked), progress -> {});
        List<FewerPieces> fewer = FewerPieces.of(new WaysOut(PlanSpec.USUAL, asked, Doughs.BOOK, solver::canMeet));
        assertTrue(!fewer.isEmpty(), "something would help");
        for (FewerPieces each : fewer) {
            boolean first = each.serving().equals("s1");
            assertEquals(each.asked(), first ? 30 : 24);
            assertTrue(each.pieces() < each.asked(), each.toString());
            assertTrue(canBeMet(asked(from, first ? each.pieces() : 30, first ? 24 : each.pieces())), each.toString());
            assertTrue(
                    !canBeMet(asked(from, first ? each.pieces() + 1 : 30, first ? 24 : each.pieces() + 1)),
                    "one more than " + each);
        }
    }

    @Test
    public void whereEvenOnePieceIsTooManyNothingIsProposed() {
        PlanQuestion asked = asked(715, 8, 8);
        Solver solver = new Solver(PlanDay.of(asked), progress -> {});
        assertEquals(FewerPieces.of(new WaysOut(PlanSpec.USUAL, asked, Doughs.BOOK, solver::canMeet)), List.of());
    }

    @Test
    public void whatIsTakenIsAskedFor() {
        PlanSpec spec = new PlanSpec(
                List.of(
                        new ServingSpec(3L, null, 24, 720, null, null, null),
                        new ServingSpec(4L, null, null, 720, true, null, null)),
                List.of(),
                1,
                0,
                0,
                0,
                null,
                null,
                null,
                null);
        assertEquals(
                new FewerPieces("s2", 16, 9).taken(spec).servings(),
                List.of(
                        new ServingSpec(3L, null, 24, 720, null, null, null),
                        new ServingSpec(4L, null, 9, 720, true, null, null)));
    }
}
