package verdamen.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.bench.Tasting.When;
import verdamen.core.cooking.BreadRecord;
import verdamen.core.formula.FormulaSpec;

/** Tasting a batch, and what its pieces teach. */
public class TastingTest {

    private static final OffsetDateTime COOKED = OffsetDateTime.parse("2026-03-04T12:00:00Z");
    private static final FormulaSpec ROTI =
            Doughs.spec("roti", line("wheat-atta", 400), line("water", 262), line("salt-fine", 7));

    private int keys;

    private BenchEntry entry(EntryKind kind, double minute) {
        keys++;
        return BenchEntry.of("k" + keys, kind, COOKED.plusSeconds(Math.round(minute * 60)));
    }

    private List<BenchEntry> piece(double sideOneS, double sideTwoS) {
        return new ArrayList<>(List.of(
                entry(EntryKind.ON_PAN, -(sideOneS + sideTwoS) / 60).withPiece(1),
                entry(EntryKind.TURNED, -sideTwoS / 60).withPiece(1),
                entry(EntryKind.OFF_PAN, 0).withPiece(1)));
    }

    @DataProvider
    Object[][] hours() {
        return new Object[][] {
            {0.0, List.of(true, false, false)},
            {0.9, List.of(true, false, false)},
            {1.0, List.of(false, true, false)},
            {17.9, List.of(false, true, false)},
            {18.0, List.of(false, false, true)},
            {48.0, List.of(false, false, false)}
        };
    }

    @Test(dataProvider = "hours")
    public void breadIsTastedNowAnHourLaterAndTheNextDay(double hours, List<Boolean> due) {
        List<Tasting> tastings = Tasting.of(piece(40, 30), COOKED.plusSeconds(Math.round(hours * 3600)));
        assertEquals(tastings.stream().map(Tasting::due).toList(), due);
    }

    @Test
    public void nothingIsTastedBeforeItIsCooked() {
        assertEquals(Tasting.of(List.of(entry(EntryKind.WETTED, -60)), COOKED), List.of());
        List<Tasting> finished = Tasting.of(List.of(entry(EntryKind.FINISHED, 0)), COOKED);
        assertEquals(finished.get(0).when(), When.NOW);
    }

    @Test
    public void aTimedPieceTeachesItsSecondsAgainstTheTypicalOnes() {
        MadeFormula made = MadeFormula.of(ROTI, Doughs.BOOK);
        double one = made.cooking().sideOneS();
        double two = made.cooking().sideTwoS();
        Map<String, BreadRecord> taught = TaughtBread.of(ROTI, Doughs.BOOK, piece(one * 1.2, two * 1.2));
        assertEquals(taught.size(), 1);
        assertEquals(taught.values().iterator().next().timeFactor(), 1.2, 0.03);
    }

    @Test
    public void aFoldTestAndAWeighedPieceTeachAndWhatCannotBeDoesNot() {
        List<BenchEntry> entries = piece(40, 0);
        entries.add(entry(EntryKind.TASTE, 120)
                .withStep("hour")
                .withFigure("fold", null)
                .withOutcome("breaks"));
        double target = MadeFormula.of(ROTI, Doughs.BOOK).portion().size().grams();
        entries.add(entry(EntryKind.READING, 5).withFigure("cooked-grams", target * 0.86));
        entries.add(entry(EntryKind.READING, 6).withFigure("cooked-grams", target * 1.4));
        Map<String, BreadRecord> taught = TaughtBread.of(ROTI, Doughs.BOOK, entries);
        assertEquals(taught.size(), 2, taught.toString());
        assertTrue(taught.values().stream().anyMatch(each -> each.fold() != null && each.marginPct() != null));
        assertTrue(taught.values().stream().anyMatch(each -> each.lossFactor() != null));
    }

    @Test
    public void whatWentInStandsBesideWhatWasPlanned() {
        MadeFormula made = MadeFormula.of(ROTI, Doughs.BOOK);
        BenchEntry pour = entry(EntryKind.POUR, -60).withFigure("water", 250.0).withOutcome("weighed");
        BowlSoFar bowl = BowlSoFar.of(ROTI, Doughs.BOOK, List.of(pour));
        MadeLine water = MadeLine.of(made, bowl, Doughs.BOOK).stream()
                .filter(line -> line.ingredient().equals("water"))
                .findFirst()
                .orElseThrow();
        assertEquals(water.plannedGrams(), 262.0, 1e-9);
        assertEquals(water.grams(), 250.0, 1e-9);
        assertEquals(water.pct(), 62.5, 1e-9);
        assertEquals(water.plannedPct(), 65.5, 1e-9);
    }
}
