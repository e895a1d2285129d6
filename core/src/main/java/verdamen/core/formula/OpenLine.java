package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.pantry.Ingredient;

/**
 * A line that does not count in the balance, because its amount or its ingredient is not known yet.
 *
 * @param index its place among the lines as asked, from 0
 * @param openness why it does not count
 * @param ingredient what it is; absent when its words were not understood
 * @param part where it belongs
 */
public record OpenLine(
        int index, Openness openness, @Nullable Ingredient ingredient, Part part) {}
