package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static verdamen.core.Doughs.line;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import verdamen.core.Doughs;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.plan.Plan.Planned;
import verdamen.core.plan.PlanTask.Kind;
import verdamen.core.portion.Tray;

/** Days of real formulas, planned. */
final class RealDays {

    static final int NOON = 12 * 60;
    static final FormulaSpec ROTI =
            Doughs.spec("roti", line("wheat-atta", 600), line("water", 393), line("salt-fine", 10));
    static final FormulaSpec PARATHA = Doughs.phased(
            Doughs.spec(
                    "layered-paratha",
                    line("wheat-atta", 500),
                    line("water", 315),
                    line("salt-fine", 9),
                    line("ghee", 30)),
            new PhaseSpec("rest", 20.0, 22.0),
            new PhaseSpec("chill", 20.0, 5.0));

    private RealDays() {}

    static PlanQuestion.Wanted wanted(String key, FormulaSpec spec, int due) {
        return new PlanQuestion.Wanted(key, MadeFormula.of(spec, Doughs.BOOK), due, false);
    }

    static Worker worker(String name, int from, int to) {
        return new Worker(name, from, to, EnumSet.allOf(Role.class));
    }

    static PlanQuestion question(int workers, int pans, PlanQuestion.Wanted... wanted) {
        List<Worker> there = new ArrayList<>();
        for (int number = 1; number <= workers; number++) {
            there.add(worker("w" + number, 8 * 60, 13 * 60));
        }
        return new PlanQuestion(
                List.of(wanted), there, Map.of(Place.PAN, pans, Place.FRIDGE, 20), false, Map.of(), Tray.USUAL);
    }

    static Solved solved(PlanQuestion asked) {
        PlanDay day = PlanDay.of(asked);
        Solved solved = new Solver(day, progress -> {}).solve();
        if (solved.clash().isEmpty()) {
            assertEquals(PlanChecker.broken(day, plan(solved)), List.of());
        }
        return solved;
    }

    static Plan plan(Solved solved) {
        return Objects.requireNonNull(solved.plan());
    }

    static Planned one(Plan plan, String serving, Kind kind) {
        return plan.tasks().stream()
                .filter(each ->
                        each.task().serving().equals(serving) && each.task().kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    static PlanQuestion from(PlanQuestion asked, int from) {
        return new PlanQuestion(
                asked.wanted(),
                asked.workers().stream()
                        .map(worker -> new Worker(worker.name(), from, worker.to(), worker.roles()))
                        .toList(),
                asked.places(),
                asked.careful(),
                asked.pins(),
                Tray.USUAL);
    }
}
