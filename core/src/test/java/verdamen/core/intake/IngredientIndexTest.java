package verdamen.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** Ingredients in words. */
public class IngredientIndexTest {

    private static final Pantry BOOK = ReferenceTables.load();
    private static final IngredientIndex INDEX = IngredientIndex.of(BOOK, Synonyms.ofBook(), Map.of());

    @DataProvider
    Object[][] names() {
        return new Object[][] {
            {"butter", "butter"},
            {"butter bean", "white-bean-cooked"},
            {"coconut milk", "coconut-milk"},
            {"milk powder", "milk-powder-skimmed"},
            {"sweet potato", "sweet-potato-raw"},
            {"potato starch", "potato-starch"},
            {"whole wheat pastry flour", "wheat-whole-soft-white"},
            {"flour strong white", "wheat-strong-white"},
            {"red lentil flour", "lentil-red-flour"},
            {"red lentil", "lentil-red-cooked"},
            {"coriander ground", "coriander-ground"},
            {"coriander", "coriander-leaf"},
            {"black pepper", "black-pepper-ground"},
            {"red pepper", "red-pepper-raw"},
            {"salt water", "salt-fine"},
            {"water salt", "water"},
        };
    }

    @Test(dataProvider = "names")
    public void theLongestNameCountsAndOfEqualsTheFirst(String words, String code) {
        assertEquals(found(words), code);
    }

    @Test
    public void whatIsNotThereIsNotFound() {
        assertTrue(INDEX.find(List.of("gravel")).isEmpty());
        assertTrue(INDEX.find(List.of()).isEmpty());
    }

    @DataProvider
    Object[][] misspelt() {
        return new Object[][] {
            {"buter", "butter"},
            {"spinich", "spinach"},
            {"fluor", "flour"},
            {"courgete", "courgette"},
            {"tumeric", "turmeric"},
            {"cauliflour", "cauliflower"},
            {"semolena", "semolina"},
            {"potatoe", "potato"},
        };
    }

    @Test(dataProvider = "misspelt")
    public void aSlipOfSpellingIsPutRight(String word, String right) {
        assertEquals(INDEX.nearest(word).orElse("nothing"), right);
    }

    @Test
    public void shortAndFarWordsAreLeftAlone() {
        assertFalse(INDEX.nearest("ric").isPresent());
        assertFalse(INDEX.nearest("mystery").isPresent());
        assertFalse(INDEX.nearest("wonderland").isPresent());
    }

    @Test
    public void findsWhatAMethodNamesOnceInItsOrder() {
        List<String> named =
                INDEX
                        .namedIn("Mix the whole emmer flour with salt. Add water, then the pumpkin and more salt.")
                        .stream()
                        .map(Ingredient::code)
                        .toList();
        assertEquals(named, List.of("emmer-whole", "salt-fine", "pumpkin-raw"));
        assertTrue(
                INDEX.namedIn("Rest the dough, oil the pan, flour the bench.").isEmpty());
        assertTrue(INDEX.namedIn("").isEmpty());
    }

    @DataProvider
    Object[][] plurals() {
        return new Object[][] {
            {"potatoes", "potato"},
            {"cherries", "cherry"},
            {"leaves", "leaf"},
            {"radishes", "radish"},
            {"chillies", "chilli"},
            {"molasses", "molasses"},
            {"peas", "pea"},
            {"glass", "glass"},
            {"asparagus", "asparagus"},
        };
    }

    @Test(dataProvider = "plurals")
    public void pluralsAreTakenOff(String plural, String singular) {
        assertEquals(Singular.of(plural), singular);
        assertEquals(Singular.of(singular), singular, "a singular stays");
    }

    private static String found(String words) {
        return INDEX.find(Arrays.asList(words.split(" ")))
                .map(found -> found.ingredient().code())
                .orElse("nothing");
    }
}
