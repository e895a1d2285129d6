package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static verdamen.core.Doughs.line;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Faults;
import verdamen.core.plan.PlanQuestion.Wanted;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.plan.PlanSpec.WorkerSpec;

public class OvernightDoughTest {

    private static final FormulaSpec ROTI =
            Doughs.spec("roti", line("wheat-atta", 600), line("water", 393), line("salt-fine", 10));
    private static final int NOON = 720;

    private static PlanSpec asked(int comes, int goes, @Nullable Boolean overnight) {
        return new PlanSpec(
                List.of(new ServingSpec(3L, 1, null, NOON, overnight, null, null)),
                List.of(new WorkerSpec("Bench", comes, goes, PlanSpec.ALL_ROLES)),
                1,
                0,
                0,
                20,
                null,
                null,
                null,
                null);
    }

    private static PlanQuestion question(PlanSpec asked) {
        PlanReading read = PlanReading.of(asked, new Faults());
        ServingSpec serving = Objects.requireNonNull(asked.servings()).get(0);
        MadeFormula made = MadeFormula.of(WantedFormula.of(ROTI, serving, null, Doughs.BOOK), Doughs.BOOK);
        return new PlanQuestion(
                List.of(new Wanted("s1", made, NOON, false)),
                read.workers(),
                read.places(),
                false,
                Map.of(),
                read.tray());
    }

    private static boolean canBeMet(PlanDay day) {
        return new Solver(day, progress -> {}).canMeet(day);
    }

    private static List<OvernightDough> overnight(PlanSpec asked) {
        return OvernightDough.of(new WaysOut(asked, question(asked), Doughs.BOOK, OvernightDoughTest::canBeMet));
    }

    @Test
    public void whoComesTooLateForTheDoughFindsItMade() {
        PlanSpec asked = asked(650, 780, null);
        assertEquals(canBeMet(PlanDay.of(question(asked))), false);
        List<OvernightDough> found = overnight(asked);
        WorkerSpec evening = new WorkerSpec("Evening", -420, -120, List.of("prep", "dough"));
        assertEquals(found, List.of(new OvernightDough("s1", evening)));
        PlanSpec taken = found.get(0).taken(asked);
        assertEquals(Objects.requireNonNull(taken.servings()).get(0).overnight(), Boolean.TRUE);
        assertEquals(Objects.requireNonNull(taken.workers()).size(), 2);
        assertEquals(canBeMet(PlanDay.of(question(taken))), true);
    }

    @Test
    public void nobodyMoreHasToComeWhereSomebodyIsThereInTheEvening() {
        PlanSpec late = asked(650, 780, null);
        PlanSpec both = late.withWorkers(PlanSpec.and(
                List.of(new WorkerSpec("Bench", 650, 780, PlanSpec.ALL_ROLES)),
                new WorkerSpec("Mill", -300, -120, List.of("dough"))));
        assertEquals(overnight(both), List.of(new OvernightDough("s1", null)));
    }

    @Test
    public void itIsNotProposedWhereItDoesNotHelpOrIsAskedForAlready() {
        assertEquals(overnight(asked(718, 780, null)), List.of(), "too late to shape and cook as well");
        assertEquals(overnight(asked(650, 780, true)), List.of());
    }
}
