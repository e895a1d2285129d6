package verdamen.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.RandomFormulas;
import verdamen.core.balance.Standing;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.handling.Handling;
import verdamen.core.handling.RollingWindow;
import verdamen.core.leavening.Rise;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Style;

/** What an answer says in one place it never denies in another, whatever the style and however wet the dough. */
public class ContradictionTest {

    /** Random formulas, and for every style one dough from far too dry to far too wet. */
    @DataProvider
    Object[][] formulas() {
        List<Object[]> rows = new ArrayList<>(List.of(RandomFormulas.rows(200)));
        for (Style style : Doughs.BOOK.styles()) {
            for (double hydration = 0.3; hydration < 2.2; hydration += 0.05) {
                rows.add(new Object[] {
                    Doughs.spec(
                            style.code(),
                            LineSpec.of("wheat-plain-white", 300),
                            LineSpec.of("wheat-atta", 100),
                            LineSpec.of("water", 400 * hydration),
                            LineSpec.of("salt-fine", 6))
                });
            }
        }
        return rows.toArray(Object[][]::new);
    }

    /** Yeasted doughs of every style that stand in one place after another before they are rolled. */
    @DataProvider
    Object[][] yeasted() {
        Random random = new Random(RandomFormulas.SEED);
        List<String> kinds = List.of("rest", "warm", "chill", "knead");
        List<Object[]> rows = new ArrayList<>();
        for (Style style : Doughs.BOOK.styles()) {
            for (int dough = 0; dough < 8; dough++) {
                FormulaSpec spec = Doughs.spec(
                        style.code(),
                        LineSpec.of("wheat-strong-white", 400),
                        LineSpec.of("water", 200 + random.nextInt(100)),
                        LineSpec.of("yeast-instant", 0.5 + 6 * random.nextDouble()),
                        LineSpec.of("salt-fine", 7));
                PhaseSpec[] phases = new PhaseSpec[random.nextInt(4)];
                for (int at = 0; at < phases.length; at++) {
                    phases[at] = new PhaseSpec(kinds.get(random.nextInt(4)), 1.0 + random.nextInt(120), null);
                }
                rows.add(new Object[] {Doughs.phased(spec, phases)});
            }
        }
        return rows.toArray(Object[][]::new);
    }

    @Test(dataProvider = "yeasted")
    public void whatMustRiseIsRolledWhenItHasAndNotPastItsBest(FormulaSpec spec) {
        Evaluation said = Evaluation.of(FormulaReader.read(spec, Doughs.BOOK));
        Rise rise = Rise.of(said.dough());
        RollingWindow window = said.window();
        if (window == null || !rise.decides(said.formula().style())) {
            return;
        }
        int kneaded = (int) Math.ceil(said.formula().kneading().endMinute());
        for (int minute = window.first(); minute <= window.last(); minute++) {
            assertTrue(rise.isReady(minute - kneaded), "minute " + minute + " of " + window);
            assertFalse(rise.isPastBest(minute - kneaded), "minute " + minute + " of " + window);
        }
        double rollAt = said.formula().rollAtMinute();
        boolean warned =
                said.warnings().stream().anyMatch(warning -> warning.kind() == Warning.Kind.ROLLED_OUTSIDE_WINDOW);
        assertEquals(warned, rollAt < window.first() || rollAt > window.last(), "rolled at " + rollAt);
    }

    @Test(dataProvider = "yeasted")
    public void aYeastedDoughInsideItsWindowNeitherSticksNorCracks(FormulaSpec spec) {
        Evaluation said = Evaluation.of(FormulaReader.read(spec, Doughs.BOOK));
        RollingWindow window = said.window();
        double minute = said.formula().rollAtMinute();
        if (window != null && minute == Math.rint(minute) && minute >= window.first() && minute <= window.last()) {
            assertTrue(said.handling().stick() < 50, said.handling().toString());
            assertTrue(said.handling().crack() < 50, said.handling().toString());
        }
    }

    @Test(dataProvider = "formulas")
    public void theVerdictIsWhereTheSoftnessStandsInTheWindow(FormulaSpec spec) {
        Evaluation said = Evaluation.of(FormulaReader.read(spec, Doughs.BOOK));
        Style style = said.formula().style();
        double softness = said.balance().softness();
        boolean inside = softness >= style.softnessLow() && softness <= style.softnessHigh();
        Standing standing = said.balance().water().standing();
        assertEquals(standing == Standing.IN_BALANCE, inside, style.code() + " " + softness);
        assertEquals(standing == Standing.TOO_WET, softness > style.softnessHigh());
    }

    @Test(dataProvider = "formulas")
    public void insideTheWindowNothingSticksAndAboveItItDoes(FormulaSpec spec) {
        Evaluation said = Evaluation.of(FormulaReader.read(spec, Doughs.BOOK));
        boolean tooWet = said.balance().water().standing() == Standing.TOO_WET;
        assertEquals(said.handling().stick() > 50, tooWet, said.handling() + "");
    }

    @Test(dataProvider = "formulas")
    public void whatCanBeRolledWhenItIsRolledHasAWindowThereAndTheOtherWayRound(FormulaSpec spec) {
        Evaluation said = Evaluation.of(FormulaReader.read(spec, Doughs.BOOK));
        Handling handling = said.handling();
        double minute = said.formula().rollAtMinute();
        boolean rolls = handling.stick() < 50
                && handling.crack() < 50
                && handling.springBackPct() <= said.formula().style().springLimitPct();
        boolean wholeMinute = minute == Math.rint(minute)
                && minute <= said.formula().timeline().horizon();
        if (said.window() == null) {
            assertFalse(rolls && wholeMinute, "rolls at " + minute + ", but is said to have no window");
        } else if (minute >= said.window().first() && minute <= said.window().last() && wholeMinute) {
            assertTrue(rolls, "outside its limits at " + minute + " inside " + said.window());
        }
    }

    @Test(dataProvider = "formulas")
    public void whatSticksDoesNotPuff(FormulaSpec spec) {
        Handling handling = Evaluation.of(FormulaReader.read(spec, Doughs.BOOK)).handling();
        if (handling.puff() != null) {
            assertTrue(handling.puff() <= 100 - handling.stick() + 1e-9, handling.toString());
        }
    }

    @Test(dataProvider = "formulas")
    public void aWordIsFeltInTheStylesOwnScale(FormulaSpec spec) {
        Evaluation said = Evaluation.of(FormulaReader.read(spec, Doughs.BOOK));
        assertNotNull(said.feel());
        double felt = said.formula().style().feltSoftness(said.balance().softness());
        assertTrue(
                felt >= said.feel().softnessFrom() || said.feel().softnessFrom() == 0,
                said.feel().code());
        List<Feel> words = Doughs.BOOK.feels();
        boolean last = said.feel().code().equals(words.get(words.size() - 1).code());
        assertTrue(felt < said.feel().softnessTo() || last, said.feel().code());
    }

    @Test(dataProvider = "formulas")
    public void waysOutAreThereOnlyForASurplus(FormulaSpec spec) {
        Evaluation said = Evaluation.of(FormulaReader.read(spec, Doughs.BOOK));
        if (said.balance().water().needed() >= 0) {
            assertNull(said.balance().tooMuch());
        } else {
            assertEquals(
                    said.balance().tooMuch().excessGrams(),
                    -said.balance().water().needed(),
                    1e-9);
        }
    }
}
