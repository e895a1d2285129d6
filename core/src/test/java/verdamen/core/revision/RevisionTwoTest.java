package verdamen.core.revision;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.core.Doughs;
import verdamen.core.RandomFormulas;
import verdamen.core.WorkedCases;
import verdamen.core.WorkedCases.WorkedCase;
import verdamen.core.balance.Standing;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.Pantry;

/** What revision 2 said is what its own worked cases say, and what this revision says stands beside it. */
public class RevisionTwoTest {

    /** The cases are rounded to 4 decimals. */
    private static final double ROUNDING = 0.0001;

    private static final RevisionTwo OF_THE_BOOK = new RevisionTwo(Doughs.BOOK);

    @DataProvider
    Object[][] cases() {
        return WorkedCases.ofRevisionTwo().stream()
                .map(worked -> new Object[] {worked})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "cases")
    public void saysTheWaterOfItsWorkedCases(WorkedCase worked) {
        Said said = OF_THE_BOOK.said(worked.request());
        JsonNode water = worked.expected().get("water");
        assertEquals(said.revision(), 2);
        assertEquals(said.needed(), water.get("needed").asDouble(), ROUNDING);
        assertEquals(said.low(), water.get("low").asDouble(), ROUNDING);
        assertEquals(said.high(), water.get("high").asDouble(), ROUNDING);
        assertEquals(said.softness(), worked.expected().get("softnessAtRoll").asDouble(), ROUNDING);
    }

    private static FormulaSpec mashed() {
        return Doughs.spec(
                "potato-flatbread",
                LineSpec.of("wheat-plain-white", 200),
                LineSpec.of("potato-boiled", 400).withForm("mash"),
                LineSpec.of("salt-fine", 6));
    }

    @Test
    public void aMashThatNeededWaterThenNeedsLessNow() {
        Said then = OF_THE_BOOK.said(mashed());
        Said now = Said.of(Doughs.read(mashed()));
        assertEquals(now.revision(), 3);
        assertTrue(then.needed() > now.needed() + 15, then + " and now " + now);
        assertTrue(then.differsFrom(now));
        assertTrue(now.differsFrom(then));
    }

    @Test
    public void aPlainDoughIsWhatItWas() {
        Said then = OF_THE_BOOK.said(Doughs.roti(200));
        Said now = Said.of(Doughs.read(Doughs.roti(200)));
        assertEquals(then.needed(), now.needed(), 1e-9);
        assertEquals(then.feel(), now.feel());
        assertFalse(then.differsFrom(now));
        assertTrue(then.high() - then.low() <= now.high() - now.low() + 1e-9, "no range is told narrower now");
    }

    @Test
    public void aFigureOfTheKitchensOwnWasItsOwnThenToo() {
        FormulaSpec spelt = Doughs.spec("roti", LineSpec.of("spelt-whole", 400), LineSpec.of("water", 200));
        Ingredient own = OwnValue.over(
                Doughs.BOOK.ingredient("spelt-whole").orElseThrow(), Map.of(OwnValue.Field.ABSORPTION_PCT, 66.0));
        Pantry kitchen = Doughs.BOOK.withIngredients(Doughs.BOOK.ingredients().stream()
                .map(each -> each.code().equals(own.code()) ? own : each)
                .toList());
        double books = OF_THE_BOOK.said(spelt).needed();
        assertTrue(new RevisionTwo(kitchen).said(spelt).needed() > books);
        assertTrue(
                OF_THE_BOOK.said(spelt).needed() > Said.of(Doughs.read(spelt)).needed(), "62 % then, 60 % now");
    }

    @Test
    public void itsWordsWentByTheFeelScale() {
        FormulaSpec pressed =
                Doughs.spec("semolina-pressed", LineSpec.of("semolina-fine-durum", 300), LineSpec.of("water", 400));
        Said then = OF_THE_BOOK.said(pressed);
        double felt = then.softness()
                / Doughs.BOOK.style("semolina-pressed").orElseThrow().feelScale();
        List<String> words = Doughs.BOOK.feels().stream()
                .filter(word -> felt >= word.softnessFrom() && felt < word.softnessTo())
                .map(word -> word.code())
                .toList();
        assertEquals(List.of(then.feel()), words);
    }

    @DataProvider
    Object[][] formulas() {
        return RandomFormulas.rows(100);
    }

    @Test(dataProvider = "formulas")
    public void theVerdictIsThatOfItsOwnWindow(FormulaSpec spec) {
        Said then = OF_THE_BOOK.said(spec);
        assertFalse(then.differsFrom(then));
        assertTrue(then.low() <= then.needed() && then.needed() <= then.high());
        assertEquals(then.softness() == null, then.feel() == null);
        if (then.softness() == null) {
            assertEquals(then.standing(), Standing.NEEDS_WATER);
        }
    }
}
