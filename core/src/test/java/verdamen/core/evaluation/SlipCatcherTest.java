package verdamen.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.balance.Dough;
import verdamen.core.evaluation.Slip.Kind;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Openness;
import verdamen.core.formula.Part;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.intake.IngredientIndex;
import verdamen.core.intake.Synonyms;
import verdamen.core.model.Symbol;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

public class SlipCatcherTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final IngredientIndex INDEX = IngredientIndex.of(BOOK, Synonyms.ofBook(), Map.of());
    private static final RecipeNotes NONE = RecipeNotes.NONE;

    @DataProvider
    Object[][] slips() {
        return new Object[][] {
            {"a sound roti", lines(400, 260, 7), NONE, List.of()},
            {"a tenth of the water", lines(400, 26, 7), NONE, List.of(Kind.MUCH_TOO_DRY)},
            {"ten times the water", lines(400, 2600, 7), NONE, List.of(Kind.MUCH_TOO_WET)},
            {"salt in decigrams", lines(400, 260, 0.7), NONE, List.of(Kind.LITTLE_SALT)},
            {"a tablespoon for a teaspoon of salt", lines(400, 260, 18), NONE, List.of(Kind.MUCH_SALT)},
            {"no salt at all is a choice", lines(400, 260, 0), NONE, List.of()},
            {
                "salt in the filling is looked at apart",
                with(lines(400, 260, 7), filling("parsnip-raw", 100), filling("salt-fine", 5)),
                NONE,
                List.of(Kind.MUCH_SALT_IN_FILLING)
            },
            {
                "soda in an amount usual for powder",
                with(lines(400, 260, 7), LineSpec.of("baking-soda", 10)),
                NONE,
                List.of(Kind.SODA_FOR_POWDER)
            },
            {
                "soda that finds no acid",
                with(lines(400, 260, 7), LineSpec.of("baking-soda", 4)),
                NONE,
                List.of(Kind.SODA_LEFT)
            },
            {
                "much soda for much sour milk",
                with(lines(400, 40, 7), LineSpec.of("baking-soda", 6.5), LineSpec.of("yogurt-whole", 560)),
                NONE,
                List.of(Kind.MUCH_TOO_WET)
            },
            {"a cube of fresh yeast", with(lines(500, 310, 9), LineSpec.of("yeast-fresh", 42)), NONE, List.of()},
            {"soda as it is used", with(lines(400, 260, 7), LineSpec.of("baking-soda", 2)), NONE, List.of()},
            {
                "too much yeast",
                with(lines(400, 260, 7), LineSpec.of("yeast-instant", 20)),
                NONE,
                List.of(Kind.MUCH_YEAST)
            },
            {"the same twice", with(lines(400, 260, 7), LineSpec.of("salt-fine", 1)), NONE, List.of(Kind.TWICE)},
            {"pieces that agree", lines(400, 260, 7), notes(12.0, 55.0, null), List.of()},
            {"pieces ten times as many", lines(400, 260, 7), notes(12.0, 550.0, null), List.of(Kind.TOTAL_BY_A_FACTOR)},
            {"a doubled recipe", lines(400, 260, 7), notes(12.0, 27.5, null), List.of(Kind.TOTAL_BY_A_FACTOR)},
            {"a pound for an ounce", lines(400, 260, 7), notes(1.0, 41.0, null), List.of(Kind.TOTAL_BY_A_FACTOR)},
            {"pieces that disagree", lines(400, 260, 7), notes(12.0, 80.0, null), List.of(Kind.PIECES_DISAGREE)},
            {"no piece weight, a usual count", lines(400, 260, 7), notes(12.0, null, null), List.of()},
            {
                "no piece weight, ten times",
                lines(4000, 2600, 70),
                notes(13.0, null, null),
                List.of(Kind.TOTAL_BY_A_FACTOR)
            },
            {
                "griddle in the other scale",
                lines(400, 260, 7),
                notes(null, null, "Heat the griddle to 220 °F."),
                List.of(Kind.OTHER_SCALE)
            },
            {
                "oven in the other scale",
                lines(400, 260, 7),
                notes(null, null, "Bake at 450 °C."),
                List.of(Kind.OTHER_SCALE)
            },
            {
                "water in the other scale",
                lines(400, 260, 7),
                notes(null, null, "Use water at 105 degrees C"),
                List.of(Kind.OTHER_SCALE)
            },
            {
                "sensible temperatures",
                lines(400, 260, 7),
                notes(null, null, "Water at 40 °C, griddle at 220 °C or 430 °F"),
                List.of()
            },
            {
                "butter only in the method",
                lines(400, 260, 7),
                notes(null, null, "Mix, add the yogurt, knead."),
                List.of(Kind.NOT_IN_THE_LIST)
            },
            {
                "listed under another kind",
                lines(400, 260, 7),
                notes(null, null, "Mix the whole wheat flour and sea salt."),
                List.of()
            },
        };
    }

    @Test(dataProvider = "slips")
    public void catches(String what, List<LineSpec> lines, RecipeNotes notes, List<Kind> expected) {
        assertEquals(look(lines, notes).stream().map(Slip::kind).toList(), expected, what);
    }

    @Test
    public void waterForYeastThatIsFarTooHotIsLikelyTheOtherScale() {
        FormulaSpec spec = new FormulaSpec(
                "pita", null, null, 95.0, null, null, null, with(lines(400, 250, 7), LineSpec.of("yeast-instant", 4)));
        List<Slip> slips = SlipCatcher.look(Dough.of(FormulaReader.read(spec, BOOK)), INDEX);
        assertEquals(slips.get(0).kind(), Kind.OTHER_SCALE);
        assertEquals(slips.get(0).terms().get(1).value(), 35, 1e-9);
    }

    @Test
    public void eachSlipHasItsFigureAndCanBeSetAside() {
        Slip slip = look(lines(400, 260, 18), NONE).get(0);
        assertEquals(slip.terms().get(0).symbol(), Symbol.SALT_PCT);
        assertEquals(slip.terms().get(0).value(), 4.5, 1e-9);
        assertEquals(slip.line(), Integer.valueOf(2));
        RecipeNotes aside =
                NONE.withRemarks(List.of(new RecipeNotes.SetAside(slip.key(), "a salted harbour bread")), null);
        assertEquals(look(lines(400, 260, 18), aside).get(0).setAsideFor(), "a salted harbour bread");
    }

    @Test
    public void saltThatInclusionsBringAlongIsCountedApart() {
        Ingredient brined = OwnValue.over(
                BOOK.ingredient("chickpea-cooked").orElseThrow(), Map.of(OwnValue.Field.SODIUM_MG, 2000.0));
        Pantry kitchen = new Pantry(
                BOOK.ingredients().stream()
                        .map(each -> each.code().equals(brined.code()) ? brined : each)
                        .toList(),
                BOOK.styles(),
                BOOK.forms(),
                BOOK.feelWords(),
                BOOK.measures());
        List<LineSpec> lines = with(lines(400, 200, 7), LineSpec.of("chickpea-cooked", 200));
        FormulaSpec spec = new FormulaSpec("roti", null, null, null, null, null, null, List.copyOf(lines));
        assertTrue(SlipCatcher.look(Dough.of(FormulaReader.read(spec, BOOK)), INDEX)
                .isEmpty());
        Slip slip = SlipCatcher.look(Dough.of(FormulaReader.read(spec, kitchen)), INDEX)
                .get(0);
        assertEquals(slip.kind(), Kind.MUCH_SALT);
        assertEquals(slip.terms().get(0).value(), 1.75, 1e-9);
        assertEquals(slip.terms().get(1).symbol(), Symbol.INCLUSION_SALT_PCT);
        assertEquals(slip.terms().get(1).value(), 2.5, 1e-9);
    }

    @Test
    public void openLinesSilenceWhatCannotBeToldYet() {
        List<LineSpec> lines = new ArrayList<>(lines(400, 26, 7));
        lines.add(LineSpec.open("milk-whole", Openness.UNKNOWN_AMOUNT));
        assertTrue(look(lines, notes(12.0, 550.0, null)).isEmpty());
    }

    private static List<Slip> look(List<LineSpec> lines, RecipeNotes notes) {
        FormulaSpec spec = new FormulaSpec("roti", null, null, null, null, null, null, List.copyOf(lines), notes);
        return SlipCatcher.look(Dough.of(FormulaReader.read(spec, BOOK)), INDEX);
    }

    private static RecipeNotes notes(Double pieces, Double pieceGrams, String method) {
        return NONE.withPieces(pieces).withPieceGrams(pieceGrams).withMethod(method);
    }

    private static List<LineSpec> lines(double flour, double water, double salt) {
        return List.of(LineSpec.of("wheat-atta", flour), LineSpec.of("water", water), LineSpec.of("salt-fine", salt));
    }

    private static List<LineSpec> with(List<LineSpec> lines, LineSpec... more) {
        List<LineSpec> all = new ArrayList<>(lines);
        all.addAll(List.of(more));
        return all;
    }

    private static LineSpec filling(String ingredient, double grams) {
        return LineSpec.of(ingredient, grams).in(Part.FILLING);
    }
}
