package verdamen.core.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.core.WorkedCases;

/** The words for how a dough feels. */
public class FeelTest {

    /** The cases are rounded to 4 decimals. */
    private static final double ROUNDING = 0.00006;

    private static final Pantry BOOK = ReferenceTables.load();

    @DataProvider
    Object[][] words() {
        return BOOK.feels().stream().map(feel -> new Object[] {feel}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "words")
    public void standsForItsMiddleInEveryStyle(Feel feel) {
        assertTrue(feel.softnessMid() > feel.softnessFrom() && feel.softnessMid() < feel.softnessTo());
        for (Style style : BOOK.styles()) {
            double softness = style.softnessFelt(feel.softnessMid());
            assertEquals(BOOK.feel(softness, style).code(), feel.code(), style.code());
            assertEquals(style.feltSoftness(softness), feel.softnessMid(), 1e-12, style.code());
        }
    }

    @DataProvider
    Object[][] softnesses() {
        return WorkedCases.feel("words");
    }

    @Test(dataProvider = "softnesses")
    public void aSoftnessHasTheWordAndTouchTestOfItsWorkedCase(JsonNode worked) {
        Style style = style(worked);
        double softness = worked.get("softness").asDouble();
        Feel feel = BOOK.feel(softness, style);
        assertEquals(style.feltSoftness(softness), worked.get("scaled").asDouble(), ROUNDING);
        assertEquals(feel.code(), worked.get("word").asString());
        assertEquals(feel.touchTest(), worked.get("touch").asString());
    }

    @DataProvider
    Object[][] observed() {
        return WorkedCases.feel("observed");
    }

    @Test(dataProvider = "observed")
    public void aWordThatIsFeltStandsForTheSoftnessOfItsWorkedCase(JsonNode worked) {
        Feel felt = BOOK.feels(style(worked)).stream()
                .filter(feel -> feel.code().equals(worked.get("word").asString()))
                .findFirst()
                .orElseThrow();
        assertEquals(felt.softnessMid(), worked.get("softness").asDouble(), ROUNDING);
    }

    private static Style style(JsonNode worked) {
        return BOOK.style(worked.get("style").asString()).orElseThrow();
    }

    @Test
    public void theWordsFollowEachOtherWithoutAGap() {
        List<Feel> feels = List.copyOf(BOOK.feels());
        assertEquals(feels.size(), 7);
        for (int at = 1; at < feels.size(); at++) {
            assertEquals(feels.get(at).softnessFrom(), feels.get(at - 1).softnessTo());
        }
    }
}
