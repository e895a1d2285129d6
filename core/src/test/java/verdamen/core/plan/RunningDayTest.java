package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.bench.BenchEntry;
import verdamen.core.bench.BenchRun;
import verdamen.core.bench.EntryKind;
import verdamen.core.bench.MadeFormula;
import verdamen.core.plan.Plan.Planned;
import verdamen.core.plan.PlanTask.Kind;
import verdamen.core.plan.RunningDay.Expected;
import verdamen.core.plan.RunningDay.Scheduled;
import verdamen.core.plan.RunningDay.Standing;
import verdamen.core.plan.Solved.Missed;
import verdamen.core.portion.Tray;

/** Days that are run: what is late moves what follows, and nothing else. */
public class RunningDayTest {

    private static final ZonedDateTime MIDNIGHT = ZonedDateTime.parse("2026-05-04T00:00:00Z");
    private static final OffsetDateTime BEGINNING = MIDNIGHT.toOffsetDateTime();
    private static final int NOON = 12 * 60;

    private static List<Scheduled> schedule(Plan plan) {
        return plan.tasks().stream()
                .map(each -> new Scheduled(
                        each.task().key(), each.start(), each.end(), each.way().takesUp(), each.worker()))
                .toList();
    }

    private static RunningDay notBegun(PlanDay day, Plan plan, int now) {
        return new RunningDay(day, schedule(plan), DayProgress.of(day, Map.of(), MIDNIGHT), now);
    }

    /** A plan as it can be expected, for the checker of plans. */
    private static Plan expected(PlanDay day, RunningDay running) {
        List<Planned> tasks = running.tasks().stream()
                .map(each -> new Planned(
                        each.task(),
                        each.start(),
                        each.end(),
                        each.task().ways().stream()
                                .filter(way -> way.minutes() == each.end() - each.start()
                                        && way.takesUp().equals(each.takesUp()))
                                .findFirst()
                                .orElseThrow(),
                        each.worker()))
                .toList();
        return Plan.of(day, tasks, null);
    }

    @Test
    public void untilItBeginsEverythingIsAsPlanned() {
        for (int seed = 0; seed < 30; seed++) {
            PlanDay day = SolvedDays.large(seed).day();
            Optional<Plan> plan = SolvedDays.large(seed).best();
            if (plan.isPresent()) {
                RunningDay running =
                        notBegun(day, plan.orElseThrow(), plan.orElseThrow().begins());
                assertEquals(expected(day, running).tasks(), plan.orElseThrow().tasks(), "seed " + seed);
                assertEquals(
                        running.missed().stream().mapToInt(Missed::by).sum(),
                        plan.orElseThrow().late(),
                        "seed " + seed);
            }
        }
    }

    @Test
    public void whatIsLateMovesWhatFollowsAndBreaksNoHandsNoPlaceAndNoOrder() {
        int moved = 0;
        for (int seed = 0; seed < 30; seed++) {
            PlanDay day = SolvedDays.large(seed).day();
            Optional<Plan> plan = SolvedDays.large(seed).best();
            if (plan.isEmpty()) {
                continue;
            }
            int now = plan.orElseThrow().begins() + 1 + seed;
            RunningDay running = notBegun(day, plan.orElseThrow(), now);
            // Whatever cannot wait too long, must be over, or has gone home is told as missed, not kept to.
            PlanDay without = new PlanDay(
                    day.tasks(),
                    day.links().stream()
                            .map(link -> new Link(link.from(), link.to(), link.least(), null, link.isWindow()))
                            .toList(),
                    day.onTrays(),
                    day.servings(),
                    day.workers().stream()
                            .map(worker -> new Worker(worker.name(), worker.from(), Integer.MAX_VALUE, worker.roles()))
                            .toList(),
                    day.places(),
                    day.pins(),
                    day.first(),
                    day.last() * 3,
                    Begun.NOTHING);
            assertEquals(PlanChecker.broken(without, expected(day, running)), List.of(), "seed " + seed);
            Map<String, Expected> byKey = new HashMap<>();
            running.tasks().forEach(each -> byKey.put(each.task().key(), each));
            for (Planned each : plan.orElseThrow().tasks()) {
                Expected then = byKey.get(each.task().key());
                assertTrue(then.start() >= Math.max(now, each.start()), "seed " + seed);
                assertEquals(then.worker(), each.worker(), "seed " + seed);
                moved += then.moved() > 0 ? 1 : 0;
            }
            assertTrue(
                    running.tasks().stream().anyMatch(Expected::holdsUp),
                    "seed " + seed + ": something holds it up by itself");
        }
        assertTrue(moved > 100, moved + " tasks moved");
    }

    /** A roti of eight pieces for noon, by two people, and how it was planned. */
    private static final class Roti {

        private final MadeFormula made = MadeFormula.of(
                Doughs.spec("roti", line("wheat-atta", 600), line("water", 393), line("salt-fine", 10)), Doughs.BOOK);
        private final PlanDay day = PlanDay.of(new PlanQuestion(
                List.of(
                        new PlanQuestion.Wanted("a", made, NOON, false),
                        new PlanQuestion.Wanted("b", made, NOON, false)),
                List.of(worker("Bench"), worker("Mill")),
                Map.of(Place.PAN, 2),
                false,
                Map.of(),
                Tray.USUAL));
        private final Plan plan =
                Objects.requireNonNull(new Solver(day, progress -> {}).solve().plan());
        private final List<BenchEntry> entries = new ArrayList<>();

        private static Worker worker(String name) {
            return new Worker(name, 6 * 60, 14 * 60, EnumSet.allOf(Role.class));
        }

        private Planned task(Kind kind) {
            return plan.tasks().stream()
                    .filter(each ->
                            each.task().serving().equals("a") && each.task().kind() == kind)
                    .findFirst()
                    .orElseThrow();
        }

        private Roti done(Kind kind, int minute) {
            task(kind).task().steps().forEach(step -> note(step, "done", minute));
            return this;
        }

        private Roti begun(Kind kind, int minute) {
            note(task(kind).task().steps().get(0), "begun", minute);
            return this;
        }

        private void note(String step, String outcome, int minute) {
            entries.add(BenchEntry.of("k" + entries.size(), EntryKind.STEP, BEGINNING.plusMinutes(minute))
                    .withStep(step)
                    .withOutcome(outcome));
        }

        private RunningDay at(int now) {
            BenchRun run = BenchRun.of(made, Doughs.BOOK, entries, BEGINNING.plusMinutes(now));
            return new RunningDay(day, schedule(plan), DayProgress.of(day, Map.of("a", run), MIDNIGHT), now);
        }
    }

    private static Expected of(RunningDay running, Planned planned) {
        return running.tasks().stream()
                .filter(each -> each.task().key().equals(planned.task().key()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void aStepThatTakesLongerMovesItsOwnDoughAndTheHandsThatDoIt() {
        Roti roti = new Roti();
        Planned mix = roti.task(Kind.MIX);
        int now = mix.end() + 12;
        RunningDay running = roti.done(Kind.SET_OUT, mix.start())
                .begun(Kind.MIX, mix.start())
                .at(now);
        Expected late = of(running, mix);
        assertEquals(late.standing(), Standing.GOING);
        assertEquals(List.of(late.start(), late.end(), late.moved()), List.of(mix.start(), now, 12));
        assertTrue(late.holdsUp());
        Expected rest = of(running, roti.task(Kind.REST));
        assertEquals(rest.start(), now);
        assertTrue(!rest.holdsUp(), "it only waits");
        assertTrue(of(running, roti.task(Kind.COOK)).moved() > 0);
        assertTrue(
                running.missed().stream()
                        .anyMatch(missed -> missed.demand().equals(new Demand(Demand.Kind.ON_TIME, "a"))),
                running.missed().toString());
    }

    @Test
    public void aRestGoesOnByItselfAndIsOverWhenTheDoughIsTakenOn() {
        Roti roti = new Roti();
        Planned mix = roti.task(Kind.MIX);
        Planned rest = roti.task(Kind.REST);
        roti.done(Kind.SET_OUT, mix.start()).done(Kind.MIX, mix.end());
        Expected resting = of(roti.at(mix.end() + 3), rest);
        assertEquals(resting.standing(), Standing.GOING);
        assertEquals(
                List.of(resting.start(), resting.end()),
                List.of(mix.end(), mix.end() + rest.way().minutes()));
        int taken = rest.end() + 2;
        Expected over = of(roti.begun(Kind.DIVIDE, taken).at(taken + 1), rest);
        assertEquals(over.standing(), Standing.DONE);
        assertEquals(over.end(), taken);
    }

    @Test
    public void whatIsBegunSoonerIsFollowedAtOnceByWhatNeedsNoHands() {
        Roti roti = new Roti();
        Planned mix = roti.task(Kind.MIX);
        Planned rest = roti.task(Kind.REST);
        int sooner = 70;
        roti.done(Kind.SET_OUT, mix.start() - sooner).begun(Kind.MIX, mix.start() - sooner);
        RunningDay running = roti.at(mix.start() - sooner + 1);
        assertEquals(of(running, mix).moved(), -sooner);
        assertEquals(of(running, rest).start(), of(running, mix).end());
        assertEquals(of(running, rest).moved(), of(running, mix).end() - rest.start());
        // What is done by hand stays when it was planned.
        Planned divide = roti.task(Kind.DIVIDE);
        assertEquals(of(running, divide).start(), divide.start());
        assertEquals(of(running, divide).moved(), 0);
    }

    @Test
    public void whatWasBegunSoonerAndGoesOnByItselfEndsSooner() {
        Roti roti = new Roti();
        Planned mix = roti.task(Kind.MIX);
        int done = mix.end() - 30;
        roti.done(Kind.SET_OUT, done - 1).done(Kind.MIX, done);
        Expected rest = of(roti.at(done + 1), roti.task(Kind.REST));
        assertEquals(rest.standing(), Standing.GOING);
        assertEquals(rest.start(), done);
    }

    @Test
    public void theRestOfTheDayIsPlannedAroundWhatWasBegun() {
        Roti roti = new Roti();
        Planned mix = roti.task(Kind.MIX);
        int now = mix.end() + 10;
        RunningDay running = roti.done(Kind.SET_OUT, mix.start())
                .begun(Kind.MIX, mix.start())
                .at(now);
        PlanDay remaining = running.remaining();
        Solved solved = new Solver(remaining, progress -> {}).solve();
        Plan again = Objects.requireNonNull(solved.plan());
        assertEquals(again.tasks().size(), roti.day.tasks().size());
        Predicate<Expected> toDo = each -> each.standing() == Standing.TO_DO;
        for (Planned each : again.tasks()) {
            Expected before = of(running, each);
            if (toDo.test(before)) {
                assertTrue(each.start() >= now, each.toString());
            } else {
                assertEquals(each.end(), before.end(), each.toString());
                assertEquals(each.worker(), null, "its hands are not planned again");
            }
        }
        String busy = mix.worker();
        assertTrue(
                again.tasks().stream()
                        .filter(each -> Objects.equals(each.worker(), busy))
                        .allMatch(each -> each.start() >= now),
                "nobody is taken away from what is begun");
        assertTrue(
                solved.missed().stream().mapToInt(Missed::by).sum()
                        <= running.missed().stream().mapToInt(Missed::by).sum(),
                "it misses no more than to go on as it goes");
    }

    @Test
    public void aTaskThatNobodyPlannedIsDoneAsSoonAsItCanBe() {
        Roti roti = new Roti();
        int now = roti.plan.begins();
        RunningDay running = new RunningDay(roti.day, List.of(), DayProgress.of(roti.day, Map.of(), MIDNIGHT), now);
        assertEquals(running.tasks().size(), roti.day.tasks().size());
        assertTrue(running.tasks().stream().allMatch(each -> each.start() >= now));
        assertTrue(running.tasks().stream().allMatch(each -> each.task().byHand() == (each.worker() != null)));
    }

    @Test
    public void minutesAreThoseOfTheClockOnTheWall() {
        ZonedDateTime midnight = ZonedDateTime.of(2026, 3, 29, 0, 0, 0, 0, ZoneId.of("CET"));
        assertEquals(DayProgress.minute(midnight, midnight.withHour(1).toOffsetDateTime()), 60);
        // The clock was put forward at two.
        assertEquals(DayProgress.minute(midnight, midnight.withHour(10).toOffsetDateTime()), 600);
        assertEquals(DayProgress.minute(midnight, midnight.minusHours(2).toOffsetDateTime()), -120);
    }
}
