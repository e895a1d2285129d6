package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;
import verdamen.core.plan.MovedTask.Broken;
import verdamen.core.plan.MovedTask.Kind;
import verdamen.core.plan.Plan.Planned;
import verdamen.core.plan.PlanTask.Way;

/** A task that is moved in a plan: it breaks what the checker of plans finds broken, and says of what. */
public class MovedTaskTest {

    private static Plan moved(PlanDay day, Plan plan, Planned task, int start) {
        return Plan.of(
                day,
                plan.tasks().stream()
                        .map(each -> each == task
                                ? new Planned(
                                        each.task(), start, start + each.way().minutes(), each.way(), each.worker())
                                : each)
                        .toList(),
                null);
    }

    /** The same day whose servings may be as late as they like: the checker does not look at that. */
    private static boolean isBroken(PlanDay day, Plan plan, Planned task, int start) {
        Plan then = moved(day, plan, task, start);
        boolean late = day.servings().stream()
                .anyMatch(serving -> serving.ready().equals(task.task().key())
                        && start + task.way().minutes() > serving.due());
        return late || !PlanChecker.broken(day, then).isEmpty();
    }

    @Test
    public void itBreaksWhatTheCheckerOfPlansFindsBroken() {
        Map<Kind, Integer> seen = new EnumMap<>(Kind.class);
        int kept = 0;
        for (int seed = 0; seed < 30; seed++) {
            PlanDay day = SolvedDays.large(seed).day();
            Optional<Plan> found = SolvedDays.large(seed).best();
            if (found.isEmpty() || !PlanChecker.broken(day, found.orElseThrow()).isEmpty()) {
                continue;
            }
            Plan plan = found.orElseThrow();
            Random random = new Random(seed);
            for (Planned task : plan.tasks()) {
                for (int tries = 0; tries < 8; tries++) {
                    int start = task.start() + random.nextInt(121) - 60;
                    if (day.pins().containsKey(task.task().key())) {
                        continue;
                    }
                    List<Broken> broken =
                            MovedTask.breaks(day, plan, task.task().key(), start);
                    assertEquals(
                            !broken.isEmpty(),
                            isBroken(day, plan, task, start),
                            "seed " + seed + ", " + task.task().key() + " at " + start + ": " + broken);
                    broken.forEach(each -> seen.merge(each.kind(), 1, Integer::sum));
                    kept += broken.isEmpty() ? 1 : 0;
                }
            }
        }
        assertTrue(kept > 50, kept + " moves broke nothing");
        assertTrue(
                seen.keySet().containsAll(EnumSet.of(Kind.ORDER, Kind.HANDS, Kind.PLACE, Kind.ON_TIME, Kind.TOO_LONG)),
                seen.toString());
    }

    private static final Worker BENCH = new Worker("Bench", 540, 720, EnumSet.allOf(Role.class));

    private static Planned planned(String key, int start, Way way) {
        PlanTask task = new PlanTask(key, "s1", PlanTask.Kind.ROLL, Role.SHAPE, List.of(way), List.of(key));
        return new Planned(task, start, start + way.minutes(), way, "Bench");
    }

    @Test
    public void itSaysOfWhatAndByHowMuch() {
        Planned mix = planned("s1/mix", 560, new Way(20, Map.of()));
        Planned roll = planned("s1/roll", 600, new Way(30, Map.of(Place.PAN, 2)));
        Planned cook = planned("s1/cook", 640, new Way(20, Map.of(Place.PAN, 1)));
        PlanDay day = new PlanDay(
                List.of(mix.task(), roll.task(), cook.task()),
                List.of(
                        new Link(Link.Moment.startOf(mix.task()), Link.Moment.endOf(roll.task()), 0, 90, true),
                        Link.after(roll.task(), cook.task(), 5, 30)),
                List.of(),
                List.of(new Serving("s1", 670, "s1/cook", "s1/cook")),
                List.of(BENCH),
                Map.of(Place.PAN, 2),
                Map.of(),
                480,
                780,
                Begun.NOTHING);
        Plan plan = Plan.of(day, List.of(mix, roll, cook), null);
        assertEquals(MovedTask.breaks(day, plan, "s1/roll", 600), List.of());
        assertEquals(MovedTask.breaks(day, plan, "no such task", 600), List.of());
        // The sheets would still be rolled while they are cooked, past the window, with a pan too few.
        assertEquals(
                MovedTask.breaks(day, plan, "s1/roll", 630),
                List.of(
                        new Broken(Kind.WINDOW, "s1", 10),
                        new Broken(Kind.ORDER, "s1/cook", 25),
                        new Broken(Kind.HANDS, "s1/cook", 20),
                        new Broken(Kind.PLACE, "pan", 1)));
        assertEquals(
                MovedTask.breaks(day, plan, "s1/cook", 705),
                List.of(
                        new Broken(Kind.TOO_LONG, "s1/roll", 45),
                        new Broken(Kind.HOURS, "Bench", 5),
                        new Broken(Kind.ON_TIME, "s1", 55)));
        assertEquals(
                MovedTask.breaks(day, plan, "s1/mix", 470),
                List.of(
                        new Broken(Kind.DAY, "", 10),
                        new Broken(Kind.WINDOW, "s1", 70),
                        new Broken(Kind.HOURS, "Bench", 70)));
    }
}
