package verdamen.core.handling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.RandomFormulas;
import verdamen.core.balance.Dough;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.evaluation.Warning;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

public class HandlingTest {

    private static final Pantry BOOK = ReferenceTables.load();

    @DataProvider
    Object[][] formulas() {
        return RandomFormulas.rows(100);
    }

    @Test(dataProvider = "formulas")
    public void everyRiskStaysWithinItsScale(FormulaSpec spec) {
        Handling handling = sheet(spec).handling();
        for (double pct : List.of(handling.stick(), handling.crack(), handling.tear(), handling.rollability())) {
            assertTrue(pct >= 0 && pct <= 100, String.valueOf(pct));
        }
        assertTrue(handling.gluten() >= 0 && handling.springBackPct() >= 0);
    }

    @Test(dataProvider = "formulas")
    public void theWindowIsAnUnbrokenRunThatCannotBeExtended(FormulaSpec spec) {
        Formula formula = FormulaReader.read(spec, BOOK);
        Dough dough = Dough.of(formula);
        RollingWindow window = RollingWindow.of(dough).orElse(null);
        int kneaded = (int) formula.kneading().endMinute();
        if (window == null) {
            assertFalse(rolls(dough, kneaded));
            return;
        }
        for (int minute = kneaded; minute <= Math.min(180, window.last() + 1); minute++) {
            boolean inside = minute >= window.first() && minute <= window.last();
            assertEquals(rolls(dough, minute), inside, "minute " + minute);
        }
    }

    @Test(dataProvider = "formulas")
    public void anInfluenceIsTheDifferenceTheLineMakes(FormulaSpec spec) {
        Formula formula = FormulaReader.read(spec, BOOK);
        double minute = formula.rollAtMinute();
        Reason gluten = RolledDough.of(formula).reasons().get(0);
        for (Influence influence : gluten.influences()) {
            Formula without = formula.withLines(formula.lines().stream()
                    .filter(line -> line.index() != influence.line())
                    .toList());
            double there = Handling.at(Dough.of(formula), minute).gluten();
            double gone = Handling.at(Dough.of(without), minute).gluten();
            assertEquals(influence.change(), there - gone, 1e-9);
        }
    }

    @Test
    public void strongWhiteFlourAloneIsAboutAHundred() {
        double gluten = sheet(roti(null, null, LineSpec.of("wheat-strong-white", 100)))
                .handling()
                .gluten();
        assertEquals(gluten, 100, 2);
    }

    @Test
    public void warnsOfATargetOutsideTheWindowALongRestAndASheetTooThin() {
        Evaluation sheet = sheet(
                new FormulaSpec("roti", null, null, null, 600.0, 0.5, 1.3, List.of(LineSpec.of("wheat-atta", 100))));
        assertEquals(
                sheet.warnings().stream().map(Warning::kind).toList(),
                List.of(Warning.Kind.TARGET_OUTSIDE_WINDOW, Warning.Kind.LONG_REST, Warning.Kind.SHEET_TOO_THIN));
    }

    @Test
    public void warnsWhenTheDoughIsRolledBeforeItsWindowOpens() {
        Evaluation early =
                sheet(roti(0.0, null, LineSpec.of("wheat-very-strong-white", 100), LineSpec.of("water", 60)));
        assertTrue(early.window().first() > early.formula().rollAtMinute());
        assertEquals(early.warnings().get(0).kind(), Warning.Kind.ROLLED_OUTSIDE_WINDOW);
    }

    private static boolean rolls(Dough dough, int minute) {
        Handling handling = Handling.at(dough, minute);
        return handling.stick() < 50
                && handling.crack() < 50
                && handling.springBackPct() <= dough.formula().style().springLimitPct();
    }

    private static FormulaSpec roti(Double rest, Double sheet, LineSpec... lines) {
        return new FormulaSpec("roti", null, null, null, rest, sheet, null, List.of(lines));
    }

    private static Evaluation sheet(FormulaSpec spec) {
        return Evaluation.of(FormulaReader.read(spec, BOOK));
    }
}
