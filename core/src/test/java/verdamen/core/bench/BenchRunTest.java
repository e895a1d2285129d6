package verdamen.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.bench.BowlSoFar.WaterFrom;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.handling.PutIn;
import verdamen.core.model.Fault;
import verdamen.core.model.Faults;
import verdamen.core.pantry.Pantry;

/** Where a batch stands, from what was noted of it. */
public class BenchRunTest {

    private static final OffsetDateTime START = OffsetDateTime.parse("2026-03-04T09:00:00Z");
    private static final Pantry PANTRY = Doughs.BOOK;
    private static final FormulaSpec ROTI =
            Doughs.spec("roti", line("wheat-atta", 400), line("water", 262), line("salt-fine", 7));
    private static final MadeFormula MADE = MadeFormula.of(ROTI, PANTRY);

    private int keys;

    private BenchEntry entry(EntryKind kind, double minute) {
        keys++;
        return BenchEntry.of("k" + keys, kind, START.plusSeconds(Math.round(minute * 60)));
    }

    private BenchEntry step(String key, String outcome, double minute) {
        return entry(EntryKind.STEP, minute).withStep(key).withOutcome(outcome);
    }

    private BenchEntry pour(String ingredient, double grams, double minute) {
        return entry(EntryKind.POUR, minute).withFigure(ingredient, grams).withOutcome("weighed");
    }

    private BenchEntry piece(int number, double grams, double minute) {
        return entry(EntryKind.PIECE, minute).withPiece(number).withFigure(null, grams);
    }

    private static BenchRun run(List<BenchEntry> entries, double minute) {
        return BenchRun.of(MADE, PANTRY, entries, START.plusSeconds(Math.round(minute * 60)));
    }

    private static double grams(FormulaSpec spec, String ingredient) {
        return spec.linesOrNone().stream()
                .filter(line -> line != null && ingredient.equals(line.ingredient()))
                .mapToDouble(line -> Objects.requireNonNull(line.grams()))
                .sum();
    }

    @Test
    public void beginsWithLayingOutAndGoesOnStepByStep() {
        assertEquals(run(List.of(), 0).current(), "set-up");
        List<BenchEntry> entries = new ArrayList<>();
        entries.add(step("set-up", "done", 1));
        entries.add(step("mix-dry", "left-out", 2));
        BenchRun run = run(entries, 3);
        assertEquals(run.current(), "pour");
        assertNull(run.minute());
        entries.add(step("rest", "begun", 20));
        assertEquals(run(entries, 21).current(), "rest", "what is begun goes first");
        entries.add(entry(EntryKind.FINISHED, 30));
        assertNull(run(entries, 40).current());
    }

    @Test
    public void theClockStartsWhenWaterMeetsFlourHoweverThatIsNoted() {
        assertEquals(run(List.of(pour("wheat-atta", 400, 1)), 3).minute(), null);
        assertEquals(run(List.of(pour("water", 250, 5)), 15).minute(), 10.0, 1e-9);
        assertEquals(run(List.of(step("pour", "done", 6)), 15).minute(), 9.0, 1e-9);
        List<BenchEntry> told = List.of(pour("water", 250, 5), entry(EntryKind.WETTED, 4));
        assertEquals(run(told, 15).minute(), 11.0, 1e-9);
        BenchRun finished = run(List.of(entry(EntryKind.WETTED, 0), entry(EntryKind.FINISHED, 60)), 500);
        assertEquals(finished.minute(), 60.0, 1e-9, "a finished batch does not age");
    }

    @Test
    public void whatWasPouredStandsInTheBowlInsteadOfThePlan() {
        BenchRun before = run(List.of(), 0);
        assertEquals(grams(before.bowl().spec(), "water"), 262.0);
        assertEquals(before.bowl().water(), WaterFrom.PLAN);
        List<BenchEntry> entries = List.of(
                pour("water", 240, 1),
                pour("water", 12.5, 4),
                pour("wheat-atta", 395, 0),
                entry(EntryKind.CORRECTION, 9).withOutcome("add-water").withAdditions(List.of(new PutIn("water", 8))));
        BenchRun run = run(entries, 10);
        assertEquals(run.bowl().water(), WaterFrom.POURED);
        assertEquals(grams(run.bowl().spec(), "water"), 260.5, 1e-9);
        assertEquals(grams(run.bowl().spec(), "wheat-atta"), 395.0, 1e-9);
        assertEquals(run.poured().get(0), new BenchRun.Poured("water", 262, 252.5, 2));
    }

    @Test
    public void twoLinesOfOneIngredientShareWhatWasPoured() {
        FormulaSpec spec = Doughs.spec("roti", line("wheat-atta", 300), line("water", 100), line("water", 50));
        BowlSoFar bowl = BowlSoFar.of(spec, PANTRY, List.of(pour("water", 180, 1)));
        List<Double> water = bowl.spec().linesOrNone().stream()
                .map(Objects::requireNonNull)
                .filter(line -> "water".equals(line.ingredient()))
                .map(LineSpec::grams)
                .toList();
        assertEquals(water, List.of(120.0, 60.0));
    }

    @Test
    public void waterThatNobodyWeighedFollowsFromTheWeightOfTheDough() {
        BenchEntry weight = entry(EntryKind.READING, 9).withFigure("dough-grams", 0.985 * 680);
        BowlSoFar bowl = run(List.of(weight), 10).bowl();
        assertEquals(bowl.water(), WaterFrom.DOUGH_WEIGHT);
        assertEquals(grams(bowl.spec(), "water"), 680.0 - 407, 1e-9);
        BenchEntry tooLight = entry(EntryKind.READING, 9).withFigure("dough-grams", 300.0);
        assertEquals(run(List.of(tooLight), 10).bowl().water(), WaterFrom.PLAN, "a weight that cannot be is left");
        assertEquals(run(List.of(pour("water", 250, 1), weight), 10).bowl().water(), WaterFrom.POURED);
    }

    @Test
    public void aFeelStandsBesideWhatWasPredictedOfTheBowlThen() {
        List<BenchEntry> entries = List.of(
                pour("water", 200, 0),
                entry(EntryKind.FELT, 15).withOutcome("firm"),
                pour("water", 60, 16),
                entry(EntryKind.FELT, 25).withOutcome("soft"));
        List<BenchRun.FeltAt> felt = run(entries, 30).felt();
        assertEquals(felt.size(), 2);
        assertEquals(felt.get(0).minute(), 15.0, 1e-9);
        assertTrue(felt.get(1).softness() > felt.get(0).softness());
        assertTrue(
                Objects.requireNonNull(felt.get(1).predicted())
                        > Objects.requireNonNull(felt.get(0).predicted()) + 0.15,
                "60 g more water show");
    }

    @Test
    public void piecesAreTalliedAndTheFirstBallIsRolledFirst() {
        double target = MADE.portion().size().grams();
        List<BenchEntry> entries = new ArrayList<>(List.of(
                piece(1, target, 40),
                piece(2, target * 1.1, 41),
                piece(3, target * 0.99, 42),
                piece(2, target * 1.01, 43)));
        PieceTally tally = run(entries, 60).pieces();
        assertEquals(tally.outside(), 0, "weighed again, the later counts");
        assertEquals(tally.meanGrams(), target, 0.01);
        assertEquals(Objects.requireNonNull(tally.sdGrams()), target * 0.01, 1e-6);
        assertEquals(tally.next(), 4);
        assertEquals(tally.leftGrams(), MADE.portion().usableGrams() - 3 * target, 0.01);
        assertEquals(tally.nextToRoll(), Integer.valueOf(1));
        assertEquals(tally.each().get(0).restedMinutes(), 20.0, 1e-9);

        entries.add(entry(EntryKind.ROLLED, 61).withPiece(1).withOutcome("fine").withFigure(null, 180.0));
        entries.add(entry(EntryKind.ROLLED, 62).withPiece(3).withOutcome("tore"));
        tally = run(entries, 70).pieces();
        assertEquals(tally.nextToRoll(), Integer.valueOf(2));
        assertEquals(tally.nextToCook(), Integer.valueOf(1));
        assertEquals(tally.each().get(0).restedMinutes(), 21.0, 1e-9, "a ball rests until it is rolled");
    }

    @Test
    public void secondsOfASideFollowFromTheTouches() {
        List<BenchEntry> entries = new ArrayList<>();
        entries.add(entry(EntryKind.ON_PAN, 70).withPiece(1).withFigure(null, 230.0));
        assertEquals(run(entries, 71).pieces().onPan(), List.of(1));
        entries.add(entry(EntryKind.TURNED, 70 + 45 / 60.0).withPiece(1).withOutcome("blisters"));
        entries.add(entry(EntryKind.OFF_PAN, 70 + 80 / 60.0).withPiece(1).withOutcome("full"));
        entries.add(entry(EntryKind.READING, 73).withFigure("pan", 221.0));
        PieceTally tally = run(entries, 75).pieces();
        assertEquals(tally.sideOneS(), 45.0, 1e-9);
        assertEquals(tally.sideTwoS(), 35.0, 1e-9);
        assertEquals(tally.pan(), List.of(230.0, 221.0));
        assertEquals(tally.onPan(), List.of());
    }

    @Test
    public void aStepWithMinutesStartsItsTimerAndOneByHandStaysUntilItIsSeen() {
        BenchEntry rest = step("rest", "begun", 10);
        BenchEntry byHand = entry(EntryKind.TIMER, 12).withText("Griddle on").withFigure(null, 60.0);
        List<BenchEntry> entries = new ArrayList<>(List.of(rest, byHand));
        List<BenchTimer> timers = run(entries, 11).timers();
        assertEquals(timers.size(), 2);
        assertEquals(timers.get(0).name(), "Griddle on", "the next to ring stands first");
        double minutes = MADE.formula().restMinutes();
        assertEquals(timers.get(1).endsAt(), rest.at().plusSeconds(Math.round(minutes * 60)));
        entries.add(entry(EntryKind.TIMER_SEEN, 14).withOutcome(null));
        assertEquals(run(entries, 14).timers().size(), 2);
        entries.set(2, answering(byHand));
        entries.add(step("rest", "done", 40));
        assertEquals(run(entries, 41).timers(), List.of());
    }

    private BenchEntry answering(BenchEntry timer) {
        BenchEntry seen = entry(EntryKind.TIMER_SEEN, 14);
        return new BenchEntry(
                seen.key(), seen.kind(), seen.at(), null, null, null, null, null, null, null, timer.key());
    }

    @Test
    public void everyCautionStandsAtAStepAndEveryStepHasItsMinutes() {
        for (BenchStep step : MADE.run().steps()) {
            assertTrue(step.takes().high() > 0, step.key());
        }
        assertTrue(MADE.run().needs().contains(Need.WATER_BOWL));
        assertFalse(MADE.run().steps().stream().allMatch(step -> step.cautions().isEmpty()));
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {entry(EntryKind.POUR, 0).withFigure("water", 10.0), "outcome"},
            {pour("unobtainium", 10, 0), "subject"},
            {pour("water", -1, 0), "figure"},
            {pour("water", Double.NaN, 0), "figure"},
            {entry(EntryKind.FELT, 0).withOutcome("lovely"), "outcome"},
            {entry(EntryKind.READING, 0).withFigure("dough", 200.0), "figure"},
            {entry(EntryKind.READING, 0).withFigure("mood", 20.0), "subject"},
            {entry(EntryKind.PIECE, 0).withPiece(0).withFigure(null, 60.0), "piece"},
            {entry(EntryKind.WETTED, 0).withText("at last"), "text"},
            {entry(EntryKind.TIMER, 0).withText("x".repeat(61)).withFigure(null, 60.0), "text"},
            {entry(EntryKind.TASTE, 0).withStep("now").withFigure("fold", null), "outcome"},
            {entry(EntryKind.TASTE, 0).withStep("tonight").withFigure("softness", 5.0), "step"},
            {entry(EntryKind.TASTE, 0).withStep("now").withFigure("softness", 10.0), "figure"},
            {
                entry(EntryKind.CORRECTION, 0)
                        .withOutcome("add-water")
                        .withAdditions(List.of(new PutIn("unobtainium", 1))),
                "ingredient"
            },
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByItsField(BenchEntry entry, String field) {
        Faults faults = new Faults();
        entry.check(PANTRY, faults);
        assertTrue(
                faults.all().stream().map(Fault::field).anyMatch(field::equals),
                faults.all().toString());
        assertNotNull(entry.kind());
    }

    @Test
    public void whatIsSaidInFullIsTaken() {
        List<BenchEntry> entries = List.of(
                step("pour", "done", 0),
                pour("water", 240.5, 0),
                entry(EntryKind.FELT, 12).withOutcome("soft").withText("smooth"),
                entry(EntryKind.READING, 12).withFigure("dough", 27.5),
                piece(1, 60, 30),
                entry(EntryKind.ON_PAN, 40).withPiece(1),
                entry(EntryKind.OFF_PAN, 41).withPiece(1),
                entry(EntryKind.TASTE, 60)
                        .withStep("hour")
                        .withFigure("fold", null)
                        .withOutcome("cracks"),
                entry(EntryKind.VERDICT, 61).withOutcome("well").withText("ten of ten"));
        Faults faults = new Faults();
        entries.forEach(entry -> entry.check(PANTRY, faults));
        assertEquals(faults.all(), List.of());
    }
}
