package verdamen.core.leavening;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.util.List;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.balance.Dough;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.handling.RolledDough;
import verdamen.core.handling.RollingPicture;
import verdamen.core.handling.RollingWindow;
import verdamen.core.leavening.RiseCurve.Sponge;

/** What the worked cases leave open: places of the timeline, kneading again, sponges, and the time asked for. */
public class RiseTest {

    private static final FormulaSpec PITA = Doughs.spec(
            "pita",
            line("wheat-strong-white", 500),
            line("water", 310),
            line("yeast-instant", 4),
            line("salt-fine", 9));

    private static Rise rise(PhaseSpec... phases) {
        return Rise.of(dough(phases));
    }

    private static Dough dough(PhaseSpec... phases) {
        return Dough.of(Doughs.read(phases.length == 0 ? PITA : Doughs.phased(PITA, phases)));
    }

    private static RollingWindow window(FormulaSpec spec) {
        return RolledDough.of(Doughs.read(spec)).window();
    }

    private static RollingPicture picture(FormulaSpec spec) {
        return RollingPicture.of(RolledDough.of(Doughs.read(spec)));
    }

    @Test
    public void aWarmPlaceHurriesAndAFridgeSlows() {
        int kitchen = rise().minutesToTarget();
        int warm = rise(new PhaseSpec("warm", 90.0, null)).minutesToTarget();
        Rise cold = rise(new PhaseSpec("chill", 600.0, null));
        assertTrue(warm < kitchen - 10, warm + " against " + kitchen);
        assertTrue(cold.minutesToTarget() > 200);
        assertEquals(cold.celsius(600), 4, 0.5);
    }

    @Test
    public void aKitchenAsWarmAsItIsTyped() {
        FormulaSpec hot = PITA.withMethod(new MethodSpec(
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                new MethodSpec.TemperaturesSpec(null, null, 32.0, null, null, null)));
        assertTrue(Rise.of(Dough.of(Doughs.read(hot))).minutesToTarget() < rise().minutesToTarget());
    }

    @Test
    public void kneadingAgainLosesTheGasAndItRisesAnew() {
        Rise again = rise(
                new PhaseSpec("warm", 70.0, null),
                new PhaseSpec("knead", 3.0, null),
                new PhaseSpec("warm", 60.0, null));
        assertTrue(again.ratio(72) > 1.7);
        assertEquals(again.ratio(73), 1.0);
        assertTrue(again.minutesToTarget() > 73, "the first rise no longer counts");
        assertTrue(again.minutesToTarget() < 73 + 60, "its yeast is awake");
    }

    @Test
    public void theRollingWindowOpensWhenItHasRisenAndClosesPastItsBest() {
        RollingWindow whole = RollingWindow.of(dough()).orElseThrow();
        RollingWindow cut = window(PITA);
        Rise rise = rise();
        assertTrue(cut.first() > whole.first());
        assertEquals(cut.first(), 10 + rise.minutesToTarget());
        FormulaSpec quick = PITA.withLines(List.of(
                line("wheat-strong-white", 500), line("water", 310), line("yeast-instant", 20), line("salt-fine", 9)));
        int past = Rise.of(Dough.of(Doughs.read(quick))).minutesPastBest();
        assertTrue(past < 170);
        assertEquals(window(quick).last(), 10 + past - 1);
        assertEquals(picture(quick).after().why(), RollingPicture.Why.OVERRISEN);
        assertEquals(picture(PITA).before().why(), RollingPicture.Why.NOT_RISEN);
    }

    @Test
    public void withoutYeastOrInAFlatStyleTheRiseDecidesNothing() {
        FormulaSpec flat = Doughs.spec("roti", line("wheat-atta", 300), line("water", 200), line("yeast-instant", 1));
        assertEquals(window(flat), RollingWindow.of(Dough.of(Doughs.read(flat))).orElse(null));
        assertNotNull(picture(flat).rise(), "but it is shown");
        assertNull(picture(Doughs.roti(200)).rise());
    }

    @Test
    public void deadYeastIsSaid() {
        FormulaSpec scalded = PITA.withMethod(new MethodSpec(
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                new MethodSpec.TemperaturesSpec(56.0, null, null, null, null, null)));
        assertNull(window(scalded));
        assertEquals(picture(scalded).before().why(), RollingPicture.Why.YEAST_DEAD);
        assertEquals(picture(scalded).rise().yeastDeadMinute(), Integer.valueOf(10));
    }

    @Test
    public void aDoughTooWeakForItsTargetIsNeverReady() {
        FormulaSpec weak = Doughs.spec(
                "pita",
                line("rye-whole", 200),
                line("wheat-plain-white", 60),
                line("water", 200),
                line("yeast-instant", 4));
        Rise rise = Rise.of(Dough.of(Doughs.read(weak)));
        assertFalse(rise.canReachTarget());
        assertNotNull(rise.minutesPastBest());
        assertFalse(rise.isReady(rise.minutesPastBest() - 1));
        assertNull(window(weak));
        assertEquals(picture(weak).before().why(), RollingPicture.Why.TOO_WEAK_TO_RISE);
    }

    @Test
    public void theWeakerTheFlourTheShorterTheTimeToRoll() {
        int before = Integer.MAX_VALUE;
        for (int barley = 0; barley <= 100; barley++) {
            RollingWindow window = window(Doughs.spec(
                    "pita",
                    line("wheat-strong-white", 5 * (100 - barley)),
                    line("barley-flour", 5 * barley),
                    line("water", 310),
                    line("yeast-instant", 5),
                    line("salt-fine", 9)));
            int minutes = window == null ? 0 : window.last() - window.first() + 1;
            assertTrue(barley < 70 || minutes <= before, barley + " %: " + minutes + " after " + before);
            before = minutes;
        }
    }

    @Test
    public void aSpongeRisesOnItsOwnAndWakesTheYeast() {
        FormulaSpec sponge = Doughs.spec(
                        "pita",
                        line("wheat-strong-white", 200).withStage(0),
                        line("water", 160).withStage(0),
                        line("yeast-instant", 1).withStage(0),
                        line("wheat-strong-white", 300),
                        line("water", 150),
                        line("salt-fine", 9))
                .withMethod(new MethodSpec(
                        null, null, null, null, null, null, null, null, "sponge", 180.0, 26.0, null, null));
        Sponge told = picture(sponge).rise().sponge();
        assertEquals(told.yeastPct(), 0.5, 1e-9);
        assertEquals(told.celsius(), 26.0);
        assertTrue(told.ratio() > 1.8 && told.ratio() < told.maxRatio(), told.toString());
        Rise rise = Rise.of(Dough.of(Doughs.read(sponge)));
        assertTrue(rise.ratio(5) > 1.0, "no twelve minutes of waking");
        assertEquals(rise().ratio(5), 1.0);
    }

    @Test
    public void yeastAndPlaceForATime() {
        ReadyAt slow = ReadyAt.of(dough(), 240);
        assertNull(slow.yeast().limit());
        assertEquals(slow.yeast().minutes(), Integer.valueOf(240));
        double grams = slow.yeast().lines().get(0).grams();
        assertTrue(grams > 0.2 && grams < 4, "less yeast for a longer time: " + grams);
        FormulaSpec with = PITA.withLine(2, line("yeast-instant", grams));
        assertEquals(
                Rise.of(Dough.of(Doughs.read(with))).minutesToTarget(), 240, 1, "a little less dough cools sooner");
        assertNull(slow.place().limit());
        assertEquals(slow.place().minutes(), 240, 1);
        assertTrue(slow.place().celsius() < 20);
    }

    @Test
    public void whatCannotBeIsSaidWithItsLimit() {
        assertEquals(ReadyAt.of(dough(), 5).yeast().limit(), ReadyAt.Limit.TOO_SOON);
        assertTrue(ReadyAt.of(dough(), 5).yeast().minutes() > 5);
        assertEquals(ReadyAt.of(dough(), 5).place().limit(), ReadyAt.Limit.TOO_SOON);
        Dough much = Dough.of(Doughs.read(PITA.withLine(2, line("yeast-instant", 15))));
        assertNull(ReadyAt.of(much, 1200).yeast().limit(), "there is little enough yeast for a day");
        Dough none = Dough.of(Doughs.read(Doughs.roti(200)));
        assertEquals(ReadyAt.of(none, 100).yeast().limit(), ReadyAt.Limit.NO_YEAST);
        assertEquals(ReadyAt.of(none, 100).place().limit(), ReadyAt.Limit.NO_YEAST);
        FormulaSpec soured = Doughs.spec(
                "pita", line("wheat-strong-white", 400), line("water", 200), line("sourdough-starter", 120));
        ReadyAt starter = ReadyAt.of(Dough.of(Doughs.read(soured)), 300);
        assertEquals(starter.yeast().limit(), ReadyAt.Limit.NO_YEAST, "another starter is another dough");
        assertNull(starter.place().limit());
    }
}
