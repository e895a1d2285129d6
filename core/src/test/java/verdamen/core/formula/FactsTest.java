package verdamen.core.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.pantry.Nutrition;
import verdamen.core.pantry.Price;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** Cost and nutrition when lines come from preparations, salt wherever it went in, and the pieces. */
public class FactsTest {

    private static final double EPSILON = 1e-9;
    private static final FormulaSpec PRESSED = Doughs.spec(
                    "roti", line("wheat-atta", 300), line("water", 60), LineSpec.ofPrep("c"))
            .withPreps(List.of(new ChainSpec(
                    "c",
                    null,
                    "courgette-raw",
                    400.0,
                    "dough-water",
                    List.of(StepSpec.of(StepKind.PRESS).leaving(250)))));

    @Test
    public void onePaysForWhatIsBoughtNotForWhatIsLeft() {
        Map<String, Price> prices = Map.of(
                "wheat-atta", new Price(2, Price.Per.KILOGRAM), "courgette-raw", new Price(3, Price.Per.KILOGRAM));
        Facts facts = Facts.of(Doughs.read(PRESSED), prices);
        assertEquals(facts.cost(), 0.3 * 2 + 0.4 * 3, EPSILON);
        assertEquals(facts.withoutPrice(), List.of(), "its own liquid is not bought");
    }

    @Test
    public void halfOfAPreparationCostsHalf() {
        List<LineSpec> lines = List.of(
                line("wheat-atta", 300), line("water", 60), LineSpec.ofPrep("c").withGrams(125.0));
        Facts facts = Facts.of(
                Doughs.read(PRESSED.withLines(lines)), Map.of("courgette-raw", new Price(3, Price.Per.KILOGRAM)));
        assertEquals(facts.cost(), 0.2 * 3, EPSILON);
    }

    @Test
    public void nutritionFollowsTheDryMatter() {
        // 200 g of pumpkin cooked down to half its water: the dry matter of 8.7 % is now 17.4 %
        LineSpec wet = line("pumpkin-cooked", 200).withForm("puree");
        LineSpec down = line("pumpkin-cooked", 100).withForm("puree").withMeasured(Measured.NONE.withWaterPct(82.6));
        assertEquals(protein(down), protein(wet), EPSILON);
    }

    private static double protein(LineSpec line) {
        Facts facts = Facts.of(Doughs.read(Doughs.spec("roti", line("wheat-atta", 100), line)), Map.of());
        Nutrition holds = facts.per100Grams();
        assertNotNull(holds);
        return holds.proteinGrams() * facts.grams() / 100;
    }

    /** Each row: pieces stated, weight of a piece stated, how many come out of 500 g of dough. */
    @DataProvider
    Object[][] pieces() {
        double style = Doughs.read(Doughs.roti(0)).style().pieceGrams();
        return new Object[][] {
            {null, null, Math.floor(500 * 0.985 / style)},
            {null, 60.0, 8.0},
            {7.0, null, 7.0},
            {7.0, 60.0, 7.0},
            {null, 600.0, null},
        };
    }

    @Test(dataProvider = "pieces")
    public void countsPieces(Double stated, Double grams, Double count) {
        FormulaSpec spec = new FormulaSpec(
                "roti",
                null,
                null,
                null,
                null,
                null,
                null,
                List.of(line("wheat-atta", 300), line("water", 200)),
                RecipeNotes.NONE.withPieces(stated).withPieceGrams(grams));
        Pieces pieces = Pieces.of(Doughs.read(spec));
        assertEquals(pieces.count(), count);
        assertEquals(pieces.stated(), stated != null);
        Salt salt = Salt.of(Doughs.read(spec));
        if (count == null) {
            assertNull(salt.perPieceGrams());
        } else {
            assertEquals(salt.perPieceGrams(), salt.totalGrams() / count, EPSILON);
        }
    }

    @Test
    public void saltIsToldByWhereItWentIn() {
        Salt salt = Salt.of(Doughs.read(Doughs.spec(
                "stuffed-paratha",
                line("wheat-atta", 300),
                line("water", 190),
                line("salt-fine", 5),
                line("potato-boiled", 200).withPart("filling"),
                line("salt-coarse", 3).withPart("filling"),
                line("salt-fine", 1).withPart("surface"),
                line("baking-soda", 2))));
        assertEquals(salt.doughGrams(), 5, EPSILON);
        assertEquals(salt.fillingGrams(), 3, EPSILON);
        assertEquals(salt.surfaceGrams(), 1, EPSILON);
        assertTrue(salt.otherGrams() > 2 * 0.2736 * 2.5 - EPSILON, "soda brings its sodium");
        assertEquals(salt.perHundredGrams(), 100 * salt.totalGrams() / 701, EPSILON);
    }
}
