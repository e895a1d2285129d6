package verdamen.core.portion;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.Finite;
import verdamen.core.RandomFormulas;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.Portioning;
import verdamen.core.formula.Portioning.SizeSpec;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.core.portion.PieceSize.Side;
import verdamen.core.portion.PieceSize.SizeMend;
import verdamen.core.portion.Portion.SizedPieces;

/** A dough in pieces. */
public class PortionTest {

    /** 669 g of dough, 658.965 g of it divided; a roti of 170 mm at 1.8 mm weighs 48.211 g. */
    private static final FormulaSpec ROTI = Doughs.roti(262);

    private static final double USABLE = 669 * 0.985;

    private static Portion divided(FormulaSpec formula) {
        return Portion.of(new PortionQuestion(formula, null), Doughs.BOOK);
    }

    private static Portioning pan(double across) {
        return new Portioning(null, across, null, null, null, null, null, null);
    }

    private static Portioning sizes(List<SizeSpec> sizes) {
        return new Portioning(null, null, null, null, null, sizes, null, null);
    }

    private static FormulaSpec said(@Nullable Double grams, @Nullable Double diameter, @Nullable Double sheet) {
        return ROTI.withSheet(sheet)
                .withNotes(RecipeNotes.NONE.withPieceGrams(grams).withDiameterMm(diameter));
    }

    /** Worked by hand: 1.18 g/ml, mass = 1.18 · π/4 · (d/10)² · h/10. */
    @DataProvider
    Object[][] triangles() {
        return new Object[][] {
            {null, null, null, 48.211, 170.0, 1.8, List.of()},
            {60.0, null, null, 60.0, 189.65, 1.8, List.of(Side.MASS)},
            {60.0, null, 2.0, 60.0, 179.918, 2.0, List.of(Side.MASS, Side.THICKNESS)},
            {null, 200.0, null, 66.727, 200.0, 1.8, List.of(Side.DIAMETER)},
            {null, 200.0, 1.5, 55.606, 200.0, 1.5, List.of(Side.DIAMETER, Side.THICKNESS)},
            {60.0, 200.0, null, 60.0, 200.0, 1.6185, List.of(Side.MASS, Side.DIAMETER)},
            {null, null, 2.4, 48.211, 147.22, 2.4, List.of(Side.THICKNESS)},
        };
    }

    @Test(dataProvider = "triangles")
    public void anyTwoGiveTheThird(
            @Nullable Double grams,
            @Nullable Double diameter,
            @Nullable Double sheet,
            double thenGrams,
            double thenDiameter,
            double thenSheet,
            List<Side> given) {
        PieceSize size = divided(said(grams, diameter, sheet)).size();
        assertEquals(size.grams(), thenGrams, 0.005 * thenGrams / 100);
        assertEquals(size.diameterMm(), thenDiameter, 0.01);
        assertEquals(size.sheetMm(), thenSheet, 0.0005);
        assertEquals(size.given(), given);
        assertNull(size.offPct());
        assertFalse(size.disagrees());
    }

    /** 591 g of dough to divide with 400 g of filling: 1 + 400/591 · 1.17/1.05 = 1.75418 times as large. */
    @Test
    public void aFilledPieceIsAsLargeAsItsDoughAndItsFilling() {
        FormulaSpec filled = Doughs.spec(
                "stuffed-paratha",
                Doughs.line("wheat-atta", 350),
                Doughs.line("water", 250),
                Doughs.filling("parsnip-raw", 400, "puree"));
        Portion portion = divided(filled);
        assertEquals(portion.size().diameterMm(), 190.0, 1e-9, "the style's");
        assertEquals(portion.size().grams(), 132.69 / 1.75418, 0.01);
        assertEquals(portion.size().fillingGrams(), 132.69 / 1.75418 * 400 / 591, 0.01);
        assertEquals(portion.disc().fillingShare(), 1 - 1 / 1.75418, 1e-5);
        assertEquals(portion.disc().diameterMm(), 190.0, 1e-9);
        Portion wide = divided(filled.withNotes(RecipeNotes.NONE.withDiameterMm(200.0)));
        assertEquals(wide.size().grams(), 1.17 * Math.PI / 4 * 400 * 0.4 / 1.75418, 0.01);
    }

    @Test
    public void whatFollowsButIsNotSaidCanBeTaken() {
        SizeMend mass = divided(said(null, 200.0, null)).size().mends().get(0);
        assertEquals(mass.side(), Side.MASS);
        assertEquals(divided(said(mass.value(), 200.0, null)).size().sheetMm(), 1.8, 1e-9);
        SizeMend sheet = divided(said(60.0, 200.0, null)).size().mends().get(0);
        assertEquals(sheet.side(), Side.THICKNESS);
        assertTrue(divided(said(60.0, null, null)).size().mends().isEmpty());
    }

    @Test
    public void threeThatDisagreeAreNamedWithEachWayToMendIt() {
        Portion portion = divided(said(90.0, 200.0, 1.8));
        PieceSize size = portion.size();
        assertTrue(size.disagrees());
        assertEquals(Objects.requireNonNull(size.offPct()), 100 * (90 / 66.727 - 1), 0.01);
        assertEquals(size.mends().stream().map(SizeMend::side).toList(), List.of(Side.values()));
        List<FormulaSpec> mended = List.of(
                said(size.mends().get(0).value(), 200.0, 1.8),
                said(90.0, size.mends().get(1).value(), 1.8),
                said(90.0, 200.0, size.mends().get(2).value()));
        for (FormulaSpec each : mended) {
            PieceSize then = divided(each).size();
            assertEquals(Objects.requireNonNull(then.offPct()), 0, 1e-9);
            assertTrue(then.mends().isEmpty());
        }
        assertFalse(divided(said(70.0, 200.0, 1.8)).size().disagrees(), "5 % is no disagreement");
    }

    @Test
    public void wholePiecesCountAndTheRestIsLeftOver() {
        Portion portion = divided(said(60.0, null, null));
        assertEquals(portion.count(), 10);
        assertEquals(Objects.requireNonNull(portion.leftover()).grams(), USABLE - 600, 1e-9);
        assertEquals(portion.equal().get(0).grams(), USABLE / 10, 1e-9);
        assertEquals(portion.equal().get(1).count(), 11);
        assertEquals(portion.equal().get(1).grams(), USABLE / 11, 1e-9);
    }

    @Test
    public void aNumberThatIsSaidDividesItWithoutRest() {
        Portion portion = divided(ROTI.withNotes(RecipeNotes.NONE.withPieces(12.0)));
        assertEquals(portion.count(), 12);
        assertEquals(portion.size().grams(), USABLE / 12, 1e-9);
        assertNull(portion.leftover());
        Portion tooMany =
                divided(ROTI.withNotes(RecipeNotes.NONE.withPieces(12.0).withPieceGrams(60.0)));
        assertEquals(tooMany.shortGrams(), 720 - USABLE, 1e-9);
        assertEquals(tooMany.size().grams(), USABLE / 12, 1e-9);
    }

    @Test
    public void tooLittleDoughMakesNoPieceAndSaysWhatOneWouldWeigh() {
        Portion portion = divided(said(2000.0, null, null));
        assertEquals(portion.count(), 0);
        assertEquals(portion.equal(), List.of(portion.equal().get(0)));
        assertEquals(portion.equal().get(0).grams(), USABLE, 1e-9);
        assertEquals(Objects.requireNonNull(portion.leftover()).grams(), USABLE, 1e-9);
    }

    @Test
    public void aPanTakesWhatFitsIt() {
        Portion portion = Portion.of(new PortionQuestion(ROTI.withPortion(pan(240.0)), null), Doughs.BOOK);
        SizedPieces largest = Objects.requireNonNull(portion.pan());
        assertEquals(largest.diameterMm(), 230.0);
        assertEquals(largest.grams(), 88.247, 0.005);
        assertEquals(largest.count(), (int) (USABLE / 88.247));
        assertNull(divided(ROTI).pan());
    }

    @Test
    public void sixLargeAndFourSmallAreFittedToTheDough() {
        List<SizeSpec> sizes = List.of(new SizeSpec(6, 80.0), new SizeSpec(4, 50.0));
        Portion.MixedPieces mixed = Objects.requireNonNull(
                Portion.of(new PortionQuestion(ROTI.withPortion(sizes(sizes)), null), Doughs.BOOK)
                        .sizes());
        assertEquals(mixed.neededGrams(), 680.0, 1e-9);
        assertEquals(mixed.leftGrams(), USABLE - 680, 1e-9);
        assertEquals(mixed.fitted().get(0).grams(), 80 * USABLE / 680, 1e-9);
        double all = mixed.fitted().stream()
                .mapToDouble(each -> each.count() * each.grams())
                .sum();
        assertEquals(all, USABLE, 1e-9);
    }

    @Test
    public void aScaleLeavesHalfAStepOpen() {
        Portion portion = Portion.of(new PortionQuestion(said(50.0, null, null), 5.0), Doughs.BOOK);
        assertEquals(portion.weighing().grams().low(), 47.5);
        assertEquals(portion.weighing().grams().high(), 52.5);
        assertEquals(portion.weighing().offPct(), 5.0, 1e-9);
        assertTrue(portion.weighing().diameterMm().contains(portion.size().diameterMm()));
    }

    @Test
    public void sizesInWordsAreInOrderAndWithinTheirRange() {
        double before = 0;
        for (Portion.BallPieces each : divided(ROTI).balls()) {
            assertTrue(each.ball().grams() > before, each.ball().code());
            assertTrue(
                    each.ball().range().contains(each.ball().grams()),
                    each.ball().code());
            assertEquals(
                    each.pieces().count(), (int) Math.floor(USABLE / each.ball().grams()));
            before = each.ball().grams();
        }
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {new PortionQuestion(ROTI.withPortion(pan(10.0)), null), "panMm", FaultCode.TOO_SMALL},
            {new PortionQuestion(ROTI, 0.0), "stepGrams", FaultCode.TOO_SMALL},
            {
                new PortionQuestion(ROTI.withPortion(sizes(List.of(new SizeSpec(0, 50.0)))), null),
                "sizes[0].count",
                FaultCode.TOO_SMALL
            },
            {
                new PortionQuestion(ROTI.withPortion(sizes(List.of(new SizeSpec(null, 50.0)))), null),
                "sizes[0].count",
                FaultCode.MISSING
            },
            {
                new PortionQuestion(ROTI.withPortion(sizes(List.of(new SizeSpec(2, 0.0)))), null),
                "sizes[0].grams",
                FaultCode.TOO_SMALL
            },
            {
                new PortionQuestion(ROTI.withPortion(sizes(Collections.nCopies(11, new SizeSpec(2, 9.0)))), null),
                "sizes",
                FaultCode.TOO_MANY
            },
            {new PortionQuestion(Doughs.spec("roti", Doughs.line("wheat-atta", 0)), null), "lines", FaultCode.MISSING},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByName(PortionQuestion asked, String field, FaultCode code) {
        RefusedException refused = expectThrows(RefusedException.class, () -> Portion.of(asked, Doughs.BOOK));
        assertEquals(refused.faults().get(0).field(), field);
        assertEquals(refused.faults().get(0).code(), code);
    }

    @Test
    public void nothingOfTheDoughIsLostOrMade() {
        Random random = new Random(RandomFormulas.SEED);
        RandomFormulas formulas = new RandomFormulas(RandomFormulas.SEED);
        int divided = 0;
        for (int tried = 0; divided < 100 && tried < 2000; tried++) {
            FormulaSpec spec =
                    formulas.whole().withNotes(RecipeNotes.NONE.withPieceGrams(5 + 200 * random.nextDouble()));
            Portion portion;
            try {
                portion = divided(spec);
            } catch (RefusedException refused) {
                assertNotNull(refused.faults());
                continue;
            }
            divided++;
            Finite.check(spec.toString(), portion);
            double left = portion.leftover() == null
                    ? portion.usableGrams() - portion.count() * portion.size().grams()
                    : portion.leftover().grams();
            assertEquals(
                    portion.count() * portion.size().grams() + left + portion.bowlLossGrams(),
                    portion.doughGrams(),
                    1e-9 * portion.doughGrams());
            assertTrue(left >= -1e-6 && left < portion.size().grams());
        }
        assertEquals(divided, 100);
    }

    @Test
    public void whatTheBenchPutsInIsPartOfTheDoughAndSaid() {
        FormulaSpec dusted = ROTI.withMethod(MethodSpec.NONE.withSticking("bench-flour"));
        Portion portion = divided(dusted);
        assertTrue(portion.pickupGrams() > 0);
        assertEquals(portion.doughGrams(), 669 + portion.pickupGrams(), 1e-9);
        assertEquals(divided(ROTI).pickupGrams(), 0.0);
        assertEquals(
                divided(ROTI.withMethod(MethodSpec.NONE.withSticking("sheets"))).pickupGrams(), 0.0);
    }
}
