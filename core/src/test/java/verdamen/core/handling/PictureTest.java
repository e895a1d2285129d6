package verdamen.core.handling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.RandomFormulas;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Measured;
import verdamen.core.handling.Help.Helps;
import verdamen.core.handling.RollingPicture.Kind;
import verdamen.core.handling.RollingPicture.Why;

/** The picture of the rolling window, the helps and the disc. */
public class PictureTest {

    private static final FormulaSpec COARSE = Doughs.spec(
            "roti",
            line("cornmeal-coarse", 120),
            line("wheat-strong-white", 280),
            line("water", 268),
            line("salt-fine", 7));
    private static final FormulaSpec CHUNKY = Doughs.spec(
            "roti",
            line("wheat-atta", 300),
            line("water", 180),
            line("neutral-oil", 10),
            line("carrot-raw", 90).withForm("raw-grated").withMeasured(Measured.NONE.withPieceMm(4.0)));

    private static RollingPicture picture(FormulaSpec spec) {
        return RollingPicture.of(RolledDough.of(Dough.of(Doughs.read(spec))));
    }

    @Test
    public void theBandIsTheUncertaintyOfTheWaterCarriedOver() {
        // at the roll, with the water right, σ_S is σ_W over what is drunk
        FormulaSpec right =
                Doughs.roti(Balance.of(Doughs.read(Doughs.roti(0))).water().needed());
        Balance balance = Balance.of(Doughs.read(right));
        Dough dough = Dough.of(Doughs.read(right));
        double withoutWatersOwn = balance.water().sd() / balance.drinksGrams();
        assertEquals(dough.softnessSd(balance.rollAtMinute()), withoutWatersOwn, 0.002);
        RollingPicture picture = picture(right);
        for (int i = 0; i < picture.low().size(); i++) {
            assertTrue(picture.low().get(i) <= picture.curve().softness().get(i));
            assertTrue(picture.high().get(i) >= picture.curve().softness().get(i));
        }
    }

    @Test
    public void saysThatTheCoarseMealStillDrinks() {
        RollingPicture picture = picture(COARSE);
        assertNotNull(picture.before());
        assertEquals(picture.before().why(), Why.TOO_SOFT);
        assertEquals(picture.before().ingredient(), "cornmeal-coarse");
        assertEquals(picture.moments().get(0).kind(), Kind.KNEADED);
        assertTrue(picture.moments().stream().anyMatch(moment -> moment.kind() == Kind.HAS_DRUNK));
    }

    @Test
    public void saysWhenItWeepsAndThroughWhat() {
        FormulaSpec weeping = Doughs.spec(
                "greens-roti",
                line("wheat-atta", 300),
                line("salt-fine", 9),
                line("courgette-raw", 300).withForm("raw-grated"));
        RollingPicture picture = picture(weeping);
        assertTrue(picture.moments().stream().anyMatch(moment -> moment.kind() == Kind.WEEPS));
        if (picture.after() != null) {
            assertEquals(picture.after().ingredient(), "courgette-raw");
        }
    }

    @Test
    public void neverRollableSaysWhy() {
        RollingPicture picture = picture(Doughs.roti(120));
        assertNull(picture.window());
        assertNotNull(picture.before());
        assertEquals(picture.before().why(), Why.TOO_FIRM);
    }

    @DataProvider
    Object[][] random() {
        return RandomFormulas.rows(60);
    }

    @Test(dataProvider = "random")
    public void everyHelpReallyHelps(FormulaSpec spec) {
        FormulaHandling sheet = FormulaHandling.of(RolledDough.of(FormulaReader.read(spec, Doughs.BOOK)));
        for (Helps helps : sheet.helps()) {
            assertTrue(helps.helps().size() <= 3);
            Double now = sheet.handling().value(helps.figure());
            double before = Double.POSITIVE_INFINITY;
            for (Help help : helps.helps()) {
                assertTrue(help.gain() > 0 && help.gain() <= before, help.toString());
                assertEquals(Math.abs(help.value() - now), help.gain(), 1e-9);
                before = help.gain();
            }
        }
    }

    @Test
    public void smallerPiecesHelpAgainstTearing() {
        List<Help> helps = FormulaHandling.of(RolledDough.of(Doughs.read(CHUNKY))).helps().stream()
                .filter(each -> each.figure() == HandlingFigure.TEAR)
                .findFirst()
                .orElseThrow()
                .helps();
        assertEquals(helps.get(0).lever(), Lever.SMALLER_PIECES);
        assertEquals(helps.get(0).amount(), 2.0, 1e-9);
    }

    @Test
    public void aStrongerFlourCostsWholeGrain() {
        Help stronger = FormulaHandling.of(RolledDough.of(Doughs.read(CHUNKY))).helps().stream()
                .filter(each -> each.figure() == HandlingFigure.GLUTEN)
                .flatMap(each -> each.helps().stream())
                .filter(help -> help.lever() == Lever.STRONGER_FLOUR)
                .findFirst()
                .orElseThrow();
        assertEquals(stronger.wholeGrainChangePct(), -10.0, 1e-9);
        assertTrue(stronger.waterChangeGrams() < 0, "white flour drinks less");
    }

    @Test
    public void theDiscKeepsItsMassAtEveryThickness() {
        Disc disc = Disc.of(RolledDough.of(Dough.of(Doughs.read(CHUNKY))));
        double density = Doughs.read(CHUNKY).style().densityGPerMl();
        for (Disc.AtThickness at : disc.thicknesses()) {
            double grams = density * Math.PI / 4 * Math.pow(at.diameterMm() / 10, 2) * at.sheetMm() / 10;
            assertEquals(grams, disc.pieceGrams(), 1e-6);
        }
        // 90 of 580 g in cubes of 4 mm: share · piece / 0.064 g
        double count = 90.0 / 580 * disc.pieceGrams() / 0.064;
        assertEquals(disc.inclusions().get(0).count(), count, 1e-6);
        assertTrue(disc.thicknesses().get(0).tearPct() > 99);
    }

    @Test
    public void thePiecesOfAFillingAreInTheDiscOfThePieceWithIt() {
        FormulaSpec filled = Doughs.spec(
                "stuffed-paratha",
                line("wheat-atta", 300),
                line("water", 190),
                Doughs.filling("parsnip-raw", 150, "raw-chopped"),
                line("butter", 50).withPart("filling"));
        Disc disc = Disc.of(RolledDough.of(Doughs.read(filled)), 75);
        assertTrue(disc.inclusions().isEmpty(), "the dough has none");
        assertEquals(disc.fillingPieces().size(), 1);
        Disc.Inside parsnip = disc.fillingPieces().get(0);
        assertEquals(parsnip.sharePct(), 75.0, 1e-9);
        double cm = parsnip.pieceMm() / 10;
        double filling = 75 * 200 / (490 * 0.985);
        assertEquals(parsnip.count(), 0.75 * filling / (cm * cm * cm), 1e-6);
        assertTrue(
                Disc.of(RolledDough.of(Doughs.read(CHUNKY)), 50).fillingPieces().isEmpty());
    }
}
