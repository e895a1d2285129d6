package verdamen.core.rework;

import org.jspecify.annotations.Nullable;

/**
 * A flour that may go into a blend, as asked.
 *
 * @param ingredient code of the flour
 * @param moisturePct its moisture as measured, %; absent for the typical one
 * @param proteinPct its protein as measured, %; absent for the typical one
 * @param lot id of the lot whose figures these are; absent for none
 * @param lowShare the least of it in the blend, 0 to 1; absent for none
 * @param highShare the most of it, 0 to 1; absent for all
 */
public record BlendFlourSpec(
        @Nullable String ingredient,
        @Nullable Double moisturePct,
        @Nullable Double proteinPct,
        @Nullable Long lot,
        @Nullable Double lowShare,
        @Nullable Double highShare) {

    /** A flour as the book has it. */
    static BlendFlourSpec ofBook(String ingredient) {
        return new BlendFlourSpec(ingredient, null, null, null, null, null);
    }

    /** A lot of the kitchen, with its figures. */
    public static BlendFlourSpec ofLot(
            String ingredient, long lot, @Nullable Double moisturePct, @Nullable Double proteinPct) {
        return new BlendFlourSpec(ingredient, moisturePct, proteinPct, lot, null, null);
    }
}
