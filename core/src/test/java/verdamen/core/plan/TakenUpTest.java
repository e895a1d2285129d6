package verdamen.core.plan;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import verdamen.core.plan.MovedTask.Broken;
import verdamen.core.plan.MovedTask.Kind;
import verdamen.core.plan.OnTrays.TrayTime;
import verdamen.core.plan.Plan.Planned;
import verdamen.core.plan.PlanTask.Way;
import verdamen.core.plan.RunningDay.Scheduled;

/** Two doughs whose balls lie on a tray each: the second is divided just when the last ball of the first is rolled. */
public class TakenUpTest {

    private static final Planned DIVIDE_A = planned("a", PlanTask.Kind.DIVIDE, 600, 10, "Bench");
    private static final Planned ROLL_A = planned("a", PlanTask.Kind.ROLL, 640, 10, "Bench");
    private static final Planned DIVIDE_B = planned("b", PlanTask.Kind.DIVIDE, 650, 10, "Mill");
    private static final Planned ROLL_B = planned("b", PlanTask.Kind.ROLL, 700, 20, "Mill");

    private static Planned planned(String serving, PlanTask.Kind kind, int start, int minutes, String worker) {
        Way way = new Way(minutes, Map.of());
        String key = serving + "/" + kind.code();
        PlanTask task = new PlanTask(key, serving, kind, Role.SHAPE, List.of(way), List.of(kind.code()));
        return new Planned(task, start, start + minutes, way, worker);
    }

    private static OnTrays onTrays(Planned divide, Planned roll) {
        return new OnTrays(
                divide.task().serving(), 1, 12, 50, Link.Moment.startOf(divide.task()), Link.Moment.endOf(roll.task()));
    }

    private static PlanDay day(Map<Place, Integer> places) {
        return new PlanDay(
                List.of(DIVIDE_A.task(), ROLL_A.task(), DIVIDE_B.task(), ROLL_B.task()),
                List.of(
                        Link.after(DIVIDE_A.task(), ROLL_A.task(), 0, null),
                        Link.after(DIVIDE_B.task(), ROLL_B.task(), 0, null)),
                List.of(onTrays(DIVIDE_A, ROLL_A), onTrays(DIVIDE_B, ROLL_B)),
                List.of(new Serving("a", 720, "a/roll", "a/roll"), new Serving("b", 720, "b/roll", "b/roll")),
                List.of(
                        new Worker("Bench", 540, 780, EnumSet.allOf(Role.class)),
                        new Worker("Mill", 540, 780, EnumSet.allOf(Role.class))),
                places,
                Map.of(),
                480,
                900,
                Begun.NOTHING);
    }

    private static Plan plan(PlanDay day) {
        return Plan.of(day, List.of(DIVIDE_A, ROLL_A, DIVIDE_B, ROLL_B), null);
    }

    private static final PlanDay ONE = day(Map.of(Place.TRAY, 1));
    private static final PlanDay TWO = day(Map.of(Place.TRAY, 2));
    private static final PlanDay UNCOUNTED = day(Map.of());

    @Test
    public void traysAreTakenUpFromTheFirstBallToTheLast() {
        assertEquals(
                ONE.takenUp(plan(ONE)).trayTimes(),
                List.of(
                        new TrayTime("a", 1, 12, 50, 600, 650, "a/divide", "a/roll"),
                        new TrayTime("b", 1, 12, 50, 650, 720, "b/divide", "b/roll")));
        assertEquals(ONE.takenUp(plan(ONE)).most(Place.TRAY), 1);
        assertEquals(PlanChecker.broken(ONE, plan(ONE)), List.of());
    }

    @Test
    public void whileTwoDoughsLieOnOneTrayThatIsTooMuch() {
        Plan both = Plan.of(ONE, List.of(DIVIDE_A, ROLL_A, DIVIDE_B.sooner(20), ROLL_B), null);
        assertEquals(ONE.takenUp(both).tooMuch(), List.of(new TooMuch(Place.TRAY, 630, 650, 1)));
        PlanDay none = day(Map.of(Place.TRAY, 0));
        assertEquals(
                none.takenUp(both).tooMuch(),
                List.of(
                        new TooMuch(Place.TRAY, 600, 630, 1),
                        new TooMuch(Place.TRAY, 630, 650, 2),
                        new TooMuch(Place.TRAY, 650, 720, 1)));
        assertEquals(none.takenUp(plan(none)).tooMuch(), List.of(new TooMuch(Place.TRAY, 600, 720, 1)));
        for (PlanDay enough : List.of(TWO, UNCOUNTED)) {
            assertEquals(enough.takenUp(both).tooMuch(), List.of());
        }
    }

    @Test
    public void aDayThatIsRunSaysTheSameOfWhatIsStillToCome() {
        List<Scheduled> schedule = plan(ONE).tasks().stream()
                .map(each -> new Scheduled(each.task().key(), each.start(), each.end(), Map.of(), each.worker()))
                .toList();
        for (PlanDay day : List.of(day(Map.of(Place.TRAY, 0)), ONE, UNCOUNTED)) {
            DayProgress nothing =
                    DayProgress.of(day, Map.of(), LocalDate.of(2026, 3, 2).atStartOfDay(ZoneOffset.UTC));
            RunningDay running = new RunningDay(day, schedule, nothing, 590);
            assertEquals(running.tooMuch(), day.takenUp(plan(day)).tooMuch());
            assertEquals(running.trayTimes(), day.takenUp(plan(day)).trayTimes());
        }
    }

    @Test
    public void handsWaitBetweenTheirTasks() {
        // Bench divides for 10 minutes from 600 and rolls for 10 from 640; Mill for 10 from 650 and 20 from 700.
        assertEquals(plan(ONE).handsOn(), 50);
        assertEquals(plan(ONE).waiting(), 30 + 40);
    }

    @Test
    public void whatIsMovedIntoTheOtherDoughsTimeOnTheTrayBreaksThat() {
        Broken noTray = new Broken(Kind.PLACE, "tray", 1);
        assertEquals(MovedTask.breaks(ONE, plan(ONE), "b/divide", 645), List.of(noTray));
        assertEquals(MovedTask.breaks(ONE, plan(ONE), "a/roll", 645), List.of(noTray));
        assertEquals(MovedTask.breaks(ONE, plan(ONE), "a/roll", 620), List.of());
        assertEquals(MovedTask.breaks(ONE, plan(ONE), "b/divide", 670), List.of());
        assertEquals(MovedTask.breaks(TWO, plan(TWO), "b/divide", 605), List.of());
        assertEquals(MovedTask.breaks(UNCOUNTED, plan(UNCOUNTED), "b/divide", 605), List.of());
    }

    @Test
    public void aDoughIsDividedNoSoonerThanThereIsATrayForIt() {
        assertEquals(Slack.of(ONE, plan(ONE)), Map.of("a/divide", 60, "a/roll", 30, "b/divide", 0, "b/roll", 40));
        assertEquals(Slack.of(TWO, plan(TWO)), Map.of("a/divide", 60, "a/roll", 30, "b/divide", 110, "b/roll", 40));
        assertEquals(Slack.of(UNCOUNTED, plan(UNCOUNTED)), Slack.of(TWO, plan(TWO)));
    }

    @Test
    public void ofTwoDoughsOneIsDividedOnceTheOtherIsRolled() {
        Plan one = new Solver(ONE, progress -> {}).best().orElseThrow();
        assertEquals(PlanChecker.broken(ONE, one), List.of());
        assertEquals(ONE.takenUp(one).most(Place.TRAY), 1);
        // With a tray for each, both are rolled just before they are served.
        Plan two = new Solver(TWO, progress -> {}).best().orElseThrow();
        assertEquals(two.begins(), 690);
        assertEquals(one.begins(), 670);
        assertEquals(new Solver(UNCOUNTED, progress -> {}).best().orElseThrow().begins(), two.begins());
    }
}
