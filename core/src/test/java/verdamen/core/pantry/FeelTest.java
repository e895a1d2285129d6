package verdamen.core.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The words for how a dough feels. */
public class FeelTest {

    private static final Pantry BOOK = ReferenceTables.load();

    /** Each row: the word, the least and the most softness it likely means. */
    @DataProvider
    Object[][] likely() {
        return new Object[][] {
            {"crumbly", 0.68, 0.80}, // open below: as far from 0.74 as its upper limit
            {"stiff", 0.80, 0.90},
            {"firm", 0.91, 0.97}, // 0.94 lies nearer to its upper limit
            {"soft", 0.97, 1.05},
            {"very-soft", 1.06, 1.14},
            {"slack", 1.15, 1.33},
            {"sticky", 1.35, 1.65}, // open above
        };
    }

    @Test(dataProvider = "likely")
    public void meansSoftnessesAroundItsMiddle(String code, double from, double to) {
        Feel feel = BOOK.feels().stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElseThrow();
        assertEquals(feel.likelyFrom(), from, 1e-9);
        assertEquals(feel.likelyTo(), to, 1e-9);
        for (Style style : BOOK.styles()) {
            assertEquals(BOOK.feel(style.feelScale() * feel.softnessMid(), style), feel, style.code());
            assertEquals(feel.scaledBy(style.feelScale()).softnessMid(), style.feelScale() * feel.softnessMid());
        }
    }

    @Test
    public void theWordsFollowEachOtherWithoutAGap() {
        List<Feel> feels = List.copyOf(BOOK.feels());
        assertEquals(feels.size(), likely().length);
        for (int at = 1; at < feels.size(); at++) {
            assertEquals(feels.get(at).softnessFrom(), feels.get(at - 1).softnessTo());
            assertTrue(feels.get(at).likelyFrom() >= feels.get(at - 1).likelyFrom());
        }
    }
}
