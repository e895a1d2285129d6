package verdamen.core.balance;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.filling;
import static verdamen.core.Doughs.line;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.balance.Filling.FillingWayOut;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Measured;
import verdamen.core.formula.MethodSpec;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** The balance of a filling. */
public class FillingTest {

    private static final FormulaSpec WET = Doughs.spec(
            "stuffed-paratha",
            line("wheat-plain-white", 300),
            line("water", 190),
            filling("courgette-raw", 200, "raw-grated"),
            filling("salt-fine", 2, null));

    private static Filling of(FormulaSpec spec) {
        return Filling.of(Dough.of(Doughs.read(spec))).orElseThrow();
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

    /** Fillings that are too wet: of lines as they are, of a chain, of part of a chain, without any flour in them. */
    @DataProvider
    Object[][] wet() {
        FormulaSpec mixed = Doughs.spec(
                "stuffed-paratha",
                line("wheat-plain-white", 300),
                line("water", 190),
                filling("courgette-raw", 150, "raw-grated"),
                filling("chickpea-roasted-flour", 5, null),
                filling("potato-boiled", 250, "mash"));
        List<LineSpec> chained = new ArrayList<>(mixed.lines());
        chained.set(2, LineSpec.ofPrep("c").withPart("filling"));
        List<LineSpec> part = new ArrayList<>(chained);
        part.set(2, LineSpec.ofPrep("c").withPart("filling").withGrams(120.0));
        List<ChainSpec> chains =
                List.of(new ChainSpec("c", null, "courgette-raw", 160.0, null, List.of(StepSpec.of(StepKind.GRATE))));
        return new Object[][] {
            {WET},
            {mixed},
            {mixed.withLines(chained).withPreps(chains)},
            {mixed.withLines(part).withPreps(chains)},
        };
    }

    @Test(dataProvider = "wet")
    public void everyWayOutDoesWhatItPromises(FormulaSpec spec) {
        Filling before = of(spec);
        assertTrue(before.tooWet());
        int possible = 0;
        for (FillingWayOut way : before.waysOut()) {
            if (way.obstacle() != null) {
                assertNull(way.change());
                continue;
            }
            possible++;
            assertTrue(way.afterPct() <= before.limitPct() + 1e-6, way.toString());
            assertEquals(of(taken(spec, way)).freeWaterPct(), way.afterPct(), 1e-6, way.toString());
        }
        assertTrue(possible > 0, "flour always helps");
    }

    /** The formula once a way out is taken, as the page takes it. */
    private static FormulaSpec taken(FormulaSpec spec, FillingWayOut way) {
        List<LineSpec> lines = new ArrayList<>(spec.lines());
        LineChange change = way.change();
        if (change == null) {
            lines.add(filling(way.ingredient(), way.grams(), null));
            return spec.withLines(lines);
        }
        LineSpec line = lines.get(change.line());
        if (change.prepGrams() != null) {
            ChainSpec chain = spec.prepsOrNone().get(0);
            List<StepSpec> steps = new ArrayList<>(chain.steps());
            steps.add(new StepSpec(
                    way.remedy() == Remedy.PRESS ? "press" : "cook-down",
                    null,
                    null,
                    change.prepGrams(),
                    null,
                    null,
                    null,
                    null));
            lines.set(change.line(), line.grams() == null ? line : line.withGrams(change.grams()));
            return spec.withLines(lines)
                    .withPreps(List.of(new ChainSpec(
                            chain.key(), null, chain.ingredient(), chain.grams(), null, List.copyOf(steps))));
        }
        LineSpec grams = line.withGrams(change.grams());
        lines.set(
                change.line(),
                change.waterPct() == null
                        ? grams
                        : grams.withForm(change.form()).withMeasured(Measured.NONE.withWaterPct(change.waterPct())));
        return spec.withLines(lines);
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
        assertFalse(Filling.of(Dough.of(Doughs.read(Doughs.roti(260)))).isPresent());
    }

    @Test
    public void tellsFillingAndDoughOfAPiece() {
        Filling filling = of(WET);
        assertEquals(filling.perDough(), 202.0 / 490, 1e-9);
        // The usual piece of 132.7 g is 1.466 times as large as its dough: 90.5 g of dough, and 482.65 g make five.
        assertEquals(filling.perPieceGrams(), 202 / 5.0, 1e-9);
    }
}
