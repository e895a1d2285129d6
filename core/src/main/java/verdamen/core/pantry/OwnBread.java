package verdamen.core.pantry;

import java.util.Map;
import verdamen.core.model.Coefficient;

/**
 * What the kitchen's own bread has taught, beside the typical values: how long pieces of a style take and what they lose there,
 * and how much wetter than computed bread has to be to fold.
 *
 * @param styles by code of the style
 * @param foldOffsetPct by so much the moisture that folds is above the computed one, percentage points
 * @param foldOffsetSd its standard deviation, percentage points
 * @param foldTests fold tests that were made
 */
public record OwnBread(Map<String, OwnStyle> styles, double foldOffsetPct, double foldOffsetSd, int foldTests) {

    /** Nothing yet. */
    public static final OwnBread NONE = new OwnBread(Map.of(), 0, Coefficient.FOLD_OFFSET_SD.value(), 0);

    private static final OwnStyle UNKNOWN = OwnStyle.of(0, 1, 0, 0, 1);

    /**
     * What pieces of a style have taught.
     *
     * @param timed pieces that were timed
     * @param timedEnough whether these are so many that their seconds stand instead of the typical ones
     * @param timeFactor how many times the computed seconds they took on average
     * @param timeSpread standard deviation of that
     * @param weighed pieces that were weighed before and after
     * @param lossFactor how many times the computed loss they lost on average
     */
    public record OwnStyle(
            int timed, boolean timedEnough, double timeFactor, double timeSpread, int weighed, double lossFactor) {

        /** What so many timed and weighed pieces have taught. */
        public static OwnStyle of(int timed, double timeFactor, double timeSpread, int weighed, double lossFactor) {
            boolean enough = timed >= (int) Coefficient.TIMED_LEAST.value();
            return new OwnStyle(timed, enough, timeFactor, timeSpread, weighed, lossFactor);
        }

        /** How many times the typical seconds a piece takes here; 1 until enough were timed. */
        public double usedTimeFactor() {
            return timedEnough ? timeFactor : 1;
        }

        /** How many times the typical loss a piece loses here; 1 until one was weighed. */
        public double usedLossFactor() {
            return weighed > 0 ? lossFactor : 1;
        }

        /** How far the seconds of a piece may be off, as a share of them: typical until enough were timed. */
        public double timeRange() {
            return timedEnough
                    ? Math.max(
                            Coefficient.TIMED_RANGE_LEAST.value(),
                            Coefficient.TIMED_RANGE_WIDTH.value() * timeSpread / timeFactor)
                    : Coefficient.COOK_TIME_RANGE.value();
        }
    }

    /** What pieces of a style have taught; nothing for one that was never recorded. */
    public OwnStyle of(Style style) {
        return styles.getOrDefault(style.code(), UNKNOWN);
    }
}
