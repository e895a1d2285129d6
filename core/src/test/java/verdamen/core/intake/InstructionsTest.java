package verdamen.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a method in words says of the settings. */
public class InstructionsTest {

    /** Each row: a method; the settings it speaks of, as code and value. */
    @DataProvider
    Object[][] methods() {
        return new Object[][] {
            {"Knead for ten minutes. Rest for 30 minutes under a cloth.", "knead 10, rest 30"},
            {"Knead 8 min, cover and rest half an hour, then divide into 12 balls.", "knead 8, rest 30, pieces 12"},
            {"Combine. Knead in the mixer for 5-7 minutes.", "knead-by-machine 6"},
            {"Mix by machine for six minutes", "knead-by-machine 6"},
            {"Let it rest for 20 to 30 minutes", "rest 25"},
            {"Leave to stand for 1 hour 15 minutes", "rest 75"},
            {"Leave it for 1½ hours; roll out.", "rest 90"},
            {"Rest an hour", "rest 60"},
            {"Cover and leave in the fridge overnight.", "chill 720"},
            {"Refrigerate for 2 hours", "chill 120"},
            {"Leave overnight in the fridge, then 1 hour in the kitchen.", "chill 720, rest 60"},
            {"Chill for 2 hours, then half an hour at room temperature", "chill 120, rest 30"},
            {"Rest 20 minutes, then 10 minutes more", "rest 20, rest 10"},
            {"Cook 2 minutes, then 1 minute more", ""},
            {"Leave overnight.", "rest 720"},
            {"Let it rise in a warm place for 45 minutes", "warm 45"},
            {"Let it double in size.", "rise 0"},
            {"Let it double in a warm place.", "rise-warm 0"},
            {"Leave until doubled, about 1 hour", "rest 60"},
            {
                "Knead 5 minutes. Rest 10 minutes. Knead again for 2 minutes. Rest 20 minutes.",
                "knead 5, rest 10, knead-again 2, rest 20"
            },
            {"Mix and rest 20 minutes. Knead for 6 minutes. Rest 15 minutes.", "knead 6, rest 15"},
            {"Boil the potatoes for 20 minutes. Let the mash cool for an hour.", ""},
            {"Soak the lentils overnight.", ""},
            {"Roll out and cook 2 minutes a side. Rest 5 minutes in a towel.", "side 120"},
            {"Cook for 40 seconds on each side", "side 40"},
            {"Bake at 230 °C for 6 minutes", "pan 230"},
            {"Heat a pan to 450F", "pan 232"},
            {"Divide into 8 equal pieces of 60 g each", "pieces 8, piece-grams 60"},
            {"Shape 65 g balls and roll them", "piece-grams 65"},
            {"Makes 10 rotis", "pieces 10"},
            {"Roll to 2 mm thick, 20 cm across", "sheet 2, diameter 200"},
            {"Roll out to 1/8 inch thick", "sheet 3.175"},
            {"Roll into 18-20 cm circles", "diameter 190"},
            {"Press to 15 cm rounds", "diameter 150"},
            {"Cut into 2 cm pieces", ""},
            {"Pour the boiling water on the flour", "water 95"},
            {"Add the warm water and knead for 5 minutes", "water 45, knead 5"},
            {"Stir in water at 35 °C", "water 35"},
            {"Cook the chickpeas in boiling water", ""},
            {"Knead for 600 minutes", "knead 600"},
            {"Knead for 600 minutes. Knead for 6 minutes", "knead 600, knead-again 6"},
            {"Rest well, roll thin, cook hot.", ""},
            {"", ""},
        };
    }

    @Test(dataProvider = "methods")
    public void itsSettingsAreRead(String method, String expected) {
        String read = Instructions.of(method).stream()
                .map(each -> each.kind().code() + " " + written(each.value()))
                .collect(Collectors.joining(", "));
        assertEquals(read, expected, method);
    }

    private static String written(double value) {
        double rounded = Math.round(value * 1000) / 1000.0;
        return rounded > 200 || rounded == Math.rint(rounded)
                ? String.valueOf(Math.round(rounded))
                : String.valueOf(rounded);
    }

    @Test
    public void eachComesWithItsWords() {
        List<Instruction> read = Instructions.of("Mix. Cover the bowl and rest for 30 minutes, then roll to 2 mm.");
        assertEquals(read.get(0).words(), "rest for 30 minutes");
        assertEquals(read.get(1).words(), "roll to 2 mm");
    }

    /** Guards against a pattern that tries every space from every place: that took twelve seconds, and takes none. */
    @Test(timeOut = 20_000)
    public void aMethodOfNothingButSpacesIsReadAtOnce() {
        String spaces = " ".repeat(10_000);
        assertEquals(
                Instructions.of("Rest" + spaces + "for 30" + spaces + "minutes").size(), 1);
        assertTrue(Instructions.of("Mix" + "\n".repeat(20_000) + "it").isEmpty());
    }

    @Test
    public void noTextMakesItFail() {
        long seed = Long.getLong("seed", System.nanoTime());
        Random random = new Random(seed);
        String[] words =
                "knead rest 30 minutes overnight 2 mm 1/0 , . and then each side a half cook balls 999999999 ° f\n"
                        .split(" ");
        for (int run = 0; run < 2000; run++) {
            String text = random.ints(random.nextInt(30), 0, words.length)
                    .mapToObj(word -> words[word])
                    .collect(Collectors.joining(" "));
            for (Instruction read : Instructions.of(text)) {
                boolean within = read.value() >= read.kind().limit().least()
                        && read.value() <= read.kind().limit().most();
                assertEquals(read.isPossible(), within, text + " (seed " + seed + ")");
            }
        }
    }
}
