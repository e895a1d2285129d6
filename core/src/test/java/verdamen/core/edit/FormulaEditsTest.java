package verdamen.core.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.line;
import static verdamen.core.Doughs.read;
import static verdamen.core.Doughs.roti;
import static verdamen.core.Doughs.spec;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.RandomFormulas;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Dough;
import verdamen.core.balance.TooMuchWater;
import verdamen.core.balance.WayOut;
import verdamen.core.formula.ChainShares;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Measured;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.formula.Openness;
import verdamen.core.formula.Part;
import verdamen.core.leavening.Rise;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Scale;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

public class FormulaEditsTest {

    private static final FormulaEdit SET_WATER = edit("set-water", null, null, null);

    private static FormulaEdit edit(
            String kind, @Nullable Integer line, @Nullable String remedy, @Nullable String ingredient) {
        return Asked.to(kind).line(line).remedy(remedy).ingredient(ingredient).edit();
    }

    private static EditedFormula apply(FormulaSpec spec, FormulaEdit edit) {
        return FormulaEdits.apply(spec, edit, BOOK);
    }

    @Test
    public void setWaterIsWhatTheBalanceAsksForAsAScaleShowsIt() {
        EditedFormula edited = apply(roti(100), SET_WATER);
        double needed = Scale.shown(Dough.of(read(roti(0))).waterNeeded());
        assertEquals(edited.formula().lineOrNull(1).grams(), needed);
        assertEquals(edited.changes(), List.of(new EditedFormula.MassChange(1, "water", 100.0, needed)));
        assertEquals(apply(edited.formula(), SET_WATER).changes(), List.of(), "and once is enough");
    }

    @Test
    public void setWaterFillsAnOpenLineAndTakesItsMark() {
        FormulaSpec asNeeded = spec("roti", line("wheat-atta", 400), LineSpec.open("water", Openness.UNKNOWN_AMOUNT));
        FormulaSpec set = apply(asNeeded, SET_WATER).formula();
        assertNull(set.lineOrNull(1).open());
        assertTrue(set.lineOrNull(1).grams() > 150);
        assertEquals(read(set).openLines(), List.of());
    }

    @Test
    public void setWaterSparesTheOtherWaterAndSaysWhatItChanged() {
        FormulaSpec two = spec("roti", line("wheat-atta", 400), line("water", 90), line("water", 60));
        EditedFormula edited = apply(two, SET_WATER);
        assertEquals(edited.formula().lineOrNull(2).grams(), 60.0, "the other line keeps its water");
        assertEquals(edited.changes().size(), 1);
        FormulaSpec much = spec("roti", line("wheat-atta", 100), line("water", 400), line("water", 300));
        double needed = Scale.shown(Dough.of(read(much)).waterNeeded());
        FormulaSpec less = apply(much, SET_WATER).formula();
        assertEquals(less.lineOrNull(1).grams() + less.lineOrNull(2).grams(), needed, 0.5);
    }

    @Test
    public void setWaterAddsALineWhereThereIsNone() {
        FormulaSpec set =
                apply(spec("roti", line("wheat-atta", 400)), SET_WATER).formula();
        assertEquals(set.lineOrNull(1).ingredient(), "water");
    }

    @DataProvider
    Object[][] formulas() {
        return RandomFormulas.rows(200);
    }

    @Test(dataProvider = "formulas")
    public void waterSetIsRightWhateverTheFormula(FormulaSpec spec) {
        EditedFormula edited = apply(spec, SET_WATER);
        Balance balance = Balance.of(read(edited.formula()));
        double off = balance.water().present() - Math.max(0, balance.water().needed());
        assertEquals(off, 0, 1.5, "within what a scale shows of each line");
    }

    @Test
    public void aWayOutLeadsWhereItsAnswerSaid() {
        FormulaSpec wet = spec(
                "roti", line("wheat-atta", 250), line("pumpkin-cooked", 420).withForm("puree"), line("salt-fine", 5));
        TooMuchWater tooMuch = Balance.of(read(wet)).tooMuch();
        assertNotNull(tooMuch);
        for (WayOut way : tooMuch.waysOut()) {
            FormulaEdit edit = edit("take-way-out", way.line(), way.remedy().code(), null);
            if (way.obstacle() != null) {
                assertThrows(RefusedException.class, () -> apply(wet, edit));
                continue;
            }
            double left = Dough.of(read(apply(wet, edit).formula())).waterNeeded();
            assertEquals(left, way.afterNeededGrams(), 1.5, way.remedy().code());
        }
    }

    @Test
    public void aLineIsPreparedFromWhatItWeighed() {
        FormulaSpec plain = spec("roti", line("wheat-atta", 400), line("carrot-raw", 120));
        FormulaSpec prepared = apply(plain, edit("prepare-line", 1, null, null)).formula();
        ChainSpec chain = prepared.prepsOrNone().get(0);
        assertEquals(chain.ingredient(), "carrot-raw");
        assertEquals(chain.grams(), 120.0);
        assertEquals(prepared.lineOrNull(1).prep(), chain.key());
        assertNull(prepared.lineOrNull(1).ingredient());
        read(prepared);
        FormulaSpec more =
                apply(prepared, edit("add-chain", null, null, "spinach-raw")).formula();
        assertEquals(more.prepsOrNone().size(), 2);
        assertEquals(more.prepsOrNone().stream().map(ChainSpec::key).distinct().count(), 2L);
    }

    @Test
    public void choosingALineToPrepareDoesNotChangeIt() {
        for (LineSpec kale : List.of(
                line("kale-raw", 80),
                line("kale-raw", 80).withForm("raw-leaf"),
                line("courgette-raw", 120).withForm("raw-grated").withMeasured(Measured.NONE.withWaterPct(91.0)),
                line("potato-boiled", 150).withForm("mash"),
                line("kale-raw", 80).withForm("raw-chopped").withMeasured(Measured.NONE.withPieceMm(1.5)))) {
            FormulaSpec before = spec("greens-roti", line("wheat-atta", 300), kale, line("water", 150));
            FormulaSpec after =
                    apply(before, edit("prepare-line", 1, null, null)).formula();
            assertEquals(
                    Balance.of(read(after)).softness(), Balance.of(read(before)).softness(), 1e-12, kale.toString());
            Line filled = read(after).askedLines().get(1);
            Line was = read(before).askedLines().get(1);
            assertEquals(filled.form(), was.form());
            assertEquals(filled.pieceMm(), was.pieceMm());
            assertEquals(filled.grams(), was.grams());
        }
    }

    @Test
    public void whatIsUsuallyPutInAtAStepIsPutIn() {
        FormulaSpec salted = spec("roti", line("wheat-atta", 400), LineSpec.ofPrep("p"))
                .withPreps(List.of(new ChainSpec(
                        "p", null, "courgette-raw", 300.0, null, List.of(StepSpec.of(StepKind.SALT_STAND)))));
        FormulaEdit add = Asked.to("add-to-step").step(0, 0).edit();
        StepSpec step =
                apply(salted, add).formula().prepsOrNone().get(0).steps().get(0);
        assertEquals(step.added().size(), 1);
        assertEquals(step.added().get(0).ingredient(), "salt-fine");
    }

    @Test
    public void aPhaseFollowsTheRestAsItIs() {
        FormulaEdit chill = Asked.to("add-phase").phase("chill").edit();
        FormulaSpec with = apply(roti(240), chill).formula();
        assertEquals(with.methodOrNone().phases().size(), 2);
        assertEquals(
                with.methodOrNone().phases().get(0).minutes(), read(roti(240)).restMinutes());
        assertEquals(with.methodOrNone().phases().get(1).kind(), "chill");
    }

    @Test
    public void aLotsFiguresComeAndGo() {
        FormulaEdit carry = Asked.to("use-lot").line(0).lot(7L, 12.5, 13.1).edit();
        LineSpec carried = apply(roti(240), carry).formula().lineOrNull(0);
        assertEquals(carried.measured().moisturePct(), 12.5);
        assertEquals(carried.origin().lot(), Long.valueOf(7));
        FormulaEdit book = Asked.to("use-lot").line(0).edit();
        FormulaSpec again = apply(roti(240).withLine(0, carried), book).formula();
        assertEquals(again, roti(240));
    }

    private static final FormulaSpec PITA = spec(
            "pita", line("wheat-strong-white", 500), line("water", 310), line("yeast-fresh", 12), line("salt-fine", 9));

    private static FormulaEdit inMinutes(String kind, Integer minutes) {
        return Asked.to(kind).minutes(minutes).edit();
    }

    private static int risen(FormulaSpec spec) {
        return Rise.of(Dough.of(read(spec))).minutesToTarget();
    }

    @Test
    public void yeastForATimeIsWeighedAndTheRestIsAsLong() {
        FormulaSpec slow = apply(PITA, inMinutes("yeast-for", 300)).formula();
        assertTrue(slow.lineOrNull(2).grams() < 6, "less of it");
        assertEquals(slow.restMinutes(), 300.0);
        assertTrue(risen(slow) <= 300 && risen(slow) > 280, "as a fine scale shows it: " + risen(slow));
    }

    @Test
    public void thePlaceForATimeTakesThePlaceOfTheRest() {
        FormulaSpec little = PITA.withLine(2, line("yeast-fresh", 6));
        FormulaSpec cool = apply(little, inMinutes("place-for", 240)).formula();
        PhaseSpec phase = cool.methodOrNone().phases().get(0);
        assertEquals(phase.minutes(), 240.0);
        assertTrue(phase.temperatureC() < 20, phase.toString());
        assertTrue(risen(cool) <= 240);
        assertEquals(
                apply(PITA, inMinutes("place-for", 70))
                        .formula()
                        .methodOrNone()
                        .phases()
                        .get(0)
                        .kind(),
                "warm");
    }

    @Test
    public void itRestsUntilItHasRisen() {
        FormulaSpec rested =
                apply(PITA, edit("rest-until-risen", null, null, null)).formula();
        assertEquals(rested.restMinutes(), (double) risen(PITA), 1e-9);
        FormulaSpec phased = PITA.withMethod(MethodSpec.NONE.withPhases(
                List.of(new PhaseSpec("rest", 30.0, null), new PhaseSpec("warm", 5.0, 32.0))));
        List<PhaseSpec> longer = apply(phased, edit("rest-until-risen", null, null, null))
                .formula()
                .methodOrNone()
                .phases();
        assertEquals(longer.get(0).minutes(), 30.0);
        assertTrue(longer.get(1).minutes() > 20);
        FormulaSpec after = phased.withMethod(MethodSpec.NONE.withPhases(longer));
        assertEquals(longer.get(1).minutes() + 30, (double) risen(after), 3);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {edit(null, null, null, null)},
            {inMinutes("yeast-for", 5)},
            {inMinutes("yeast-for", null)},
            {inMinutes("place-for", 0)},
            {edit("rest-until-risen", null, null, null)},
            {edit("bake", null, null, null)},
            {edit("take-way-out", null, "more-flour", null)},
            {edit("prepare-line", 9, null, null)},
            {edit("prepare-line", -1, null, null)},
            {edit("add-chain", null, null, "sawdust")},
            {edit("use-equivalent", 0, null, null)},
            {Asked.to("add-to-step").step(0, 0).edit()},
            {Asked.to("add-phase").phase("nap").edit()},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeDoneIsRefused(FormulaEdit edit) {
        assertThrows(RefusedException.class, () -> apply(roti(240), edit));
    }

    @Test
    public void asMuchIsBoughtAsIsNeeded() {
        ChainSpec chain = new ChainSpec(
                "prep-1",
                null,
                "courgette-raw",
                300.0,
                null,
                List.of(
                        StepSpec.of(StepKind.TRIM).leaving(284),
                        StepSpec.of(StepKind.SALT_STAND).adding("salt-fine", 4).running(52),
                        StepSpec.of(StepKind.PRESS).leaving(142)));
        FormulaSpec spec =
                spec("roti", line("wheat-atta", 400), LineSpec.ofPrep("prep-1")).withPreps(List.of(chain));
        FormulaSpec after = apply(spec, prepareFor(71.0)).formula();
        assertEquals(read(after).preps().get(0).result().grams(), 71, 1e-9);
        assertEquals(after.prepsOrNone().get(0).grams(), 150, 1e-9);
        assertThrows(RefusedException.class, () -> apply(spec, prepareFor(null)));
        assertThrows(RefusedException.class, () -> apply(roti(250), prepareFor(71.0)));
    }

    private static FormulaEdit prepareFor(@Nullable Double grams) {
        return Asked.to("prepare-for").chain(0).grams(grams).edit();
    }

    @Test
    public void whatLinesLeaveOfAChainIsTold() {
        ChainSpec chain = new ChainSpec("prep-1", null, "potato-boiled", 300.0, null, List.of());
        FormulaSpec spec = spec(
                        "stuffed-paratha",
                        line("wheat-atta", 400),
                        LineSpec.ofPrep("prep-1").withGrams(100.0))
                .withPreps(List.of(chain));
        assertEquals(ChainShares.leftGrams(spec, read(spec).preps().get(0)), 200, 1e-9);
        List<LineSpec> lines = new ArrayList<>(spec.linesOrNone());
        lines.add(LineSpec.ofPrep("prep-1").withPart("filling"));
        FormulaSpec shared = spec.withLines(lines);
        assertEquals(ChainShares.leftGrams(shared, read(shared).preps().get(0)), 0, 1e-9);
        assertEquals(
                read(shared).lines().stream()
                        .filter(each -> each.part() == Part.FILLING)
                        .mapToDouble(Line::grams)
                        .sum(),
                200,
                1e-9,
                "the rest");
    }
}
