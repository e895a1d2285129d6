package verdamen.server.pantry;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.Composition;
import verdamen.core.pantry.FatState;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Material;
import verdamen.core.pantry.Measure;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;
import verdamen.core.pantry.Style;

/**
 * Everything a formula can be made from.
 *
 * @param typicalValues always true: these are the book's typical values, not this kitchen's measurements
 * @param ingredients the ingredients
 * @param styles the styles of flatbread
 * @param forms the forms of inclusions
 * @param feels the words for softness, from dry to wet
 * @param measures the kitchen measures
 */
record PantryDocument(
        boolean typicalValues,
        List<Item> ingredients,
        List<Style> styles,
        List<Form> forms,
        List<Feel> feels,
        List<Measure> measures) {

    /**
     * An ingredient as the screens need it.
     *
     * @param material what it is made of on the screen
     * @param plainWater whether it is the water that the balance answers
     */
    record Item(
            String code,
            String name,
            Role role,
            String group,
            Material material,
            boolean plainWater,
            Composition composition,
            @Nullable Behaviour behaviour,
            @Nullable FatState fatState,
            List<String> allergens,
            String notes) {

        static Item of(Ingredient ingredient) {
            return new Item(
                    ingredient.code(),
                    ingredient.name(),
                    ingredient.role(),
                    ingredient.group(),
                    ingredient.material(),
                    ingredient.isPlainWater(),
                    ingredient.composition(),
                    ingredient.behaviour(),
                    ingredient.fatState(),
                    ingredient.allergens(),
                    ingredient.notes());
        }
    }

    static PantryDocument of(Pantry pantry) {
        return new PantryDocument(
                true,
                pantry.ingredients().stream().map(Item::of).toList(),
                List.copyOf(pantry.styles()),
                List.copyOf(pantry.forms()),
                pantry.feels(),
                pantry.measures());
    }
}
