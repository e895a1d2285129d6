package verdamen.core.handling;

import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.RandomFormulas;
import verdamen.core.balance.Dough;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;

/** A dough changed in its sums is the dough rebuilt with the change. */
public class LeftOutTest {

    private static final double ROUNDING = 1e-6;

    @DataProvider
    Object[][] formulas() {
        return RandomFormulas.rows(150);
    }

    @Test(dataProvider = "formulas")
    public void aLineLeftOutOfTheSumsIsALineLeftOutOfTheFormula(FormulaSpec spec) {
        Formula formula = Doughs.read(spec);
        Dough dough = Dough.of(formula);
        double minute = formula.rollAtMinute();
        dough.lines().forEach((index, line) -> {
            List<Line> others = formula.lines().stream()
                    .filter(other -> other.index() != index)
                    .toList();
            Dough rebuilt = Dough.of(formula.withLines(others));
            assertSame(Handling.at(dough.without(index), minute), Handling.at(rebuilt, minute));
            assertEquals(dough.without(index).waterNeeded(), rebuilt.waterNeeded(), ROUNDING);
        });
    }

    @Test(dataProvider = "formulas")
    public void anInclusionChangedInTheSumsIsOneChangedInTheFormula(FormulaSpec spec) {
        Formula formula = Doughs.read(spec);
        Dough dough = Dough.of(formula);
        double minute = formula.rollAtMinute();
        for (Line line : formula.lines()) {
            if (line.part() == Part.DOUGH && line.form() != null && line.isAsked()) {
                Line other = line.withGrams(line.grams() * 0.8).withPieces(line.pieceMm() / 2);
                List<Line> lines = new ArrayList<>(formula.lines());
                lines.replaceAll(each -> each == line ? other : each);
                Dough rebuilt = Dough.of(formula.withLines(lines));
                assertSame(Handling.at(dough.totals().with(line, other), minute), Handling.at(rebuilt, minute));
                assertEquals(dough.totals().with(line, other).waterNeeded(), rebuilt.waterNeeded(), ROUNDING);
            }
        }
    }

    private static void assertSame(Handling sums, Handling rebuilt) {
        for (HandlingFigure figure : HandlingFigure.values()) {
            Double one = sums.value(figure);
            Double other = rebuilt.value(figure);
            assertEquals(one == null, other == null, figure.toString());
            if (one != null) {
                assertEquals(one, other, ROUNDING, figure.toString());
            }
        }
    }
}
