package verdamen.core.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The words for how a dough feels. */
public class FeelTest {

    private static final Pantry BOOK = ReferenceTables.load();

    @DataProvider
    Object[][] words() {
        return BOOK.feels().stream().map(feel -> new Object[] {feel}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "words")
    public void standsForItsMiddleInEveryStyle(Feel feel) {
        assertTrue(feel.softnessMid() > feel.softnessFrom() && feel.softnessMid() < feel.softnessTo());
        for (Style style : BOOK.styles()) {
            assertEquals(BOOK.feel(style.feelScale() * feel.softnessMid(), style), feel, style.code());
            assertEquals(feel.scaledBy(style.feelScale()).softnessMid(), style.feelScale() * feel.softnessMid());
        }
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
