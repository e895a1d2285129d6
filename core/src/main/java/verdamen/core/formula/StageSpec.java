package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * A stage of a dough as asked: what is wetted together before the next stage, or before the dough itself, which is the last.
 *
 * @param waterTemperatureC temperature of its liquid, °C; absent for tepid. That of the dough itself is the formula's, and may
 *     stand here as well
 * @param mixing {@code hand}, {@code machine} or {@code just-combined}; absent for just combined, and for the dough itself for
 *     the formula's kneading
 * @param minutes minutes until the next stage begins; 0 or absent for the dough itself
 * @param place where it stands until then: {@code kitchen} (default), {@code warm} or {@code fridge}
 * @param placeC how warm it is there, °C; absent for what is usual of the place
 */
public record StageSpec(
        @Within(Limit.WATER_TEMPERATURE_C) @Nullable Double waterTemperatureC,
        @Nullable String mixing,
        @Within(Limit.REST_MINUTES) @Nullable Double minutes,
        @Nullable String place,
        @Within(Limit.PLACE_C) @Nullable Double placeC) {

    /** Nothing said. */
    public static final StageSpec NONE = new StageSpec(null, null, null, null, null);

    /** A stage before another one, its liquid so warm, that stands so long in the kitchen. */
    public static StageSpec standing(@Nullable Double waterTemperatureC, double minutes) {
        return new StageSpec(waterTemperatureC, null, minutes, null, null);
    }

    /** Whether nothing is said of it. */
    boolean saysNothing() {
        return equals(NONE);
    }
}
