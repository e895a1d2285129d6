package verdamen.core.notebook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.read;
import static verdamen.core.Doughs.roti;

import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.bench.MadeFormula;
import verdamen.core.handling.Handling;
import verdamen.core.pantry.Feel;
import verdamen.core.rework.TrialResult;

/** What was predicted of a batch and what was seen, against figures worked out apart. */
public class OutcomeTest {

    private static Outcome outcome(NotedBatch batch, OutcomeFigure figure) {
        return Outcome.of(batch.record(), BOOK).stream()
                .filter(each -> each.figure() == figure)
                .findFirst()
                .orElseThrow();
    }

    private static double softness(String word) {
        return BOOK.feels().stream()
                .filter(each -> each.code().equals(word))
                .map(each -> each.of(read(roti(262)).style()))
                .mapToDouble(Feel::softnessMid)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void everyFigureHasItsOutcomeInOrder() {
        List<OutcomeFigure> all = Arrays.asList(OutcomeFigure.values());
        assertEquals(
                Outcome.of(NotedBatch.of(roti(262)).record(), BOOK).stream()
                        .map(Outcome::figure)
                        .toList(),
                all);
        assertEquals(
                Outcome.of(MadeFormula.of(roti(262), BOOK)).stream()
                        .map(Outcome::figure)
                        .toList(),
                all);
    }

    @Test
    public void ofWhatNobodyNotedNothingIsSeen() {
        for (Outcome outcome : Outcome.of(NotedBatch.of(roti(262)).record(), BOOK)) {
            assertNull(outcome.observed(), outcome.figure().code());
            assertNull(outcome.off(), outcome.figure().code());
        }
    }

    /** A dough that feels firmer than computed drank more: it needs as much more water as it drank, times the softness aimed for. */
    @Test
    public void theWaterFollowsFromHowItFelt() {
        double minute = 40;
        Dough dough = Dough.of(read(roti(262)));
        double target = dough.formula().softnessTarget();
        double drunk = dough.bringsGrams(minute) / softness("firm");
        double more = target * (drunk - dough.drinksGrams(minute));
        Outcome water = outcome(NotedBatch.of(roti(262)).felt("firm", minute), OutcomeFigure.WATER);
        assertNotNull(water.predicted());
        assertEquals(water.observed() - water.predicted(), more, 1e-9);
        assertEquals(water.off(), 100 * more / water.predicted(), 1e-9);
        Outcome feel = outcome(NotedBatch.of(roti(262)).felt("firm", minute), OutcomeFigure.FEEL);
        assertEquals(feel.observed(), softness("firm"), 1e-9);
        assertEquals(feel.predicted(), dough.softness(minute), 1e-9);
    }

    @Test
    public void theWaterIsPredictedOfWhatWasReallyPoured() {
        double minute = 40;
        NotedBatch batch = NotedBatch.of(roti(262)).poured("water", 290).felt("soft", minute);
        Dough dough = Dough.of(read(roti(290)));
        double others = dough.bringsGrams(minute) - Balance.water(dough).present();
        double target = dough.formula().softnessTarget();
        assertEquals(
                outcome(batch, OutcomeFigure.WATER).observed(),
                target * dough.bringsGrams(minute) / softness("soft") - others,
                1e-9);
    }

    @Test
    public void aFeelBeforeItIsKneadedSaysNothing() {
        assertNull(outcome(NotedBatch.of(roti(262)).felt("firm", 2), OutcomeFigure.WATER)
                .observed());
    }

    @Test
    public void piecesAreCounted() {
        NotedBatch batch = NotedBatch.of(roti(262))
                .rolled(1, "stuck", 50)
                .rolled(2, "fine", 52)
                .rolled(3, "tore", 54)
                .rolled(4, "stuck", 56)
                .off(1, "full", 58)
                .off(2, "part", 60)
                .off(3, "none", 62);
        assertEquals(outcome(batch, OutcomeFigure.READY).observed(), 50, 1e-9);
        assertEquals(outcome(batch, OutcomeFigure.STICK).observed(), 50, 1e-9);
        assertEquals(outcome(batch, OutcomeFigure.TEAR).observed(), 25, 1e-9);
        assertEquals(outcome(batch, OutcomeFigure.CRACK).observed(), 0, 1e-9);
        assertEquals(outcome(batch, OutcomeFigure.PUFF).observed(), 50, 1e-9);
        Handling then = Handling.at(Dough.of(read(roti(262))), 50);
        assertEquals(
                outcome(batch, OutcomeFigure.STICK).predicted(), then.stick(), 1e-9, "at the minute it was rolled");
        assertEquals(outcome(batch, OutcomeFigure.SPRING_BACK).predicted(), then.springBackPct(), 1e-9);
    }

    @Test
    public void whatSpringsBackIsSmallerThanPlanned() {
        double planned = MadeFormula.of(roti(262), BOOK).portion().size().diameterMm();
        NotedBatch batch =
                NotedBatch.of(roti(262)).rolledTo(1, 0.9 * planned, 50).rolledTo(2, 0.94 * planned, 51);
        assertEquals(outcome(batch, OutcomeFigure.SPRING_BACK).observed(), 8, 1e-9);
        NotedBatch wider = NotedBatch.of(roti(262)).rolledTo(1, 1.2 * planned, 50);
        assertEquals(outcome(wider, OutcomeFigure.SPRING_BACK).observed(), 0, 1e-9);
    }

    @Test
    public void cookLossIsOfThePiecesWeighedRaw() {
        NotedBatch batch = NotedBatch.of(roti(262))
                .weighed(1, 50)
                .weighed(2, 54)
                .cooked(45, 70)
                .cooked(43, 72);
        assertEquals(outcome(batch, OutcomeFigure.COOK_LOSS).observed(), 100 * (1 - 44.0 / 52), 1e-9);
    }

    /** Fold tests by hours after the last piece: what is known of the hours, and what of that is nearest to the prediction. */
    @DataProvider
    Object[][] folds() {
        double soft = MadeFormula.of(roti(262), BOOK).keeping().softHours();
        return new Object[][] {
            {List.of("folds"), List.of(soft / 2), soft, soft / 2, null},
            {List.of("folds"), List.of(soft * 2), soft * 2, soft * 2, null},
            {List.of("breaks"), List.of(soft * 2), soft, null, soft * 2},
            {List.of("breaks"), List.of(soft / 2), soft / 2, null, soft / 2},
            {List.of("cracks"), List.of(soft * 3), soft * 3, soft * 3, soft * 3},
            {List.of("folds", "breaks"), List.of(soft / 4, soft / 2), soft / 2, soft / 4, soft / 2},
        };
    }

    @Test(dataProvider = "folds")
    public void aFoldTestSaysHowLongAtLeastOrAtMost(
            List<String> outcomes, List<Double> hours, double nearest, Double atLeast, Double atMost) {
        NotedBatch batch = NotedBatch.of(roti(262)).rolled(1, "fine", 50).off(1, "full", 60);
        for (int at = 0; at < outcomes.size(); at++) {
            batch.folded(outcomes.get(at), 60 + 60 * hours.get(at));
        }
        Outcome soft = outcome(batch, OutcomeFigure.SOFT_HOURS);
        assertEquals(soft.observed(), nearest, 0.01);
        same(soft.atLeast(), atLeast);
        same(soft.atMost(), atMost);
    }

    private static void same(Double actual, Double expected) {
        if (expected == null) {
            assertNull(actual);
        } else {
            assertEquals(actual, expected, 0.01);
        }
    }

    @Test
    public void aBatchIsTheResultOfARunAsFarAsItWasNoted() {
        TrialResult nothing = RunResult.of(NotedBatch.of(roti(262)).record(), BOOK);
        assertEquals(nothing, new TrialResult(262.0, null, null, null, null, null, null, null, null, null));
        TrialResult result = RunResult.of(
                NotedBatch.of(roti(262))
                        .poured("water", 251)
                        .felt("slack", 2)
                        .felt("soft", 40)
                        .rolled(1, "tore", 50)
                        .rolled(2, "fine", 51)
                        .off(1, "none", 60)
                        .off(2, "full", 61)
                        .folded("folds", 70)
                        .folded("cracks", 700)
                        .record(),
                BOOK);
        assertEquals(result, new TrialResult(251.0, "soft", null, 1.0, null, 50.0, "cracks", null, null, null));
        assertEquals(result.checked(BOOK), result, "it can be kept as it is");
    }

    @Test
    public void theScorecardIsTheMeanOfWhatItWasOffBy() {
        NotedBatch firm = NotedBatch.of(roti(262)).felt("firm", 40).rolled(1, "stuck", 50);
        NotedBatch slack = NotedBatch.of(roti(262)).felt("slack", 40);
        List<Outcome> one = Outcome.of(firm.record(), BOOK);
        List<Outcome> other = Outcome.of(slack.record(), BOOK);
        Scorecard card = Scorecard.of(List.of(new Scorecard.Seen(7, one), new Scorecard.Seen(8, other)));
        Scorecard.ScoredFigure feel = card.figures().get(OutcomeFigure.FEEL.ordinal());
        double first = outcome(firm, OutcomeFigure.FEEL).off();
        double second = outcome(slack, OutcomeFigure.FEEL).off();
        assertEquals(feel.bias(), (first + second) / 2, 1e-12);
        assertEquals(feel.error(), (Math.abs(first) + Math.abs(second)) / 2, 1e-12);
        assertEquals(feel.points().stream().map(Scorecard.ScoredPoint::batch).toList(), List.of(7L, 8L));
        Scorecard.ScoredFigure stick = card.figures().get(OutcomeFigure.STICK.ordinal());
        assertEquals(stick.points().size(), 1, "the other one was not rolled");
        Scorecard.ScoredFigure puff = card.figures().get(OutcomeFigure.PUFF.ordinal());
        assertNull(puff.bias());
        assertNull(puff.error());
    }
}
