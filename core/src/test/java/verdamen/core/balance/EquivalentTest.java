package verdamen.core.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.line;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.RefusedException;

/** What can stand for an ingredient. */
public class EquivalentTest {

    private static FormulaSpec with(LineSpec line) {
        return Doughs.spec("pita", line("wheat-strong-white", 400), line("water", 250), line);
    }

    /** Each row: from, grams, to, grams worked out by hand. */
    @DataProvider
    Object[][] equals() {
        return new Object[][] {
            {"yeast-instant", 4, "yeast-fresh", 12.0},
            {"yeast-instant", 4, "yeast-active-dry", 5.0},
            {"yeast-fresh", 15, "yeast-active-dry", 6.25},
            {"potato-flakes", 100, "potato-boiled", 93.4 / 0.227},
            {"potato-boiled", 200, "potato-flakes", 45.4 / 0.934},
            {"milk-powder-skimmed", 20, "milk-skimmed", 19.36 / 0.092},
            {"chickpea-cooked", 200, "chickpea-dry", 79.6 / 0.95 / 0.895},
            {"chickpea-dry", 100, "chickpea-cooked", 89.5 * 0.95 / 0.398},
        };
    }

    @Test(dataProvider = "equals")
    public void standsForItAtEqualDryMatterOrStrength(String from, double grams, String to, double expected) {
        Equivalent exchange = Equivalent.of(with(line(from, grams)), 2, Doughs.BOOK).stream()
                .filter(each -> each.ingredient().equals(to))
                .findFirst()
                .orElseThrow();
        assertEquals(exchange.grams(), expected, 1e-9);
    }

    @Test
    public void tellsTheChangeOfTheWater() {
        Equivalent mash =
                Equivalent.of(with(line("potato-flakes", 50)), 2, Doughs.BOOK).get(0);
        assertEquals(mash.form(), "mash");
        assertTrue(mash.waterChangeGrams() < -100, "mash brings what flakes drank: " + mash.waterChangeGrams());
    }

    @Test
    public void ordinaryLinesHaveNothingToStandForThem() {
        assertEquals(Equivalent.of(with(line("honey", 10)), 2, Doughs.BOOK), List.of());
        expectThrows(RefusedException.class, () -> Equivalent.of(with(line("honey", 10)), 7, Doughs.BOOK));
    }
}
