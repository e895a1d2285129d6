package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;
import org.testng.annotations.Test;
import verdamen.core.model.Coefficient;

/** The time in which a day is planned, by a clock of the test's own. */
public class SolvingTimeTest {

    private final AtomicLong nanos = new AtomicLong();

    private void passes(long seconds) {
        nanos.addAndGet(Duration.ofSeconds(seconds).toNanos());
    }

    @Test
    public void itRunsFromTheFirstQuestionOnAndEachPartHasItsShare() {
        SolvingTime time = new SolvingTime(nanos::get);
        passes(60);
        assertEquals(time.left(), 20.0);
        passes(3);
        assertEquals(time.left(), 17.0);
        time.until(Coefficient.PLAN_BEST_SECONDS);
        assertEquals(time.left(), 5.0);
        passes(9);
        assertEquals(time.left(), 0.0);
        time.until(Coefficient.PLAN_CLASH_SECONDS);
        assertEquals(time.left(), 2.0);
        time.until(Coefficient.PLAN_SECONDS);
        assertEquals(time.left(), 8.0);
    }

    @Test
    public void aPlanThatWaitedForOthersHasAllOfItsTime() {
        PlanDay day = new RandomDays(3).large();
        Solver solver = new Solver(day, progress -> {}, nanos::get, 1);
        passes(3600);
        assertTrue(solver.best().isPresent());
    }

    /** A day on which something clashes. */
    private static PlanDay impossible() {
        for (int seed = 0; ; seed++) {
            PlanDay day = new RandomDays(seed).small();
            if (new Clash(day, new Search(System::nanoTime, 1)).demands().isPresent()) {
                return day;
            }
        }
    }

    @Test
    public void whatWasNotLookedAtInTimeIsNotCalledImpossible() {
        PlanDay day = impossible();
        Solver slow = new Solver(day, progress -> passes(30), nanos::get, 1);
        Solved solved = slow.solve();
        assertFalse(solved.smallest());
        assertNotNull(solved.plan(), "the plan that was found stands");
        assertFalse(slow.canMeet(day));
        assertFalse(slow.allTried());
        Solver quick = new Solver(day, progress -> {}, nanos::get, 1);
        assertTrue(quick.solve().smallest());
        assertFalse(quick.canMeet(day));
        assertTrue(quick.allTried());
    }

    @Test
    public void withoutTimeThereIsNoPlan() {
        AtomicLong clock = new AtomicLong();
        Solver late = new Solver(
                new RandomDays(3).large(),
                progress -> {},
                () -> clock.getAndAdd(Duration.ofHours(1).toNanos()),
                1);
        assertNull(late.solve().plan());
    }
}
