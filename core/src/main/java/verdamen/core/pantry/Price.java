package verdamen.core.pantry;

import verdamen.core.model.Coded;

/**
 * What an ingredient costs.
 *
 * @param amount in the kitchen's currency, at least 0
 * @param per what it buys
 */
public record Price(double amount, Per per) {

    /** What a price buys. */
    public enum Per implements Coded {
        KILOGRAM("kg"),
        LITRE("l");

        private final String code;

        Per(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    private static final double GRAMS_PER_KILOGRAM = 1000;

    /** Cost of some grams of an ingredient, in the kitchen's currency. */
    public double of(double grams, Ingredient ingredient) {
        double kilograms = grams / GRAMS_PER_KILOGRAM;
        return amount * (per == Per.KILOGRAM ? kilograms : kilograms / ingredient.bulkDensityGPerMl());
    }
}
