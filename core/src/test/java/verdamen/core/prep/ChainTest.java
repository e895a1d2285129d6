package verdamen.core.prep;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.prep.StepKind.*;

import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.RandomFormulas;
import verdamen.core.balance.Balance;
import verdamen.core.balance.LedgerRow;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.prep.StepSpec.CoolingSpec;
import verdamen.core.prep.StepSpec.HeatingSpec;

/** Preparation chains: every kind of step worked by hand, what is refused, and balances over random chains. */
public class ChainTest {

    private static final double EPSILON = 1e-9;

    /** Each row: what is bought, grams, the steps, then grams and water share worked by hand. */
    @DataProvider
    Object[][] worked() {
        return new Object[][] {
            // carrot 88.3 % water: 400 g weighed at 340 g after peeling are as wet as before
            {"carrot-raw", 400, steps(StepSpec.of(TRIM).leaving(340)), 340.0, 0.883},
            // typical peeling of a root keeps 84 %
            {"carrot-raw", 400, steps(StepSpec.of(TRIM)), 336.0, 0.883},
            // 200 g spinach 91.5 % water, 224 g after washing: (183 + 24)/224
            {"spinach-raw", 200, steps(StepSpec.of(WASH).leaving(224)), 224.0, 207.0 / 224},
            // grated, one percent on the grater
            {"courgette-raw", 300, steps(StepSpec.of(GRATE)), 297.0, 0.948},
            {"onion-raw", 100, steps(StepSpec.of(CHOP)), 100.0, 0.891},
            // 300 g courgette 94.8 %, 100 g of liquid without salt: (284.4 − 95)/200
            {"courgette-raw", 300, steps(StepSpec.of(PRESS).running(100)), 200.0, 189.4 / 200},
            {"courgette-raw", 300, steps(StepSpec.of(PRESS).leaving(200)), 200.0, 189.4 / 200},
            // 500 g potato 79.3 %, 103.5 g dry, 470 g after boiling
            {"potato-raw", 500, steps(StepSpec.of(BOIL).leaving(470)), 470.0, 1 - 103.5 / 470},
            // 200 g dry chickpeas 10.5 % water: 179 g dry · 0.95 = 170.05 g in 427 g
            {"chickpea-dry", 200, steps(StepSpec.of(SOAK_BOIL).leaving(427)), 427.0, 1 - 170.05 / 427},
            // 600 g pumpkin 89.9 %, 60.6 g dry, 430 g out of the oven
            {"pumpkin-raw", 600, steps(StepSpec.of(ROAST).leaving(430)), 430.0, 1 - 60.6 / 430},
            // 200 g spinach, 17 g dry, 140 g wilted
            {"spinach-raw", 200, steps(StepSpec.of(WILT).leaving(140)), 140.0, 1 - 17.0 / 140},
            {"tomato-raw", 400, steps(StepSpec.of(COOK_DOWN).leaving(160)), 160.0, 1 - 22.0 / 160},
            // the same by the 240 g of water that left
            {"tomato-raw", 400, steps(StepSpec.of(COOK_DOWN).running(240)), 160.0, 1 - 22.0 / 160},
            // 200 g cooked pumpkin 91.3 % puréed with 50 g water: (182.6 + 50)/250
            {"pumpkin-cooked", 200, steps(StepSpec.of(PUREE).adding("water", 50)), 250.0, 232.6 / 250},
            {"potato-boiled", 300, steps(StepSpec.of(MASH).leaving(290)), 290.0, 0.773},
            // 100 g flakes 6.6 %, 450 g: (6.6 + 350)/450
            {"potato-flakes", 100, steps(StepSpec.of(REHYDRATE).leaving(450)), 450.0, 356.6 / 450},
            // 10 g of steam from 300 g mash: (231.9 − 10)/290
            {"potato-boiled", 300, steps(StepSpec.of(COOL).leaving(290)), 290.0, 221.9 / 290},
            // 250 g butter 82 % fat: 0.98 · 205
            {"butter", 250, steps(StepSpec.of(CLARIFY)), 200.9, 0.003},
        };
    }

    private static StepSpec[] steps(StepSpec... steps) {
        return steps;
    }

    @Test(dataProvider = "worked")
    public void everyStepGivesWhatOneWorksOutByHand(
            String bought, double grams, StepSpec[] steps, double after, double water) {
        Chain chain = Chains.read(bought, grams, steps);
        assertEquals(chain.result().grams(), after, EPSILON);
        assertEquals(chain.result().waterShare(), water, 1e-6);
    }

    @Test
    public void everyKindOfStepIsWorkedByHand() {
        for (StepKind kind : StepKind.values()) {
            boolean worked = kind == SALT_STAND
                    || java.util.Arrays.stream(worked())
                            .anyMatch(row -> ((StepSpec[]) row[2])[0].kind().equals(kind.code()));
            assertTrue(worked, kind.code());
        }
    }

    @Test
    public void saltGoesWithTheLiquidItIsDissolvedIn() {
        // 300 g courgette, 284.4 g water, 6 g salt; 106 g run: base L = 106/(1 + 0.95 · 6/284.4)
        Chain chain = Chains.read(
                "courgette-raw",
                300,
                StepSpec.of(SALT_STAND).adding("salt-fine", 6).leaving(200));
        double base = 106 / (1 + 0.95 * 6 / 284.4);
        double saltGone = 6 * 0.95 * base / 284.4;
        assertEquals(chain.liquid().saltGrams(), saltGone, EPSILON);
        assertEquals(chain.result().saltGrams(), 6 - saltGone, EPSILON);
        assertEquals(chain.result().grams(), 200, EPSILON);
        assertEquals(chain.result().waterGrams(), 284.4 - 0.95 * base, EPSILON);
    }

    @Test
    public void liquidOnTheClothIsNotCaught() {
        StepSpec press = StepSpec.of(PRESS).leaving(200).running(90);
        Liquid liquid = Chains.read("courgette-raw", 300, press).liquid();
        assertEquals(liquid.grams(), 100, EPSILON);
        assertEquals(liquid.caughtGrams(), 90, EPSILON);
    }

    @Test
    public void whatWasNotTakenAlongStaysBehind() {
        StepSpec half = new StepSpec("mash", 150.0, 150.0, null, null, null, null, null);
        Chain chain = Chains.read("potato-boiled", 300, half);
        assertEquals(chain.result().grams(), 150, EPSILON);
        assertEquals(chain.steps().get(0).leftGrams(), 150, EPSILON);
    }

    @Test
    public void tellsHowMuchToBuy() {
        // boiled 470 of 500, mashed 460: 160 g need 160 · 500/460
        Chain chain = Chains.read(
                "potato-raw",
                500,
                StepSpec.of(BOIL).leaving(470),
                StepSpec.of(MASH).leaving(460));
        assertEquals(chain.buyGrams(160), 160 * 500.0 / 460, EPSILON);
        assertEquals(chain.yield(), 0.92, EPSILON);
    }

    @DataProvider
    Object[][] impossible() {
        return new Object[][] {
            {"carrot-raw", StepSpec.of(TRIM).leaving(120), "afterGrams", FaultCode.CREATES_MATTER, 100.0},
            {"carrot-raw", StepSpec.of(ROAST).leaving(101), "afterGrams", FaultCode.CREATES_MATTER, 100.0},
            {"carrot-raw", StepSpec.of(ROAST).leaving(11), "afterGrams", FaultCode.NO_WATER_LEFT, 11.7},
            {"carrot-raw", StepSpec.of(BOIL).leaving(5), "afterGrams", FaultCode.NO_WATER_LEFT, 11.7},
            {"carrot-raw", StepSpec.of(PRESS).running(95), "liquidGrams", FaultCode.NO_WATER_LEFT, 88.3 / 0.95},
            {"carrot-raw", StepSpec.of(PRESS).leaving(4), "afterGrams", FaultCode.NO_WATER_LEFT, 100 - 88.3 / 0.95},
            {"carrot-raw", StepSpec.of(PRESS).leaving(130), "afterGrams", FaultCode.CREATES_MATTER, 100.0},
            {"carrot-raw", StepSpec.of(PRESS).leaving(80).running(30), "liquidGrams", FaultCode.CREATES_MATTER, 20.0},
            {"spinach-raw", StepSpec.of(WASH).leaving(2), "afterGrams", FaultCode.NO_WATER_LEFT, 8.5},
            {"potato-flakes", StepSpec.of(REHYDRATE).leaving(90), "afterGrams", FaultCode.CREATES_MATTER, 100.0},
            {"butter", StepSpec.of(CLARIFY).leaving(90), "afterGrams", FaultCode.CREATES_MATTER, 82.0},
            {"potato-boiled", StepSpec.of(COOL).leaving(101), "afterGrams", FaultCode.CREATES_MATTER, 100.0},
        };
    }

    @Test(dataProvider = "impossible")
    public void refusesImpossibleWeightsWithTheReason(
            String bought, StepSpec step, String field, FaultCode code, double limit) {
        List<Fault> faults = Chains.faults(Chains.spec(bought, 100, step));
        assertEquals(faults.size(), 1, faults.toString());
        assertEquals(faults.get(0).field(), "preps[0].steps[0]." + field);
        assertEquals(faults.get(0).code(), code);
        assertEquals(faults.get(0).limit(), limit, 1e-6);
    }

    @Test
    public void refusesMoreThanTheStepBeforeLeftButForgivesTheScale() {
        StepSpec tooMuch = new StepSpec("grate", 110.0, null, null, null, null, null, null);
        assertEquals(
                Chains.faults(Chains.spec("carrot-raw", 100, tooMuch)).get(0).code(), FaultCode.CREATES_MATTER);
        StepSpec nearly = new StepSpec("chop", 101.5, null, null, null, null, null, null);
        assertEquals(Chains.read("carrot-raw", 100, nearly).result().grams(), 100, EPSILON);
    }

    @DataProvider
    Object[][] misfits() {
        return new Object[][] {
            {"carrot-raw", CLARIFY, FaultCode.NOT_FOR_THIS_STEP},
            {"carrot-raw", REHYDRATE, FaultCode.NOT_FOR_THIS_STEP},
            {"carrot-raw", SOAK_BOIL, FaultCode.NOT_FOR_THIS_STEP},
            {"butter", GRATE, FaultCode.NOT_FOR_THIS_STEP},
            {"wheat-atta", ROAST, FaultCode.NOT_FOR_THIS_STEP},
            {"no-such-root", ROAST, FaultCode.UNKNOWN_CODE},
        };
    }

    @Test(dataProvider = "misfits")
    public void refusesStepsThatCannotBeDoneToIt(String bought, StepKind kind, FaultCode code) {
        assertEquals(
                Chains.faults(Chains.spec(bought, 100, StepSpec.of(kind)))
                        .get(0)
                        .code(),
                code);
    }

    @Test
    public void findsEveryFaultOfAChainAtOnce() {
        ChainSpec broken = new ChainSpec("", null, null, null, "thrown", List.of());
        assertEquals(Chains.faults(broken).size(), 4);
    }

    /** Each row: what is bought, the steps, the form it meets the flour in. */
    @DataProvider
    Object[][] forms() {
        return new Object[][] {
            {"spinach-raw", steps(), "raw-leaf"},
            {"spinach-raw", steps(StepSpec.of(CHOP)), "raw-chopped"},
            {"spinach-raw", steps(StepSpec.of(WILT), StepSpec.of(CHOP), StepSpec.of(PRESS)), "wilted"},
            {"courgette-raw", steps(StepSpec.of(GRATE), StepSpec.of(PRESS)), "pressed"},
            {"onion-raw", steps(StepSpec.of(CHOP), StepSpec.of(COOK_DOWN)), "cooked-down"},
            {"pumpkin-raw", steps(StepSpec.of(ROAST), StepSpec.of(PUREE)), "puree"},
            {"potato-raw", steps(StepSpec.of(BOIL), StepSpec.of(MASH)), "mash-hot"},
            {"potato-raw", steps(StepSpec.of(BOIL), StepSpec.of(MASH), StepSpec.of(COOL)), "mash"},
            {"potato-raw", steps(StepSpec.of(BOIL), StepSpec.of(COOL), StepSpec.of(MASH)), "mash"},
            {"lentil-red-dry", steps(StepSpec.of(SOAK_BOIL), StepSpec.of(MASH)), "pulse-mash"},
            {"chickpea-dry", steps(StepSpec.of(SOAK_BOIL)), "pulse-whole"},
            {"potato-flakes", steps(StepSpec.of(REHYDRATE)), "mash"},
            {"milk-powder-whole", steps(StepSpec.of(REHYDRATE)), null},
        };
    }

    @Test(dataProvider = "forms")
    public void meetsTheFlourInItsForm(String bought, StepSpec[] steps, String form) {
        assertEquals(Chains.read(bought, 200, steps).form(), form);
    }

    @Test
    public void becomesWhatThePantryKnowsCooked() {
        assertEquals(
                Chains.read("pumpkin-raw", 200, StepSpec.of(ROAST))
                        .result()
                        .ingredient()
                        .code(),
                "pumpkin-cooked");
        assertEquals(
                Chains.read("milk-powder-whole", 20, StepSpec.of(REHYDRATE))
                        .result()
                        .ingredient()
                        .code(),
                "milk-whole");
    }

    @Test
    public void neverPressedKeepsItsLiquid() {
        ChainSpec spec = Chains.spec(
                "courgette-raw",
                300,
                StepSpec.of(GRATE).leaving(300),
                StepSpec.of(SALT_STAND).adding("salt-fine", 4),
                StepSpec.of(PRESS).running(100));
        Chain chain = Chains.read(spec, LiquidUse.NEVER_PRESSED);
        assertEquals(chain.result().grams(), 304, EPSILON);
        assertEquals(chain.liquid().grams(), 0, EPSILON);
        assertEquals(chain.form(), "raw-grated");
        assertTrue(chain.steps().get(2).skipped());
    }

    @Test
    public void remarksOnWhatToMind() {
        assertEquals(
                Chains.read("potato-raw", 300, StepSpec.of(BOIL), StepSpec.of(MASH))
                        .remarks(),
                List.of(Chain.Remark.HOT_MASH));
        assertEquals(Chains.read("spinach-raw", 300, StepSpec.of(WILT)).remarks(), List.of(Chain.Remark.STILL_HOT));
        assertEquals(
                Chains.read("courgette-raw", 300, StepSpec.of(PRESS).running(200))
                        .remarks(),
                List.of(Chain.Remark.PRESSED_HARD));
        assertEquals(Chains.read("chickpea-dry", 300).remarks(), List.of(Chain.Remark.NOT_BOILED));
    }

    @Test
    public void coolsByNewtonsLaw() {
        CoolingSpec heap = new CoolingSpec(80.0, 20.0, 30.0, false, null, null);
        Cooling cooling = cooling(heap);
        assertEquals(cooling.minutes(), Math.log(6) / 0.016 / Math.cbrt(500 / 100.0), EPSILON);
        assertTrue(cooling.safeMinutes() > 120);
        assertEquals(
                cooling(new CoolingSpec(80.0, 20.0, 30.0, null, null, null)).minutes(),
                Math.log(6) / 0.045,
                EPSILON,
                "spread thin, unless somebody says otherwise");
        CoolingSpec spread = new CoolingSpec(80.0, 5.0, 30.0, true, null, null);
        assertEquals(cooling(spread).minutes(), Math.log(3) / 0.045 / 1.3, EPSILON, "the air of a fridge moves");
        assertTrue(cooling(spread).safeMinutes() < 130);
    }

    @Test
    public void aLargeHeapCoolsSlowlyAndAStirredOneFaster() {
        CoolingSpec heap = new CoolingSpec(90.0, 22.0, null, false, null, null);
        CoolingSpec stirred = new CoolingSpec(90.0, 22.0, null, false, true, null, null);
        assertEquals(rate(500, heap), 0.016, EPSILON);
        assertEquals(rate(4000, heap), 0.008, EPSILON);
        assertEquals(rate(20, heap), 0.03, EPSILON, "no heap cools faster");
        assertEquals(rate(500, stirred), 0.024, EPSILON);
    }

    @Test
    public void coolEnoughIsNeverNearerToTheRoomThanIsWorthWaitingFor() {
        assertEquals(coolEnough(22.0), 30, EPSILON);
        assertEquals(coolEnough(29.0), 31, EPSILON);
    }

    private static double rate(double grams, CoolingSpec spec) {
        return Chains.read("potato-boiled", grams, StepSpec.of(COOL).cooling(spec))
                .steps()
                .get(0)
                .cooling()
                .ratePerMinute();
    }

    private static double coolEnough(double roomC) {
        return cooling(new CoolingSpec(90.0, roomC, null, null, null, null)).targetC();
    }

    /** 1,500 g of greens to 792 g: 38 min, on a burner of 2,000 W. */
    @Test
    public void wiltingTakesTheMinutesOfTheWorkedFigure() {
        Heating open = wilting(null);
        assertEquals(open.minutes(), 38, 0.6);
        assertEquals(open.range().low(), 0.7 * open.minutes(), EPSILON);
        assertEquals(open.rounds(), 3, "1,500 g take 13.5 l");
        assertEquals(wilting(new HeatingSpec(null, 4000.0, null, 20.0)).minutes(), open.minutes() / 2, EPSILON);
        assertEquals(wilting(new HeatingSpec(null, 4000.0, null, 20.0)).rounds(), 1);
        Heating covered = wilting(new HeatingSpec(95.0, null, true, null));
        double steam = wilting(new HeatingSpec(95.0, null, null, null)).minutes();
        assertEquals(covered.minutes(), 3 * steam, 1e-6, "with the lid on a third goes in the same time");
    }

    private static Heating wilting(HeatingSpec how) {
        StepSpec step = StepSpec.of(WILT).leaving(792);
        return Chains.read("spinach-raw", 1500, how == null ? step : step.heating(how))
                .steps()
                .get(0)
                .heating();
    }

    @Test
    public void pulsesThatAreNotDrainedKeepTheirLiquid() {
        StepSpec boiled = StepSpec.of(SOAK_BOIL).adding("water", 900);
        StepSpec kept = new StepSpec("soak-boil", null, null, null, null, false, boiled.added(), null);
        Chain chain = Chains.read("chickpea-dry", 200, kept);
        double taken = Chains.read("chickpea-dry", 200, boiled).result().grams();
        assertEquals(chain.result().grams(), 1100, EPSILON, "nothing is poured off");
        double liquid = chain.result().additions().get(0).grams();
        assertTrue(liquid > 0 && liquid < 900 && chain.result().baseGrams() < taken * 1.1, chain.result() + "");
        FormulaSpec without = Doughs.roti(120);
        FormulaSpec with = without.withLines(List.of(LineSpec.of("wheat-atta", 300), LineSpec.ofPrep("chain")));
        Balance balance = Balance.of(Doughs.read(with.withPreps(List.of(Chains.spec("chickpea-dry", 200, kept)))));
        double brings = balance.ledger().stream()
                .filter(row -> row.ingredient().equals("water"))
                .mapToDouble(LedgerRow::bringsGrams)
                .sum();
        assertEquals(brings, liquid, EPSILON, "it lowers the water asked for by as much");
        assertEquals(balance.water().present(), 0, EPSILON);
    }

    @Test
    public void saltIsTwiceTheShareOfWhatIsLeftOfTheGreens() {
        StepResult wilted = Chains.read(
                        "spinach-raw",
                        990,
                        StepSpec.of(WILT).adding("salt-fine", 10).leaving(500))
                .steps()
                .get(0);
        assertEquals(wilted.saltInPct(), 1, EPSILON);
        assertEquals(wilted.saltLeftPct(), 2, EPSILON);
    }

    @Test
    public void oneReadingGivesTheTrueRate() {
        // 80 → 50 °C in 20 min in a room of 20 °C: k = ln 2 / 20; 30 °C after ln 6 / k
        Cooling cooling = cooling(new CoolingSpec(80.0, 20.0, 30.0, null, 20.0, 50.0));
        assertEquals(cooling.ratePerMinute(), Math.log(2) / 20, EPSILON);
        assertEquals(cooling.minutes(), 20 * Math.log(6) / Math.log(2), EPSILON);
        assertEquals(cooling.minutesLeft(), cooling.minutes() - 20, EPSILON);
        assertEquals(cooling.steps().size(), 2);
    }

    @Test
    public void aRoomThatIsTooWarmNeverGetsThere() {
        assertNull(cooling(new CoolingSpec(80.0, 32.0, 30.0, null, null, null)).minutes());
        assertEquals(
                cooling(new CoolingSpec(25.0, 32.0, 30.0, null, null, null)).minutes(), 0.0);
        StepSpec hotter = StepSpec.of(COOL).cooling(new CoolingSpec(80.0, 20.0, 30.0, null, 10.0, 85.0));
        assertEquals(
                Chains.faults(Chains.spec("potato-boiled", 100, hotter)).get(0).code(),
                FaultCode.IMPOSSIBLE_TEMPERATURES);
    }

    private static Cooling cooling(CoolingSpec spec) {
        Cooling cooling = Chains.read("potato-boiled", 100, StepSpec.of(COOL).cooling(spec))
                .steps()
                .get(0)
                .cooling();
        assertNotNull(cooling);
        return cooling;
    }

    @Test
    public void massAndWaterBalanceInEveryStepOfRandomChains() {
        Random random = new Random(RandomFormulas.SEED);
        int read = 0;
        for (int i = 0; i < 20_000; i++) {
            ChainSpec spec = Chains.random(random);
            Faults faults = new Faults();
            Chain chain = ChainReader.read(spec, ChainUse.of(LiquidUse.DISCARDED), Chains.BOOK, faults, "preps[0]")
                    .orElse(null);
            assertEquals(chain == null, !faults.none(), spec.toString());
            if (chain == null) {
                continue;
            }
            read++;
            for (StepResult step : chain.steps()) {
                assertEquals(step.massError(), 0, EPSILON, spec + " at " + step.kind());
                assertEquals(step.waterError(), 0, EPSILON, spec + " at " + step.kind());
                assertTrue(step.after().waterGrams() >= 0 && step.after().solidsGrams() >= 0, spec.toString());
                assertFalse(Double.isNaN(step.after().grams()), spec.toString());
            }
        }
        assertTrue(read > 5_000, "enough chains can be read: " + read);
    }

    @Test
    public void typicalPulsesComeOutAsWetAsTheBooksCookedOnes() {
        for (String pulse : List.of("mung", "lentil-green", "chickpea", "black-bean", "white-bean", "kidney-bean")) {
            Content cooked =
                    Chains.read(pulse + "-dry", 100, StepSpec.of(SOAK_BOIL)).result();
            double book = cooked.ingredient().composition().waterPct() / 100;
            assertEquals(cooked.waterShare(), book, 0.01, pulse);
        }
    }
}
