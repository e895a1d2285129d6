package verdamen.core.intake;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;

/**
 * An amount as a recipe states it.
 *
 * @param low lower end, in measures
 * @param high upper end, in measures; the same as {@code low} when one number is stated
 * @param measure code of the measure; absent for a bare number
 * @param unit the word for the measure as written, such as "clove"
 * @param vagueness relative standard deviation that the wording itself adds, as in "a few"
 * @param inBrackets whether it stands in brackets or after a slash: said again in another measure
 * @param from index of its first token
 * @param to index after its last token
 */
record StatedAmount(
        double low,
        double high,
        @Nullable String measure,
        @Nullable String unit,
        double vagueness,
        boolean inBrackets,
        int from,
        int to) {

    /** The middle of what is stated. */
    double likely() {
        return (low + high) / 2;
    }

    /** Standard deviation from a stated range, in measures: its ends are taken as an 80 % range. */
    double rangeSd() {
        return (high - low) / 2 / Coefficient.RANGE_WIDTH.value();
    }

    StatedAmount times(double factor) {
        return new StatedAmount(low * factor, high * factor, measure, unit, vagueness, inBrackets, from, to);
    }

    StatedAmount withMeasure(@Nullable String code, @Nullable String word, int end) {
        return new StatedAmount(low, high, code, word, vagueness, inBrackets, from, end);
    }
}
