package verdamen.server.pantry;

import java.util.List;
import java.util.Map;
import java.util.Set;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Price;

/**
 * A kitchen's pantry as read, with what it was made from. It never changes; another one takes its place.
 *
 * @param revision how many changes of the kitchen's pantry it has seen
 * @param pantry the pantry with own figures over the book's
 * @param book each ingredient as the book, or the kitchen for its own ones, has it
 * @param ownValues own figures by ingredient
 * @param prices prices by ingredient
 * @param ownCodes codes of the kitchen's own ingredients
 * @param names the names that the kitchen has taught
 */
public record KitchenPantry(
        long revision,
        Pantry pantry,
        Map<String, Ingredient> book,
        Map<String, List<OwnValue>> ownValues,
        Map<String, Price> prices,
        Set<String> ownCodes,
        List<TaughtName> names) {}
