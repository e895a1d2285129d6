package verdamen.core.formula;

import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import verdamen.core.pantry.Ingredient;
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
            holds = holds.plus(Nutrition.of(asWetAsTheBook(line), line.ingredient()));
            allergens.addAll(line.ingredient().allergens());
            Bought bought = bought(formula, line);
            Price price = prices.get(bought.ingredient().code());
            if (price != null) {
                cost += price.of(bought.grams(), bought.ingredient());
                priced = true;
            } else if (bought.grams() > 0 && !bought.ingredient().isPlainWater()) {
                withoutPrice.add(bought.ingredient().code());
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

    /** What is paid for. */
    private record Bought(Ingredient ingredient, double grams) {}

    /** What was bought for a line: of a prepared one the whole vegetable, and nothing for its own liquid. */
    private static Bought bought(Formula formula, Line line) {
        if (line.source() == LineSource.PREPARED && line.ingredient().isPressedLiquid()) {
            return new Bought(line.ingredient(), 0);
        }
        return formula.preps().stream()
                .filter(chain ->
                        chain.key().equals(line.prep()) && chain.result().baseGrams() > 0)
                .findFirst()
                .map(chain -> new Bought(
                        chain.bought(),
                        chain.boughtGrams() * line.grams() / chain.result().baseGrams()))
                .orElseGet(() -> new Bought(line.ingredient(), line.grams()));
    }

    /** Grams of the book's ingredient that hold the dry matter of a line whose water was measured or changed. */
    private static double asWetAsTheBook(Line line) {
        double book = 1 - line.ingredient().composition().waterPct() / HUNDRED_GRAMS;
        return line.measured().waterPct() == null || book <= 0
                ? line.grams()
                : line.grams() * (1 - line.waterShare()) / book;
    }
}
