package verdamen.core.pantry;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * What the kitchen has of an ingredient, and where.
 *
 * @param inHandGrams how much there is, g; null when nobody has counted
 * @param shelf where it stands, in the kitchen's words; null when that is not said
 * @param store where it is bought, in the kitchen's words; null when that is not said
 */
public record Stock(
        @Within(Limit.GRAMS) @Nullable Double inHandGrams,
        @Within(Limit.SHORT_NAME) @Nullable String shelf,
        @Within(Limit.SHORT_NAME) @Nullable String store) {

    /** Nothing known. */
    public static final Stock UNKNOWN = new Stock(null, null, null);

    /**
     * The same, checked and without spaces around its words.
     *
     * @param ingredient code of the ingredient
     * @throws verdamen.core.model.RefusedException with everything impossible about it
     */
    public Stock checked(String ingredient, Pantry pantry) {
        Faults faults = new Faults();
        faults.require(pantry.ingredient(ingredient).isPresent(), "ingredient", FaultCode.UNKNOWN_CODE, ingredient);
        faults.number("inHandGrams", inHandGrams, Limit.GRAMS);
        Stock read = new Stock(inHandGrams, words("shelf", shelf, faults), words("store", store, faults));
        faults.refuse();
        return read;
    }

    private static @Nullable String words(String field, @Nullable String text, Faults faults) {
        String words = faults.optionalText(field, text, Limit.SHORT_NAME).strip();
        return words.isEmpty() ? null : words;
    }
}
