package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.model.Faults;
import verdamen.core.plan.PlanSpec.ServingSpec;
import verdamen.core.plan.PlanSpec.WorkerSpec;
import verdamen.core.plan.PlanTask.Kind;
import verdamen.core.portion.Tray;

/** Other ways to get through a day. */
public class AlternativeTest {

    private static final FormulaSpec ROTI =
            Doughs.spec("roti", line("wheat-atta", 600), line("water", 393), line("salt-fine", 10));

    private static WorkerSpec worker(String name) {
        return new WorkerSpec(name, 480, 780, List.of("cook"));
    }

    private static PlanSpec asked(Integer pans, Integer litres, List<WorkerSpec> workers) {
        return new PlanSpec(
                List.of(new ServingSpec(3L, 2, 12, 720, null, null, null)),
                new ArrayList<>(workers),
                pans,
                1,
                0,
                litres,
                true,
                List.of(new PlanSpec.PinSpec("s1/roll", 600)),
                null,
                null);
    }

    private static PlanSpec changed(Alternative alternative, PlanSpec asked) {
        PlanSpec changed = alternative.of(asked);
        assertNotNull(changed);
        Faults faults = new Faults();
        changed.checked(faults);
        assertTrue(faults.none(), faults.all().toString());
        return changed;
    }

    @Test
    public void eachChangesOneThingAndCanBePlanned() {
        PlanSpec asked = asked(2, 20, List.of(worker("Bench"), worker("Another")));
        assertEquals(
                changed(Alternative.ONE_PAN_MORE, asked), asked(3, 20, List.of(worker("Bench"), worker("Another"))));
        PlanSpec more = changed(Alternative.ONE_PERSON_MORE, asked);
        assertEquals(
                more.workers().get(2),
                new WorkerSpec("Another 2", 480, 780, List.of("prep", "dough", "shape", "cook")),
                "a name that nobody has");
        assertEquals(more.servings(), asked.servings());
        PlanSpec sooner = changed(Alternative.SOONER, asked);
        assertEquals(sooner.workers().stream().map(WorkerSpec::comes).toList(), List.of(420, 420));
        assertEquals(sooner.pins(), asked.pins());
        PlanSpec overnight = changed(Alternative.OVERNIGHT, asked);
        assertEquals(overnight.servings(), List.of(new ServingSpec(3L, 2, 12, 720, true, null, null)));
        assertEquals(overnight.workers().get(2), new WorkerSpec("Evening", -420, -120, List.of("prep", "dough")));
    }

    @Test
    public void whatMakesNoSenseIsLeftOut() {
        assertNull(Alternative.OVERNIGHT.of(asked(1, 0, List.of(worker("Bench")))));
        assertNull(Alternative.OVERNIGHT.of(asked(1, null, List.of(worker("Bench")))));
        assertNull(Alternative.ONE_PAN_MORE.of(asked(20, 20, List.of(worker("Bench")))));
        assertNull(Alternative.SOONER.of(asked(1, 20, List.of())));
        List<WorkerSpec> full =
                IntStream.range(0, 12).mapToObj(number -> worker("w" + number)).toList();
        assertNull(Alternative.ONE_PERSON_MORE.of(asked(1, 20, full)));
        assertNull(Alternative.OVERNIGHT.of(asked(1, 20, full)));
    }

    @Test
    public void aDoughOfTheEveningBeforeIsChilledAndShapedInTheMorning() {
        FormulaSpec chilled = overnight(ROTI, 720);
        assertEquals(
                Objects.requireNonNull(chilled.method()).phasesOrNone(),
                List.of(new PhaseSpec("rest", 20.0, null), new PhaseSpec("chill", 840.0, null)),
                "its own rest stays before the chill");
        MadeFormula made = MadeFormula.of(chilled, Doughs.BOOK);
        PlanDay day = PlanDay.of(new PlanQuestion(
                List.of(new PlanQuestion.Wanted("s1", made, 720, false)),
                List.of(
                        new Worker("Bench", 480, 780, EnumSet.allOf(Role.class)),
                        new Worker("Evening", -420, -120, EnumSet.of(Role.PREP, Role.DOUGH))),
                Map.of(Place.PAN, 1, Place.FRIDGE, 20),
                false,
                Map.of(),
                Tray.USUAL));
        Solved solved = new Solver(day, progress -> {}).solve();
        assertEquals(solved.missed(), List.of());
        Plan plan = Objects.requireNonNull(solved.plan());
        assertEquals(PlanChecker.broken(day, plan), List.of());
        assertTrue(plan.tasks().stream()
                .filter(each -> each.task().kind() == Kind.MIX)
                .allMatch(each -> each.end() <= -120 && "Evening".equals(each.worker())));
        assertTrue(plan.tasks().stream()
                .filter(each -> each.task().kind() == Kind.ROLL)
                .allMatch(each -> each.start() >= 480));
    }

    @Test
    public void theEveningBeforeIsThatBeforeItsServing() {
        assertEquals(overnight(ROTI, 720 + 1440), overnight(ROTI, 720));
        assertEquals(overnight(ROTI, 480 - 1440), overnight(ROTI, 480));
    }

    @Test
    public void itsOwnPhasesStayBeforeTheNight() {
        FormulaSpec own = Doughs.phased(ROTI, new PhaseSpec("rest", 15.0, 22.0), new PhaseSpec("knead", 1.0, null));
        List<PhaseSpec> phases =
                Objects.requireNonNull(overnight(own, 480).method()).phasesOrNone();
        assertEquals(phases.size(), 3);
        assertEquals(phases.get(2), new PhaseSpec("chill", 600.0, null));
    }

    private static FormulaSpec overnight(FormulaSpec spec, int due) {
        ServingSpec serving = new ServingSpec(3L, null, null, due, true, null, null);
        return WantedFormula.of(spec, serving, null, Doughs.BOOK);
    }
}
