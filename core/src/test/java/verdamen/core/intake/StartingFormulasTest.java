package verdamen.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.intake.StartingFormulas.Percentage;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

public class StartingFormulasTest {

    private static final Pantry BOOK = ReferenceTables.load();

    @DataProvider
    Object[][] styles() {
        return BOOK.styles().stream().map(style -> new Object[] {style.code()}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "styles")
    public void everyStyleHasAUsualCompositionThatMeetsItsWindow(String style) {
        FormulaSpec start = StartingFormulas.ofStyle(style, 500, BOOK);
        Evaluation sheet = Evaluation.of(FormulaReader.read(start, BOOK));
        Double softness = sheet.balance().softness();
        assertTrue(
                softness >= sheet.formula().style().softnessLow()
                        && softness <= sheet.formula().style().softnessHigh(),
                style + " has softness " + softness);
        assertEquals(sheet.balance().flourGrams(), 500, 1);
    }

    @Test
    public void percentagesMakeADoughOfTheWeightAskedFor() {
        List<Percentage> asked = List.of(
                new Percentage("wheat-atta", 60.0),
                new Percentage("emmer-whole", 40.0),
                new Percentage("water", 64.0),
                new Percentage("salt-fine", 1.8));
        FormulaSpec spec = StartingFormulas.ofPercentages("roti", 1200, asked, BOOK);
        Evaluation sheet = Evaluation.of(FormulaReader.read(spec, BOOK));
        assertEquals(sheet.balance().doughGrams(), 1200, 1.5);
        assertEquals(sheet.bakersPct().get(2), 64, 0.2);
        assertEquals(spec.lines().stream().map(LineSpec::ingredient).toList().get(1), "emmer-whole");
    }

    @Test
    public void refusesByLineAndField() {
        RefusedException refused = expectThrows(
                RefusedException.class,
                () -> StartingFormulas.ofPercentages(
                        "roti", -1, List.of(new Percentage("wheat-atta", -3.0), new Percentage("water", null)), BOOK));
        assertEquals(refused.faults().size(), 3);
        assertEquals(refused.faults().get(1).line(), Integer.valueOf(1));
        expectThrows(RefusedException.class, () -> StartingFormulas.ofStyle("brick", 500, BOOK));
        expectThrows(RefusedException.class, () -> StartingFormulas.ofStyle("roti", Double.NaN, BOOK));
    }
}
