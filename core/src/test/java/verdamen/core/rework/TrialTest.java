package verdamen.core.rework;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.line;
import static verdamen.core.Doughs.read;
import static verdamen.core.Doughs.spec;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.edit.WaterLines;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.rework.TrialEffects.Interaction;
import verdamen.core.rework.TrialEffects.MainEffect;
import verdamen.core.rework.TrialEffects.Told;
import verdamen.core.rework.TrialSeries.TrialRun;

/** Series of trials: which runs, in which order, and what their results say. */
public class TrialTest {

    private static final Set<Carried> ALL = EnumSet.noneOf(Carried.class);
    private static final ChangeSpec EMMER = ChangeSpec.replace(0, "emmer-whole", null, null, null);
    private static final ChangeSpec PUMPKIN = ChangeSpec.add("pumpkin-cooked", "puree", null);
    private static final ChangeSpec OIL = ChangeSpec.add("neutral-oil", null, null);

    private static FormulaSpec roti() {
        FormulaSpec spec = spec("roti", line("wheat-atta", 400), line("water", 260), line("salt-fine", 7));
        return WaterLines.exactly(spec, read(spec), BOOK);
    }

    private static FactorSpec factor(ChangeSpec change, double low, double high) {
        return new FactorSpec(change, low, high, null);
    }

    private static TrialQuestion asked(List<FactorSpec> factors, boolean centre, int rounds, @Nullable String seed) {
        return new TrialQuestion(null, roti(), factors, List.of(), centre, rounds, seed, List.of("rolling"), ALL);
    }

    private static TrialSeries series(boolean centre, int rounds) {
        return TrialSeries.of(
                asked(List.of(factor(EMMER, 0, 0.4), factor(PUMPKIN, 0, 0.2)), centre, rounds, "emmer"), BOOK);
    }

    private static TrialSeries ofThree() {
        return TrialSeries.of(
                asked(
                        List.of(factor(EMMER, 0, 0.4), factor(PUMPKIN, 0, 0.2), factor(OIL, 0.02, 0.06)),
                        true,
                        1,
                        "three"),
                BOOK);
    }

    private static TrialResult rolled(@Nullable Double mark) {
        return new TrialResult(null, null, null, null, mark, null, null, null, null, null);
    }

    private static List<TrialResult> results(TrialSeries series, ToDoubleFunction<List<Double>> mark) {
        return series.runs().stream()
                .map(run -> rolled(mark.applyAsDouble(run.shares())))
                .toList();
    }

    private static TrialEffects effects(TrialSeries series, List<TrialResult> results) {
        return TrialEffects.of(series, results, BOOK).get(0);
    }

    @Test
    public void everyLevelMeetsEveryOther() {
        TrialSeries three = ofThree();
        assertEquals(three.runs().size(), 9);
        Set<List<Double>> shares =
                new HashSet<>(three.runs().stream().map(TrialRun::shares).toList());
        assertEquals(shares.size(), 9);
        assertTrue(shares.contains(List.of(0.2, 0.1, 0.04)), "the centre");
        for (double emmer : new double[] {0, 0.4}) {
            for (double pumpkin : new double[] {0, 0.2}) {
                for (double oil : new double[] {0.02, 0.06}) {
                    assertTrue(shares.contains(List.of(emmer, pumpkin, oil)));
                }
            }
        }
    }

    @Test
    public void aRunIsTheReworkOfItsShares() {
        for (TrialRun run : series(true, 1).runs()) {
            List<ChangeSpec> changes = List.of(
                    EMMER.withShare(run.shares().get(0)),
                    PUMPKIN.withShare(run.shares().get(1)));
            FormulaSpec alone =
                    Rework.of(roti(), changes, ALL, BOOK).weighable(roti()).formula();
            assertEquals(run.formula(), alone);
        }
    }

    @Test
    public void theSameNameDrawsTheSameOrderAndAnotherMostlyAnother() {
        assertEquals(series(true, 3), series(true, 3));
        List<List<Double>> orders = new ArrayList<>();
        for (String seed : List.of("emmer", "May", "second week", "4711")) {
            List<FactorSpec> factors = List.of(factor(EMMER, 0, 0.4), factor(PUMPKIN, 0, 0.2), factor(OIL, 0, 0.1));
            orders.add(TrialSeries.of(asked(factors, false, 1, seed), BOOK).runs().stream()
                    .flatMap(run -> run.shares().stream())
                    .toList());
        }
        assertEquals(new HashSet<>(orders).size(), orders.size());
    }

    @Test
    public void aLevelThatIsNotSaidIsNothingOrTheShareOfTheChange() {
        FactorSpec factor = new FactorSpec(EMMER.withShare(0.3), null, null, null);
        TrialSeries series = TrialSeries.of(asked(List.of(factor), false, 1, "emmer"), BOOK);
        assertEquals(series.factors().get(0).shares(), List.of(0.0, 0.3));
    }

    @Test
    public void eachRoundHasEveryRunOnce() {
        List<TrialRun> runs = series(true, 3).runs();
        assertEquals(runs.size(), 15);
        for (int round = 0; round < 3; round++) {
            assertEquals(new HashSet<>(runs.subList(5 * round, 5 * round + 5)).size(), 5);
        }
    }

    @Test
    public void pickedRungsAreARunEach() {
        FactorSpec rungs = new FactorSpec(EMMER, null, null, List.of(0.6, 0.1, 0.35, 0.1));
        TrialSeries series = TrialSeries.of(asked(List.of(rungs), false, 1, "rungs"), BOOK);
        assertEquals(series.factors().get(0).shares(), List.of(0.1, 0.35, 0.6));
        assertEquals(series.runs().size(), 3);
        List<TrialResult> results = results(series, shares -> 8 - 5 * shares.get(0));
        TrialEffects effects = effects(series, results);
        assertEquals(effects.told(), Told.EVERYTHING);
        assertEquals(effects.main().get(0).perStep(), -0.5, 1e-9);
        assertTrue(effects.together().isEmpty());
    }

    /** A model that is known is found again, its interaction too, in the unit of ten percent. */
    @Test
    public void whatWasPutInIsReadBack() {
        TrialSeries series = series(true, 2);
        ToDoubleFunction<List<Double>> rolls =
                shares -> 8 - 6 * shares.get(0) - 10 * shares.get(1) + 20 * shares.get(0) * shares.get(1);
        TrialEffects effects = effects(series, results(series, rolls));
        assertEquals(effects.told(), Told.EVERYTHING);
        assertNull(effects.needed());
        MainEffect emmer = effects.main().get(0);
        assertEquals(emmer.perStep(), 0.1 * (-6 + 20 * 0.1), 1e-9);
        assertTrue(emmer.standsOut());
        assertEquals(effects.main().get(1).perStep(), 0.1 * (-10 + 20 * 0.2), 1e-9);
        Interaction both = effects.together().get(0);
        assertEquals(both.atLow(), -0.6, 1e-9);
        assertEquals(both.atHigh(), 0.1 * (-6 + 20 * 0.2), 1e-9);
    }

    /** Worked by hand: corners 8, 6, 7, 3 and a centre of 6.5; coded effects -1.5, -1, -0.5; residual 0.4 sum of squares. */
    @Test
    public void theUncertaintyIsTheStandardErrorOfLeastSquares() {
        TrialSeries series = series(true, 1);
        TrialEffects effects = effects(series, results(series, TrialTest::byHand));
        // The corners' mean is 6, with the centre 6.1: residuals 4 × 0.1² + 0.4² = 0.2, one run to spare, over four
        // corners.
        double error = Math.sqrt(0.2 / 4);
        assertEquals(effects.main().get(0).perStep(), -1.5 * 0.1 / 0.2, 1e-9);
        assertEquals(effects.main().get(0).standardError(), error * 0.1 / 0.2, 1e-9);
        assertEquals(effects.main().get(1).perStep(), -1 * 0.1 / 0.1, 1e-9);
        Interaction both = effects.together().get(0);
        assertEquals(both.atLow(), (-1.5 + 0.5) / 2, 1e-9);
        assertEquals(both.atHigh(), (-1.5 - 0.5) / 2, 1e-9);
        assertEquals(both.standardError(), 2 * error / 2, 1e-9);
        // One run to spare: three times the error and a little more stand out, less does not.
        assertTrue(effects.main().get(0).standsOut());
        assertFalse(both.standsOut());
    }

    private static double byHand(List<Double> shares) {
        boolean emmer = shares.get(0) > 0.3;
        boolean pumpkin = shares.get(1) > 0.15;
        boolean centre = shares.get(0) > 0.1 && !emmer;
        return centre ? 6.5 : emmer ? (pumpkin ? 3 : 6) : pumpkin ? 7 : 8;
    }

    @Test
    public void whatNoRunIsToSpareForHasNoUncertainty() {
        TrialSeries series = series(false, 1);
        TrialEffects effects = effects(series, results(series, TrialTest::byHand));
        assertEquals(effects.told(), Told.EVERYTHING);
        assertNull(effects.main().get(0).standardError());
        assertFalse(effects.main().get(0).standsOut());
    }

    @Test
    public void fewerRunsThanEffectsInventNothing() {
        TrialSeries series = series(true, 1);
        List<TrialResult> all = results(series, TrialTest::byHand);
        List<TrialResult> some = new ArrayList<>();
        Told before = Told.NOTHING;
        for (int filled = 0; filled <= all.size(); filled++) {
            some.clear();
            for (int at = 0; at < all.size(); at++) {
                some.add(at < filled ? all.get(at) : TrialResult.NONE);
            }
            TrialEffects effects = effects(series, some);
            assertEquals(effects.runs(), filled);
            assertTrue(filled >= 3 || effects.told() == Told.NOTHING, filled + " runs tell " + effects.told());
            assertTrue(filled >= 4 || effects.told() != Told.EVERYTHING, filled + " runs tell " + effects.told());
            assertTrue(effects.told().compareTo(before) <= 0, "more runs tell no less");
            before = effects.told();
        }
        assertEquals(before, Told.EVERYTHING);
    }

    @Test
    public void aFactorThatWasNotVariedTellsNothing() {
        TrialSeries series = series(false, 3);
        List<TrialResult> onlyWithout = series.runs().stream()
                .map(run -> run.shares().get(0) > 0
                        ? TrialResult.NONE
                        : rolled(7 - run.shares().get(1)))
                .toList();
        TrialEffects effects = effects(series, onlyWithout);
        assertEquals(effects.runs(), 6);
        assertEquals(effects.told(), Told.NOTHING);
    }

    /** The error is what scatter makes of it: over many series the true effect lies within two errors nearly always. */
    @Test
    public void theTruthLiesWithinTheUncertainty() {
        Random random = new Random(7);
        TrialSeries series = series(true, 3);
        int within = 0;
        for (int each = 0; each < 200; each++) {
            TrialEffects effects = effects(
                    series,
                    results(series, shares -> 6 - 5 * shares.get(0) + 3 * shares.get(1) + random.nextGaussian() / 2));
            MainEffect emmer = effects.main().get(0);
            within += Math.abs(emmer.perStep() + 0.5) < 2.2 * emmer.standardError() ? 1 : 0;
        }
        assertTrue(within > 180 && within < 200, within + " of 200");
    }

    @Test
    public void aSeriesWithoutANameIsCalledByWhatIsVaried() {
        TrialQuestion unnamed = asked(List.of(factor(EMMER, 0, 0.4), factor(PUMPKIN, 0, 0.2)), true, 1, null);
        TrialSeries series = TrialSeries.of(unnamed, BOOK);
        String emmer = BOOK.ingredient("emmer-whole").orElseThrow().name();
        assertTrue(series.name().startsWith(emmer + " and "), series.name());
        assertTrue(series.name().length() <= 80);
        assertEquals(series.seed(), series.name(), "its order is drawn from its name");
    }

    @Test
    public void theSheetSaysOnceWhatEveryRunHasAndWhatDiffersRunByRun() {
        TrialSeries series = series(true, 1);
        TrialSheet sheet = TrialSheet.of(series, BOOK);
        assertEquals(sheet.runs().size(), 5);
        assertTrue(sheet.different().containsAll(List.of("wheat-atta", "emmer-whole", "pumpkin-cooked", "water")));
        for (int at = 0; at < 5; at++) {
            TrialRun run = series.runs().get(at);
            double weighed =
                    sheet.same().values().stream().mapToDouble(grams -> grams).sum()
                            + sheet.runs().get(at).values().stream()
                                    .mapToDouble(grams -> grams)
                                    .sum();
            assertEquals(
                    weighed,
                    run.formula().linesOrNone().stream()
                            .mapToDouble(line -> line.grams())
                            .sum(),
                    1e-9);
        }
    }

    /** An ingredient of the kitchen's own may be deleted after a series was made with it. */
    @Test
    public void aSheetOfWhatThePantryNoLongerHasIsReadAsItIsWritten() {
        FormulaSpec gone = spec("roti", line("wheat-atta", 400), line("nothing-like-it", 50), line("water", 260));
        FormulaSpec more = spec("roti", line("wheat-atta", 400), line("nothing-like-it", 80), line("water", 260));
        TrialSeries series = new TrialSeries(
                "Old",
                "Old",
                List.of(),
                List.of(),
                List.of(new TrialRun(List.of(0.1), gone), new TrialRun(List.of(0.2), more)));
        TrialSheet sheet = TrialSheet.of(series, BOOK);
        assertEquals(sheet.same(), Map.of("wheat-atta", 400.0, "water", 260.0));
        assertEquals(sheet.runs(), List.of(Map.of("nothing-like-it", 50.0), Map.of("nothing-like-it", 80.0)));
    }

    @Test
    public void wordsStandForNumbers() {
        TrialResult result = new TrialResult(250.0, "soft", 1.6, 1.0, 7.0, 90.0, "cracks", 8.0, null, " dry edges ");
        assertEquals(result.checked(BOOK).note(), "dry edges");
        assertEquals(result.value(TrialMeasure.FOLD, null, BOOK), 1.0);
        assertNull(result.value(TrialMeasure.FEEL, null, BOOK));
        double middle = BOOK.feels().stream()
                .filter(feel -> feel.code().equals("soft"))
                .findFirst()
                .orElseThrow()
                .softnessMid();
        assertEquals(result.value(TrialMeasure.FEEL, BOOK.style("roti").orElseThrow(), BOOK), middle, 1e-9);
        assertEquals(result.value(TrialMeasure.WATER, null, BOOK), 250.0);
    }

    @DataProvider
    Object[][] refused() {
        FactorSpec emmer = factor(EMMER, 0, 0.4);
        return new Object[][] {
            {List.of(), "factors", FaultCode.MISSING},
            {List.of(emmer, emmer, emmer, emmer), "factors", FaultCode.TOO_MANY},
            {List.of(new FactorSpec(null, 0.0, 0.4, null)), "factors[0].change", FaultCode.MISSING},
            {List.of(factor(EMMER, 0.4, 0.4)), "factors[0].highShare", FaultCode.TOO_SMALL},
            {List.of(emmer, factor(PUMPKIN, 0, 1.4)), "factors[1].highShare", FaultCode.TOO_LARGE},
            {List.of(new FactorSpec(EMMER, 0.1, null, null)), "factors[0].highShare", FaultCode.MISSING},
            {List.of(new FactorSpec(EMMER, null, null, List.of(0.2))), "factors[0].shares", FaultCode.TOO_SMALL},
            {List.of(new FactorSpec(EMMER, null, null, List.of(0.2, 2.0))), "factors[0].shares[1]", FaultCode.TOO_LARGE
            },
            {List.of(new FactorSpec(EMMER, 0.0, null, List.of(0.2, 0.3))), "factors[0].lowShare", FaultCode.CONTRADICTS
            },
            {
                List.of(emmer, new FactorSpec(PUMPKIN, null, null, List.of(0.2, 0.3))),
                "factors[1].shares",
                FaultCode.CONTRADICTS
            },
            {
                List.of(factor(ChangeSpec.add("moonflour", null, null), 0, 1)),
                "factors[0].change.add",
                FaultCode.UNKNOWN_CODE
            },
            // Of one line no more can be taken by two than there is.
            {
                List.of(factor(EMMER, 0, 0.7), factor(ChangeSpec.replace(0, "rye-whole", null, null, null), 0, 0.7)),
                "factors[1].change.share",
                FaultCode.TOO_LARGE
            },
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeMadeIsRefusedByName(List<FactorSpec> factors, String field, FaultCode code) {
        RefusedException refused =
                expectThrows(RefusedException.class, () -> TrialSeries.of(asked(factors, true, 1, "x"), BOOK));
        assertTrue(
                refused.faults().stream().anyMatch(fault -> fault.field().equals(field) && fault.code() == code),
                refused.faults().toString());
    }

    @Test
    public void resultsAreRefusedByName() {
        TrialResult wrong =
                new TrialResult(-1.0, "fluffy", 99.0, -1.0, 10.0, 101.0, "bends", 0.0, null, "x".repeat(501));
        RefusedException refused = expectThrows(RefusedException.class, () -> wrong.checked(BOOK));
        assertEquals(
                refused.faults().stream().map(Fault::field).sorted().toList(),
                List.of("feel", "fold", "note", "puffPct", "rolling", "sheetMm", "taste", "tears", "waterGrams"));
        assertNotEquals(wrong, TrialResult.NONE);
    }
}
