package verdamen.core.formula;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.line;

import java.util.List;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Filling;
import verdamen.core.balance.LedgerRow;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** Lines that a preparation chain fills. */
public class PreparedLinesTest {

    private static final double EPSILON = 1e-9;

    private static ChainSpec courgette(String liquid, double pressed) {
        return new ChainSpec(
                "courgette",
                null,
                "courgette-raw",
                300.0,
                liquid,
                List.of(
                        StepSpec.of(StepKind.SALT_STAND).adding("salt-fine", 4).running(0),
                        StepSpec.of(StepKind.PRESS).running(pressed)));
    }

    private static FormulaSpec formula(ChainSpec chain, LineSpec... more) {
        List<LineSpec> lines = new java.util.ArrayList<>(List.of(
                line("wheat-atta", 400), line("water", 60), line("salt-fine", 6), LineSpec.ofPrep("courgette")));
        lines.addAll(List.of(more));
        return Doughs.spec("roti", lines.toArray(LineSpec[]::new)).withPreps(List.of(chain));
    }

    @Test
    public void aLineTakesWaterFormAndSaltFromItsChain() {
        Formula read = Doughs.read(formula(courgette(null, 100)));
        Line inclusion = read.askedLines().get(3);
        Line salt = read.lines().stream()
                .filter(each -> each.source() == LineSource.PREPARED)
                .findFirst()
                .orElseThrow();
        assertEquals(inclusion.grams() + salt.grams(), 204, EPSILON);
        assertEquals(salt.index(), 3);
        assertTrue(salt.grams() > 2 && salt.grams() < 4, "a third of the salt went with the liquid");
        assertEquals(inclusion.form().code(), "pressed");
        assertEquals(read.lineCount(), 4);
    }

    @Test
    public void vegetablesPutInOnTheWayAreInTheFormOfTheRest() {
        ChainSpec greens = new ChainSpec(
                "courgette",
                null,
                "spinach-raw",
                200.0,
                null,
                List.of(StepSpec.of(StepKind.WILT).adding("garlic-raw", 10), StepSpec.of(StepKind.COOK_DOWN)));
        Formula read = Doughs.read(formula(greens));
        Line garlic = read.lines().stream()
                .filter(each -> each.ingredient().code().equals("garlic-raw"))
                .findFirst()
                .orElseThrow();
        assertEquals(garlic.form().code(), "cooked-down");
        assertEquals(garlic.grams(), 10, EPSILON);
        LedgerRow row = Balance.of(read).ledger().stream()
                .filter(each -> each.ingredient().equals("garlic-raw"))
                .findFirst()
                .orElseThrow();
        assertTrue(row.bringsGrams() > 0 && row.drinksGrams() > 0, row.toString());
        ChainSpec butter = new ChainSpec(
                "courgette",
                null,
                "butter",
                100.0,
                null,
                List.of(StepSpec.of(StepKind.CLARIFY).adding("onion-raw", 5)));
        Line onion = Doughs.read(formula(butter)).lines().stream()
                .filter(each -> each.ingredient().code().equals("onion-raw"))
                .findFirst()
                .orElseThrow();
        assertEquals(onion.form().code(), "raw-chopped");
    }

    @Test
    public void aChangeOfThePressingMovesTheBalance() {
        double little = needed(formula(courgette(null, 60)));
        double much = needed(formula(courgette(null, 120)));
        assertTrue(much > little + 5, "pressed harder, it needs more water: " + little + " then " + much);
    }

    @Test
    public void pressedLiquidUsedAsDoughWaterCountsWithSolidsAndSalt() {
        Balance thrown = Balance.of(Doughs.read(formula(courgette("discarded", 100))));
        Balance used = Balance.of(Doughs.read(formula(courgette("dough-water", 100))));
        assertEquals(used.doughGrams(), thrown.doughGrams() + 100, EPSILON);
        LedgerRow liquid = used.ledger().stream()
                .filter(row -> row.ingredient().equals("pressed-liquid"))
                .findFirst()
                .orElseThrow();
        assertEquals(liquid.bringsGrams(), 0.95 * liquid.grams() + 0.45 * 0.001 * liquid.grams(), 1e-6);
        double less = thrown.water().needed() - used.water().needed();
        assertTrue(less > 90 && less < 110, "the liquid takes the place of water: " + less);
    }

    @Test
    public void usedLiquidGoesToTheDoughAlsoWhenTheRestGoesIntoTheFilling() {
        FormulaSpec filled = formula(courgette("dough-water", 100));
        List<LineSpec> lines = new java.util.ArrayList<>(filled.lines());
        lines.replaceAll(line -> line.prep() == null ? line : line.in(Part.FILLING));
        FormulaSpec spec = filled.withLines(lines);
        Formula read = Doughs.read(spec);
        assertTrue(read.lines().stream()
                .filter(line -> line.ingredient().code().equals("pressed-liquid"))
                .allMatch(line -> line.part() == Part.DOUGH));
        Formula discarded = Doughs.read(spec.withPreps(List.of(courgette("discarded", 100))));
        assertEquals(
                Filling.of(Dough.of(read)).orElseThrow().freeWaterPct(),
                Filling.of(Dough.of(discarded)).orElseThrow().freeWaterPct(),
                1,
                "the filling is no wetter for it");
        assertTrue(Balance.of(read).water().needed()
                < Balance.of(discarded).water().needed() - 80);
    }

    @Test
    public void saltOfAChainCountsInTheSaltOfAPiece() {
        FormulaSpec spec = formula(courgette("dough-water", 100));
        Salt salt = Salt.of(Doughs.read(spec));
        assertEquals(salt.doughGrams(), 6, EPSILON);
        assertEquals(salt.prepGrams(), 4, EPSILON, "with its liquid, all the salt comes back");
        assertEquals(salt.totalGrams(), 10 + salt.otherGrams(), EPSILON);
        assertEquals(
                salt.perPieceGrams(),
                salt.totalGrams() / Pieces.of(Doughs.read(spec)).count(),
                EPSILON);
    }

    @Test
    public void severalLinesShareAChainButNotMoreThanItGives() {
        LineSpec rest = LineSpec.ofPrep("courgette").withPart("filling");
        FormulaSpec shared = formula(courgette(null, 100));
        List<LineSpec> lines = new java.util.ArrayList<>(shared.lines());
        lines.set(3, lines.get(3).withGrams(120.0));
        lines.add(rest);
        Formula read = Doughs.read(shared.withLines(lines));
        double filled = read.lines().stream()
                .filter(line -> line.part() == Part.FILLING)
                .mapToDouble(Line::grams)
                .sum();
        assertEquals(filled, 84, EPSILON);
        lines.set(3, lines.get(3).withGrams(220.0));
        Fault fault = fault(shared.withLines(lines));
        assertEquals(fault.code(), FaultCode.CREATES_MATTER);
        assertEquals(fault.line(), Integer.valueOf(3));
        assertEquals(fault.limit(), 204, EPSILON);
    }

    @Test
    public void refusesAChainThatIsNotThereAndWhatContradictsIt() {
        assertEquals(
                fault(formula(courgette(null, 100), LineSpec.ofPrep("gone"))).code(), FaultCode.UNKNOWN_CODE);
        LineSpec measured = LineSpec.ofPrep("courgette").withGrams(0.0).withMeasured(Measured.NONE.withWaterPct(80.0));
        assertEquals(fault(formula(courgette(null, 100), measured)).code(), FaultCode.CONTRADICTS);
        LineSpec other = LineSpec.ofPrep("courgette").withGrams(0.0).withIngredient("carrot-raw");

        assertEquals(fault(formula(courgette(null, 100), other)).field(), "ingredient");
    }

    @Test
    public void aFaultyChainIsNamedOnceWithItsPlace() {
        RefusedException refused =
                expectThrows(RefusedException.class, () -> Doughs.read(formula(courgette(null, 500))));
        assertEquals(refused.faults().size(), 1);
        assertEquals(refused.faults().get(0).field(), "preps[0].steps[1].liquidGrams");
        assertNull(refused.faults().get(0).line());
    }

    @Test
    public void aSoakerHasAlreadyDrunkWhenTheDoughIsMixed() {
        LineSpec rye = line("rye-whole", 200).withStage(0);
        LineSpec water = line("water", 160).withStage(0);
        FormulaSpec dough = Doughs.spec("roti", line("wheat-atta", 200), rye, water, line("water", 100))
                .withSettings(null, null, null, 0.0);
        MethodSpec soaked =
                new MethodSpec(null, null, null, null, null, null, null, null, "soaker", 240.0, null, null, null);
        double fresh = needed(dough.withMethod(soakedFor(0)));
        double stood = needed(dough.withMethod(soaked));
        assertTrue(stood > fresh + 2, "what stood has drunk: " + fresh + " then " + stood);
        assertEquals(
                fault(dough.withMethod(new MethodSpec(
                                null, null, null, null, null, null, null, null, "soaker", null, null, null, null)))
                        .field(),
                "method.standingMinutes");
    }

    private static MethodSpec soakedFor(double minutes) {
        return new MethodSpec(null, null, null, null, null, null, null, null, "soaker", minutes, null, null, null);
    }

    @Test
    public void flourFromTheBenchDrinksButIsNotOfTheHundredPercent() {
        FormulaSpec plain = Doughs.roti(260);
        FormulaSpec dusted = plain.withMethod(MethodSpec.NONE.withSticking("bench-flour"));
        Balance before = Balance.of(Doughs.read(plain));
        Balance after = Balance.of(Doughs.read(dusted));
        assertEquals(after.flourGrams(), before.flourGrams(), EPSILON);
        assertEquals(after.doughGrams(), before.doughGrams() + 10, EPSILON);
        assertTrue(after.water().needed() > before.water().needed() + 5);
        assertEquals(BakersPercentages.of(Doughs.read(dusted)).size(), 3);
    }

    @Test
    public void whatWasWeighedFromTheBenchGoesBeforeTheTypical() {
        MethodSpec weighed =
                new MethodSpec(null, "wet-hands", null, 200.0, 188.0, null, null, null, null, null, null, null, null);
        Formula read = Doughs.read(Doughs.roti(250).withMethod(weighed));
        assertEquals(read.method().pickupGrams(), 12, EPSILON);
        assertTrue(read.method().pickupWeighed());
        MethodSpec impossible =
                new MethodSpec(null, "wet-hands", null, 188.0, 200.0, null, null, null, null, null, null, null, null);
        assertEquals(fault(Doughs.roti(250).withMethod(impossible)).code(), FaultCode.CREATES_MATTER);
        assertEquals(
                Balance.of(read).water().present(),
                250,
                EPSILON,
                "water from the hands is not the line that is answered");
    }

    private static double needed(FormulaSpec spec) {
        return Balance.of(Doughs.read(spec)).water().needed();
    }

    private static Fault fault(FormulaSpec spec) {
        RefusedException refused = expectThrows(RefusedException.class, () -> Doughs.read(spec));
        return refused.faults().get(0);
    }
}
