package verdamen.core.cooking;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;

/**
 * A change that keeps bread soft for longer, and its price.
 *
 * @param kind what is changed
 * @param ingredient code of what more goes in; null when nothing does
 * @param amount how much, in {@code unit}; for a change of the cooking, below 0
 * @param unit its unit
 * @param softHours for how many hours it folds then
 * @param gainHours how many more that are
 * @param price what else changes with it, each as the difference
 */
public record KeepingLever(
        Kind kind,
        @Nullable String ingredient,
        double amount,
        Unit unit,
        double softHours,
        double gainHours,
        List<Term> price) {

    /** What is changed. */
    public enum Kind implements Coded {
        /** More fat in the dough. */
        MORE_FAT("more-fat"),
        /** More, or some, of a mash. */
        MORE_MASH("more-mash"),
        /** Rolled thicker. */
        THICKER_SHEET("thicker-sheet"),
        /** Off the pan a little sooner. */
        SHORTER_COOKING("shorter-cooking");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }
}
