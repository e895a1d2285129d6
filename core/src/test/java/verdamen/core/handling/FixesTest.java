package verdamen.core.handling;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.filling;
import static verdamen.core.Doughs.line;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Measured;
import verdamen.core.formula.MethodSpec;
import verdamen.core.model.Unit;

/** The amounts of corrections, worked by hand. */
public class FixesTest {

    private static final FormulaSpec ROTI = Doughs.spec(
            "roti",
            line("wheat-atta", 300),
            line("emmer-whole", 100),
            line("water", 230),
            line("ghee", 20),
            line("sugar-white", 10),
            line("salt-fine", 8));
    private static final FormulaSpec CHUNKY = Doughs.spec(
            "roti",
            line("wheat-atta", 300),
            line("water", 170),
            line("carrot-raw", 100).withForm("raw-grated").withMeasured(Measured.NONE.withPieceMm(4.0)));

    private static Diagnosis.Fix fix(FormulaSpec spec, Correction correction) {
        return new Fixes(new Evidence(Doughs.read(spec))).of(correction);
    }

    /** Each row: a correction, its amount for the roti, the unit. */
    @DataProvider
    Object[][] amounts() {
        return new Object[][] {
            {Correction.LESS_SUGAR, -4.0, Unit.GRAMS}, // 1 % of 400 g flour
            {Correction.LITTLE_SUGAR, 4.0, Unit.GRAMS},
            {Correction.LESS_SALT, -2.0, Unit.GRAMS}, // 0.5 % of the flour
            {Correction.LESS_FAT, -12.0, Unit.GRAMS}, // 3 % of the flour
            {Correction.MORE_FAT, 12.0, Unit.GRAMS},
            {Correction.BENCH_FLOUR, 10.0, Unit.GRAMS}, // 2.5 % of the flour
            {Correction.STRONGER_FLOUR, 40.0, Unit.GRAMS}, // a tenth of the flour
            {Correction.STYLE_SHEET, 1.8, Unit.MILLIMETRES},
            {Correction.HOTTER, 15.0, Unit.CELSIUS},
            {Correction.COOLER, -15.0, Unit.CELSIUS},
            {Correction.COOL_MASH, 30.0, Unit.CELSIUS},
            {Correction.LONGER, 0.25, Unit.MINUTES}, // a fifth of 30 + 45 s
            {Correction.SHORTER, -0.25, Unit.MINUTES},
        };
    }

    @Test(dataProvider = "amounts")
    public void isAsMuchAsOneWorksOut(Correction correction, double amount, Unit unit) {
        Diagnosis.Fix fix = fix(ROTI, correction);
        assertEquals(fix.amount(), amount, 1e-9, correction.code());
        assertEquals(fix.unit(), unit);
    }

    @Test
    public void strongerFlourTakesThePlaceOfTheWeakest() {
        assertEquals(fix(ROTI, Correction.STRONGER_FLOUR).ingredient(), "emmer-whole");
    }

    @Test
    public void theWaterIsWhatTheBalanceLacksAndNeverNothing() {
        double missing = Balance.of(Doughs.read(Doughs.roti(180))).water().missing();
        assertEquals(fix(Doughs.roti(180), Correction.ADD_WATER).amount(), missing, 1e-9);
        assertEquals(fix(Doughs.roti(400), Correction.ADD_WATER).amount(), 8.0, 1e-9, "at least 2 % of the flour");
    }

    @Test
    public void theFlourBringsTheDoughBackToItsTarget() {
        Dough wet = Dough.of(Doughs.read(Doughs.roti(330)));
        double flour = fix(Doughs.roti(330), Correction.ADD_FLOUR).amount();
        double after = wet.bringsGrams(30) / (wet.drinksGrams(30) + flour * wet.flourDrinksPerGram(30));
        assertEquals(after, 1.0, 1e-9);
    }

    @Test
    public void piecesAreCutToWhatTheSheetHides() {
        // hard pieces need 0.9 of their size: 1.8 mm hide pieces of 2 mm
        Diagnosis.Fix fix = fix(CHUNKY, Correction.SMALLER_PIECES);
        assertEquals(fix.amount(), 2.0, 1e-9);
        assertEquals(fix.ingredient(), "carrot-raw");
        assertEquals(fix(CHUNKY, Correction.LESS_INCLUSION).amount(), -25.0, 1e-9);
        // 40 % of 88.3 g water, at 95 % in the liquid
        assertEquals(fix(CHUNKY, Correction.PRESS).amount(), 0.4 * 88.3 / 0.95, 1e-9);
    }

    @Test
    public void theSheetIsAsThickAsTheDoughNeeds() {
        FormulaSpec thin = CHUNKY.withSheet(1.0);
        double thinnest = Handling.at(Dough.of(Doughs.read(thin)), 30).minSheetMm();
        assertEquals(fix(thin, Correction.THICKER).amount(), thinnest, 1e-9);
        assertEquals(fix(CHUNKY.withSheet(5.0), Correction.THICKER).amount(), 5.3, 1e-9);
    }

    @Test
    public void restsUntilTheSpringIsWithinTheLimit() {
        FormulaSpec strong = Doughs.spec("roti", line("wheat-very-strong-white", 400), line("water", 250))
                .withSettings(null, null, null, 0.0);
        double more = fix(strong, Correction.REST).amount();
        double gluten = Handling.at(Dough.of(Doughs.read(strong)), 10).gluten();
        assertTrue(Risks.springBackPct(gluten, more) <= 10 && Risks.springBackPct(gluten, more - 1) > 10);
    }

    @Test
    public void theFillingIsPressedAsItsBalanceSays() {
        FormulaSpec wet = Doughs.spec(
                "stuffed-paratha",
                line("wheat-plain-white", 300),
                line("water", 185),
                filling("courgette-raw", 300, "raw-grated"),
                filling("potato-boiled", 300, "mash"));
        Diagnosis.Fix fix = fix(wet, Correction.PRESS_FILLING);
        assertEquals(fix.ingredient(), "courgette-raw");
        assertTrue(fix.amount() > 20 && fix.amount() < 200, fix.toString());
        assertTrue(fix(wet, Correction.LESS_FILLING).amount() < 0);
    }

    @Test
    public void whatIsNotThereHasNoAmount() {
        for (Correction correction : new Correction[] {
            Correction.LESS_SUGAR,
            Correction.SMALLER_PIECES,
            Correction.PRESS,
            Correction.LESS_FILLING,
            Correction.COVER
        }) {
            assertNull(fix(Doughs.roti(250), correction).amount(), correction.code());
        }
    }

    @Test
    public void lessOnTheBenchIsHalfOfWhatWasTakenUp() {
        FormulaSpec dusted = Doughs.roti(250)
                .withMethod(new MethodSpec(
                        null, "bench-flour", 24.0, null, null, null, null, null, null, null, null, null, null));
        assertEquals(fix(dusted, Correction.LESS_BENCH_FLOUR).amount(), -12.0, 1e-9);
    }
}
