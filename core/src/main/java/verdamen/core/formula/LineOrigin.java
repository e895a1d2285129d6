package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.pantry.Aliases;

/**
 * Where a line's figures come from; it changes nothing in the balance.
 *
 * @param text the words of the recipe it was read from, at most 500 characters
 * @param measure code of the kitchen measure it was measured with; absent when weighed
 * @param quantity how many of that measure
 * @param lot id of the flour lot whose moisture and protein it carries
 * @param follows whether its grams are what the dough needs, and follow that until somebody types them; absent for no
 */
public record LineOrigin(
        @Within(Limit.NOTE) @Nullable String text,
        @Within(Limit.CODE) @Nullable String measure,
        @Within(Limit.QUANTITY) @Nullable Double quantity,
        @Nullable Long lot,
        @Nullable Boolean follows) {

    /** An origin that says nothing. */
    public static final LineOrigin NONE = new LineOrigin(null, null, null, null, null);

    /** This origin of a line that was weighed after all; null when nothing is left to tell. */
    @Nullable
    public LineOrigin withoutMeasure() {
        return text == null && lot == null ? null : new LineOrigin(text, null, null, lot, null);
    }

    /** This origin with another flour lot; null for the book's flour. */
    public LineOrigin withLot(@Nullable Long other) {
        return new LineOrigin(text, measure, quantity, other, follows);
    }

    /** This origin with the code that its measure has now. */
    LineOrigin withCurrentCodes(Aliases aliases) {
        return measure == null
                ? this
                : new LineOrigin(text, aliases.current(Aliases.Kind.MEASURE, measure), quantity, lot, follows);
    }
}
