package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.line;
import static verdamen.core.plan.RealDays.NOON;
import static verdamen.core.plan.RealDays.PARATHA;
import static verdamen.core.plan.RealDays.ROTI;
import static verdamen.core.plan.RealDays.from;
import static verdamen.core.plan.RealDays.one;
import static verdamen.core.plan.RealDays.plan;
import static verdamen.core.plan.RealDays.question;
import static verdamen.core.plan.RealDays.solved;
import static verdamen.core.plan.RealDays.wanted;
import static verdamen.core.plan.RealDays.worker;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.StepEdit;
import verdamen.core.handling.RollingWindow;
import verdamen.core.model.RefusedException;
import verdamen.core.plan.Plan.Planned;
import verdamen.core.plan.PlanTask.Kind;
import verdamen.core.plan.Solved.Missed;
import verdamen.core.portion.Tray;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** Days of real formulas. */
public class PlanDayTest {

    @Test
    public void aRotiIsReadyAtNoonAndNoSooner() {
        Plan plan = plan(solved(question(1, 1, wanted("a", ROTI, NOON))));
        assertTrue(plan.proved());
        assertEquals(plan.late(), 0);
        assertEquals(one(plan, "a", Kind.KEEP).end(), NOON);
        assertEquals(plan.standing(), NOON - one(plan, "a", Kind.COOK).end());
        assertEquals(plan.handOvers(), 0);
        assertEquals(one(plan, "a", Kind.REST).end() - one(plan, "a", Kind.REST).start(), 20, "as the style rests");
        assertEquals(
                plan.tasks().stream().map(each -> each.task().kind()).toList(),
                List.of(Kind.SET_OUT, Kind.MIX, Kind.REST, Kind.DIVIDE, Kind.ROLL, Kind.COOK, Kind.KEEP));
        assertEquals(one(plan, "a", Kind.SET_OUT).task().steps(), List.of("set-up", "mix-dry"));
    }

    @Test
    public void everyDoughIsRolledInItsWindowAndNoSheetDries() {
        PlanQuestion asked = question(
                3,
                3,
                wanted("a", ROTI, NOON),
                wanted("b", PARATHA, NOON),
                wanted("c", ROTI, NOON + 15),
                wanted("d", PARATHA, NOON + 30));
        Solved solved = solved(asked);
        Plan plan = plan(solved);
        assertTrue(plan.proved());
        assertEquals(plan.late(), 0);
        for (PlanQuestion.Wanted wanted : asked.wanted()) {
            RollingWindow window =
                    Objects.requireNonNull(wanted.made().evaluation().window());
            int wetted = one(plan, wanted.key(), Kind.MIX).start();
            Planned roll = one(plan, wanted.key(), Kind.ROLL);
            assertTrue(
                    roll.start() - wetted >= window.first() && roll.end() - wetted <= window.last(), roll.toString());
            Planned cook = one(plan, wanted.key(), Kind.COOK);
            assertTrue(cook.start() > roll.start() && cook.end() > roll.end(), "a piece is rolled before it is cooked");
            assertTrue(cook.start() - roll.end() <= 20, "sheets wait");
        }
        assertTrue(one(plan, "b", Kind.CHILL).way().takesUp().containsKey(Place.FRIDGE));
    }

    private static FormulaSpec withMash(boolean filling, StepSpec... steps) {
        LineSpec mash = LineSpec.ofPrep("m");
        return Doughs.spec(
                        filling ? "stuffed-paratha" : "roti",
                        line("wheat-atta", 300),
                        line("water", 165),
                        line("salt-fine", 5),
                        filling ? mash.withPart("filling") : mash)
                .withPreps(List.of(new ChainSpec("m", null, "potato-raw", 150.0, null, List.of(steps))));
    }

    @DataProvider
    public static Object[][] fillings() {
        return new Object[][] {{false, Kind.MIX}, {true, Kind.DIVIDE}};
    }

    @Test(dataProvider = "fillings")
    public void whatWasBoiledCoolsBeforeItGoesIn(boolean filling, Kind waits) {
        FormulaSpec hot = withMash(filling, StepSpec.of(StepKind.BOIL), StepSpec.of(StepKind.MASH));
        FormulaSpec cool =
                withMash(filling, StepSpec.of(StepKind.BOIL), StepSpec.of(StepKind.MASH), StepSpec.of(StepKind.COOL));
        double minutes = Objects.requireNonNull(MadeFormula.of(cool, Doughs.BOOK)
                        .formula()
                        .preps()
                        .get(0)
                        .steps()
                        .get(2)
                        .cooling())
                .minutes();
        assertTrue(minutes > 20, minutes + " minutes");
        Plan plan = plan(solved(question(2, 1, wanted("a", cool, NOON))));
        int waited =
                one(plan, "a", waits).start() - one(plan, "a", Kind.PREPARE).end();
        assertTrue(waited >= minutes, waited + " of " + minutes);
        PlanDay day = PlanDay.of(question(2, 1, wanted("a", cool, NOON)));
        assertEquals(day.waitsAfter("a/prepare"), (int) Math.ceil(minutes));
        assertEquals(day.waitsAfter("a/set-up"), 0);
        assertTrue(
                PlanDay.of(question(2, 1, wanted("a", hot, NOON))).links().stream()
                        .allMatch(link -> !link.from().task().endsWith("/prepare") || link.least() == 0),
                "what is not cooled waits for nothing");
    }

    @Test
    public void breadCookedForTheMostPartBeforeIsFinishedWhenItIsServed() {
        List<PlanQuestion.Wanted> wanted = new ArrayList<>();
        for (String key : List.of("a", "b", "c")) {
            wanted.add(new PlanQuestion.Wanted(key, MadeFormula.of(ROTI, Doughs.BOOK), NOON, true));
        }
        PlanQuestion asked = question(1, 1, wanted.toArray(PlanQuestion.Wanted[]::new));
        PlanQuestion fresh = question(1, 1, wanted("a", ROTI, NOON), wanted("b", ROTI, NOON), wanted("c", ROTI, NOON));
        Plan plan = plan(solved(asked));
        for (PlanQuestion.Wanted each : wanted) {
            Planned cook = one(plan, each.key(), Kind.COOK);
            Planned finish = one(plan, each.key(), Kind.FINISH_COOKING);
            assertTrue(finish.start() >= cook.end(), finish.toString());
            assertTrue(finish.start() - cook.end() <= 18 * 60, finish.toString());
            assertEquals(finish.way().takesUp(), Map.of(Place.PAN, 1));
            assertEquals(plan.cooked(each.key()), finish.end());
            assertTrue(plan.tasks().stream()
                    .noneMatch(task -> task.task().serving().equals(each.key())
                            && task.task().kind() == Kind.KEEP));
        }
        int whole = one(plan(solved(question(1, 1, wanted("a", ROTI, NOON)))), "a", Kind.COOK)
                .way()
                .minutes();
        int before = one(plan, "a", Kind.COOK).way().minutes();
        assertTrue(before < whole && before > whole / 2, before + " of " + whole);
        assertTrue(plan.standing() < plan(solved(fresh)).standing(), "less bread stands finished until it is served");
    }

    @Test
    public void twoPansCookSoonerThanOne() {
        Plan one = plan(solved(question(2, 1, wanted("b", PARATHA, NOON))));
        Plan two = plan(solved(question(2, 2, wanted("b", PARATHA, NOON))));
        assertEquals(one(two, "b", Kind.COOK).way().takesUp(), Map.of(Place.PAN, 2));
        int onOne = one(one, "b", Kind.COOK).way().minutes();
        assertTrue(one(two, "b", Kind.COOK).way().minutes() < onOne);
        assertTrue(two.begins() > one.begins(), "work begins later");
    }

    @Test
    public void whoIsCarefulBeginsSooner() {
        PlanQuestion asked = question(1, 1, wanted("a", ROTI, NOON));
        PlanQuestion careful =
                new PlanQuestion(asked.wanted(), asked.workers(), asked.places(), true, asked.pins(), Tray.USUAL);
        assertTrue(plan(solved(careful)).begins() < plan(solved(asked)).begins());
    }

    @Test
    public void whatIsPinnedStaysAndTheRestIsPlannedAround() {
        PlanQuestion asked = question(2, 2, wanted("a", ROTI, NOON));
        PlanQuestion pinned = new PlanQuestion(
                asked.wanted(),
                asked.workers(),
                asked.places(),
                false,
                Map.of("a/pour", 9 * 60 + 30, "gone/pour", 5),
                Tray.USUAL);
        Plan plan = plan(solved(pinned));
        assertEquals(one(plan, "a", Kind.MIX).start(), 9 * 60 + 30);
        assertEquals(plan.late(), 0);
        assertTrue(one(plan, "a", Kind.ROLL).end() <= 9 * 60 + 30 + 180, "the window goes with it");
    }

    @Test
    public void whoComesTooLateIsToldByHowMuchAndThatMuchIsEnough() {
        PlanQuestion asked = from(question(1, 1, wanted("a", ROTI, NOON)), 11 * 60);
        Solved solved = solved(asked);
        assertTrue(plan(solved).late() > 0);
        assertEquals(
                Set.copyOf(solved.clash()),
                Set.of(new Demand(Demand.Kind.ON_TIME, "a"), new Demand(Demand.Kind.HOURS, "w1")));
        assertEquals(
                solved.missed(),
                List.of(new Missed(
                        new Demand(Demand.Kind.ON_TIME, "a"), plan(solved).late())));
        for (Remedy remedy : solved.remedies()) {
            PlanQuestion mended = remedy.demand().kind() == Demand.Kind.HOURS
                    ? from(asked, 11 * 60 - remedy.before())
                    : from(question(1, 1, wanted("a", ROTI, NOON + remedy.by())), 11 * 60);
            assertEquals(plan(solved(mended)).late(), 0, remedy.toString());
            assertTrue(solved(from(asked, 11 * 60 - remedy.by() + 1)).plan().late() > 0, "a minute less is not enough");
        }
        assertEquals(solved.remedies().size(), 2);
    }

    @Test
    public void whereNothingAloneHelpsThePlanMissesAsLittleAsCanBe() {
        PlanQuestion asked = from(question(1, 0, wanted("a", ROTI, NOON)), 11 * 60 + 30);
        PlanQuestion short3 = new PlanQuestion(
                asked.wanted(),
                List.of(worker("w1", 11 * 60 + 30, NOON)),
                asked.places(),
                false,
                asked.pins(),
                Tray.USUAL);
        Solved solved = solved(short3);
        assertFalse(solved.clash().isEmpty());
        assertEquals(solved.remedies(), List.of());
        assertTrue(solved.missed().contains(new Missed(new Demand(Demand.Kind.PLACE, "pan"), 1)), solved.toString());
        assertTrue(
                solved.missed().stream().anyMatch(missed -> missed.demand().kind() == Demand.Kind.HOURS),
                solved.toString());
        assertEquals(plan(solved).tasks().size(), 7);
    }

    @Test
    public void anOvenIsHotBeforeAndAMachineKneadsByItself() {
        FormulaSpec pita = Doughs.spec(
                        "pita",
                        line("wheat-strong-white", 500),
                        line("water", 320),
                        line("salt-fine", 9),
                        line("yeast-instant", 4))
                .withSettings("machine", null, null, null)
                .withMethod(MethodSpec.NONE.withHeat("oven-stone"));
        PlanQuestion asked = question(1, 0, wanted("p", pita, NOON));
        PlanQuestion there = new PlanQuestion(
                asked.wanted(), asked.workers(), Map.of(Place.OVEN, 1, Place.MIXER, 1), false, Map.of(), Tray.USUAL);
        Plan plan = plan(solved(there));
        assertEquals(one(plan, "p", Kind.HEAT_OVEN).way().minutes(), 40);
        assertTrue(one(plan, "p", Kind.HEAT_OVEN).end()
                <= one(plan, "p", Kind.COOK).start());
        assertEquals(one(plan, "p", Kind.KNEAD).worker(), null);
        assertEquals(one(plan, "p", Kind.KNEAD).way().takesUp(), Map.of(Place.MIXER, 1));
        Solved without = solved(
                new PlanQuestion(asked.wanted(), asked.workers(), Map.of(Place.OVEN, 1), false, Map.of(), Tray.USUAL));
        assertEquals(without.clash(), List.of(new Demand(Demand.Kind.PLACE, "mixer")));
        assertEquals(without.remedies(), List.of(new Remedy(new Demand(Demand.Kind.PLACE, "mixer"), 1, 0, 0)));
    }

    @Test
    public void workThatNobodyCanDoIsRefused() {
        PlanQuestion asked = question(0, 1, wanted("a", ROTI, NOON));
        PlanQuestion noCook = new PlanQuestion(
                asked.wanted(),
                List.of(new Worker("w1", 0, NOON, EnumSet.of(Role.DOUGH, Role.SHAPE))),
                asked.places(),
                false,
                asked.pins(),
                Tray.USUAL);
        RefusedException refused = expectThrows(RefusedException.class, () -> PlanDay.of(noCook));
        assertEquals(refused.faults().size(), 1);
        assertEquals(refused.faults().get(0).value(), "cook");
    }

    @Test
    public void whatIsNeitherDividedNorRolledIsCookedInTheWindow() {
        FormulaSpec pressed = ROTI.withMethod(MethodSpec.NONE.withSteps(List.of(
                new StepEdit("divide", null, true, null, null),
                new StepEdit("roll", null, true, null, null),
                new StepEdit("keep", null, true, null, null),
                new StepEdit("set-up", null, true, null, null))));
        PlanQuestion asked = question(1, 1, wanted("a", pressed, NOON));
        Plan plan = plan(solved(asked));
        assertEquals(
                plan.tasks().stream().map(each -> each.task().kind()).toList(),
                List.of(Kind.SET_OUT, Kind.MIX, Kind.REST, Kind.COOK));
        RollingWindow window =
                Objects.requireNonNull(asked.wanted().get(0).made().evaluation().window());
        int wetted = one(plan, "a", Kind.MIX).start();
        assertTrue(one(plan, "a", Kind.COOK).start() - wetted >= window.first());
        assertEquals(one(plan, "a", Kind.COOK).end(), NOON);
    }

    @Test
    public void aDoughThatRestsForADayIsMixedTheDayBefore() {
        FormulaSpec slow = Doughs.phased(ROTI, new PhaseSpec("chill", 1380.0, 4.0));
        PlanQuestion asked = question(1, 1, wanted("a", slow, NOON));
        Solved alone = solved(asked);
        assertTrue(alone.clash().contains(new Demand(Demand.Kind.HOURS, "w1")), "nobody is there: " + alone.clash());
        List<Worker> both = List.of(worker("w1", 8 * 60, 13 * 60), worker("evening", -16 * 60, -10 * 60));
        Plan plan = plan(solved(new PlanQuestion(asked.wanted(), both, asked.places(), false, Map.of(), Tray.USUAL)));
        assertEquals(one(plan, "a", Kind.MIX).worker(), "evening");
        assertTrue(one(plan, "a", Kind.CHILL).start() < 0);
    }
}
