package verdamen.core.cooking;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static verdamen.core.Doughs.line;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Heat;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.Portioning;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;

/** Pieces in the pan and oven. */
public class CookingTest {

    private static final FormulaSpec ROTI = Doughs.roti(262);

    private static Cooking cooked(FormulaSpec formula, @Nullable Double panC, @Nullable Double burnerW) {
        return Cooking.of(new CookQuestion(formula, null, panC, burnerW, null, null, null), Doughs.BOOK);
    }

    private static FormulaSpec heated(Heat heat) {
        return ROTI.withMethod(MethodSpec.NONE.withHeat(heat.code()));
    }

    @Test
    public void aPieceIsThatOfTheFormulaAndSoIsThePan() {
        RecipeNotes notes =
                RecipeNotes.NONE.withPieceGrams(50.0).withPanC(250.0).withSideSeconds(40.0);
        Cooking found = cooked(ROTI.withNotes(notes), null, null);
        assertEquals(found.pieceGrams(), 50.0);
        assertEquals(found.panC(), 250.0);
        assertEquals(found.usualPanC(), 230.0);
        assertEquals(found.statedSideS(), 40.0);
        assertEquals(Objects.requireNonNull(found.pieces()), Math.floor(669 * 0.985 / 50));
        assertEquals(cooked(ROTI, null, null).panC(), 230.0, "the middle of the style's range");
    }

    @Test
    public void aHotterPanIsQuickerAndAThickerSheetSlower() {
        Cooking usual = cooked(ROTI, null, null);
        assertTrue(cooked(ROTI, 250.0, null).sideOneS() < usual.sideOneS());
        Cooking thick = cooked(ROTI.withSheet(2.4), null, null);
        assertTrue(thick.sideOneS() > usual.sideOneS());
        assertTrue(thick.cookLossPct() < usual.cookLossPct());
        assertEquals(usual.sideOneRange().low(), 0.75 * usual.sideOneS(), 1e-9);
        assertEquals(usual.sideOneRange().high(), 1.25 * usual.sideOneS(), 1e-9);
    }

    @Test
    public void aFilledPieceIsCookedWithItsFilling() {
        FormulaSpec filled = Doughs.spec(
                "stuffed-paratha",
                line("wheat-atta", 350),
                line("water", 250),
                Doughs.filling("parsnip-raw", 400, "puree"));
        Cooking found = cooked(filled.withNotes(RecipeNotes.NONE.withPieceGrams(59.1)), null, null);
        assertEquals(found.pieceGrams(), 59.1 + 40, 1e-9);
        assertEquals(found.pieces(), 10.0);
    }

    @Test
    public void whatIsLostAndWhatIsLeftAreThePiece() {
        Cooking found = cooked(ROTI, null, null);
        assertEquals(found.cookedGrams() + found.pieceGrams() * found.cookLossPct() / 100, found.pieceGrams(), 1e-9);
    }

    @DataProvider
    Object[][] heats() {
        return new Object[][] {{Heat.MEDIUM_FAT, true}, {Heat.COVERED, true}, {Heat.OVEN_STONE, false}};
    }

    @Test(dataProvider = "heats")
    public void aWayOfCookingHasItsOwnPanAndLoss(Heat heat, boolean cooler) {
        Cooking usual = cooked(ROTI, null, null);
        Cooking found = cooked(heated(heat), null, null);
        assertEquals(found.panC() < usual.panC(), cooler);
        assertEquals(found.sideOneS() > usual.sideOneS(), cooler);
        assertEquals(found.cookLossPct() < usual.cookLossPct(), cooler);
    }

    @Test
    public void twoPansMakeTwiceAsManyAndAnOvenALoadAtATime() {
        Cooking one = cooked(ROTI, null, null);
        Cooking two = Cooking.of(new CookQuestion(ROTI, null, null, null, 2, null, 12.0), Doughs.BOOK);
        assertEquals(two.piecesPerHour(), 2 * one.piecesPerHour(), 1e-9);
        assertEquals(Objects.requireNonNull(two.allMinutes()) * 60, 5 * one.cycleS() + 75, 1e-6);
        Cooking oven = Cooking.of(new CookQuestion(heated(Heat.OVEN_STONE), null, null, null, 3, 4, 12.0), Doughs.BOOK);
        assertTrue(oven.oven());
        assertEquals(oven.limitedBy(), CookLimit.STONE);
        double sides = oven.sideOneS() + oven.sideTwoS();
        assertEquals(oven.cycleS(), sides + 300, 1e-9);
        assertEquals(oven.piecesPerHour(), 4 * 3600 / (sides + 300), 1e-9);
        assertEquals(Objects.requireNonNull(oven.allMinutes()) * 60, 2 * (sides + 300) + sides, 1e-6);
        assertNull(oven.pan());
    }

    @Test
    public void aWeakBurnerLetsThePanCoolUnlessOneWaits() {
        Cooking weak = cooked(ROTI, null, 500.0);
        assertEquals(weak.limitedBy(), CookLimit.HEAT);
        PanTemperature pan = Objects.requireNonNull(weak.pan());
        double before = 1000;
        for (int at = 0; at < pan.hurried().size() - 1; at += 2) {
            assertTrue(pan.hurried().get(at).celsius() < before);
            before = pan.hurried().get(at).celsius();
            assertEquals(pan.paced().get(at).celsius(), weak.panC(), 1e-9, "one who waits finds it hot again");
        }
        assertEquals(
                pan.coldestC(),
                pan.hurried().stream()
                        .mapToDouble(PanTemperature.PanMoment::celsius)
                        .min()
                        .orElse(0));
        PanTemperature strong =
                Objects.requireNonNull(cooked(ROTI, null, 3000.0).pan());
        assertEquals(strong.coldestC(), weak.panC(), 1e-9);
        PanTemperature hopeless = Objects.requireNonNull(
                Cooking.of(new CookQuestion(ROTI, 100_000.0, null, 100.0, null, null, null), Doughs.BOOK)
                        .pan());
        assertEquals(hopeless.coldestC(), 100.0, "a wet piece cools a pan no further");
    }

    @Test
    public void theFirstPieceSaysWhatToChange() {
        FirstPiece first = cooked(ROTI, null, null).first();
        assertTrue(first.panIfPaleC() > 230 && first.panIfDarkC() < 230);
        assertEquals(cooked(ROTI, 120.0, null).first().panIfDarkC(), 120.0, "no colder than what cooks");
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {new CookQuestion(ROTI, 0.0, null, null, null, null, null), "pieceGrams", FaultCode.TOO_SMALL},
            {new CookQuestion(ROTI, null, 20.0, null, null, null, null), "panC", FaultCode.TOO_SMALL},
            {new CookQuestion(ROTI, null, null, 0.0, null, null, null), "burnerW", FaultCode.TOO_SMALL},
            {new CookQuestion(ROTI, null, null, Double.NaN, null, null, null), "burnerW", FaultCode.NOT_A_NUMBER},
            {new CookQuestion(ROTI, null, null, null, 0, null, null), "pans", FaultCode.TOO_SMALL},
            {new CookQuestion(ROTI, null, null, null, null, 900, null), "load", FaultCode.TOO_LARGE},
            {new CookQuestion(ROTI, null, null, null, null, null, 0.0), "pieces", FaultCode.TOO_SMALL},
            {new CookQuestion(ROTI.withSheet(0.4), null, null, null, null, null, null), "sheetMm", FaultCode.TOO_SMALL},
            {
                new CookQuestion(Doughs.spec("roti", line("wheat-atta", 0)), null, null, null, null, null, null),
                "lines",
                FaultCode.MISSING
            },
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByName(CookQuestion asked, String field, FaultCode code) {
        RefusedException refused = expectThrows(RefusedException.class, () -> Cooking.of(asked, Doughs.BOOK));
        assertEquals(refused.faults().size(), 1);
        assertEquals(refused.faults().get(0).field(), field);
        assertEquals(refused.faults().get(0).code(), code);
    }

    private static Keeping kept(FormulaSpec formula, @Nullable String storage, @Nullable Double hours) {
        return Keeping.of(new KeepingQuestion(formula, storage, hours), Doughs.BOOK);
    }

    @Test
    public void theBetterItIsWrappedTheLongerItFolds() {
        List<Keeping.KeptWay> ways = kept(ROTI, null, null).ways();
        double before = 0;
        for (String storage : List.of("open", "cloth", "box", "bag", "freezer-bag")) {
            double hours = ways.stream()
                    .filter(way -> way.storage().code().equals(storage))
                    .findFirst()
                    .orElseThrow()
                    .hours();
            assertTrue(hours > before, storage);
            assertEquals(kept(ROTI, storage, null).softHours(), hours);
            before = hours;
        }
        assertEquals(before, 720.0, "a month and more");
    }

    @Test
    public void itFoldsHalfOfTheTimeWhenItStopsToBeSoft() {
        Keeping found = kept(ROTI, "cloth", null);
        assertEquals(found.at().hours(), found.softHours());
        assertEquals(found.at().foldPct(), 50.0, 1e-6);
        assertEquals(found.at().moisturePct(), found.at().thresholdPct(), 1e-9);
        assertTrue(found.curve().get(found.curve().size() - 1).hours() > found.softHours());
        assertEquals(kept(ROTI, null, null).storage().code(), "cloth");
    }

    @Test
    public void warmingThroughHelpsOnce() {
        Keeping found = kept(ROTI, "bag", null);
        Keeping.WarmedThrough warming = Objects.requireNonNull(found.warming());
        assertEquals(warming.afterHours(), found.softHours());
        assertTrue(warming.softHours() > 1, "in a bag its starch has set, and its moisture is there");
        double dried = Objects.requireNonNull(kept(ROTI, "open", 5.0).warming()).softHours();
        assertEquals(dried, 0.0, "what has dried on the rack stays dry");
    }

    @Test
    public void everyLeverDoesWhatItSays() {
        Keeping found = kept(ROTI, "cloth", null);
        assertFalse(found.levers().isEmpty());
        for (KeepingLever lever : found.levers()) {
            assertEquals(
                    lever.softHours() - found.softHours(),
                    lever.gainHours(),
                    1e-9,
                    lever.kind().code());
            assertTrue(lever.gainHours() > 0);
            assertFalse(lever.price().isEmpty(), lever.kind().code());
        }
        KeepingLever thicker = found.levers().stream()
                .filter(lever -> lever.kind() == KeepingLever.Kind.THICKER_SHEET)
                .findFirst()
                .orElseThrow();
        assertEquals(kept(ROTI.withSheet(1.8 + thicker.amount()), "cloth", null).softHours(), thicker.softHours());
    }

    @Test
    public void aFormulaWithoutRoomForMoreIsStillAnswered() {
        LineSpec[] full = new LineSpec[Limit.LINES.mostCount()];
        Arrays.fill(full, line("salt-fine", 0.01));
        full[0] = line("wheat-atta", 1_000_000);
        full[1] = line("water", 655_000);
        full[2] = line("olive-oil", 999_999);
        Keeping found = kept(Doughs.spec("roti", full), "cloth", null);
        assertTrue(
                found.levers().stream().allMatch(lever -> lever.ingredient() == null),
                found.levers().toString());
    }

    @Test
    public void whatIsMeantToBeCrispIsJudgedTheOtherWayRound() {
        FormulaSpec cracker = Doughs.spec(
                "cracker",
                line("wheat-plain-white", 300),
                line("olive-oil", 25),
                line("water", 140),
                line("salt-fine", 6));
        Keeping open = kept(cracker, "open", null);
        double crisp = Objects.requireNonNull(open.crispHours());
        assertTrue(crisp > 0 && crisp < 3, "on the rack: " + crisp);
        assertEquals(open.at().moisturePct(), open.crispBelowPct(), 1e-9);
        assertTrue(Objects.requireNonNull(kept(cracker, "bag", null).crispHours()) > crisp);
        assertTrue(open.levers().isEmpty());
        assertNull(open.warming());
        double thick = Objects.requireNonNull(
                kept(cracker.withSheet(3.0), "open", null).crispHours());
        assertEquals(thick, 0.0, "too thick to bake dry");
        assertNull(kept(ROTI, null, null).crispHours());
    }

    private static FormulaSpec portioned(@Nullable String storage, Portioning.SplitSpec... splits) {
        return ROTI.withPortion(new Portioning(
                "Wide griddle", 280.0, 2000.0, 2, 6, null, storage, splits.length == 0 ? null : List.of(splits)));
    }

    @Test
    public void whatTheFormulaSaysOfItsPansAndItsKeepingIsTaken() {
        FormulaSpec formula = portioned("box");
        Cooking cooking = Cooking.of(new CookQuestion(formula, null, null, null, null, null, null), Doughs.BOOK);
        assertEquals(cooking.burnerW(), 2000.0);
        assertEquals(cooking.pans(), 2);
        assertEquals(cooking.load(), 6);
        Cooking asked = Cooking.of(new CookQuestion(formula, null, null, 900.0, 3, 4, null), Doughs.BOOK);
        assertEquals(List.of(asked.burnerW(), asked.pans(), asked.load()), List.of(900.0, 3, 4));
        assertEquals(kept(formula, null, null).storage().code(), "box");
        assertEquals(kept(formula, "open", null).storage().code(), "open");
    }

    @Test
    public void breadIsKeptInPartsEachWithItsHoursAndItsUseBy() {
        FormulaSpec formula = portioned(
                "cloth", new Portioning.SplitSpec("fridge-bag", 3), new Portioning.SplitSpec("freezer-bag", 5));
        List<Keeping.KeptSplit> splits = kept(formula, null, null).splits();
        assertEquals(
                splits.stream().map(each -> each.storage().code()).toList(),
                List.of("cloth", "fridge-bag", "freezer-bag"));
        int made = splits.stream().mapToInt(Keeping.KeptSplit::pieces).sum();
        assertEquals(made, (int) Math.floor(Objects.requireNonNull(
                Cooking.of(new CookQuestion(ROTI, null, null, null, null, null, null), Doughs.BOOK)
                        .pieces())));
        assertTrue(splits.get(0).useWithinHours() < splits.get(1).useWithinHours());
        assertTrue(splits.get(1).useWithinHours() < splits.get(2).useWithinHours());
        assertTrue(kept(ROTI, null, null).splits().isEmpty());
        FormulaSpec tooMany = portioned(null, new Portioning.SplitSpec("freezer-bag", 500));
        assertTrue(kept(tooMany, null, null).splits().get(0).pieces() < 0);
    }

    @Test
    public void portionsThatCannotBeAreRefusedByName() {
        FormulaSpec wrong = ROTI.withPortion(new Portioning(
                "x".repeat(81),
                1.0,
                0.0,
                0,
                0,
                null,
                "pocket",
                List.of(new Portioning.SplitSpec(null, 2), new Portioning.SplitSpec("attic", 0))));
        RefusedException refused = expectThrows(RefusedException.class, () -> kept(wrong, null, null));
        assertEquals(
                refused.faults().stream().map(Fault::field).toList(),
                List.of(
                        "panName",
                        "panMm",
                        "burnerW",
                        "pans",
                        "load",
                        "storage",
                        "splits[0].storage",
                        "splits[1].storage",
                        "splits[1].pieces"));
    }

    @DataProvider
    Object[][] refusedKeeping() {
        return new Object[][] {
            {new KeepingQuestion(ROTI, "pocket", null), "storage", FaultCode.UNKNOWN_CODE},
            {new KeepingQuestion(ROTI, null, -1.0), "hours", FaultCode.TOO_SMALL},
            {new KeepingQuestion(ROTI, null, 721.0), "hours", FaultCode.TOO_LARGE},
            {new KeepingQuestion(ROTI.withSheet(0.4), null, null), "sheetMm", FaultCode.TOO_SMALL},
            {new KeepingQuestion(Doughs.spec("roti", line("wheat-atta", 0)), null, null), "lines", FaultCode.MISSING},
        };
    }

    @Test(dataProvider = "refusedKeeping")
    public void keepingThatCannotBeIsRefusedByName(KeepingQuestion asked, String field, FaultCode code) {
        RefusedException refused = expectThrows(RefusedException.class, () -> Keeping.of(asked, Doughs.BOOK));
        assertNotNull(refused.faults());
        assertEquals(refused.faults().get(0).field(), field);
        assertEquals(refused.faults().get(0).code(), code);
    }
}
