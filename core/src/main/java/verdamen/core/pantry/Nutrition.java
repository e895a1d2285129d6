package verdamen.core.pantry;

import verdamen.core.model.Coefficient;

/**
 * What a food holds; typical values, no label.
 *
 * @param energyKcal energy, kcal
 * @param proteinGrams protein, g
 * @param fatGrams fat, g
 * @param carbohydrateGrams available carbohydrate, g, fibre left out
 * @param sugarsGrams sugars, g
 * @param fibreGrams fibre, g
 * @param saltGrams salt as 2.5 times the sodium, g
 */
public record Nutrition(
        double energyKcal,
        double proteinGrams,
        double fatGrams,
        double carbohydrateGrams,
        double sugarsGrams,
        double fibreGrams,
        double saltGrams) {

    /** Nothing. */
    public static final Nutrition NONE = new Nutrition(0, 0, 0, 0, 0, 0, 0);

    /** Energy of a gram of protein or available carbohydrate, kcal. Source: general Atwater factors. */
    private static final double KCAL_PROTEIN_CARBOHYDRATE = Coefficient.KCAL_OF_PROTEIN.value();

    /** Energy of a gram of fat, kcal. */
    private static final double KCAL_FAT = Coefficient.KCAL_OF_FAT.value();

    /** Energy of a gram of fibre, kcal. */
    private static final double KCAL_FIBRE = 2;

    /** Grams of salt in a gram of sodium. */
    private static final double SALT_PER_SODIUM = Coefficient.SALT_OF_SODIUM.value();

    private static final double MG_PER_GRAM = 1000;
    /** Compositions are of so many grams. */
    private static final double REFERENCE_GRAMS = 100;

    /** What some grams of an ingredient hold, by its composition. */
    public static Nutrition of(double grams, Ingredient ingredient) {
        Composition holds = ingredient.composition();
        double share = grams / REFERENCE_GRAMS;
        double protein = share * holds.proteinPct();
        double fat = share * holds.fatPct();
        double fibre = share * holds.fibrePct();
        double carbohydrate = Math.max(0, share * holds.carbPct() - fibre);
        return new Nutrition(
                KCAL_PROTEIN_CARBOHYDRATE * (protein + carbohydrate) + KCAL_FAT * fat + KCAL_FIBRE * fibre,
                protein,
                fat,
                carbohydrate,
                share * holds.sugarsPct(),
                fibre,
                share * SALT_PER_SODIUM * ingredient.sodiumMg() / MG_PER_GRAM);
    }

    /** Energy, kJ. */
    public double energyKj() {
        return Coefficient.KJ_OF_KCAL.value() * energyKcal;
    }

    /** Both together. */
    public Nutrition plus(Nutrition other) {
        return new Nutrition(
                energyKcal + other.energyKcal,
                proteinGrams + other.proteinGrams,
                fatGrams + other.fatGrams,
                carbohydrateGrams + other.carbohydrateGrams,
                sugarsGrams + other.sugarsGrams,
                fibreGrams + other.fibreGrams,
                saltGrams + other.saltGrams);
    }

    /** So many times this. */
    public Nutrition times(double factor) {
        return new Nutrition(
                energyKcal * factor,
                proteinGrams * factor,
                fatGrams * factor,
                carbohydrateGrams * factor,
                sugarsGrams * factor,
                fibreGrams * factor,
                saltGrams * factor);
    }
}
