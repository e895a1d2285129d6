package verdamen.core.intake;

import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.testng.Reporter;
import org.testng.annotations.Test;
import verdamen.core.formula.Part;
import verdamen.core.pantry.CupFilling;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** How much of a corpus of ingredient lines is understood, and that no text whatever makes the reader fail. */
public class CorpusTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final IngredientIndex INDEX = IngredientIndex.of(BOOK, Synonyms.ofBook(), Map.of());
    private static final KitchenMeasures MEASURES =
            new KitchenMeasures(BOOK, List.of(), Map.of(), List.of(), CupFilling.SPOONED);
    private static final double WANTED = 0.97;
    private static final int LEAST_LINES = 420;
    private static final int MUTATIONS = 4_000;
    private static final String SIGNS = "0123456789½¼,./-–()[]+&%°\"';:x \t~=éßＡ٣\u0000\uD83C";

    @Test
    public void understandsNearlyAllOfTheCorpus() {
        List<Corpus> lines = Corpus.lines();
        List<String> wrong = new ArrayList<>();
        for (Corpus expected : lines) {
            String difference = difference(expected);
            if (difference != null) {
                wrong.add(expected.text() + ": " + difference);
            }
        }
        wrong.forEach(line -> Reporter.log("not understood as meant: " + line, true));
        double right = 1 - wrong.size() / (double) lines.size();
        assertTrue(lines.size() >= LEAST_LINES, "only " + lines.size() + " lines");
        assertTrue(right >= WANTED, String.format("%.1f %% of %d right; wrong: %s", 100 * right, lines.size(), wrong));
    }

    @Test
    public void neverFailsOnAnyText() {
        List<Corpus> lines = Corpus.lines();
        long seed = System.nanoTime();
        Random random = new Random(seed);
        for (int i = 0; i < MUTATIONS; i++) {
            String text = mutated(lines.get(random.nextInt(lines.size())).text(), lines, random);
            try {
                ParsedLine line = RecipeReader.readLine(text, Part.DOUGH, INDEX, MEASURES);
                assertTrue(line.grams() == null || Double.isFinite(line.grams()) && line.grams() >= 0, text);
                RecipeReader.read(text, null, INDEX, MEASURES);
            } catch (RuntimeException e) {
                throw new AssertionError("seed " + seed + " failed on “" + text + "”", e);
            }
        }
    }

    private static @Nullable String difference(Corpus expected) {
        List<ParsedLine> lines =
                RecipeReader.read(expected.text(), null, INDEX, MEASURES).lines();
        if (lines.size() != 1) {
            return "taken for " + lines.size() + " lines";
        }
        ParsedLine line = lines.get(0);
        if (!Objects.equals(line.ingredient(), expected.ingredient())) {
            return "ingredient " + line.ingredient();
        }
        if (!near(line.grams(), expected.grams())
                || !near(line.gramsLow(), expected.gramsLow())
                || !near(line.gramsHigh(), expected.gramsHigh())) {
            return "grams " + line.grams() + " (" + line.gramsLow() + " to " + line.gramsHigh() + ")";
        }
        if (!Objects.equals(line.form(), expected.form())) {
            return "form " + line.form();
        }
        if (!line.part().code().equals(expected.part())) {
            return "part " + line.part();
        }
        return line.status().code().equals(expected.status()) ? null : "status " + line.status() + line.findings();
    }

    private static boolean near(@Nullable Double one, @Nullable Double other) {
        return one == null || other == null ? one == other : Math.abs(one - other) <= 0.01 + 0.002 * other;
    }

    private static String mutated(String text, List<Corpus> lines, Random random) {
        StringBuilder changed = new StringBuilder(text);
        int changes = 1 + random.nextInt(6);
        for (int i = 0; i < changes && !changed.isEmpty(); i++) {
            int at = random.nextInt(changed.length());
            switch (random.nextInt(5)) {
                case 0 -> changed.deleteCharAt(at);
                case 1 -> changed.insert(at, SIGNS.charAt(random.nextInt(SIGNS.length())));
                case 2 -> changed.setCharAt(at, (char) random.nextInt(Character.MAX_VALUE));
                case 3 ->
                    changed.insert(at, lines.get(random.nextInt(lines.size())).text());
                default -> changed.delete(0, at);
            }
        }
        return changed.toString();
    }
}
