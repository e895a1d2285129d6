package verdamen.core.rework;

import java.util.Map;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Price;

/**
 * What a kitchen has to rework with.
 *
 * @param pantry its ingredients
 * @param prices what they cost, by ingredient code
 */
public record Stock(Pantry pantry, Map<String, Price> prices) {}
