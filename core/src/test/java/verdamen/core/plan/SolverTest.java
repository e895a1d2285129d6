package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;
import verdamen.core.plan.Plan.Gap;
import verdamen.core.plan.Plan.Planned;

public class SolverTest {

    private static Optional<Plan> best(PlanDay day) {
        return new Solver(day, progress -> {}).best();
    }

    @Test
    public void shortDaysArePlannedAsWellAsTryingEverything() {
        int possible = 0;
        for (int seed = 0; seed < 60; seed++) {
            PlanDay day = new RandomDays(seed).small();
            int[] tried = EveryPlan.best(day);
            Optional<Plan> plan = best(day);
            assertEquals(plan.isPresent(), tried != null, "seed " + seed);
            if (tried != null) {
                Plan found = plan.orElseThrow();
                assertTrue(found.proved(), "seed " + seed);
                assertEquals(
                        List.of(found.late(), found.standing(), found.handOvers(), found.begins()),
                        List.of(tried[0], tried[1], tried[2], tried[3]),
                        "seed " + seed);
                assertEquals(PlanChecker.broken(day, found), List.of(), "seed " + seed);
                possible++;
            }
        }
        assertTrue(possible > 20 && possible < 60, possible + " of 60 are possible");
    }

    @Test
    public void nothingIsBrokenOnLargerDays() {
        int planned = 0;
        for (int seed = 0; seed < 200; seed++) {
            PlanDay day = SolvedDays.large(seed).day();
            Optional<Plan> plan = SolvedDays.large(seed).best();
            if (plan.isPresent()) {
                assertEquals(PlanChecker.broken(day, plan.orElseThrow()), List.of(), "seed " + seed);
                planned++;
            }
        }
        assertTrue(planned > 100, planned + " of 200 could be planned");
    }

    @Test
    public void whatIsNotProvedCouldBeBetterByNoMoreThanIsSaid() {
        Map<Solver.Aim, Integer> gaps = new EnumMap<>(Solver.Aim.class);
        for (int seed = 0; seed < 60; seed++) {
            PlanDay day = SolvedDays.large(seed).day();
            Optional<Plan> quick = new Solver(day, progress -> {}, System::nanoTime, 0.0004).best();
            Gap gap = quick.map(Plan::gap).orElse(null);
            Optional<Plan> best = SolvedDays.large(seed).best();
            if (gap == null || gap.by() == null || !best.map(Plan::proved).orElse(false)) {
                continue;
            }
            Plan found = quick.orElseThrow();
            Plan proved = best.orElseThrow();
            int better = switch (gap.aim()) {
                case LATE -> found.late() - proved.late();
                case STANDING -> found.standing() - proved.standing();
                case HAND_OVERS -> found.handOvers() - proved.handOvers();
                case BEGINS -> proved.begins() - found.begins();
                default -> 0;
            };
            assertTrue(better >= 0 && better <= gap.by(), "seed " + seed + ": " + better + " of " + gap);
            gaps.merge(gap.aim(), 1, Integer::sum);
        }
        assertTrue(gaps.size() > 1, gaps.toString());
    }

    @Test
    public void whatHasSlackCanBeginSoMuchSoonerAndNoMore() {
        int sooner = 0;
        for (int seed = 0; seed < 40; seed++) {
            PlanDay day = SolvedDays.large(seed).day();
            Optional<Plan> plan = SolvedDays.large(seed).best();
            if (plan.isEmpty() || plan.orElseThrow().late() > 0) {
                continue;
            }
            Map<String, Integer> slack = Slack.of(day, plan.orElseThrow());
            for (Planned each : plan.orElseThrow().tasks()) {
                int minutes = slack.get(each.task().key());
                String what = "seed " + seed + ": " + each + " by " + minutes;
                assertEquals(broken(day, plan.orElseThrow(), each, minutes), List.of(), what);
                assertNotEquals(broken(day, plan.orElseThrow(), each, minutes + 1), List.of(), what);
                sooner += minutes > 0 ? 1 : 0;
            }
        }
        assertTrue(sooner > 20, sooner + " tasks could begin sooner");
    }

    private static List<String> broken(PlanDay day, Plan plan, Planned one, int sooner) {
        List<Planned> moved = plan.tasks().stream()
                .map(each -> each == one
                        ? new Planned(
                                each.task(), each.start() - sooner, each.end() - sooner, each.way(), each.worker())
                        : each)
                .toList();
        return PlanChecker.broken(day, Plan.of(day, moved, null));
    }

    @Test
    public void theSameDayHasTheSamePlan() {
        for (int seed = 0; seed < 20; seed++) {
            assertEquals(
                    best(new RandomDays(seed).large()), SolvedDays.large(seed).best(), "seed " + seed);
        }
    }

    @Test
    public void whatIsCancelledKeepsWhatItFound() {
        PlanDay day = new RandomDays(3).large();
        List<Solver.Progress> told = new ArrayList<>();
        Solver[] solver = new Solver[1];
        solver[0] = new Solver(day, progress -> {
            told.add(progress);
            solver[0].cancel();
        });
        Optional<Plan> plan = solver[0].best();
        assertEquals(told.size(), 1);
        assertEquals(
                plan.map(Plan::tasks),
                Optional.of(Objects.requireNonNull(told.get(0).best()).tasks()));
        assertEquals(plan.map(Plan::gap), Optional.of(new Gap(Solver.Aim.STANDING, null)), "what was not looked at");
        assertEquals(PlanChecker.broken(day, plan.orElseThrow()), List.of());
    }

    @Test
    public void aClashIsTheSmallestThereIs() {
        int clashes = 0;
        for (int seed = 0; seed < 25; seed++) {
            PlanDay day = new RandomDays(seed).small();
            Optional<List<Demand>> found = new Clash(day, new Search(System::nanoTime, 1)).demands();
            if (found.isEmpty()) {
                assertEquals(best(day).map(Plan::late), Optional.of(0), "seed " + seed);
                continue;
            }
            List<Demand> clash = found.orElseThrow();
            assertEquals(new Solver(day, progress -> {}).solve().smallest(), true, "seed " + seed);
            clashes++;
            assertNull(
                    EveryPlan.meeting(day, Set.copyOf(clash)::contains), "seed " + seed + ": " + clash + " do clash");
            for (Demand each : clash) {
                Set<Demand> others = new HashSet<>(clash);
                others.remove(each);
                assertNotNull(
                        EveryPlan.meeting(day, others::contains), "seed " + seed + ": " + clash + " without " + each);
            }
        }
        assertTrue(clashes > 5, clashes + " clashes");
    }
}
