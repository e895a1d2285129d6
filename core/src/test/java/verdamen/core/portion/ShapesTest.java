package verdamen.core.portion;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.filling;
import static verdamen.core.Doughs.line;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.formula.FilledSpec;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.portion.CutShapes.Shape;
import verdamen.core.portion.FilledPieces.HeldBy;
import verdamen.core.portion.ShapesQuestion.CutSpec;
import verdamen.core.portion.ShapesQuestion.LayeredSpec;

/** Pieces that are filled, layered or cut: counted and worked out by hand. */
public class ShapesTest {

    /** 600 g of dough, 591 g of it divided; 400 g of filling; 1.17 g/ml, 4 mm. */
    private static final FormulaSpec FILLED = Doughs.spec(
            "stuffed-paratha",
            line("wheat-atta", 350),
            line("water", 244),
            line("salt-fine", 6),
            filling("parsnip-raw", 400, "raw-grated"));

    /** 3 mm, 180 mm, 1.12 g/ml. */
    private static final FormulaSpec LAYERED = Doughs.spec(
            "layered-paratha",
            line("wheat-atta", 400),
            line("water", 240),
            line("ghee", 45).withPart("surface"));

    private static FilledPieces filled(@Nullable Double shell, @Nullable Double filling) {
        return Objects.requireNonNull(
                Shapes.of(new ShapesQuestion(FILLED, new FilledSpec(shell, filling, null), null, null), Doughs.BOOK)
                        .filled());
    }

    private static Layers layers(LayeredSpec asked) {
        return Objects.requireNonNull(Shapes.of(new ShapesQuestion(LAYERED, null, asked, null), Doughs.BOOK)
                .layered());
    }

    private static CutShapes cut(CutSpec asked) {
        return Objects.requireNonNull(Shapes.of(new ShapesQuestion(LAYERED, null, null, asked), Doughs.BOOK)
                .cut());
    }

    @DataProvider
    Object[][] fillings() {
        return new Object[][] {
            {50.0, 40.0, 11, 10, HeldBy.FILLING, 91.0, 0.0, 40.0, 1.0574},
            {60.0, 40.0, 9, 10, HeldBy.SHELL, 51.0, 40.0, 9.0, 1.1475},
            {59.1, 40.0, 10, 10, HeldBy.NEITHER, 0.0, 0.0, 0.0, 1.1402},
            {30.0, 80.0, 19, 5, HeldBy.FILLING, 441.0, 0.0, 1120.0, 0.5036},
            {100.0, 20.0, 5, 20, HeldBy.SHELL, 91.0, 300.0, 1409.0, 1.6355},
            {600.0, 40.0, 0, 10, HeldBy.SHELL, 591.0, 400.0, 5409.0, 1.8617},
        };
    }

    @Test(dataProvider = "fillings")
    public void theLesserHoldsAndTheRestIsLeft(
            double shell,
            double filling,
            int shells,
            int fillings,
            HeldBy heldBy,
            double leftShell,
            double leftFilling,
            double match,
            double wall) {
        FilledPieces pieces = filled(shell, filling);
        assertEquals(pieces.shells(), shells);
        assertEquals(pieces.fillings(), fillings);
        assertEquals(pieces.count(), Math.min(shells, fillings));
        assertEquals(pieces.heldBy(), heldBy);
        assertEquals(pieces.leftShellGrams(), leftShell, 1e-9);
        assertEquals(pieces.leftFillingGrams(), leftFilling, 1e-9);
        assertEquals(pieces.matchGrams(), match, 1e-9);
        assertEquals(pieces.wallMm(), wall, 0.0001);
        assertEquals(pieces.thinWall(), wall < 0.8);
        assertEquals(2 * pieces.wallMm() + pieces.betweenMm(), 4.0, 1e-9);
        double cm2 = Math.PI / 4 * Math.pow(pieces.diameterMm() / 10, 2);
        assertEquals(pieces.betweenMm() / 10, filling / (1.05 * cm2), 1e-9, "as a layer between two discs");
    }

    @Test
    public void whatIsNotSaidIsInTheProportionOfTheFormula() {
        FilledPieces pieces = filled(null, null);
        assertEquals(pieces.heldBy(), HeldBy.NEITHER);
        assertEquals(pieces.shellGrams() / pieces.fillingGrams(), 591 / 400.0, 1e-9);
        assertEquals(filled(59.1, null).fillingGrams(), 40.0, 1e-9);
        assertEquals(filled(null, 40.0).shellGrams(), 59.1, 1e-9);
    }

    @Test
    public void aHardPieceLargerThanTheWallBreaksIt() {
        FilledPieces grated = filled(50.0, 40.0);
        assertTrue(grated.hardPieceMm() > grated.wallMm());
        assertTrue(grated.piecesTooLarge());
        FormulaSpec smooth = FILLED.withLine(3, filling("parsnip-raw", 400, "puree"));
        FilledPieces pureed = Objects.requireNonNull(
                Shapes.of(new ShapesQuestion(smooth, new FilledSpec(50.0, 40.0, null), null, null), Doughs.BOOK)
                        .filled());
        assertEquals(pureed.hardPieceMm(), 0.0);
        assertFalse(pureed.piecesTooLarge());
    }

    @DataProvider
    Object[][] folds() {
        return new Object[][] {
            {"half", 1, 2, 1.5, false, 4},
            {"half", 3, 8, 0.375, false, 4},
            {"half", 4, 16, 0.1875, false, 4},
            {"half", 5, 32, 0.09375, true, 4},
            {"letter", 1, 3, 1.0, false, 2},
            {"letter", 2, 9, 1 / 3.0, false, 2},
            {"letter", 3, 27, 1 / 9.0, true, 2},
            {"letter", 8, 6561, 3 / 6561.0, true, 2},
        };
    }

    @Test(dataProvider = "folds")
    public void eachFoldMultipliesTheLayers(String fold, int times, int count, double mm, boolean merge, int most) {
        Layers layers = layers(new LayeredSpec(fold, times, null, 6.0));
        assertEquals(layers.layers(), count, 1e-9);
        assertEquals(layers.layerMm(), mm, 1e-9);
        assertEquals(layers.merge(), merge);
        assertEquals(layers.mostTimes(), Integer.valueOf(most));
        assertEquals(layers.fatPerLayerGrams(), 6.0 / (count - 1), 1e-9);
        assertFalse(layers.about());
    }

    @Test
    public void aCoilHasAboutAsManyTurnsAsItIsWide() {
        Layers coil = layers(new LayeredSpec("coil", null, 15.0, null));
        assertEquals(coil.layers(), 180 / (Math.PI * 15), 1e-6);
        assertTrue(coil.about());
        assertNull(coil.mostTimes());
        double each = 1.12 * Math.PI / 4 * 18 * 18 * 0.3;
        assertEquals(coil.fatGrams(), 45 / (640 * 0.985 / each), 1e-6, "the surface's, shared among the pieces");
        assertEquals(layers(new LayeredSpec("coil", null, 100.0, null)).layers(), 1.0, "no less than one turn");
    }

    /** Counted by hand on paper: rows under one another, or set between one another. */
    @DataProvider
    Object[][] packings() {
        return new Object[][] {
            {rounds(100, 400.0, 300.0), 12},
            {rounds(70, 400.0, 300.0), 21},
            {rounds(70, 300.0, 400.0), 21},
            {rounds(100, 1000.0, 1000.0), 105},
            {rounds(100, 100.0, 100.0), 1},
            {rounds(100, 250.0, 100.0), 2},
            {rounds(100, 200.0, 190.0), 3},
            {rounds(50, 101.0, 99.0), 3},
            {inDisc("rounds", 100, 100), 1},
            {inDisc("rounds", 100, 199), 1},
            {inDisc("rounds", 100, 200), 2},
            {inDisc("rounds", 100, 216), 3},
            {inDisc("rounds", 100, 242), 4},
            {inDisc("rounds", 100, 300), 7},
            {inDisc("rounds", 100, 400), 10},
            {new CutSpec("squares", 70.0, null, null, 400.0, 300.0), 20},
            {new CutSpec("squares", 100.0, null, null, 299.0, 100.0), 2},
            {inDisc("squares", 100, 142), 1},
            {inDisc("squares", 100, 224), 2},
            {inDisc("squares", 100, 300), 4},
            {new CutSpec("wedges", null, 8, 240.0, null, null), 8},
            {new CutSpec("wedges", null, 16, 300.0, null, null), 16},
        };
    }

    private static CutSpec rounds(double size, double along, double across) {
        return new CutSpec("rounds", size, null, null, along, across);
    }

    private static CutSpec inDisc(String shape, double size, double disc) {
        return new CutSpec(shape, size, null, disc, null, null);
    }

    @Test(dataProvider = "packings")
    public void asManyAsFitAreCutAndNothingIsLost(CutSpec asked, int count) {
        CutShapes cut = cut(asked);
        assertEquals(cut.perSheet(), count);
        assertEquals(
                cut.perSheet() * cut.pieceGrams() + cut.trimmingsGrams(), cut.sheetGrams(), 1e-9 * cut.sheetGrams());
        if (cut.shape() == Shape.WEDGES) {
            assertEquals(cut.trimmingsGrams(), 0, 1e-9);
            assertTrue(cut.rerolls().isEmpty());
        }
    }

    @Test
    public void trimmingsAreRolledOutAgainTwiceAtMost() {
        CutShapes cut = cut(inDisc("rounds", 30, 300));
        double left = cut.trimmingsGrams();
        int all = cut.perSheet();
        assertEquals(cut.rerolls().size(), 2);
        for (int at = 0; at < 2; at++) {
            CutShapes.Reroll reroll = cut.rerolls().get(at);
            left = 0.98 * left - reroll.pieces() * cut.pieceGrams();
            all += reroll.pieces();
            assertEquals(reroll.trimmingsGrams(), left, 1e-9);
            assertEquals(reroll.springBackPoints(), 3.0 * (at + 1));
        }
        assertEquals(cut.lostGrams(), left, 1e-9);
        assertEquals(cut.sheets(), (int) (640 * 0.985 / cut.sheetGrams()));
        assertEquals(cut.total(), cut.sheets() * all);
    }

    @DataProvider
    Object[][] refused() {
        FilledSpec some = new FilledSpec(null, null, null);
        return new Object[][] {
            {new ShapesQuestion(LAYERED, some, null, null), "filled", FaultCode.MISSING},
            {
                new ShapesQuestion(FILLED, new FilledSpec(0.0, null, null), null, null),
                "filled.shellGrams",
                FaultCode.TOO_SMALL
            },
            {
                new ShapesQuestion(FILLED, new FilledSpec(10.0, 100.0, null), null, null),
                "filled.fillingGrams",
                FaultCode.TOO_LARGE
            },
            {layered(new LayeredSpec(null, 3, null, null)), "layered.fold", FaultCode.MISSING},
            {layered(new LayeredSpec("crumple", 3, null, null)), "layered.fold", FaultCode.UNKNOWN_CODE},
            {layered(new LayeredSpec("half", null, null, null)), "layered.times", FaultCode.MISSING},
            {layered(new LayeredSpec("half", 20, null, null)), "layered.times", FaultCode.TOO_LARGE},
            {layered(new LayeredSpec("coil", 3, null, null)), "layered.rollMm", FaultCode.MISSING},
            {cutting(new CutSpec("rounds", 500.0, null, 300.0, null, null)), "cut.sizeMm", FaultCode.TOO_LARGE},
            {cutting(new CutSpec("squares", 250.0, null, 300.0, null, null)), "cut.sizeMm", FaultCode.TOO_LARGE},
            {cutting(new CutSpec("rounds", 50.0, null, null, 300.0, null)), "cut.shortMm", FaultCode.MISSING},
            {cutting(new CutSpec("wedges", null, 1, 300.0, null, null)), "cut.wedges", FaultCode.TOO_SMALL},
            {cutting(new CutSpec("stars", 50.0, null, 300.0, null, null)), "cut.shape", FaultCode.UNKNOWN_CODE},
        };
    }

    private static ShapesQuestion layered(LayeredSpec asked) {
        return new ShapesQuestion(LAYERED, null, asked, null);
    }

    private static ShapesQuestion cutting(CutSpec asked) {
        return new ShapesQuestion(LAYERED, null, null, asked);
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByName(ShapesQuestion asked, String field, FaultCode code) {
        RefusedException refused = expectThrows(RefusedException.class, () -> Shapes.of(asked, Doughs.BOOK));
        assertEquals(refused.faults().get(0).field(), field);
        assertEquals(refused.faults().get(0).code(), code);
    }

    @Test
    public void anEvenlyRolledShellLeavesAThinnerWall() {
        FilledPieces thinEdge = filled(new FilledSpec(50.0, 40.0, null));
        FilledPieces even = filled(new FilledSpec(50.0, 40.0, true));
        assertEquals(even.wallMm(), 0.85 * thinEdge.wallMm(), 1e-9);
        assertEquals(filled(new FilledSpec(50.0, 40.0, false)).wallMm(), thinEdge.wallMm(), 1e-9);
        assertEquals(even.count(), thinEdge.count());
    }

    private static FilledPieces filled(FilledSpec asked) {
        return Objects.requireNonNull(Shapes.of(new ShapesQuestion(FILLED, asked, null, null), Doughs.BOOK)
                .filled());
    }

    @Test
    public void everyCutPieceLiesOnItsSheetAndOverNoOther() {
        for (CutSpec asked : List.of(
                new CutSpec("rounds", 70.0, null, null, 400.0, 300.0),
                new CutSpec("rounds", 61.0, null, null, 300.0, 415.0),
                new CutSpec("rounds", 55.0, null, 300.0, null, null),
                new CutSpec("squares", 55.0, null, 300.0, null, null),
                new CutSpec("squares", 70.0, null, null, 400.0, 300.0))) {
            CutShapes cut = Objects.requireNonNull(Shapes.of(new ShapesQuestion(FILLED, null, null, asked), Doughs.BOOK)
                    .cut());
            CutShapes.Drawn drawn = cut.drawn();
            double size = Objects.requireNonNull(drawn.sizeMm());
            assertEquals(drawn.placed().size(), cut.perSheet());
            for (CutShapes.Placed each : drawn.placed()) {
                assertTrue(fits(each, drawn, size, cut.shape()), asked + " " + each);
                for (CutShapes.Placed other : drawn.placed()) {
                    assertTrue(
                            other == each || apart(each, other, cut.shape()) >= size - 1e-6,
                            asked + " " + each + other);
                }
            }
        }
    }

    private static boolean fits(CutShapes.Placed at, CutShapes.Drawn on, double size, CutShapes.Shape shape) {
        if (!on.disc()) {
            return at.alongMm() >= size / 2 - 1e-6
                    && at.alongMm() <= on.longMm() - size / 2 + 1e-6
                    && at.downMm() >= size / 2 - 1e-6
                    && at.downMm() <= on.shortMm() - size / 2 + 1e-6;
        }
        double x = Math.abs(at.alongMm() - on.longMm() / 2);
        double y = Math.abs(at.downMm() - on.longMm() / 2);
        double reach =
                shape == CutShapes.Shape.ROUNDS ? Math.hypot(x, y) + size / 2 : Math.hypot(x + size / 2, y + size / 2);
        return reach <= on.longMm() / 2 + 1e-4;
    }

    private static double apart(CutShapes.Placed one, CutShapes.Placed other, CutShapes.Shape shape) {
        double x = Math.abs(one.alongMm() - other.alongMm());
        double y = Math.abs(one.downMm() - other.downMm());
        return shape == CutShapes.Shape.ROUNDS ? Math.hypot(x, y) : Math.max(x, y);
    }

    @Test
    public void tooManyToDrawAreOnlyCounted() {
        CutSpec many = new CutSpec("squares", 10.0, null, null, 900.0, 600.0);
        CutShapes cut = Objects.requireNonNull(Shapes.of(new ShapesQuestion(FILLED, null, null, many), Doughs.BOOK)
                .cut());
        assertEquals(cut.perSheet(), 5400);
        assertTrue(cut.drawn().placed().isEmpty());
    }
}
