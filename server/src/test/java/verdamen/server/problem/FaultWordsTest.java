package verdamen.server.problem;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;

/** Faults in plain words: what, the value, the rule, what to do. */
public class FaultWordsTest {

    @DataProvider
    Object[][] codes() {
        return Arrays.stream(FaultCode.values())
                .map(code -> new Object[] {code})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "codes")
    public void everyFaultIsASentenceWithoutCodeWords(FaultCode code) {
        String words = FaultWords.of(new Fault(1, "grams", code, "12.50000001", 10.0));
        assertTrue(words.endsWith("."), words);
        assertTrue(Character.isUpperCase(words.charAt(0)), words);
        assertFalse(words.contains("grams”") || words.contains("null"), words);
    }

    @Test(dataProvider = "codes")
    public void aFaultWithoutValueOrLimitIsStillASentence(FaultCode code) {
        String words = FaultWords.of(new Fault(null, "preps[0].steps[1].afterGrams", code, null, null));
        assertTrue(words.endsWith("."), words);
        assertFalse(words.contains("null") || words.contains("preps"), words);
    }

    /** Each row: place, code, value, limit, the words. */
    @DataProvider
    Object[][] words() {
        return new Object[][] {
            {"grams", FaultCode.MISSING, null, null, "The weight in grams is missing. Fill it in."},
            {"grams", FaultCode.TOO_SMALL, "-3.0", 0.0, "The weight in grams is -3; it must be at least 0."},
            {
                "method.standingMinutes",
                FaultCode.TOO_LARGE,
                "9000.0",
                4320.0,
                "How long the first stage stands in minutes is 9000; it must be at most 4320."
            },
            {
                "preps[2].steps[0].liquidGrams",
                FaultCode.NO_WATER_LEFT,
                "95.0",
                92.94736842,
                "The liquid in grams is 95, which would drive its water below zero; the limit is 92.947. Check the scale."
            },
            {
                "preps[0].steps[0].kind",
                FaultCode.NOT_FOR_THIS_STEP,
                "Butter, unsalted",
                null,
                "The step does not go with “Butter, unsalted”. Choose another one."
            },
            {
                "preps[0].steps[0].cooling.readC",
                FaultCode.IMPOSSIBLE_TEMPERATURES,
                "85.0",
                80.0,
                "The temperature read in °C is 85, which does not go with the other temperatures (80). Something hot cools"
                        + " towards the room."
            },
            {"moss", FaultCode.UNKNOWN_CODE, "x", null, "“moss” “x” is not known. Choose one from the list."},
        };
    }

    @Test(dataProvider = "words")
    public void saysWhatValueAndRule(String place, FaultCode code, String value, Double limit, String words) {
        assertEquals(FaultWords.of(new Fault(null, place, code, value, limit)), words);
    }
}
