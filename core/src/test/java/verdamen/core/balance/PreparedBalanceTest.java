package verdamen.core.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.evaluation.Slip;
import verdamen.core.evaluation.SlipCatcher;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.intake.IngredientIndex;
import verdamen.core.intake.Synonyms;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** Prepared lines in what else the balance says: hydration, ways out, percentages, slips. */
public class PreparedBalanceTest {

    private static FormulaSpec dough(double flour, double salted, String liquid) {
        return Doughs.spec("roti", line("wheat-atta", flour), line("salt-fine", 6), LineSpec.ofPrep("c"))
                .withPreps(List.of(new ChainSpec(
                        "c",
                        null,
                        "courgette-raw",
                        500.0,
                        liquid,
                        List.of(
                                StepSpec.of(StepKind.GRATE).leaving(500),
                                StepSpec.of(StepKind.SALT_STAND)
                                        .adding("salt-fine", salted)
                                        .running(0),
                                StepSpec.of(StepKind.PRESS).running(200)))));
    }

    @Test
    public void usedLiquidIsLiquidInTheHydration() {
        Balance thrown = Balance.of(Doughs.read(dough(400, 5, "discarded")));
        Balance used = Balance.of(Doughs.read(dough(400, 5, "dough-water")));
        assertEquals(thrown.hydration().bakersPct(), 0.0);
        double liquid = used.ledger().stream()
                .filter(row -> row.ingredient().equals("pressed-liquid"))
                .mapToDouble(LedgerRow::grams)
                .sum();
        assertEquals(used.hydration().bakersPct(), 100 * 0.95 * liquid / 400, 1e-6);
    }

    @Test
    public void aWayOutOfTooMuchWaterIsOfTheVegetableNotOfItsSalt() {
        Balance wet = Balance.of(Doughs.read(dough(250, 5, "dough-water")));
        assertNotNull(wet.tooMuch(), "needs " + wet.water().needed());
        assertEquals(
                wet.tooMuch().waysOut().stream()
                        .filter(way -> way.remedy() == Remedy.PRESS)
                        .count(),
                1);
        WayOut press = wet.tooMuch().waysOut().get(1);
        if (press.obstacle() == null) {
            assertEquals(press.afterNeededGrams(), 0, 12, "the form changes with the pressing");
        }
    }

    @Test
    public void everyAskedLineHasOnePercentage() {
        List<Double> pct = BakersPercentages.of(Doughs.read(dough(400, 5, "dough-water")));
        assertEquals(pct.size(), 3);
        assertEquals(pct.get(0), 100.0);
        assertTrue(pct.get(2) > 70 && pct.get(2) < 76, pct.toString());
    }

    @Test
    public void saltOfAPreparationCountsAmongTheSlips() {
        IngredientIndex index = IngredientIndex.of(Doughs.BOOK, Synonyms.ofBook(), Map.of());
        boolean little = slips(index, 0).stream().anyMatch(slip -> slip.kind() == Slip.Kind.MUCH_SALT);
        boolean much = slips(index, 16).stream().anyMatch(slip -> slip.kind() == Slip.Kind.MUCH_SALT);
        assertTrue(!little && much, "salt strewn on the vegetable is salt of the dough");
    }

    private static List<Slip> slips(IngredientIndex index, double salted) {
        return SlipCatcher.look(Dough.of(Doughs.read(dough(400, salted, "dough-water"))), index);
    }

    @Test
    public void theSheetOfADoughTellsOfPreparedLinesLikeOfOthers() {
        Evaluation sheet = Evaluation.of(Doughs.read(dough(400, 5, "dough-water")));
        assertEquals(sheet.bakersPct().size(), 3);
        assertTrue(sheet.balance().ledger().size() == 5, "flour, salt, courgette, its salt, its liquid");
        assertTrue(sheet.handling().pieceShare() > 0.3);
    }
}
