package verdamen.core.rework;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.filling;
import static verdamen.core.Doughs.line;
import static verdamen.core.Doughs.read;
import static verdamen.core.Doughs.spec;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.RandomFormulas;
import verdamen.core.balance.Balance;
import verdamen.core.edit.WaterLines;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Scale;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;
import verdamen.core.rework.Proposal.Reason;

/** One thing in the place of another: what it does to the lines, and what goes along. */
public class ReworkTest {

    private static final Set<Carried> ALL = EnumSet.noneOf(Carried.class);
    private static final Set<Carried> NOTHING = EnumSet.allOf(Carried.class);

    private static FormulaSpec pita() {
        return watered(spec(
                "pita",
                line("wheat-strong-white", 500),
                line("water", 300),
                line("olive-oil", 20),
                line("yeast-instant", 5),
                line("salt-fine", 9)));
    }

    /** The formula with the water that its target asks for. */
    private static FormulaSpec watered(FormulaSpec spec) {
        return WaterLines.exactly(spec, read(spec), BOOK);
    }

    private static ChangeSpec change(int line, String by, double share, String basis) {
        return ChangeSpec.replace(line, by, null, share, basis);
    }

    private static Rework reworked(FormulaSpec spec, Set<Carried> without, ChangeSpec... changes) {
        return Rework.of(spec, List.of(changes), without, BOOK);
    }

    private static Proposal proposal(Rework rework, Carried kind) {
        return rework.proposals().stream()
                .filter(each -> each.kind() == kind)
                .findFirst()
                .orElseThrow(() -> new AssertionError(kind + " is not among " + rework.proposals()));
    }

    @Test
    public void aShareOfAFlourIsReplacedGramForGram() {
        Rework rework = reworked(pita(), NOTHING, change(0, "emmer-whole", 0.3, null));
        assertEquals(rework.formula().lineOrNull(0).grams(), 350.0, 1e-9);
        assertEquals(rework.formula().lineOrNull(1).ingredient(), "emmer-whole");
        assertEquals(rework.formula().lineOrNull(1).grams(), 150.0, 1e-9);
        assertEquals(rework.formula().linesOrNone().size(), 6);
        assertTrue(rework.proposals().stream().noneMatch(Proposal::taken), "nothing goes along");
        assertEquals(
                rework.formula().lineOrNull(2).grams(), pita().lineOrNull(1).grams());
    }

    @Test
    public void whatIsWhollyReplacedLeavesItsPlace() {
        FormulaSpec after =
                reworked(pita(), NOTHING, change(0, "wheat-atta", 1, null)).formula();
        assertEquals(after.linesOrNone().size(), 5);
        assertEquals(after.lineOrNull(0), line("wheat-atta", 500));
    }

    @Test
    public void whatIsThereAlreadyGetsMore() {
        FormulaSpec after = reworked(
                        pita(),
                        NOTHING,
                        change(0, "emmer-whole", 0.2, null),
                        change(0, "emmer-whole", 0.1, "dry-matter"))
                .formula();
        assertEquals(after.linesOrNone().size(), 6);
        double dry = (1 - read(pita()).askedLines().get(0).waterShare())
                / (1
                        - BOOK.ingredient("emmer-whole")
                                .orElseThrow()
                                .composition()
                                .waterShare()
                                .fraction());
        assertEquals(after.lineOrNull(1).grams(), 100 + 50 * dry, 1e-9);
        assertEquals(after.lineOrNull(0).grams(), 350.0, 1e-9, "both are taken from the line");
    }

    @Test
    public void aLineCanBeSharedOutAndNoMoreThanIt() {
        FormulaSpec after = reworked(
                        pita(), NOTHING, change(0, "emmer-whole", 0.4, null), change(0, "rye-whole", 0.6, null))
                .formula();
        assertEquals(after.linesOrNone().size(), 6);
        assertEquals(after.lineOrNull(0), line("rye-whole", 300));
        assertEquals(after.lineOrNull(1).grams(), 200.0, 1e-9);
        for (double more : new double[] {0.7, 1}) {
            RefusedException refused = expectThrows(
                    RefusedException.class,
                    () -> reworked(
                            pita(), ALL, change(0, "emmer-whole", 0.4, null), change(0, "rye-whole", more, null)));
            assertEquals(refused.faults().get(0).field(), "changes[1].share");
            assertEquals(refused.faults().get(0).limit(), 0.6, 1e-9);
        }
        RefusedException refused = expectThrows(
                RefusedException.class,
                () -> reworked(pita(), ALL, change(0, "emmer-whole", 1, null), change(0, "rye-whole", 0.1, null)));
        assertEquals(refused.faults().get(0).limit(), 0.0, "what took its place is another line");
    }

    @DataProvider
    Object[][] roles() {
        return new Object[][] {
            {2, "butter", 20 / 0.82, 0.02},
            {2, "ghee", 20 / 0.997, 0.02},
            {3, "yeast-fresh", 15.0, 0.05},
            {4, "salt-coarse", 9.0, 0.01},
        };
    }

    @Test(dataProvider = "roles")
    public void atEqualRoleFatsYeastsAndSaltsAreAsMuchAsBefore(int line, String by, double grams, double within) {
        FormulaSpec after =
                reworked(pita(), NOTHING, change(line, by, 1, "role")).formula();
        assertEquals(after.lineOrNull(line).ingredient(), by);
        assertEquals(after.lineOrNull(line).grams(), grams, within * grams);
    }

    @Test
    public void whatHasNothingInCommonIsRefusedAtEqualRole() {
        RefusedException refused =
                expectThrows(RefusedException.class, () -> reworked(pita(), ALL, change(3, "baking-soda", 1, "role")));
        assertEquals(refused.faults().get(0).field(), "changes[0].basis");
        assertEquals(refused.faults().get(0).code(), FaultCode.NOT_FOR_THIS_INGREDIENT);
    }

    @DataProvider
    Object[][] wrong() {
        return new Object[][] {
            {change(9, "emmer-whole", 0.5, null), "line", FaultCode.UNKNOWN_CODE},
            {ChangeSpec.replace(null, "emmer-whole", null, 0.5, null), "line", FaultCode.MISSING},
            {change(0, "gravel", 0.5, null), "by", FaultCode.UNKNOWN_CODE},
            {change(0, null, 0.5, null), "by", FaultCode.MISSING},
            {change(0, "wheat-strong-white", 0.5, null), "by", FaultCode.ITSELF},
            {change(0, "emmer-whole", 1.01, null), "share", FaultCode.TOO_LARGE},
            {change(0, "emmer-whole", -0.1, null), "share", FaultCode.TOO_SMALL},
            {ChangeSpec.replace(0, "emmer-whole", null, null, null), "share", FaultCode.MISSING},
            {change(0, "emmer-whole", 0.5, "volume"), "basis", FaultCode.UNKNOWN_CODE},
            {ChangeSpec.replace(0, "spinach-raw", "on fire", 0.5, null), "form", FaultCode.UNKNOWN_CODE},
        };
    }

    @Test(dataProvider = "wrong")
    public void whatCannotBeIsRefusedByName(ChangeSpec change, String field, FaultCode code) {
        RefusedException refused = expectThrows(RefusedException.class, () -> reworked(pita(), ALL, change));
        assertEquals(refused.faults().get(0).field(), "changes[0]." + field);
        assertEquals(refused.faults().get(0).code(), code);
    }

    @Test
    public void saltFatAndYeastKeepTheirShareOfLessFlour() {
        Rework rework = reworked(pita(), ALL, ChangeSpec.replace(0, "pumpkin-cooked", "puree", 0.2, null));
        assertEquals(proposal(rework, Carried.SALT).to(), 7.2, 1e-9);
        assertEquals(proposal(rework, Carried.FAT).to(), 16, 1e-9);
        assertEquals(proposal(rework, Carried.LEAVENER).to(), 4, 1e-9);
        assertEquals(proposal(rework, Carried.SALT).reasons().get(0).value(), 1.8, 1e-9);
        assertTrue(proposal(rework, Carried.WATER).to() < pita().lineOrNull(1).grams() - 50, "pumpkin brings water");
        assertEquals(rework.formula().lineOrNull(5).grams(), 7.2, 1e-9);
    }

    @Test
    public void oneThingCanBeLeftOutAndStaysOffered() {
        ChangeSpec pumpkin = ChangeSpec.replace(0, "pumpkin-cooked", "puree", 0.2, null);
        Rework rework = reworked(pita(), EnumSet.of(Carried.SALT), pumpkin);
        assertTrue(!proposal(rework, Carried.SALT).taken()
                && proposal(rework, Carried.FAT).taken());
        assertEquals(rework.formula().lineOrNull(5).grams(), 9.0);
        assertEquals(proposal(rework, Carried.SALT).to(), 7.2, 1e-9);
    }

    @Test
    public void twoLinesAlikeBothGoAlong() {
        FormulaSpec twice =
                spec("roti", line("wheat-atta", 400), line("water", 250), line("salt-fine", 4), line("salt-fine", 4));
        FormulaSpec after = reworked(twice, ALL, ChangeSpec.replace(0, "pumpkin-cooked", "puree", 0.25, null))
                .formula();
        assertEquals(after.lineOrNull(3).grams(), 3.0, 1e-9);
        assertEquals(after.lineOrNull(4).grams(), 3.0, 1e-9);
    }

    @Test
    public void onAScaleFormulaAndProposalsSayTheSame() {
        ChangeSpec pumpkin = ChangeSpec.replace(0, "pumpkin-cooked", "puree", 0.137, null);
        FormulaSpec base = pita().withLine(2, line("olive-oil", 20.123));
        Rework exact = reworked(base, EnumSet.of(Carried.FAT), pumpkin);
        Rework shown = exact.weighable(base);
        assertEquals(shown.formula().lineOrNull(3).grams(), 20.123, "what did not change stays");
        for (Proposal each : shown.proposals()) {
            if (each.line() != null && each.taken()) {
                assertEquals(shown.formula().lineOrNull(each.line()).grams(), each.to(), 1e-9, each.toString());
                assertEquals(
                        each.to(),
                        Scale.shown(exact.formula().lineOrNull(each.line()).grams()),
                        1e-9);
            }
        }
    }

    @Test
    public void aDoughThatLosesItsGlutenIsOnlyBroughtTogether() {
        FormulaSpec flat = watered(spec("roti", line("wheat-atta", 400), line("water", 260), line("salt-fine", 7)));
        Rework rework = reworked(flat, ALL, change(0, "pearl-millet-flour", 0.9, null));
        assertEquals(proposal(rework, Carried.KNEADING).toChoice(), "just-combined");
        assertEquals(rework.formula().kneading(), "just-combined");
        int millet = 1;
        Rework back = reworked(rework.formula(), ALL, change(millet, "wheat-atta", 1, null));
        assertNull(back.formula().kneading());
        assertEquals(proposal(back, Carried.KNEADING).reasons().get(0).reason(), Reason.ENOUGH_GLUTEN);
    }

    @Test
    public void theRestIsAsLongAsTheSlowestDrinkerNeeds() {
        FormulaSpec flat = watered(spec("roti", line("wheat-atta", 400), line("water", 260), line("salt-fine", 7)));
        Rework rework = reworked(flat, ALL, change(0, "semolina-coarse", 0.5, null));
        Proposal rest = proposal(rework, Carried.REST);
        double tau =
                BOOK.ingredient("semolina-coarse").orElseThrow().behaviour().uptakeTauMin();
        assertEquals(rest.to(), Math.ceil(Math.log(8) * tau), 1e-9);
        assertEquals(rest.reasons().get(0).reason(), Reason.SLOWEST_DRINKER);
        FormulaSpec longer = flat.withSettings(null, null, null, 90.0);
        assertTrue(
                reworked(longer, ALL, change(0, "semolina-coarse", 0.5, null)).proposals().stream()
                        .noneMatch(each -> each.kind() == Carried.REST),
                "a rest that somebody chose and that is long enough stays");
    }

    @Test
    public void aLineOfTheFillingStaysThere() {
        FormulaSpec filled = spec(
                "stuffed-paratha", line("wheat-atta", 300), line("water", 190), filling("potato-boiled", 200, "mash"));
        FormulaSpec after = reworked(filled, ALL, ChangeSpec.replace(2, "pumpkin-cooked", "mash", 0.5, null))
                .formula();
        assertEquals(after.lineOrNull(3).part(), "filling");
        assertEquals(after.lineOrNull(2).grams(), 100.0);
    }

    @DataProvider
    Object[][] random() {
        return RandomFormulas.rows(120);
    }

    private static ChangeSpec any(FormulaSpec spec, Random random, double share) {
        List<Integer> flours = new ArrayList<>();
        for (int at = 0; at < spec.linesOrNone().size(); at++) {
            LineSpec line = spec.lineOrNull(at);
            boolean flour = line != null
                    && line.belongsToDough()
                    && line.grams() != null
                    && BOOK.ingredient(line.ingredient()).orElseThrow().role() == Role.FLOUR;
            if (flour) {
                flours.add(at);
            }
        }
        List<Ingredient> others = BOOK.ingredients().stream()
                .filter(each -> each.role() == Role.FLOUR)
                .filter(each -> spec.linesOrNone().stream()
                        .noneMatch(line -> line != null && each.code().equals(line.ingredient())))
                .toList();
        String by = others.get(random.nextInt(others.size())).code();
        return ChangeSpec.replace(flours.get(random.nextInt(flours.size())), by, null, share, "grams");
    }

    @Test(dataProvider = "random")
    public void nothingReplacedChangesNothing(FormulaSpec spec) {
        Random random = new Random(spec.hashCode());
        Rework rework = reworked(spec, ALL, any(spec, random, 0));
        assertEquals(rework.formula(), spec);
        assertTrue(rework.proposals().isEmpty());
    }

    @Test(dataProvider = "random")
    public void aReworkedDoughIsAsSoftAsItsTarget(FormulaSpec spec) {
        Random random = new Random(spec.hashCode());
        FormulaSpec after =
                reworked(spec, ALL, any(spec, random, random.nextDouble())).formula();
        Formula formula = read(after);
        Balance balance = Balance.of(formula);
        // Somebody may have measured that their water is no water; then no amount of it is right.
        boolean plain =
                formula.lines().stream().noneMatch(line -> line.ingredient().isPlainWater() && line.waterShare() < 1);
        if (plain && balance.water().needed() >= 0) {
            assertEquals(balance.softness(), formula.softnessTarget(), 1e-6 * formula.softnessTarget());
        }
        Evaluation evaluation = Evaluation.of(formula);
        assertTrue(formula.sheetMm() >= evaluation.handling().minSheetMm() - 1e-6, "the sheet holds");
    }

    @Test(dataProvider = "random")
    public void thereAndBackIsTheSameFormula(FormulaSpec asked) {
        FormulaSpec spec = watered(asked.withSettings(null, asked.fatTiming(), asked.waterTemperatureC(), null)
                .withSheet(null));
        Random random = new Random(spec.hashCode());
        ChangeSpec there = any(spec, random, 1);
        // What follows the rules before follows them again: a rest and a sheet that the dough needs anyway are taken
        // first.
        FormulaSpec ruled = Rework.of(spec, List.of(there), ALL, BOOK).formula();
        String was = spec.lineOrNull(there.line()).ingredient();
        long such = spec.linesOrNone().stream()
                .filter(line -> was.equals(line.ingredient()))
                .count();
        if (such > 1) {
            // On the way back both are one line.
            return;
        }
        ChangeSpec back = ChangeSpec.replace(there.line(), was, null, 1.0, "grams");
        FormulaSpec first = Rework.of(ruled, List.of(back), ALL, BOOK).formula();
        FormulaSpec second = Rework.of(
                        Rework.of(first, List.of(there), ALL, BOOK).formula(), List.of(back), ALL, BOOK)
                .formula();
        assertEquals(second.kneading(), first.kneading());
        assertEquals(second.restMinutes(), first.restMinutes());
        assertEquals(second.sheetMm(), first.sheetMm());
        assertEquals(second.linesOrNone().size(), first.linesOrNone().size());
        for (int at = 0; at < first.linesOrNone().size(); at++) {
            assertEquals(
                    second.lineOrNull(at).ingredient(), first.lineOrNull(at).ingredient());
            assertEquals(second.lineOrNull(at).grams(), first.lineOrNull(at).grams(), 1e-6);
        }
    }

    /** The sheet grows, and a piece with it; a stated number of pieces says what each weighs, and stays. */
    @Test
    public void aPieceIsAsWideAsBeforeAtItsNewSheet() {
        FormulaSpec roti = spec("roti", line("wheat-atta", 400), line("water", 250), line("salt-fine", 7));
        List<ChangeSpec> weak = List.of(ChangeSpec.replace(0, "pearl-millet-flour", null, 0.8, null));
        Rework rework = Rework.of(roti, weak, ALL, BOOK);
        double style = read(roti).style().pieceGrams();
        double sheet = read(rework.formula()).sheetMm() / read(roti).sheetMm();
        assertTrue(sheet > 1);
        assertEquals(rework.formula().notesOrNone().pieceGrams(), style * sheet, 1e-9);
        Proposal piece = rework.proposals().get(rework.proposals().size() - 1);
        assertEquals(piece.kind(), Carried.PIECE);
        assertEquals(piece.from(), style, 1e-9);
        assertEquals(rework.weighable(roti).formula().notesOrNone().pieceGrams(), Math.rint(style * sheet), 1e-9);
        assertNull(Rework.of(roti, weak, EnumSet.of(Carried.PIECE), BOOK)
                .formula()
                .notesOrNone()
                .pieceGrams());
        FormulaSpec tenPieces = roti.withNotes(RecipeNotes.NONE.withPieces(10.0));
        assertEquals(Rework.of(tenPieces, weak, ALL, BOOK).formula().notes(), tenPieces.notes());
    }
}
