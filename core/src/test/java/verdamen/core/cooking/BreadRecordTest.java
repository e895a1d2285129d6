package verdamen.core.cooking;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Confidence;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.OwnBread;
import verdamen.core.pantry.Pantry;

/** What the kitchen's own bread says against the typical values. */
public class BreadRecordTest {

    private static final FormulaSpec ROTI = Doughs.roti(262);
    private static final double EPSILON = 1e-9;

    private static Cooking cooking(Pantry pantry) {
        return Cooking.of(new CookQuestion(ROTI, null, null, null, null, null, null), pantry);
    }

    private static Keeping keeping(Pantry pantry) {
        return Keeping.of(new KeepingQuestion(ROTI, null, 4.0), pantry);
    }

    private static BreadRecord timed(double one, double two) {
        return BreadRecord.cooked(new CookedNote(ROTI, one, two, null, null), Doughs.BOOK);
    }

    private static BreadRecord weighed(double raw, double cooked) {
        return BreadRecord.cooked(new CookedNote(ROTI, null, null, raw, cooked), Doughs.BOOK);
    }

    private static BreadRecord folded(double hours, String fold) {
        return BreadRecord.folded(new FoldNote(ROTI, null, hours, fold), Doughs.BOOK);
    }

    private static Pantry taught(List<BreadRecord> records) {
        return Doughs.BOOK.withOwnBread(BreadRecord.learned(records));
    }

    @Test
    public void ownSecondsStandFromTheThirdTimedPieceOn() {
        Cooking before = cooking(Doughs.BOOK);
        double slower = 1.3;
        BreadRecord record = timed(slower * before.sideOneS(), slower * before.sideTwoS());
        assertEquals(Objects.requireNonNull(record.timeFactor()), slower, EPSILON);
        Cooking two = cooking(taught(Collections.nCopies(2, record)));
        assertEquals(two.sideOneS(), before.sideOneS(), EPSILON);
        assertEquals(two.own().timed(), 2);
        assertEquals(two.confidence(), Confidence.LOW);
        Cooking three = cooking(taught(Collections.nCopies(3, record)));
        assertEquals(three.sideOneS(), slower * before.sideOneS(), EPSILON);
        assertEquals(three.sideTwoRange().high(), 1.05 * slower * before.sideTwoS(), EPSILON);
        assertEquals(three.confidence(), Confidence.MEDIUM);
        FormulaSpec tortilla = Doughs.spec("tortilla", Doughs.line("wheat-atta", 300), Doughs.line("water", 170));
        CookQuestion other = new CookQuestion(tortilla, null, null, null, null, null, null);
        assertEquals(
                Cooking.of(other, taught(Collections.nCopies(3, record))).sideOneS(),
                Cooking.of(other, Doughs.BOOK).sideOneS(),
                EPSILON,
                "another style has learned nothing");
    }

    @Test
    public void whatWasTimedUnderWhatIsLearnedIsComparedWithTheTypicalValues() {
        Cooking before = cooking(Doughs.BOOK);
        Pantry pantry = taught(Collections.nCopies(3, timed(2 * before.sideOneS(), 2 * before.sideTwoS())));
        BreadRecord again = BreadRecord.cooked(
                new CookedNote(ROTI, 2 * before.sideOneS(), 2 * before.sideTwoS(), null, null), pantry);
        assertEquals(Objects.requireNonNull(again.timeFactor()), 2.0, EPSILON);
    }

    @Test
    public void timesThatDifferLeaveAWiderRange() {
        Cooking before = cooking(Doughs.BOOK);
        List<BreadRecord> records = new ArrayList<>();
        for (double factor : List.of(0.8, 1.0, 1.2)) {
            records.add(timed(factor * before.sideOneS(), factor * before.sideTwoS()));
        }
        assertEquals(cooking(taught(records)).sideOneRange().high(), (1 + 1.28 * 0.2) * before.sideOneS(), EPSILON);
    }

    @Test
    public void aWeighedLossStandsAtOnceAndDriesTheBread() {
        BreadRecord record = weighed(50, 42);
        Cooking after = cooking(taught(List.of(record)));
        assertEquals(after.cookLossPct(), 16.0, EPSILON);
        assertTrue(keeping(taught(List.of(record))).bakedMoisturePct()
                < keeping(Doughs.BOOK).bakedMoisturePct());
        assertEquals(cooking(taught(List.of(record, weighed(50, 44)))).cookLossPct(), 14.0, EPSILON);
    }

    /** σ² 4 before, 2.25 a test: the first crack moves the offset by 4/6.25 of the margin. */
    @Test
    public void aCrackMovesWhatFoldsTowardsItself() {
        Keeping before = keeping(Doughs.BOOK);
        double margin = before.at().moisturePct() - before.at().thresholdPct();
        BreadRecord cracks = folded(4, "cracks");
        assertEquals(Objects.requireNonNull(cracks.marginPct()), margin, EPSILON);
        Keeping after = keeping(taught(List.of(cracks)));
        assertEquals(after.ownOffsetPct(), 4 / 6.25 * margin, EPSILON);
        assertEquals(after.foldThresholdPct(), before.foldThresholdPct() + 4 / 6.25 * margin, EPSILON);
        assertEquals(after.foldTests(), 1);
        assertTrue(BreadRecord.learned(List.of(cracks)).foldOffsetSd() < OwnBread.NONE.foldOffsetSd());
    }

    @Test
    public void whatFoldsWhereItIsThoughtToFoldSaysNothingNew() {
        assertEquals(BreadRecord.learned(List.of(folded(0.5, "folds"))).foldOffsetPct(), 0.0);
        assertEquals(BreadRecord.learned(List.of(folded(40, "breaks"))).foldOffsetPct(), 0.0);
        double longer = BreadRecord.learned(List.of(folded(12, "folds"))).foldOffsetPct();
        double shorter = BreadRecord.learned(List.of(folded(1, "breaks"))).foldOffsetPct();
        assertTrue(longer < 0 && shorter > 0, longer + " " + shorter);
        assertTrue(keeping(Doughs.BOOK.withOwnBread(BreadRecord.learned(List.of(folded(12, "folds")))))
                        .softHours()
                > keeping(Doughs.BOOK).softHours());
    }

    @Test
    public void nothingLearnedIsNothingChanged() {
        OwnBread none = BreadRecord.learned(List.of());
        assertEquals(none.foldOffsetPct(), 0.0);
        assertTrue(none.styles().isEmpty());
        assertEquals(cooking(Doughs.BOOK.withOwnBread(none)), cooking(Doughs.BOOK));
        assertNull(timed(30, 45).lossFactor());
        assertFalse(cooking(Doughs.BOOK).own().timedEnough());
    }

    @DataProvider
    Object[][] refusedCooked() {
        return new Object[][] {
            {null, null, null, null, "sideOneS"},
            {30.0, null, null, null, "sideTwoS"},
            {0.0, 40.0, null, null, "sideOneS"},
            {null, null, 50.0, null, "cookedGrams"},
            {null, null, 50.0, 60.0, "cookedGrams"},
            {null, null, 50.0, 10.0, "cookedGrams"},
        };
    }

    @Test(dataProvider = "refusedCooked")
    public void whatCannotBeOfAPieceIsRefused(
            @Nullable Double one, @Nullable Double two, @Nullable Double raw, @Nullable Double cooked, String field) {
        RefusedException refused = expectThrows(
                RefusedException.class,
                () -> BreadRecord.cooked(new CookedNote(ROTI, one, two, raw, cooked), Doughs.BOOK));
        assertEquals(refused.faults().get(0).field(), field);
    }

    @DataProvider
    Object[][] refusedFolds() {
        return new Object[][] {
            {null, null, "folds", "hours"},
            {null, 4.0, null, "fold"},
            {null, 4.0, "purrs", "fold"},
            {"attic", 4.0, "folds", "storage"},
            {null, 800.0, "folds", "hours"},
        };
    }

    @Test(dataProvider = "refusedFolds")
    public void whatCannotBeOfAFoldTestIsRefused(
            @Nullable String storage, @Nullable Double hours, @Nullable String fold, String field) {
        RefusedException refused = expectThrows(
                RefusedException.class,
                () -> BreadRecord.folded(new FoldNote(ROTI, storage, hours, fold), Doughs.BOOK));
        assertEquals(refused.faults().get(0).field(), field);
    }
}
