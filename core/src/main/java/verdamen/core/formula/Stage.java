package verdamen.core.formula;

import org.jspecify.annotations.Nullable;

/**
 * A stage before the dough itself: what is wetted together, and stands until the next stage begins.
 *
 * @param number its place among the stages, from 0
 * @param kind what it is
 * @param waterTemperatureC temperature of its liquid, °C; absent for tepid
 * @param kneading how it is mixed
 * @param minutes from its wetting to that of the next stage, minutes
 * @param place where it stands
 * @param placeC how warm it is there, °C
 * @param minutesBefore from its wetting to that of the dough itself, minutes
 */
public record Stage(
        int number,
        StageKind kind,
        @Nullable Double waterTemperatureC,
        Kneading kneading,
        double minutes,
        StagePlace place,
        double placeC,
        double minutesBefore) {}
