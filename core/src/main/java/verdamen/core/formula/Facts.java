package verdamen.core.formula;

import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import verdamen.core.pantry.Nutrition;
import verdamen.core.pantry.Price;

/**
 * Cost, allergens and nutrition of a formula, all its parts together. Typical values; open lines do not count.
 *
 * @param grams mass of all lines, g
 * @param cost in the kitchen's currency, of the lines with a price; null when none has one
 * @param withoutPrice codes of the ingredients without a price
 * @param allergens allergens to declare, in alphabetical order
 * @param per100Grams what 100 g of all lines as mixed hold; null for an empty formula
 */
public record Facts(
        double grams,
        @Nullable Double cost,
        List<String> withoutPrice,
        List<String> allergens,
        @Nullable Nutrition per100Grams) {

    private static final double HUNDRED_GRAMS = 100;

    /**
     * The facts of a formula.
     *
     * @param prices by ingredient code; plain water needs none
     */
    public static Facts of(Formula formula, Map<String, Price> prices) {
        double grams = 0;
        double cost = 0;
        boolean priced = false;
        Nutrition holds = Nutrition.NONE;
        TreeSet<String> allergens = new TreeSet<>();
        TreeSet<String> withoutPrice = new TreeSet<>();
        for (Line line : formula.lines()) {
            grams += line.grams();
            holds = holds.plus(Nutrition.of(line.grams(), line.ingredient()));
            allergens.addAll(line.ingredient().allergens());
            Price price = prices.get(line.ingredient().code());
            if (price != null) {
                cost += price.of(line.grams(), line.ingredient());
                priced = true;
            } else if (!line.ingredient().isPlainWater()) {
                withoutPrice.add(line.ingredient().code());
            }
        }
        formula.openLines().stream()
                .map(OpenLine::ingredient)
                .filter(ingredient -> ingredient != null)
                .forEach(ingredient -> allergens.addAll(ingredient.allergens()));
        return new Facts(
                grams,
                priced ? Double.valueOf(cost) : null,
                List.copyOf(withoutPrice),
                List.copyOf(allergens),
                grams > 0 ? holds.times(HUNDRED_GRAMS / grams) : null);
    }
}
