package verdamen.core.notebook;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.BOOK;
import static verdamen.core.Doughs.line;
import static verdamen.core.Doughs.read;
import static verdamen.core.Doughs.roti;
import static verdamen.core.Doughs.spec;

import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import verdamen.core.bench.BatchRecord;
import verdamen.core.evaluation.FormulaFigure;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.notebook.Comparison.Against;
import verdamen.core.notebook.Comparison.CameOf;
import verdamen.core.notebook.Comparison.Item;

/** Batches and versions side by side. */
public class ComparisonTest {

    private static Item item(FormulaSpec spec, NotedBatch batch, String verdict, Map<FormulaFigure, Double> settings) {
        BatchRecord record = batch.record();
        return new Item(read(spec), settings::get, Outcome.of(record, BOOK), verdict);
    }

    private static Item plain(FormulaSpec spec) {
        return item(spec, NotedBatch.of(spec), null, Map.of());
    }

    @Test
    public void whatDiffersMostComesFirst() {
        FormulaSpec mixed =
                spec("roti", line("wheat-atta", 320), line("rye-whole", 80), line("water", 270), line("salt-fine", 7));
        Comparison comparison = Comparison.of(List.of(plain(roti(262)), plain(mixed)));
        assertEquals(
                comparison.lines().stream()
                        .map(Comparison.ComparedLine::ingredient)
                        .toList(),
                List.of("wheat-atta", "rye-whole", "water", "salt-fine"));
        assertEquals(comparison.lines().get(1).grams(), List.of(0.0, 80.0));
        assertEquals(comparison.lines().get(1).pct(), List.of(0.0, 20.0));
        assertFalse(comparison.lines().get(3).differs(), "salt is the same");
        Against against = comparison.against().get(0);
        assertEquals(against.lines().size(), 3);
        assertEquals(against.others(), 0);
        assertEquals(against.lines().get(2).fromPct(), 65.5, 1e-9);
        assertEquals(against.lines().get(2).toPct(), 67.5, 1e-9);
    }

    @Test
    public void twiceAsMuchOfAllIsTheSameFormula() {
        FormulaSpec twice = spec("roti", line("wheat-atta", 800), line("water", 524), line("salt-fine", 14));
        Comparison comparison = Comparison.of(List.of(plain(roti(262)), plain(twice)));
        assertTrue(comparison.lines().stream().noneMatch(Comparison.ComparedLine::differs));
        assertTrue(comparison.against().get(0).lines().isEmpty());
    }

    @Test
    public void onlySoManyChangesAreTold() {
        FormulaSpec much = spec(
                "roti",
                line("wheat-atta", 400),
                line("water", 280),
                line("salt-fine", 9),
                line("ghee", 20),
                line("onion-raw", 40));
        Against against =
                Comparison.of(List.of(plain(roti(262)), plain(much))).against().get(0);
        assertEquals(against.lines().size(), 3);
        assertEquals(against.others(), 1);
        assertEquals(against.lines().get(0).ingredient(), "onion-raw");
    }

    /** What was seen of both goes before what is predicted, and small differences are not told. */
    @Test
    public void itSaysWhatCameOfIt() {
        Item sticky = item(
                roti(280),
                NotedBatch.of(roti(280))
                        .felt("very-soft", 40)
                        .rolled(1, "stuck", 50)
                        .rolled(2, "fine", 51),
                "middling",
                Map.of(FormulaFigure.REST, 30.0, FormulaFigure.SHEET, 2.0));
        Item fine = item(
                roti(262),
                NotedBatch.of(roti(262)).felt("soft", 41).rolled(1, "fine", 52).rolled(2, "fine", 53),
                "well",
                Map.of(FormulaFigure.REST, 45.0, FormulaFigure.SHEET, 2.0));
        Comparison comparison = Comparison.of(List.of(sticky, fine));
        Against against = comparison.against().get(0);
        assertEquals(against.fromVerdict(), "middling");
        assertEquals(against.toVerdict(), "well");
        assertEquals(
                against.settings().stream()
                        .map(Comparison.ChangedSetting::figure)
                        .toList(),
                List.of(FormulaFigure.REST));
        CameOf stick = against.cameOf().stream()
                .filter(each -> each.figure() == OutcomeFigure.STICK)
                .findFirst()
                .orElseThrow();
        assertEquals(stick, new CameOf(OutcomeFigure.STICK, 50, 0, true));
        assertTrue(
                against.cameOf().stream().noneMatch(each -> each.figure() == OutcomeFigure.READY),
                "two minutes are not worth telling");
        assertEquals(comparison.settings().get(0).figure(), FormulaFigure.REST, "what differs stands first");
    }

    @Test
    public void eachIsMeasuredByTheFirst() {
        Comparison comparison = Comparison.of(List.of(plain(roti(262)), plain(roti(262)), plain(roti(270))));
        assertTrue(comparison.against().get(0).lines().isEmpty());
        assertEquals(comparison.against().get(1).item(), 2);
        assertEquals(comparison.against().get(1).lines().size(), 1);
    }
}
