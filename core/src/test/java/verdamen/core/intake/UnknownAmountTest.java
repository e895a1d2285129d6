package verdamen.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.balance.Balance;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Openness;
import verdamen.core.formula.Part;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

public class UnknownAmountTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final LineSpec FLOUR = LineSpec.of("wheat-atta", 400);
    private static final LineSpec SALT = LineSpec.of("salt-fine", 7);

    @DataProvider
    Object[][] liquids() {
        return new Object[][] {{"water"}, {"milk-whole"}, {"buttermilk"}, {"yogurt-whole"}, {"coconut-milk"}};
    }

    @Test(dataProvider = "liquids")
    public void theLiquidFoundByTheModelGivesTheSoftnessAimedFor(String liquid) {
        FoundAmount filled = UnknownAmount.byModel(formula(FLOUR, SALT, LineSpec.of("water", 40), open(liquid)), 3);
        Balance balance =
                Balance.of(formula(FLOUR, SALT, LineSpec.of("water", 40), LineSpec.of(liquid, filled.grams())));
        assertEquals(balance.softness(), 1.0, 1e-9);
        assertTrue(filled.low() < filled.grams() && filled.grams() < filled.high());
    }

    @Test
    public void findsWhatWasMissingFromTheDoughOnTheScale() {
        FoundAmount filled = UnknownAmount.byDoughWeight(formula(FLOUR, SALT, open("water")), 2, 640, 1.5);
        assertEquals(filled.grams(), 640 / 0.985 - 407, 1e-9);
        assertTrue(filled.sd() > 3 && filled.sd() < 8, "sd " + filled.sd());
        assertEquals(
                UnknownAmount.byDoughWeight(formula(FLOUR, SALT, open("water")), 2, 640, null)
                        .grams(),
                filled.grams(),
                1e-9);
    }

    @Test
    public void findsWhatWasMissingFromAJug() {
        FoundAmount filled = UnknownAmount.byJug(812, 548);
        assertEquals(filled.grams(), 264, 1e-9);
        assertEquals(filled.sd(), Math.hypot(4.06, 2.74), 1e-9);
    }

    @DataProvider
    Object[][] refused() {
        Formula wet = formula(LineSpec.of("wheat-atta", 100), LineSpec.of("milk-whole", 300), open("water"));
        Formula two = formula(FLOUR, open("water"), open("milk-whole"));
        return new Object[][] {
            {"salt is no liquid", run(() -> UnknownAmount.byModel(formula(FLOUR, open("salt-fine")), 1)), "ingredient"},
            {"too much already", run(() -> UnknownAmount.byModel(wet, 2)), "grams"},
            {"a line that is not open", run(() -> UnknownAmount.byModel(wet, 0)), "line"},
            {"two unknowns, one weight", run(() -> UnknownAmount.byDoughWeight(two, 1, 700, null)), "grams"},
            {
                "a dough lighter than its flour",
                run(() -> UnknownAmount.byDoughWeight(formula(FLOUR, open("water")), 1, 300, null)),
                "doughGrams"
            },
            {
                "more lost than a bowl can hold",
                run(() -> UnknownAmount.byDoughWeight(formula(FLOUR, open("water")), 1, 700, 30.0)),
                "bowlLossPct"
            },
            {"a jug that grew heavier", run(() -> UnknownAmount.byJug(500, 600)), "afterGrams"},
            {"a jug that weighs nothing sensible", run(() -> UnknownAmount.byJug(Double.NaN, 600)), "beforeGrams"},
        };
    }

    @Test(dataProvider = "refused")
    public void refusesByName(String what, Runnable attempt, String field) {
        RefusedException refused = expectThrows(RefusedException.class, attempt::run);
        assertEquals(refused.faults().get(0).field(), field, what);
    }

    private static Runnable run(Runnable attempt) {
        return attempt;
    }

    private static LineSpec open(String ingredient) {
        return LineSpec.open(ingredient, Openness.UNKNOWN_AMOUNT);
    }

    private static Formula formula(LineSpec... lines) {
        return FormulaReader.read(new FormulaSpec("roti", null, null, null, null, null, null, List.of(lines)), BOOK);
    }

    @Test
    public void saltToTasteIsAUsualShareOfFlourOrFilling() {
        Formula dough = FormulaReader.read(
                new FormulaSpec(
                        "roti",
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        List.of(
                                LineSpec.of("wheat-atta", 300),
                                LineSpec.of("water", 190),
                                open("salt-fine"),
                                LineSpec.of("potato-boiled", 200)
                                        .withForm("mash")
                                        .in(Part.FILLING),
                                open("salt-fine").in(Part.FILLING))),
                ReferenceTables.load());
        assertEquals(UnknownAmount.byCustom(dough, 2).grams(), 5.4, 1e-9);
        assertEquals(UnknownAmount.byCustom(dough, 4).grams(), 2.0, 1e-9);
        assertTrue(UnknownAmount.byCustom(dough, 2).sd() > 0.5);
        expectThrows(RefusedException.class, () -> UnknownAmount.byCustom(dough, 0));
    }
}
