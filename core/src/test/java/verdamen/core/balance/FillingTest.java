package verdamen.core.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.filling;
import static verdamen.core.Doughs.line;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.balance.Filling.FillingWayOut;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;

/** The balance of a filling. */
public class FillingTest {

    private static final FormulaSpec WET = Doughs.spec(
            "stuffed-paratha",
            line("wheat-plain-white", 300),
            line("water", 190),
            filling("courgette-raw", 200, "raw-grated"),
            filling("salt-fine", 2, null));

    private static Filling of(FormulaSpec spec) {
        return Filling.of(Doughs.read(spec)).orElseThrow();
    }

    @Test
    public void freeWaterIsWhatOneWorksOutByHand() {
        // salt 100 · 2/202 % of the filling; 200 · 0.948 · 0.30 · (1 + 0.1 · salt)
        double salt = 200.0 / 202;
        double free = 200 * 0.948 * 0.30 * (1 + 0.1 * salt);
        Filling filling = of(WET);
        assertEquals(filling.freeWaterPct(), 100 * free / 202, 1e-9);
        assertEquals(filling.limitPct(), 4.0);
        assertTrue(filling.tooWet());
    }

    @Test
    public void itsFlourDrinks() {
        List<LineSpec> lines = new ArrayList<>(WET.lines());
        lines.add(filling("chickpea-roasted-flour", 30, null));
        double absorption = Doughs.BOOK
                        .ingredient("chickpea-roasted-flour")
                        .orElseThrow()
                        .behaviour()
                        .absorptionPct()
                / 100;
        double salt = 200.0 / 232;
        double free = 200 * 0.948 * 0.30 * (1 + 0.1 * salt) - 30 * absorption;
        assertEquals(of(WET.withLines(lines)).freeWaterGrams(), free, 1e-9);
    }

    @Test
    public void everyWayOutBringsItToItsLimit() {
        for (FillingWayOut way : of(WET).waysOut()) {
            if (way.obstacle() == null) {
                assertEquals(way.afterPct(), 4.0, 1e-6, way.remedy().code());
            }
        }
    }

    @Test
    public void pressingHelpsBecauseWhatIsPressedWeepsLess() {
        FormulaSpec mixed = Doughs.spec(
                "stuffed-paratha",
                line("wheat-plain-white", 300),
                line("water", 190),
                filling("courgette-raw", 150, "raw-grated"),
                filling("potato-boiled", 250, "mash"));
        FillingWayOut press = of(mixed).waysOut().get(0);
        assertEquals(press.remedy(), Remedy.PRESS);
        assertEquals(press.change().form(), "pressed");
        assertTrue(press.grams() > 30 && press.grams() < 89, press.toString());
    }

    @Test
    public void whatCannotHelpSaysSo() {
        FormulaSpec slightlyWet = Doughs.spec(
                "stuffed-paratha",
                line("wheat-plain-white", 300),
                line("water", 190),
                filling("potato-boiled", 200, "mash"),
                filling("courgette-raw", 60, "raw-grated"),
                filling("salt-fine", 4, null));
        FillingWayOut mash = of(slightlyWet).waysOut().stream()
                .filter(way -> way.ingredient().equals("potato-boiled"))
                .findFirst()
                .orElseThrow();
        assertEquals(mash.obstacle(), Obstacle.DOES_NOT_HELP);
    }

    @Test
    public void howItIsEnclosedSetsTheLimit() {
        assertEquals(
                of(WET.withMethod(MethodSpec.NONE.withSeal("between-sheets"))).limitPct(), 6.0);
        assertEquals(of(WET.withMethod(MethodSpec.NONE.withSeal("in-layers"))).limitPct(), 3.0);
    }

    @Test
    public void aDoughWithoutFillingHasNone() {
        assertFalse(Filling.of(Doughs.read(Doughs.roti(260))).isPresent());
    }

    @Test
    public void tellsFillingAndDoughOfAPiece() {
        Filling filling = of(WET);
        assertEquals(filling.perDough(), 202.0 / 490, 1e-9);
        double pieces = Math.floor(490 * 0.985 / Doughs.read(WET).style().pieceGrams());
        assertEquals(filling.perPieceGrams(), 202 / pieces, 1e-9);
    }
}
