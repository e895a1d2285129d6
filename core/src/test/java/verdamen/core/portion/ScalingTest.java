package verdamen.core.portion;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.line;

import java.util.List;
import java.util.Objects;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.Finite;
import verdamen.core.RandomFormulas;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.Pieces;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.portion.Scaling.ScaledLine;

/** A formula made larger or smaller. */
public class ScalingTest {

    private static final FormulaSpec TORTILLA = Doughs.spec(
            "tortilla",
            line("wheat-plain-white", 400),
            line("lard", 40),
            line("baking-powder", 4),
            line("water", 210),
            line("salt-fine", 7));

    private static Scaling times(FormulaSpec formula, double factor) {
        return Scaling.of(new ScalingQuestion(formula, factor, null, null, null, null, null), Doughs.BOOK);
    }

    private static double grams(FormulaSpec formula, int line) {
        return Objects.requireNonNull(
                Objects.requireNonNull(formula.lineOrNull(line)).grams());
    }

    /** By hand: 661 g of dough, 651.085 g divided; a tortilla of 205 mm at 1.6 mm weighs 61.260 g. */
    @DataProvider
    Object[][] ways() {
        return new Object[][] {
            {new ScalingQuestion(TORTILLA, 2.5, null, null, null, null, null), 2.5},
            {new ScalingQuestion(TORTILLA, null, 30, null, null, null, null), 30 * 61.2598 / 651.085},
            {new ScalingQuestion(TORTILLA, null, null, 1000.0, null, null, null), 2.5},
            {new ScalingQuestion(TORTILLA, null, null, null, 1322.0, null, null), 2.0},
            {new ScalingQuestion(TORTILLA, null, null, null, null, 305.0, null), Math.pow(295 / 205.0, 2)},
        };
    }

    @Test(dataProvider = "ways")
    public void itIsScaledByFactorPiecesFlourDoughOrPan(ScalingQuestion asked, double factor) {
        Scaling scaling = Scaling.of(asked, Doughs.BOOK);
        assertEquals(scaling.factor(), factor, 1e-4 * factor);
        for (ScaledLine line : scaling.lines()) {
            assertEquals(line.exactGrams(), line.beforeGrams() * scaling.factor(), 1e-9);
            assertEquals(grams(scaling.exact(), line.line()), line.exactGrams(), 1e-9);
            assertEquals(grams(scaling.formula(), line.line()), line.grams(), 1e-9);
        }
    }

    @Test
    public void asManyPiecesAsAskedForOfTheSizeTheyHad() {
        Scaling scaling = Scaling.of(new ScalingQuestion(TORTILLA, null, 30, null, null, null, null), Doughs.BOOK);
        assertEquals(scaling.pieces(), 30.0);
        assertEquals(scaling.pieceGrams(), 61.26, 0.05);
        Scaling pan = Scaling.of(new ScalingQuestion(TORTILLA, null, null, null, null, 305.0, null), Doughs.BOOK);
        assertEquals(
                pan.pieces(),
                Pieces.of(Doughs.read(TORTILLA)).count(),
                "as many as before, each as wide as the pan takes");
        assertEquals(pan.pieceGrams(), 61.2598 * Math.pow(295 / 205.0, 2), 0.01);
    }

    @Test
    public void aNumberThatIsSaidGoesAlongWhileItIsWhole() {
        FormulaSpec ten = TORTILLA.withNotes(RecipeNotes.NONE.withPieces(10.0));
        assertEquals(times(ten, 1.5).pieces(), 15.0);
        Scaling odd = times(ten, 1.25);
        assertNull(odd.formula().notesOrNone().pieces());
        assertEquals(odd.pieceGrams(), 65.1085, 1e-6, "the piece stays as it was");
    }

    @Test
    public void whatIsLightIsSpoonedWhereASpoonIsNearer() {
        Scaling third = Scaling.of(new ScalingQuestion(TORTILLA, 0.3, null, null, null, null, 1.0), Doughs.BOOK);
        ScaledLine powder = third.lines().get(2);
        assertEquals(powder.exactGrams(), 1.2, 1e-9);
        int eighths = Objects.requireNonNull(powder.teaspoonEighths());
        assertEquals(powder.grams() % 1 == 0, false, "no scale to a gram shows that");
        assertTrue(Math.abs(powder.offPct()) < 100 * 0.2 / 1.2, eighths + " eighths are nearer than 1 g");
        assertNull(third.lines().get(0).teaspoonEighths());
        assertNull(times(TORTILLA, 2).lines().get(2).teaspoonEighths(), "8 g are weighed");
    }

    @Test
    public void roundingOfWaterIsSaidWhereItIsFelt() {
        FormulaSpec little = Doughs.spec("roti", line("wheat-atta", 40), line("water", 27), line("salt-fine", 0.7));
        Scaling coarse = Scaling.of(new ScalingQuestion(little, 0.9, null, null, null, null, 5.0), Doughs.BOOK);
        assertTrue(coarse.roundingShows());
        assertTrue(Math.abs(Objects.requireNonNull(coarse.after().softness())
                        - Objects.requireNonNull(coarse.before().softness()))
                > 0.01);
        Scaling fine = Scaling.of(new ScalingQuestion(little, 0.9, null, null, null, null, 0.01), Doughs.BOOK);
        assertFalse(fine.roundingShows());
        assertEquals(fine.after().saltPct(), fine.before().saltPct(), 0.05);
    }

    @Test
    public void aBatchMuchSmallerOrLargerHasSomethingToMind() {
        assertTrue(times(TORTILLA, 1).minds().isEmpty());
        assertTrue(times(TORTILLA, 3.9).minds().isEmpty());
        assertEquals(times(TORTILLA, 4).minds(), List.of(Scaling.Mind.values()));
        assertEquals(times(TORTILLA, 0.25).minds(), List.of(Scaling.Mind.values()));
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {question(null, null, null, null), "factor", FaultCode.MISSING},
            {question(2.0, 12, null, null), "pieces", FaultCode.CONTRADICTS},
            {question(0.0, null, null, null), "factor", FaultCode.TOO_SMALL},
            {question(2000.0, null, null, null), "factor", FaultCode.TOO_LARGE},
            {question(null, 0, null, null), "pieces", FaultCode.TOO_SMALL},
            {question(null, null, 0.0, null), "flourGrams", FaultCode.TOO_SMALL},
            {question(null, null, null, 900_000.0), "doughGrams", FaultCode.TOO_LARGE},
        };
    }

    @Test
    public void aLimitIsToldInTheUnitOfWhatWasAskedFor() {
        RefusedException refused =
                expectThrows(RefusedException.class, () -> Scaling.of(question(null, null, 0.0, null), Doughs.BOOK));
        assertEquals(Objects.requireNonNull(refused.faults().get(0).limit()), 0.4, 1e-9, "a thousandth of the flour");
    }

    private static ScalingQuestion question(
            @Nullable Double factor, @Nullable Integer pieces, @Nullable Double flour, @Nullable Double dough) {
        return new ScalingQuestion(TORTILLA, factor, pieces, flour, dough, null, null);
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByName(ScalingQuestion asked, String field, FaultCode code) {
        RefusedException refused = expectThrows(RefusedException.class, () -> Scaling.of(asked, Doughs.BOOK));
        assertEquals(refused.faults().get(0).field(), field);
        assertEquals(refused.faults().get(0).code(), code);
    }

    @Test
    public void thereAndBackIsTheSameFormula() {
        Random random = new Random(RandomFormulas.SEED);
        RandomFormulas formulas = new RandomFormulas(RandomFormulas.SEED);
        int scaled = 0;
        for (int tried = 0; scaled < 60 && tried < 2000; tried++) {
            // What is weighed on the bench is a mass of its own, and goes along; nothing else differs.
            FormulaSpec spec = formulas.whole().withMethod(MethodSpec.NONE);
            double factor = Math.exp(2 * random.nextGaussian());
            try {
                Formula before = Doughs.read(spec);
                Scaling there = times(spec, factor);
                Finite.check(spec.toString(), there);
                Formula back = Doughs.read(times(there.exact(), 1 / factor).exact());
                for (int at = 0; at < before.lines().size(); at++) {
                    Line line = before.lines().get(at);
                    assertEquals(
                            back.lines().get(at).grams(), line.grams(), 1e-9 * (1 + line.grams()), spec.toString());
                }
                scaled++;
            } catch (RefusedException refused) {
                assertFalse(refused.faults().isEmpty());
            }
        }
        assertEquals(scaled, 60);
    }
}
