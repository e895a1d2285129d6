package verdamen.core.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Part;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** Who brings and who drinks, worked out by hand. */
public class UptakeTest {

    private static final Pantry BOOK = ReferenceTables.load();

    @Test
    public void flourTakesUpSixTenthsAtOnceAndTheRestInTime() {
        assertEquals(Uptake.share(0, 4), 0.6, 1e-12);
        assertEquals(Uptake.share(4, 4), 1 - 0.4 / Math.E, 1e-12);
        assertTrue(Uptake.share(1000, 4) > 0.999999);
    }

    @Test
    public void aMoisterFlourDrinksLessOfTheSameDryMatter() {
        assertEquals(Uptake.absorptionAt(0.60, 0.14), 0.60, 1e-12);
        assertEquals(Uptake.absorptionAt(0.60, 0.10), 0.9 / 0.86 * 0.74 - 0.10, 1e-12);
        double last = 1;
        for (double moisture = 0.05; moisture < 0.2; moisture += 0.01) {
            double absorption = Uptake.absorptionAt(0.65, moisture);
            assertTrue(absorption < last);
            last = absorption;
        }
    }

    @DataProvider
    Object[][] coats() {
        return new Object[][] {
            {FatTiming.COAT_FIRST, 0.05, 0.96},
            {FatTiming.COAT_FIRST, 0.15, 0.88},
            {FatTiming.COAT_FIRST, 0.50, 0.88},
            {FatTiming.WITH_WATER, 0.50, 1.0},
            {FatTiming.LAST, 0.50, 1.0},
            {FatTiming.SURFACE, 0.50, 1.0},
        };
    }

    @Test(dataProvider = "coats")
    public void onlyFatRubbedInFirstKeepsFlourDry(FatTiming timing, double fatPerFlour, double share) {
        assertEquals(Uptake.coating(timing, fatPerFlour), share, 1e-12);
    }

    @Test
    public void saltDrawsMoreOutOfAnInclusionButNeverMoreThanAll() {
        Form grated = BOOK.form("raw-grated").orElseThrow();
        assertEquals(Release.of(grated, 0).share(0), 0.15, 1e-12);
        assertEquals(Release.of(grated, 0).end(), 0.50, 1e-12);
        assertEquals(Release.of(grated, 2).end(), 0.60, 1e-12);
        assertEquals(Release.of(BOOK.form("puree").orElseThrow(), 3).end(), 1.0, 1e-12);
        assertTrue(Release.of(grated, 2).share(30) > Release.of(grated, 2).share(10));
    }

    @DataProvider
    Object[][] accounts() {
        return new Object[][] {
            {"water", 100.0, 100.0, 0.0},
            {"salt-fine", 10.0, 10.0, 0.0},
            {"neutral-oil", 10.0, 5.0, 0.0},
            {"sugar-white", 10.0, 10 * share("sugar-white", true) + 0.5 * 10 * sugars("sugar-white"), 0.0},
            {"honey", 10.0, 10 * share("honey", true) + 0.5 * 10 * sugars("honey"), 0.0},
            {"milk-whole", 100.0, 100 * share("milk-whole", true) + 0.45 * 100 * share("milk-whole", false), 0.0},
            {"ghee", 10.0, 10 * share("ghee", true) + 0.45 * 10 * share("ghee", false), 0.0},
        };
    }

    @Test(dataProvider = "accounts")
    public void eachKindBringsWhatItsWaterFatAndSugarStandFor(String code, double grams, double brings, double drinks) {
        Dough with = dough(LineSpec.of("wheat-atta", 400), LineSpec.of(code, grams));
        Dough without = dough(LineSpec.of("wheat-atta", 400));
        assertEquals(with.bringsGrams(30) - without.bringsGrams(30), brings, 1e-9);
        assertEquals(with.drinksGrams(30) - without.drinksGrams(30), drinks, 1e-9);
    }

    @Test
    public void aStarterIsHalfSoakedFlourHalfWater() {
        Dough dough = dough(LineSpec.of("wheat-atta", 400), LineSpec.of("sourdough-starter", 100));
        assertEquals(dough.flourGrams(), 450, 1e-9);
        assertEquals(dough.rows().size(), 3);
        assertEquals(dough.bringsGrams(0), 50, 1e-9);
        double starter =
                dough.drinksGrams(0) - dough(LineSpec.of("wheat-atta", 400)).drinksGrams(0);
        assertEquals(starter, 50 * 0.61, 1e-9, "already soaked, at once");
    }

    @Test
    public void fillingsAndSurfacesAreNoPartOfTheDough() {
        LineSpec filling = LineSpec.of("parsnip-raw", 200).in(Part.FILLING).withForm("mash");
        LineSpec dusting = LineSpec.of("wheat-atta", 30).in(Part.SURFACE);
        Dough dough = dough(LineSpec.of("wheat-atta", 400), LineSpec.of("water", 260), filling, dusting);
        assertEquals(dough.grams(), 660, 1e-9);
        assertEquals(dough.flourGrams(), 400, 1e-9);
    }

    @Test
    public void fatOnTheSurfaceIsLeftOutAltogether() {
        List<LineSpec> lines = new ArrayList<>(List.of(LineSpec.of("wheat-atta", 400), LineSpec.of("ghee", 40)));
        Formula formula = FormulaReader.read(
                new FormulaSpec("roti", null, "surface", null, null, null, null, List.copyOf(lines)), BOOK);
        Dough dough = Dough.of(formula);
        assertEquals(dough.grams(), 400, 1e-9);
        assertEquals(dough.fatPerFlour(), 0, 1e-9);
    }

    private static double share(String code, boolean water) {
        var holds = BOOK.ingredient(code).orElseThrow().composition();
        return (water ? holds.waterPct() : holds.fatPct()) / 100;
    }

    private static double sugars(String code) {
        return BOOK.ingredient(code).orElseThrow().composition().sugarsPct() / 100;
    }

    private static Dough dough(LineSpec... lines) {
        return Dough.of(
                FormulaReader.read(new FormulaSpec("roti", null, null, null, null, null, null, List.of(lines)), BOOK));
    }
}
