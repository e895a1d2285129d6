package verdamen.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.RandomFormulas;
import verdamen.core.balance.Standing;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.handling.Handling;
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
        double felt = said.balance().softness() / said.formula().style().feelScale();
        assertTrue(
                felt >= said.feel().softnessFrom() || said.feel().softnessFrom() == 0,
                said.feel().code());
        boolean last = said.feel()
                == List.copyOf(Doughs.BOOK.feels()).get(Doughs.BOOK.feels().size() - 1);
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
