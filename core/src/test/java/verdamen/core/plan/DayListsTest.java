package verdamen.core.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static verdamen.core.Doughs.line;

import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.bench.MadeFormula;
import verdamen.core.bench.WeighedBowl;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineOrigin;
import verdamen.core.formula.Portioning;
import verdamen.core.formula.Portioning.SplitSpec;
import verdamen.core.pantry.Stock;
import verdamen.core.pantry.Storage;
import verdamen.core.plan.DayLists.DayNeed;
import verdamen.core.plan.DayLists.KeptPieces;
import verdamen.core.plan.DayLists.MadeServing;
import verdamen.core.plan.PlanSpec.ServingSpec;

/** What is taken, bought, weighed and kept on a day. */
public class DayListsTest {

    private static final FormulaSpec ROTI = Doughs.spec(
            "roti",
            line("wheat-atta", 300).withOrigin(new LineOrigin(null, null, null, 12L, null)),
            line("water", 190),
            line("salt-fine", 5));
    private static final FormulaSpec TORTILLA =
            Doughs.spec("tortilla", line("wheat-atta", 200), line("water", 100), line("neutral-oil", 30));

    private static FormulaSpec wanted(FormulaSpec spec, Integer pieces, List<SplitSpec> splits) {
        return WantedFormula.of(spec, new ServingSpec(1L, 1, pieces, 720, null, null, splits), null, Doughs.BOOK);
    }

    private static MadeServing serving(String key, FormulaSpec spec, int cooked) {
        return new MadeServing(key, MadeFormula.of(spec, Doughs.BOOK), cooked);
    }

    private static DayLists lists(Map<String, Stock> stock) {
        return DayLists.of(List.of(serving("s1", ROTI, 700), serving("s2", TORTILLA, 730)), stock);
    }

    private static DayNeed need(DayLists lists, String ingredient) {
        return lists.needs().stream()
                .filter(each -> each.needed().ingredient().equals(ingredient))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void whatIsNeededIsSetAgainstWhatThereIs() {
        DayLists lists = lists(Map.of(
                "wheat-atta", new Stock(420.0, "bin 2", "the mill"),
                "salt-fine", new Stock(80.0, null, null),
                "neutral-oil", new Stock(null, "dry shelf", null)));
        DayNeed atta = need(lists, "wheat-atta");
        assertEquals(atta.needed().grams(), 500.0);
        assertEquals(atta.needed().of(), List.of(300.0, 200.0));
        assertEquals(atta.shortGrams(), 80.0);
        assertEquals(atta.stock().shelf(), "bin 2");
        assertEquals(atta.lots(), List.of(12L));
        assertEquals(need(lists, "salt-fine").shortGrams(), 0.0);
        assertNull(need(lists, "neutral-oil").shortGrams(), "nobody has counted");
        assertEquals(need(lists, "neutral-oil").lots(), List.of());
        assertEquals(need(lists, "water").shortGrams(), 0.0, "it comes from the tap");
        assertEquals(
                need(lists(Map.of("water", new Stock(100.0, null, null))), "water")
                        .shortGrams(),
                190.0);
        List<Double> grams =
                lists.needs().stream().map(each -> each.needed().grams()).toList();
        assertEquals(grams, List.of(500.0, 290.0, 30.0, 5.0), "the most first");
    }

    @Test
    public void bowlsAreThoseOfTheRunSheetWithTheirLots() {
        DayLists lists = lists(Map.of());
        assertEquals(lists.bowls().stream().map(DayLists.ServingBowls::serving).toList(), List.of("s1", "s2"));
        DayLists.LotBowl dry = lists.bowls().get(0).bowls().get(0);
        assertEquals(dry.kind(), WeighedBowl.Kind.DRY);
        assertEquals(dry.grams(), 305.0);
        assertEquals(dry.weighed().get(0).lot(), Long.valueOf(12));
        assertNull(dry.weighed().get(1).lot());
        assertEquals(lists.bowls().get(1).bowls().size(), 3, "dry, fat, wet");
    }

    @Test
    public void breadIsUsedByItsWayOfKeepingFromWhenItIsCooked() {
        KeptPieces all = lists(Map.of()).kept().get(0);
        assertEquals(all.kept().storage(), Storage.usual());
        assertEquals(
                all.kept().pieces(),
                MadeFormula.of(ROTI, Doughs.BOOK).cooking().pieces().intValue());
        assertEquals(all.useBy(), 700 + (int) (60 * Storage.usual().useWithinHours()));
        FormulaSpec split = wanted(ROTI, 12, List.of(new SplitSpec("freezer-bag", 5), new SplitSpec("fridge-bag", 3)));
        List<KeptPieces> kept =
                DayLists.of(List.of(serving("s1", split, 700)), Map.of()).kept();
        assertEquals(
                kept.stream().map(each -> each.kept().storage().code()).toList(),
                List.of("cloth", "freezer-bag", "fridge-bag"));
        assertEquals(kept.stream().map(each -> each.kept().pieces()).toList(), List.of(4, 5, 3));
        assertTrue(kept.get(1).useBy() > kept.get(2).useBy()
                && kept.get(2).useBy() > kept.get(0).useBy());
    }

    @Test
    public void aServingTakesAsideWhatItSaysElseWhatTheFormulaDoes() {
        FormulaSpec own = ROTI.withPortion(Portioning.NONE.withSplits(List.of(new SplitSpec("bag", 2))));
        assertEquals(wanted(own, null, null).portion(), own.portion());
        List<SplitSpec> others = List.of(new SplitSpec("freezer-bag", 4));
        assertEquals(wanted(own, null, others).portion(), own.portion().withSplits(others));
        assertEquals(wanted(ROTI, null, others).portion().splits(), others);
    }

    @Test
    public void aWarmKitchenIsThatOfTheDay() {
        FormulaSpec warm =
                WantedFormula.of(ROTI, new ServingSpec(1L, 1, null, 720, null, null, null), 31.0, Doughs.BOOK);
        assertEquals(warm.method().temperaturesOrNone().kitchenC(), 31.0);
        assertEquals(warm.method().temperaturesOrNone().flourC(), 31.0);
        assertEquals(wanted(ROTI, null, null), ROTI);
    }
}
