package verdamen.core;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.LedgerRow;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.Sticking;
import verdamen.core.handling.FormulaHandling;
import verdamen.core.handling.RolledDough;
import verdamen.core.handling.RollingPicture;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** What must hold whatever the method, over random formulas with a chain, phases, bench and stages. */
public class MethodPropertiesTest {

    private static final int COUNT = 150;
    private static final List<String> VEGETABLES = List.of("courgette-raw", "carrot-raw", "spinach-raw", "potato-raw");

    @DataProvider
    Object[][] formulas() {
        RandomFormulas plain = new RandomFormulas(RandomFormulas.SEED);
        Random random = new Random(RandomFormulas.SEED);
        Object[][] rows = new Object[COUNT][];
        for (int i = 0; i < COUNT; i++) {
            rows[i] = new Object[] {made(plain.next(), random)};
        }
        return rows;
    }

    private static FormulaSpec made(FormulaSpec spec, Random random) {
        List<LineSpec> lines = new ArrayList<>(spec.lines());
        lines.add(LineSpec.ofPrep("it"));
        lines.set(0, lines.get(0).withStage(random.nextBoolean() ? 0 : null));
        List<PhaseSpec> phases = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            String kind = List.of("rest", "warm", "chill", "knead").get(random.nextInt(4));
            phases.add(new PhaseSpec(kind, (double) random.nextInt(90), null));
        }
        Sticking sticking = Sticking.values()[random.nextInt(Sticking.values().length)];
        MethodSpec method = new MethodSpec(
                null,
                sticking.code(),
                null,
                null,
                null,
                null,
                null,
                null,
                "soaker",
                (double) random.nextInt(300),
                null,
                phases,
                null);
        ChainSpec chain = new ChainSpec(
                "it",
                null,
                VEGETABLES.get(random.nextInt(VEGETABLES.size())),
                50 + 300 * random.nextDouble(),
                random.nextBoolean() ? "dough-water" : "discarded",
                List.of(StepSpec.of(StepKind.CHOP), StepSpec.of(StepKind.SALT_STAND), StepSpec.of(StepKind.PRESS)));
        return spec.withLines(lines).withMethod(method).withPreps(List.of(chain));
    }

    @Test(dataProvider = "formulas")
    public void theLedgerIsTheWholeDough(FormulaSpec spec) {
        Balance balance = Balance.of(Doughs.read(spec));
        double grams = balance.ledger().stream().mapToDouble(LedgerRow::grams).sum();
        double brings =
                balance.ledger().stream().mapToDouble(LedgerRow::bringsGrams).sum();
        double drinks =
                balance.ledger().stream().mapToDouble(LedgerRow::drinksGrams).sum();
        assertEquals(grams, balance.doughGrams(), 1e-6);
        assertEquals(brings, balance.bringsGrams(), 1e-6);
        assertEquals(drinks, balance.drinksGrams(), 1e-6);
    }

    @Test(dataProvider = "formulas")
    public void aDoughDrinksEverMoreAndWorkingTimeNeverRunsAhead(FormulaSpec spec) {
        Formula formula = Doughs.read(spec);
        Dough dough = Dough.of(formula);
        double before = -1;
        double worked = -1;
        for (int minute = 0; minute <= formula.timeline().horizon(); minute += 7) {
            double drinks = dough.drinksGrams(minute);
            double working = formula.timeline().workingMinute(minute);
            assertTrue(drinks >= before - 1e-9, "at minute " + minute);
            assertTrue(working >= worked && working <= minute + 1e-9, "at minute " + minute);
            before = drinks;
            worked = working;
        }
    }

    @Test(dataProvider = "formulas")
    public void thePictureFitsItself(FormulaSpec spec) {
        FormulaHandling sheet = FormulaHandling.of(RolledDough.of(Doughs.read(spec)));
        RollingPicture picture = sheet.picture();
        assertEquals(picture.low().size(), picture.curve().minutes().size());
        int last = picture.curve().minutes().get(picture.curve().minutes().size() - 1);
        assertTrue(last <= picture.horizon() && last > picture.horizon() - 40);
        picture.moments().forEach(moment -> assertTrue(moment.minute() <= picture.horizon(), moment.toString()));
        if (picture.window() != null) {
            assertTrue(picture.window().first() <= picture.window().last());
        }
        sheet.disc().inclusions().forEach(inside -> {
            assertTrue(inside.sharePct() <= 100);
            assertTrue(inside.count() > 0);
            assertEquals(inside.countable(), inside.pieceMm() > 2 && inside.count() < 400);
        });
    }

    @Test(dataProvider = "formulas")
    public void waterSetToTheAnswerHitsTheTarget(FormulaSpec spec) {
        Formula formula = Doughs.read(spec);
        Balance balance = Balance.of(formula);
        double needed = balance.water().needed();
        if (needed < 0) {
            return;
        }
        List<LineSpec> lines = new ArrayList<>(spec.lines());
        lines.replaceAll(line -> "water".equals(line.ingredient())
                        && (line.part() == null || line.part().equals("dough"))
                ? line.withGrams(0.0)
                : line);
        lines.add(LineSpec.of("water", needed));
        Balance right = Balance.of(Doughs.read(spec.withLines(lines)));
        // more water is a larger dough, which takes on the cold more slowly; in stages its own water cools or warms it
        // as well
        double chilled = formula.stages().isEmpty() ? 0.003 : 0.02;
        double cold = formula.timeline().chills() ? chilled : 1e-6;
        assertEquals(right.softness(), formula.softnessTarget(), cold);
    }
}
