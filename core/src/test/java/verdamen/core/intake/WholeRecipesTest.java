package verdamen.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.formula.Part;
import verdamen.core.pantry.CupFilling;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** Whole recipes as people write them: no sentence of the method among the lines, and nothing lost without a word. */
public class WholeRecipesTest {

    private static final Pattern HEAD = Pattern.compile("=== (\\S+) (\\d+) (\\S+)");
    private static final Pantry BOOK = ReferenceTables.load();
    private static final IngredientIndex INDEX = IngredientIndex.of(BOOK, Synonyms.ofBook(), Map.of());
    private static final KitchenMeasures MEASURES =
            new KitchenMeasures(BOOK, List.of(), Map.of(), List.of(), CupFilling.SPOONED);

    /** A recipe: its style, its text, how many lines of ingredients and how many pieces it has. */
    private record Whole(
            String style, String text, int lines, @Nullable Integer pieces) {
        @Override
        public String toString() {
            return text.lines().findFirst().orElse("");
        }
    }

    private static List<Whole> recipes() {
        try (InputStream in = WholeRecipesTest.class.getResourceAsStream("recipes.txt")) {
            String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            List<Whole> found = new ArrayList<>();
            for (String each : all.split("(?m)^(?==== )")) {
                var head = HEAD.matcher(each);
                if (head.find()) {
                    found.add(new Whole(
                            head.group(1),
                            each.substring(head.end()).strip(),
                            Integer.parseInt(head.group(2)),
                            head.group(3).equals("-") ? null : Integer.valueOf(head.group(3))));
                }
            }
            return found;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @DataProvider
    Object[][] wholes() {
        return recipes().stream().map(each -> new Object[] {each}).toArray(Object[][]::new);
    }

    @Test
    public void thereAreFortyInAllStyles() {
        assertTrue(recipes().size() >= 40, recipes().size() + " recipes");
        assertEquals(
                recipes().stream().map(Whole::style).distinct().count(),
                BOOK.styles().size());
    }

    /** Each row: a title; the style that it speaks of. */
    @DataProvider
    Object[][] titles() {
        return new Object[][] {
            {"Everyday roti", "roti"},
            {"Kale and lentil roti", "greens-roti"},
            {"Potato paratha", "stuffed-paratha"},
            {"Flaky rye paratha", "layered-paratha"},
            {"Nettle and rye wraps", "tortilla"},
            {"Half wholemeal pita", "pita"},
            {"Garlic naan with soda", "skillet-naan"},
            {"Potato flatbread", "potato-flatbread"},
            {"Olive oil flatbread", "oil-flatbread"},
            {"Seed crackers", "cracker"},
            {"Thursday's bread", null},
        };
    }

    @Test(dataProvider = "titles")
    public void theTitleSpeaksOfAStyle(String title, @Nullable String style) {
        SpokenStyle spoken = new ParsedRecipe(title, null, null, List.of(), null, "").style();
        assertEquals(spoken, style == null ? null : new SpokenStyle(style, SpokenStyle.By.TITLE));
    }

    @Test(dataProvider = "wholes")
    public void aRecipeIsReadWhole(Object recipe) {
        Whole whole = (Whole) recipe;
        ParsedRecipe read = RecipeReader.read(whole.text(), whole.style(), INDEX, MEASURES);
        List<String> words = read.lines().stream().map(ParsedLine::text).toList();
        assertEquals(read.lines().size(), whole.lines(), words.toString());
        assertEquals(read.pieces(), whole.pieces());
        assertTrue(
                read.style() == null || BOOK.style(read.style().code()).isPresent(),
                "a style of the book: " + read.style());
        for (ParsedLine line : read.lines()) {
            boolean sentence =
                    line.text().matches("(?s).*[a-z]\\. [A-Z].*") || line.text().endsWith(".");
            assertTrue(!sentence, "a sentence of the method: " + line.text());
        }
        for (String line : whole.text().split("\\R")) {
            String said = line.strip().replaceFirst("^[-*]\\s*", "");
            boolean kept = said.isEmpty()
                    || words.stream().anyMatch(word -> said.contains(word) || word.contains(said))
                    || read.method().contains(said)
                    || said.equals(read.title())
                    || isHeading(said, read);
            assertTrue(kept, "lost without a word: " + said);
        }
        assertTrue(
                read.lines().stream().anyMatch(line -> line.part() == Part.DOUGH && line.grams() != null),
                "something is weighed");
    }

    /** A heading, or what it makes: said by what follows. */
    private static boolean isHeading(String said, ParsedRecipe read) {
        boolean makes = read.pieces() != null && said.contains(String.valueOf(read.pieces()));
        return makes
                || said.matches("(?i)(ingredients|method|directions|steps|dough|filling|stuffing):?")
                || said.matches("(?i)for (the )?\\w+:?");
    }
}
